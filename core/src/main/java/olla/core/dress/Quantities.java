package olla.core.dress;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import olla.core.fish.Piece;
import olla.core.messages.Message;
import olla.core.messages.Quantity;
import olla.core.messages.Refusals;
import olla.core.messages.Unit;
import olla.core.units.Amount;
import olla.core.units.Measure;

/**
 * What a dress takes for so many pieces, and what has to be known of it.
 *
 * @param amounts for all pieces together
 * @param advice the most pressing first
 * @param sheet what to cut for one parcel; empty for other dresses
 * @param salt what a crust takes; empty for other dresses
 * @param byPart the same amounts by what of the dish they belong to, from below to above as they are laid
 */
public record Quantities(
        List<Amount> amounts,
        List<Message> advice,
        Optional<SheetSize> sheet,
        Optional<SaltNeed> salt,
        List<Of> byPart) {

    /** So much for one part of the dish. */
    public record Of(Part part, Amount amount) {}

    /** As many pieces as one evening sees. */
    public static final int MOST_PIECES = 100;

    /* A raw onion or shallot needs longer than this, minutes (common practice, no source). */
    private static final double ONION_RAW_UNDER_MIN = 15;

    /* Vegetables as they lie in a bed, and oil to coat them, g/ml (common practice, no source). */
    private static final double BED_G_CM3 = 0.6;
    private static final double OIL_ML_A_KILO = 40;

    /* Oil brushed on, marinade and glaze for a square decimetre of face, ml (common practice, no source). */
    private static final double OIL_ML_DM2 = 3;
    private static final double MARINADE_ML_DM2 = 15;
    private static final double GLAZE_ML_DM2 = 8;

    /* Of a film of sauce under and round the fish this much is free (common practice, no source). */
    private static final double FILM_FREE = 0.5;

    /* A slice of citrus is about 45 mm across and 7 thick, eight from one fruit (common practice, no source). */
    private static final double SLICE_MM2 = 45 * 45;
    private static final double SLICES_A_FRUIT = 8;

    /* A whole fish feeds a guest for every so many grams, and a guest takes two spoons of mayonnaise (common practice, no
    source: 400 to 500 g raw with its head). */
    private static final double WHOLE_A_GUEST_G = 450;
    private static final double MAYONNAISE_A_GUEST_ML = 30;

    /**
     * Reckons the quantities.
     *
     * @param pieces how many, 1 to 100
     * @param bakeMinutes how long the bake is, minutes: what is too short for a raw onion
     * @param bagG how much salt is in a bag, g
     * @param saltThereG how much salt there is, g; 0 where nobody weighed it
     * @throws olla.core.messages.RefusedInput where a number is out of range
     */
    public static Quantities of(
            Dress dress, Piece piece, int pieces, double bakeMinutes, double bagG, double saltThereG) {
        new Refusals()
                .range("pieces", "number-of-pieces", pieces, 1, MOST_PIECES, Unit.NUMBER)
                .range("bagG", "bag-of-salt", bagG, 50, 25_000, Unit.GRAM)
                .throwIfAny();
        Page page = new Page(piece, pieces, bakeMinutes);
        page.stuffing();
        page.face(dress);
        dress.parcel().ifPresent(parcel -> page.parcel(parcel, dress));
        page.bed(dress);
        dress.pour().ifPresent(page::pour);
        dress.coat().ifPresent(page::coat);
        dress.on().forEach(topping -> page.topping(topping, dress.on().size() == 1));
        dress.salt().ifPresent(crust -> page.salt(crust, bagG, saltThereG));
        page.sides(dress.sides());
        return new Quantities(
                page.once(),
                page.advice.stream().distinct().toList(),
                Optional.ofNullable(page.cut),
                Optional.ofNullable(page.need),
                List.copyOf(page.listed));
    }

    /** The list while it is written. */
    private static final class Page {
        private final Piece piece;
        private final int pieces;
        private final double bakeMinutes;
        private final List<Of> listed = new ArrayList<>();
        private Part part = Part.FISH;
        private final List<Message> advice = new ArrayList<>();
        private SheetSize cut;
        private SaltNeed need;

        Page(Piece piece, int pieces, double bakeMinutes) {
            this.piece = piece;
            this.pieces = pieces;
            this.bakeMinutes = bakeMinutes;
        }

        private void list(Amount amount) {
            listed.add(new Of(part, amount));
        }

        private void add(String stuff, double each, Measure measure) {
            add(StuffNames.of(stuff), each, measure);
        }

        private void add(Message what, double each, Measure measure) {
            list(new Amount(what, each * pieces, measure));
        }

        private void say(String advised, Object... namesAndValues) {
            advice.add(Message.of("advice." + advised, namesAndValues));
        }

        /* What is in several layers is bought once. */
        private List<Amount> once() {
            Map<List<Object>, Amount> sums = new LinkedHashMap<>();
            listed.stream()
                    .map(Of::amount)
                    .forEach(a -> sums.merge(
                            List.of(a.what(), a.measure()),
                            a,
                            (x, y) -> new Amount(x.what(), x.value() + y.value(), x.measure())));
            return List.copyOf(sums.values());
        }

        private double faceDm2() {
            return piece.upperSideMm2() / 1e4;
        }

        void stuffing() {
            part = Part.FILLING;
            if (piece.stuffingG() > 0) {
                add("stuffing", piece.stuffingG(), Measure.GRAM);
                // What it weighs raw says nothing of that.
                say("measure-stuffed");
            }
        }

        void face(Dress dress) {
            part = Part.FISH;
            switch (dress.finish()) {
                case BARE -> {}
                case OILED -> oil(dress);
                case MARINATED -> {
                    add("marinade", MARINADE_ML_DM2 * faceDm2(), Measure.MILLILITRE);
                    say("drain-marinade");
                }
                case GLAZED -> {
                    add("glaze", GLAZE_ML_DM2 * faceDm2(), Measure.MILLILITRE);
                    say("glaze-in-two");
                }
            }
        }

        /* The oil of a base is enough for the fish on it. */
        private void oil(Dress dress) {
            if (!dress.fishJoins()) {
                add("oil", OIL_ML_DM2 * faceDm2(), Measure.MILLILITRE);
            }
        }

        void bed(Dress dress) {
            part = Part.BED;
            Bed bed = dress.bed();
            double area = dress.fishJoins()
                    ? (piece.acrossMm() + 2 * Dress.BESIDE_MM) * piece.lengthMm()
                    : piece.upperSideMm2();
            double grams = area * bed.vegetablesMm() / 1000 * BED_G_CM3;
            for (Vegetable vegetable : bed.vegetables()) {
                if (grams > 0) {
                    add(Message.word(vegetable), grams / bed.vegetables().size(), Measure.GRAM);
                }
            }
            if (bed.citrus()) {
                double slices = Math.max(1, Math.round(piece.upperSideMm2() / SLICE_MM2));
                list(new Amount(StuffNames.of("citrus"), Math.ceil(slices * pieces / SLICES_A_FRUIT), Measure.PIECE));
            }
            if (dress.fishJoins()) {
                add("oil", grams / 1000 * OIL_ML_A_KILO, Measure.MILLILITRE);
                say("base-alone");
            } else {
                first(bed.vegetables());
            }
        }

        private void first(List<Vegetable> of) {
            for (Vegetable vegetable : of) {
                say("vegetable-first", "vegetable", Message.word(vegetable).opening(), "first", vegetable.advice());
            }
        }

        void pour(Pour pour) {
            part = Part.LIQUID;
            double millilitres = pour.mlEach().orElseGet(() -> piece.upperSideMm2() * Pour.FILM_MM / 1000 * FILM_FREE);
            if (pour.of() == Pour.Liquid.WINE_BUTTER) {
                add("wine", millilitres * 0.8, Measure.MILLILITRE);
                add("butter", millilitres * 0.2, Measure.GRAM);
            } else if (millilitres > 0) {
                add(Message.word(pour.of()), millilitres, Measure.MILLILITRE);
            }
            if (pour.mlEach().isEmpty()) {
                say("pan-sauce");
            }
        }

        void topping(Topping topping, boolean only) {
            part = Part.ON;
            for (Amount one : topping.mix().basic()) {
                list(one.times(topping.grams(piece) * pieces / 100));
            }
            if (topping.mix().cookFirst() && bakeMinutes < ONION_RAW_UNDER_MIN) {
                say("onion-raw", "minutes", Math.round(bakeMinutes));
            } else if (topping.mix().cookFirst()) {
                say("onion-first");
            }
            Quantity grams = grams(topping.grams(piece));
            if (only) {
                say("topping", "grams", grams, "when", topping.when());
            } else {
                say("topping-of", "mix", Message.word(topping.mix()), "grams", grams, "when", topping.when());
            }
        }

        void coat(Coat coat) {
            part = Part.COAT;
            for (Amount one : coat.amounts(piece)) {
                list(one.times(pieces));
            }
            say("breading");
            if (piece.frozen()) {
                say("breaded-frozen");
            }
        }

        void parcel(Parcel parcel, Dress dress) {
            part = Part.COVER;
            cut = parcel.sheetSize(piece, layersMm(dress));
            list(new Amount(
                    StuffNames.of(parcel.of() == Sheet.FOIL ? "sheets-of-foil" : "sheets-of-parchment"),
                    (double) cut.layers() * pieces,
                    Measure.PIECE));
            double rolls = pieces * cut.offRollMm() / SheetSize.ROLL_LENGTH_MM;
            say(
                    "off-a-roll",
                    "length",
                    mm(pieces * cut.offRollMm()),
                    "width",
                    mm(SheetSize.ROLL_WIDTH_MM),
                    "sheets",
                    cut.fromOneRoll());
            if (rolls > 1) {
                say("rolls", "rolls", (int) Math.ceil(rolls));
            }
            if (!cut.fitsRoll()) {
                say("wider-than-a-roll");
            }
        }

        private static double layersMm(Dress dress) {
            return dress.bed().inAllMm()
                    + dress.on().stream().mapToDouble(Topping::depthMm).sum();
        }

        void sides(List<Side> sides) {
            part = Part.BESIDE;
            for (Side side : sides) {
                Message name = Message.word(side.of());
                add(name, side.gEach(), Measure.GRAM);
                if (side.waterMl() > 0) {
                    add("water-beside", side.waterMl(), Measure.MILLILITRE);
                }
                say(
                        "side-beside",
                        "side",
                        name.opening(),
                        "minutes",
                        Quantity.minutes(side.lastMin()),
                        "splash",
                        side.waterMl() > 0);
                if (side.cookedFirst()) {
                    first(List.of(side.of()));
                }
            }
        }

        void salt(SaltCrust crust, double bagG, double saltThereG) {
            part = Part.COVER;
            need = SaltNeed.of(crust, piece);
            if (saltThereG > 0 && saltThereG < need.saltG() * pieces) {
                double coat = SaltNeed.coatMm(crust, piece, saltThereG / pieces);
                say(
                        coat < SaltCrust.LEAKS_BELOW_MM ? "salt-leaks" : "salt-thin",
                        "salt",
                        grams(saltThereG),
                        "coat",
                        mm(coat),
                        "wanted",
                        mm(crust.coatMm()));
            }
            list(new Amount(Message.word(crust.salt()), need.saltG() * pieces, Measure.GRAM));
            if (need.whites() > 0) {
                list(new Amount(StuffNames.of("egg-whites"), (double) need.whites() * pieces, Measure.PIECE));
            }
            if (need.waterMl() > 0) {
                add("water-by-splashes", need.waterMl(), Measure.MILLILITRE);
            }
            int bags = (int) Math.ceil(need.saltG() * pieces / bagG);
            say(
                    "salt-bags",
                    "bed",
                    grams(round(need.bedG() * pieces)),
                    "cover",
                    grams(round(need.coverG() * pieces)),
                    "bags",
                    bags,
                    "bag",
                    grams(bagG),
                    "poured",
                    Quantity.ml(round(need.looseMl() * pieces)));
            advice.add(need.difference());
            say(
                    "salt-tray",
                    "length",
                    mm(10 * Math.ceil(need.trayLengthMm() / 10)),
                    "width",
                    mm(10 * Math.ceil(need.trayWidthMm() / 10)),
                    "pieces",
                    pieces);
            if (need.whites() > 0) {
                yolks(need.whites() * pieces);
            }
        }

        /* At most the mayonnaise that these guests eat; the other yolks are for something else. */
        private void yolks(int left) {
            double guests = Math.max(1, Math.ceil(piece.massG() * pieces / WHOLE_A_GUEST_G));
            int used = (int) Math.min(left, Math.ceil(guests * MAYONNAISE_A_GUEST_ML / SaltNeed.OIL_MOST_ML));
            say(
                    "yolks",
                    "left",
                    left,
                    "used",
                    used,
                    "oilLeast",
                    Quantity.ml(used * SaltNeed.OIL_LEAST_ML),
                    "oilMost",
                    Quantity.ml(used * SaltNeed.OIL_MOST_ML),
                    "others",
                    left - used);
        }

        private static double round(double amount) {
            return Math.round(amount / 50) * 50.0;
        }

        private static Quantity grams(double value) {
            return Quantity.grams(Math.round(value));
        }

        private static Quantity mm(double value) {
            return Quantity.mm(Math.round(value));
        }
    }
}
