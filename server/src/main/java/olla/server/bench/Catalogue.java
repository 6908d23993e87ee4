package olla.server.bench;

import java.util.Arrays;
import java.util.List;
import olla.core.doneness.Band;
import olla.core.doneness.Doneness;
import olla.core.fish.Cut;
import olla.core.fish.Species;

/** What the bench can be asked about: the fish, the cuts, the targets and the bands. */
public record Catalogue(
        List<SpeciesEntry> species, List<CutEntry> cuts, List<TargetEntry> targets, List<BandEntry> bands) {

    /** A fish. */
    public record SpeciesEntry(
            String key,
            String marketName,
            String scientificName,
            String flesh,
            String shape,
            double fatPercent,
            String source) {}

    /** A cut, with the range of its sizes. */
    public record CutEntry(
            Cut cut,
            double leastThicknessMm,
            double mostThicknessMm,
            double leastMassG,
            double mostMassG,
            double usualMassG) {}

    /** A target. */
    public record TargetEntry(Doneness doneness, String words, double peakC) {}

    /** A band of doneness; the first has no lower edge. */
    public record BandEntry(Band band, String word, String look, double fromC) {}

    /* The raw band is drawn from the bottom of the curve, °C. */
    private static final double DRAWN_FROM_C = -40;

    static Catalogue all() {
        return new Catalogue(
                Arrays.stream(Species.values()).map(Catalogue::species).toList(),
                Arrays.stream(Cut.values()).map(Catalogue::cut).toList(),
                Arrays.stream(Doneness.values())
                        .map(d -> new TargetEntry(d, d.words(), d.peakC()))
                        .toList(),
                Arrays.stream(Band.values())
                        .map(b -> new BandEntry(b, b.word(), b.look(), Math.max(DRAWN_FROM_C, b.fromC())))
                        .toList());
    }

    private static SpeciesEntry species(Species s) {
        return new SpeciesEntry(
                s.key(),
                s.marketName(),
                s.scientificName(),
                s.group().words(),
                s.shape().name(),
                Math.round(s.composition().fat() * 1000) / 10.0,
                s.source());
    }

    private static CutEntry cut(Cut c) {
        return new CutEntry(
                c, c.leastThicknessMm(), c.mostThicknessMm(), c.leastMassG(), c.mostMassG(), c.usualMassG());
    }
}
