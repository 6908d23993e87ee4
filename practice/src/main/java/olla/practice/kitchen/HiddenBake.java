package olla.practice.kitchen;

import java.util.Arrays;
import java.util.List;
import java.util.OptionalDouble;
import java.util.function.DoubleBinaryOperator;
import olla.core.dress.Coat;
import olla.core.dress.Dress;
import olla.core.dress.Finish;
import olla.core.dress.Mix;
import olla.core.dress.Parcel;
import olla.core.dress.SaltCrust;
import olla.core.dress.Sheet;
import olla.core.dress.Topping;
import olla.core.fish.Cut;
import olla.core.fish.Piece;
import olla.core.fish.Species;
import olla.core.oven.OvenKind;
import olla.core.oven.Programme;
import olla.core.oven.Shelf;

/**
 * One bake: what a cook says of it, and what is so.
 *
 * @param piece as it was measured and weighed
 * @param dress as it was said
 * @param kind of the oven
 * @param shelf where it stands in that
 * @param programme as it was chosen
 * @param dish as it is
 * @param oven as it is
 * @param phase where its thermostat is when the dish goes in
 * @param doorS for how long its door was open then, s
 * @param tapLateS by how much later than it went in that was said, s
 */
record HiddenBake(
        Piece piece,
        Dress dress,
        OvenKind kind,
        Shelf shelf,
        Programme programme,
        Dish dish,
        HiddenOven.Makes oven,
        double phase,
        double doorS,
        double tapLateS) {

    private static final Pieces PIECES = new Pieces(
            List.of(Species.HAKE, Species.HALIBUT, Species.SALMON, Species.TROUT, Species.HADDOCK, Species.SEA_BREAM),
            0.016,
            0.034,
            0,
            0.3);
    private static final Pieces WHOLE = new Pieces(List.of(Species.SEA_BREAM, Species.TROUT), 0, 0, 0, 0);
    private static final double STATED_START_C = 8;
    private static final int LAYERS = 10;
    private static final double STEP_M = 0.004;
    private static final double COARSE_STEP_M = 0.006;

    /** A bake of a kind, in an oven that is drawn with it. */
    static HiddenBake of(Way way, Draw draw) {
        OvenKind kind = HiddenOvens.kind(draw);
        return of(way, kind, HiddenOvens.of(kind, draw), House.PLAIN, draw);
    }

    /** A bake of a kind in an oven of a kitchen. */
    static HiddenBake of(Way way, OvenKind kind, HiddenOven.Makes oven, House house, Draw draw) {
        return of(way, way.wholeFish() ? WHOLE : PIECES, kind, oven, house, draw);
    }

    /** A bake of a kind, of pieces such as are wanted. */
    static HiddenBake of(Way way, Pieces pieces, OvenKind kind, HiddenOven.Makes oven, House house, Draw draw) {
        Species species = draw.one(pieces.of().toArray(Species[]::new));
        Dress dress = dress(way, draw);
        double least = kind == OvenKind.WOOD ? 220 : way.wholeFish() ? 180 : 170;
        double dialC = 5 * Math.round(draw.between(least, way == Way.PARCHMENT ? 218 : least + 60) / 5);
        Programme programme = new Programme(dialC, OptionalDouble.empty(), dress.usualRestMinutes());
        double tapLateS = Math.max(-10, draw.about(8, 10)) + (draw.once(0.08) ? draw.between(30, 120) : 0);
        Matter flesh = Matter.flesh(
                Math.max(0.6, Math.min(0.85, draw.about(species.composition().water(), 0.02))),
                draw.about(1050, 15),
                draw.times(house.conducts(species), 0.07),
                draw.times(1, 0.03));
        double wholeG = draw.between(450, 1400);
        Body body = way.wholeFish() ? whole(way, species, wholeG, flesh, draw) : sliced(way, pieces, flesh, draw);
        return new HiddenBake(
                stated(way, species, wholeG, body, house, draw),
                dress,
                kind,
                Shelf.MIDDLE,
                programme,
                dish(way, dress, body, draw),
                oven,
                draw.between(0, 1),
                draw.between(8, 40),
                tapLateS);
    }

    /** The same in another's oven, set as for that. */
    HiddenBake beside(HiddenBake other) {
        Programme set = new Programme(other.programme().bakeTempC(), OptionalDouble.empty(), programme.restMinutes());
        return new HiddenBake(
                piece, dress, kind, shelf, set, dish, oven, other.phase(), other.doorS(), other.tapLateS());
    }

    /** The same on a shelf of its oven. */
    HiddenBake on(Shelf other, HiddenOvens.Shelves shelves) {
        return new HiddenBake(
                piece, dress, kind, other, programme, dish, oven.on(other, shelves), phase, doorS, tapLateS);
    }

    private static Dress dress(Way way, Draw draw) {
        return switch (way) {
            case BARE -> Dress.open();
            case OILED, WHOLE -> Dress.open(Finish.OILED);
            case TOPPED -> Dress.under(new Topping(draw.one(Mix.values()), Topping.When.BEFORE, 6));
            case BREADED -> Dress.in(new Coat(Coat.USUAL_MM));
            case PARCHMENT -> Dress.in(new Parcel(Sheet.PARCHMENT));
            case FOIL -> Dress.in(new Parcel(Sheet.FOIL));
            case SALT -> Dress.in(new SaltCrust(draw.one(SaltCrust.Damping.values())));
        };
    }

    /* A piece with soft shoulders that thins towards an end, perhaps with another at its side. */
    private static Body sliced(Way way, Pieces pieces, Matter flesh, Draw draw) {
        double thickM = draw.between(pieces.leastM(), pieces.mostM());
        double tapers = draw.between(pieces.leastTaper(), pieces.mostTaper());
        double round = draw.between(3, 8);
        DoubleBinaryOperator thick = Body.slice(thickM, tapers, round);
        double leans = draw.once(0.4) && (way == Way.BARE || way == Way.OILED) ? draw.between(0.3, 1) : 0;
        Body.Sheet over = Body.Sheet.NONE;
        Body.Sheet under = Body.Sheet.NONE;
        Matter around = flesh;
        if (way == Way.TOPPED) {
            over = new Body.Sheet(1, draw.about(0.006, 0.001), 3);
            double wet = draw.between(0.2, 0.45);
            around = Matter.damp(wet, wet / 2, draw.between(1.8e6, 3e6), draw.between(80, 250), 100);
        } else if (way == Way.BREADED) {
            over = new Body.Sheet(1, draw.about(0.0025, 0.0004), 2);
            under = over;
            double wet = draw.between(0.15, 0.35);
            around = Matter.damp(wet, wet / 2, draw.between(1e6, 1.8e6), draw.between(60, 160), 100);
        }
        return new Body(
                draw.between(0.085, 0.13),
                draw.between(0.055, 0.085),
                STEP_M,
                LAYERS,
                false,
                thick,
                false,
                0,
                under,
                over,
                leans,
                Body.Belly.NONE,
                flesh,
                around);
    }

    /* A fish on its side, thinner towards head and tail, its belly empty; in salt or not. */
    private static Body whole(Way way, Species species, double massG, Matter flesh, Draw draw) {
        Piece usual = piece(species, Cut.WHOLE, OptionalDouble.empty(), massG);
        double thicker = draw.times(1, 0.08);
        double thickM = usual.thicknessMm() / 1000 * thicker;
        double widthM = usual.widthMm() / 1000 / Math.sqrt(thicker);
        double lengthM = usual.lengthMm() / 1000 * 0.7 / Math.sqrt(thicker);
        double ends = draw.between(1.8, 3);
        DoubleBinaryOperator thick = Body.fish(thickM, ends);
        boolean salt = way == Way.SALT;
        Body.Sheet under = salt ? new Body.Sheet(1, draw.between(0.008, 0.014), 2) : Body.Sheet.NONE;
        Body.Sheet over = salt ? new Body.Sheet(1, draw.between(0.009, 0.016), 3) : Body.Sheet.NONE;
        double wet = draw.between(1.1, 1.9);
        Matter damp = Matter.damp(wet, draw.between(0.35, 0.6), draw.between(1.2e6, 1.6e6), draw.between(60, 140), 104);
        return new Body(
                lengthM,
                widthM,
                COARSE_STEP_M,
                LAYERS + 1,
                true,
                thick,
                true,
                salt ? 0.012 : 0,
                under,
                over,
                0,
                new Body.Belly(draw.between(0.25, 0.5), 1),
                flesh,
                damp,
                Matter.HOLLOW);
    }

    private static Piece piece(Species species, Cut cut, OptionalDouble thickMm, double massG) {
        OptionalDouble open = OptionalDouble.empty();
        return Piece.from(species, cut, thickMm, OptionalDouble.of(massG), open, open, open, false);
    }

    /* A ruler that is read to a millimetre, a scale that is right; a whole fish is often only weighed, head, tail and all: of that there is
     * more or less than goes into the oven's part of it. */
    private static Piece stated(Way way, Species species, double wholeG, Body body, House house, Draw draw) {
        double fleshM3 = 0;
        double thickest = 0;
        for (int at = 0; at < body.there.length; at++) {
            double thick = 0;
            for (int k = 0; k < body.layers; k++) {
                int cell = at * body.layers + k;
                boolean flesh = body.matter[cell] == 0;
                fleshM3 += body.there[at] && flesh ? body.volumeM3(cell) : 0;
                thick +=
                        flesh || body.matter[cell] == body.matters.length - 1 && way.wholeFish() ? body.deepM[cell] : 0;
            }
            thickest = body.there[at] ? Math.max(thickest, thick) : thickest;
        }
        double massG = way.wholeFish() ? wholeG * draw.times(1, 0.05) : fleshM3 * 1.05e6 * (body.half ? 2 : 1);
        double read = Math.round(1000 * thickest * house.ruler() + draw.about(0, 1));
        boolean weighedOnly = way.wholeFish() && draw.once(0.5);
        Cut cut = way.wholeFish() ? Cut.WHOLE : Cut.PORTION;
        return piece(
                species,
                cut,
                weighedOnly ? OptionalDouble.empty() : OptionalDouble.of(read),
                Math.max(60, 5 * Math.round(massG / 5)));
    }

    private static Dish dish(Way way, Dress dress, Body body, Draw draw) {
        boolean shut = way == Way.PARCHMENT || way == Way.FOIL;
        double[] contact = new double[body.there.length];
        double usual = draw.times(200, 0.35) * (shut ? 0.7 : 1);
        Arrays.setAll(contact, at -> draw.times(usual, 0.3));
        double feeds = draw.times(4e-4, 0.35) * (way == Way.OILED || way == Way.WHOLE ? 0.6 : 1);
        Faces faces = new Faces(
                way == Way.FOIL ? draw.between(0.08, 0.3) : draw.between(0.82, 0.95),
                draw.between(0.5, 0.8),
                shut ? draw.times(11, 0.25) : 0,
                shut ? draw.times(280, 0.3) : 0,
                draw.times(1, 0.12),
                feeds,
                draw.times(0.6, 0.3),
                way == Way.BREADED ? 0.0025 / 0.25 : 0);
        return new Dish(
                body,
                faces,
                Math.max(1, draw.about(STATED_START_C, 2.5)),
                draw.about(20, 3),
                draw.about(21, 2),
                draw.between(2500, 6000),
                contact,
                draw.times(250, 0.4));
    }
}
