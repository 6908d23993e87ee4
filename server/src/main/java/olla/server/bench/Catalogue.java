package olla.server.bench;

import java.util.Arrays;
import java.util.List;
import olla.core.doneness.Band;
import olla.core.doneness.Doneness;
import olla.core.fish.Cut;
import olla.core.fish.Group;
import olla.core.fish.Species;
import olla.core.fish.Traits;
import olla.core.freshness.Score;
import olla.core.freshness.Sense;

/** What the bench can be asked about: the fish, the cuts, the targets and the bands. */
public record Catalogue(
        List<SpeciesEntry> species,
        List<CutEntry> cuts,
        List<TargetEntry> targets,
        List<BandEntry> bands,
        List<SenseEntry> senses) {

    /** A character of freshness, with how each grade shows in it, best first. */
    public record SenseEntry(Sense sense, boolean whole, String word, List<LookEntry> looks) {}

    /** How a grade shows. */
    public record LookEntry(Score score, String look, String bluefishLook) {}

    /** A fish. */
    public record SpeciesEntry(
            String key,
            String marketName,
            String scientificName,
            String flesh,
            boolean bluefish,
            String shape,
            double fatPercent,
            String firmness,
            String bones,
            Traits.Mercury mercury,
            List<String> alsoCalled,
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
                        .toList(),
                Arrays.stream(Sense.values()).map(Catalogue::sense).toList());
    }

    private static SpeciesEntry species(Species s) {
        return new SpeciesEntry(
                s.key(),
                s.marketName(),
                s.scientificName(),
                s.group().words(),
                s.group() == Group.OILY,
                s.shape().name(),
                Math.round(s.composition().fat() * 1000) / 10.0,
                s.traits().firmness().words(),
                s.traits().bones().words(),
                s.traits().mercury(),
                s.traits().alsoCalled(),
                s.source());
    }

    private static CutEntry cut(Cut c) {
        return new CutEntry(
                c, c.leastThicknessMm(), c.mostThicknessMm(), c.leastMassG(), c.mostMassG(), c.usualMassG());
    }

    private static SenseEntry sense(Sense s) {
        return new SenseEntry(
                s,
                s.whole(),
                s.word(),
                Arrays.stream(Score.values())
                        .map(score -> new LookEntry(score, s.look(score, false), s.look(score, true)))
                        .toList());
    }
}
