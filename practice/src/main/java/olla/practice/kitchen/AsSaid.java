package olla.practice.kitchen;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.function.DoubleBinaryOperator;
import olla.core.dish.Cover;
import olla.core.dish.Laid;
import olla.core.dish.Stuff;
import olla.core.dish.Ware;
import olla.core.dress.Dress;
import olla.core.dress.Finish;
import olla.core.dress.Pour;
import olla.core.fish.Cut;
import olla.core.fish.Piece;

/**
 * A dish that a cook has said, as it is: every number a little other. What lies on or under the fish in several layers is taken together; a liquid
 * that it lies in counts with its vessel; what lies beside it is left out. Immutable; the same for one draw.
 */
final class AsSaid {

    private static final int SLICE_LAYERS = 10;
    private static final int WHOLE_LAYERS = 11;
    private static final int OVER_LAYERS = 3;
    private static final int UNDER_LAYERS = 2;

    /* From column to column, m; of large pieces so many columns at most. */
    private static final double STEP_M = 0.004;
    private static final double WHOLE_STEP_M = 0.006;
    private static final int COLUMNS = 700;

    private static final double SALT_ROOM_M = 0.012;
    private static final double SALT_BOILS_C = 104;
    private static final double BOILS_C = 100;

    /* What holds so little in its gap shines as metal does. */
    private static final double BRIGHT = 0.5;

    private static final double CRUMB_W_MK = 0.25;

    private final Piece piece;
    private final olla.core.dish.Dish laid;
    private final boolean whole;
    private final double thicker;
    private final double thins;
    private final double rounds;
    private final Matter flesh;
    private final double conducts;
    private final double holds;
    private final double wets;
    private final double hollow;
    private final Faces open;
    private final Faces shut;
    private final double startC;
    private final double laidC;
    private final double trayC;
    private final double trayHolds;
    private final double touches;
    private final double[] contact;

    AsSaid(Piece piece, Dress dress, Draw draw) {
        this.piece = piece;
        laid = dress.dish(piece);
        whole = piece.cut() == Cut.WHOLE;
        thicker = draw.times(1, 0.04);
        thins = whole ? draw.between(1.8, 3) : draw.between(0, 0.3);
        rounds = draw.between(3, 8);
        flesh = Matter.flesh(
                Math.max(
                        0.6,
                        Math.min(0.85, draw.about(piece.species().composition().water(), 0.02))),
                draw.about(1050, 15),
                draw.times(1, 0.07),
                draw.times(1, 0.03));
        conducts = draw.times(1, 0.15);
        holds = draw.times(1, 0.08);
        wets = draw.times(1, 0.15);
        hollow = draw.between(0.25, 0.5);
        double sees = draw.between(0.5, 0.8);
        double evaporates = draw.times(1, 0.12);
        double feeds = draw.times(4e-4, 0.35) * (whole || dress.finish() != Finish.BARE ? 0.6 : 1);
        double dries = draw.times(0.6, 0.3);
        double flat = draw.between(0.82, 0.95);
        double bright = draw.between(0.08, 0.3);
        double gap = draw.times(11, 0.25);
        double steam = draw.times(280, 0.3);
        double coat = laid.the(Laid.Coat.class)
                .map(c -> c.thickMm() / 1000 / CRUMB_W_MK)
                .orElse(0.0);
        open = new Faces(flat, sees, 0, 0, evaporates, feeds, dries, coat);
        Optional<Cover> cover = laid.cover();
        shut = cover.map(c -> new Faces(
                        c.emissivity() < BRIGHT ? bright : flat, sees, gap, steam, evaporates, feeds, dries, coat))
                .orElse(open);
        startC = piece.frozen() ? piece.startTempC() : Math.max(0, draw.about(piece.startTempC(), 1.5));
        laidC = draw.about(20, 3);
        trayC = laid.vessel().startC() + draw.about(0, 2);
        trayHolds = draw.times(1, 0.2);
        touches = draw.times(250, 0.4);
        double usual = draw.times(200, 0.35) * (cover.isPresent() ? 0.7 : 1);
        contact = new double[COLUMNS * 4];
        Arrays.setAll(contact, at -> draw.times(usual, 0.3));
    }

    /** What was said to lie in the dish before the fish joins it; only where that does. */
    Dish base() {
        // A splash is gone before it holds anything back: what the dish has then is its film.
        List<Spread> lies = lies().isEmpty() ? List.of(new Spread(Stuff.BROTH, Pour.UNDER_MM)) : lies();
        Matter stuff = matter(lies, BOILS_C);
        double deepM = lies.stream().mapToDouble(Spread::mm).sum() / 1000;
        DoubleBinaryOperator flat = (x, y) -> deepM;
        return dish(body(flat, false, Body.Sheet.NONE, Body.Sheet.NONE, Body.Belly.NONE, stuff), open, laidC, laidC);
    }

