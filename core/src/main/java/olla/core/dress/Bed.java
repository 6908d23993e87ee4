package olla.core.dress;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import olla.core.dish.Laid;
import olla.core.dish.Stuff;
import olla.core.dress.Vegetable.Cutting;
import olla.core.fish.Kept;
import olla.core.messages.Refusals;
import olla.core.messages.Unit;
import olla.core.units.Temperature;

/**
 * What a fish lies on: vegetables, leaves, slices of citrus.
 *
 * @param of what it is of, at most 5 kinds; none where there is no bed
 * @param depthMm how deep the vegetables lie, 0 to 60 mm; citrus lies one slice deep over them
 * @param cutting how they are cut
 * @param kept how warm they are laid
 */
public record Bed(List<Vegetable> of, double depthMm, Cutting cutting, Kept kept) {

    /** The fish lies on the vessel itself. */
    public static final Bed NONE = new Bed(List.of(), 0);

    /** What a bed is of that nobody has said more of (common practice, no source). */
    public static final Vegetable USUAL = Vegetable.CITRUS;

    /** How deep a bed usually is that the fish lies on from the start, mm (common practice, no source). */
    public static final double USUAL_MM = 12;

    /** How deep a base usually is that goes in before the fish, mm (common practice, no source). */
    public static final double USUAL_BASE_MM = 25;

    /** What lies free in a bed of cut vegetables, as a share of it: what a liquid fills (from memory). */
    public static final double GAPS = 0.4;

    /** More kinds make no bed. */
    public static final int MOST_KINDS = 5;

    /* A slice of citrus, mm (common practice, no source). */
    private static final double SLICE_MM = 7;

    private static final double MOST_MM = 60;

    /** @throws olla.core.messages.RefusedInput where no bed is so deep or of so many kinds */
    public Bed {
        of = List.copyOf(of);
        Refusals refusals = new Refusals().range("bedMm", "bed", depthMm, 0, MOST_MM, Unit.MM);
        if (of.size() > MOST_KINDS) {
            refusals.add("vegetables", "refusal.bed-vegetables", "most", MOST_KINDS);
        }
        refusals.throwIfAny();
    }

    /** In slices, as warm as the kitchen. */
    public Bed(List<Vegetable> of, double depthMm) {
        this(of, depthMm, Cutting.SLICES, Kept.MIXED);
    }

    /** One slice of citrus deep. */
    public static Bed ofCitrus() {
        return new Bed(List.of(Vegetable.CITRUS), 0);
    }

    /** Whether there is one. */
    public boolean there() {
        return citrus() || vegetablesMm() > 0;
    }

    /** Whether slices of citrus are in it. */
    public boolean citrus() {
        return of.contains(Vegetable.CITRUS);
    }

    /** What is in it besides citrus. */
    public List<Vegetable> vegetables() {
        return of.stream().filter(v -> v != Vegetable.CITRUS).toList();
    }

    /** How deep the vegetables lie, mm; 0 where there are none. */
    public double vegetablesMm() {
        return vegetables().isEmpty() ? 0 : depthMm;
    }

    /** How deep it is in all, mm. */
    public double inAllMm() {
        return vegetablesMm() + (citrus() ? SLICE_MM : 0);
    }

    /** How long it bakes alone, minutes: as long as its slowest kind needs, to the next whole minute. */
    public double headStartMinutes(double ovenC) {
        return Math.ceil(
                of.stream().mapToDouble(v -> v.minutes(cutting, ovenC)).max().orElse(0));
    }

    /**
     * Its layers.
     *
     * @param besideMm how far the vegetables reach beyond the fish, mm
     * @param liquid what fills its gaps, if anything does
     * @param fullMm how high that stands, mm
     */
    List<Laid> layers(double besideMm, Optional<Stuff> liquid, double fullMm) {
        List<Laid> layers = new ArrayList<>();
        double startC = kept == Kept.MIXED ? Temperature.ROOM_C : kept.startC();
        double deep = vegetablesMm();
        if (deep > 0) {
            Stuff stuff = liquid.map(l -> Stuff.VEGETABLES.soaked(l, GAPS * Math.min(1, fullMm / deep)))
                    .orElse(Stuff.VEGETABLES);
            layers.add(new Laid.Under(stuff, deep, besideMm, startC));
        }
        if (citrus()) {
            layers.add(new Laid.Under(Stuff.CITRUS, SLICE_MM, 0, startC));
        }
        return layers;
    }
}