    /**
     * The fish in its dish.
     *
     * @param additions how many times something was spread on it since it began
     * @param opened whether what closes it was opened
     */
    Dish fish(int additions, boolean opened) {
        List<Spread> over = new ArrayList<>();
        List<Spread> under = lies();
        laid.the(Laid.Heap.class)
                .ifPresent(heap ->
                        List.of(over, under).forEach(side -> side.add(new Spread(heap.stuff(), heap.thickMm()))));
        laid.the(Laid.Coat.class)
                .ifPresent(coat ->
                        List.of(over, under).forEach(side -> side.add(new Spread(coat.stuff(), coat.thickMm()))));
        laid.all(Laid.On.class)
                .filter(on -> on.joins() <= additions)
                .forEach(on -> over.add(new Spread(on.stuff(), on.depthMm())));
        Optional<Laid.Inside> inside = laid.the(Laid.Inside.class);
        boolean salt = laid.the(Laid.Heap.class).isPresent();
        double boils = salt ? SALT_BOILS_C : BOILS_C;
        return dish(
                body(
                        shape(),
                        salt,
                        sheet(under, 2, UNDER_LAYERS),
                        sheet(over, 1, OVER_LAYERS),
                        inside.map(this::belly).orElse(Body.Belly.NONE),
                        flesh,
                        over.isEmpty() ? flesh : matter(over, boils),
                        under.isEmpty() ? flesh : matter(under, boils),
                        inside.map(this::inside).orElse(flesh)),
                opened ? open : shut,
                startC,
                laidC);
    }

    /* What the fish lies on, from below: its bed, or what gets under it of what it lies in. */
    private List<Spread> lies() {
        List<Spread> lies = new ArrayList<>();
        laid.all(Laid.Under.class).forEach(bed -> lies.add(new Spread(bed.stuff(), bed.depthMm())));
        laid.the(Laid.Liquid.class)
                .filter(pour -> pour.underMm() > 0)
                .ifPresent(pour -> lies.add(new Spread(pour.stuff(), pour.underMm())));
        return lies;
    }

    private Dish dish(Body body, Faces faces, double fishC, double roundC) {
        Ware ware = laid.vessel().ware();
        double pourJm2K = laid.the(Laid.Liquid.class)
                .map(pour -> pour.depthMm() / 1000 * pour.stuff().heatCapacityJm3K())
                .orElse(0.0);
        double pourC = laid.the(Laid.Liquid.class).map(Laid::startC).orElse(trayC);
        double wallJm2K = trayHolds * ware.wallM() * ware.heatCapacityJm3K();
        double wallWm2K = ware.conductivityWmK() / (ware.wallM() / 2);
        double[] into = Arrays.stream(contact, 0, body.there.length)
                .map(touching -> 1 / (1 / touching + 1 / wallWm2K))
                .toArray();
        return new Dish(
                body,
                faces,
                fishC,
                roundC,
                (wallJm2K * trayC + pourJm2K * pourC) / (wallJm2K + pourJm2K),
                wallJm2K + pourJm2K,
                into,
                touches);
    }

    private Body body(
            DoubleBinaryOperator shape,
            boolean salt,
            Body.Sheet under,
            Body.Sheet over,
            Body.Belly belly,
            Matter... matters) {
        double lengthM = piece.lengthMm() / 1000 * (whole ? 0.7 : 1);
        double widthM = piece.acrossMm() / 1000;
        double columns = lengthM * widthM / (whole ? 2 : 1);
        double stepM = Math.max(whole ? WHOLE_STEP_M : STEP_M, Math.sqrt(columns / COLUMNS));
        return new Body(
                lengthM,
                widthM,
                stepM,
                whole ? WHOLE_LAYERS : SLICE_LAYERS,
                whole,
                shape,
                whole,
                salt ? SALT_ROOM_M : 0,
                under,
                over,
                0,
                belly,
                matters);
    }

    private DoubleBinaryOperator shape() {
        double thickM = piece.heightMm() / 1000 * thicker;
        return whole ? Body.fish(thickM, thins) : Body.slice(thickM, thins, rounds);
    }

    private Body.Belly belly(Laid.Inside inside) {
        int layers = whole ? WHOLE_LAYERS : SLICE_LAYERS;
        return inside.isHollow()
                ? new Body.Belly(hollow, 1)
                : new Body.Belly(inside.ofDepth(), Math.max(1, (int) Math.round(layers * inside.ofThickness())));
    }

    private Matter inside(Laid.Inside inside) {
        return inside.isHollow() ? Matter.HOLLOW : matter(List.of(new Spread(inside.stuff(), 1)), BOILS_C);
    }

    /** So much of a stuff, mm deep. */
    private record Spread(Stuff of, double mm) {}

    private static Body.Sheet sheet(List<Spread> of, int matter, int layers) {
        double deepM = of.stream().mapToDouble(Spread::mm).sum() / 1000;
        return of.isEmpty() ? Body.Sheet.NONE : new Body.Sheet(matter, deepM, layers);
    }

    /* Layers on each other as one: what they resist and what they hold add up. */
    private Matter matter(List<Spread> of, double boilsC) {
        double deep = 0;
        double wet = 0;
        double dry = 0;
        double heat = 0;
        double water = 0;
        for (Spread one : of) {
            deep += one.mm();
            wet += one.mm() / one.of().conductivityWmK();
            dry += one.mm() / one.of().dryConductivityWmK();
            heat += one.mm() * one.of().heatCapacityJm3K();
            water += one.mm() * one.of().waterKgM3();
        }
        return Matter.damp(
                conducts * deep / wet, conducts * deep / dry, holds * heat / deep, wets * water / deep, boilsC);
    }
}
