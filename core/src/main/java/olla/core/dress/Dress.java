package olla.core.dress;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import olla.core.dish.Bare;
import olla.core.dish.Cover;
import olla.core.dish.Dish;
import olla.core.dish.Laid;
import olla.core.dish.Stuff;
import olla.core.dish.Vessel;
import olla.core.dish.Ware;
import olla.core.dress.Topping.When;
import olla.core.fish.Composition;
import olla.core.fish.Cut;
import olla.core.fish.Filling;
import olla.core.fish.Piece;
import olla.core.fish.Stuffing;
import olla.core.messages.Refusals;
import olla.core.units.Temperature;

/**
 * How a fish is dressed for the oven, as a cook says it: what it lies in, on and under, what is round it, what closes it, what
 * joins it. {@link #dish} is the same as heat meets it. Immutable.
 *
 * @param vessel what it all lies in
 * @param bed what the fish lies on
 * @param pour what it lies in
 * @param finish what is on its bare face
 * @param coat what is pressed on all round
 * @param on what is spread on it, from below to above: what goes on later lies higher; at most 4
 * @param closed what closes it
 * @param sides what joins beside the fish for the last minutes, at most 3
 * @param fishJoins whether what it lies on goes in first, and the fish onto that once it is hot
 */
public record Dress(
        Vessel vessel,
        Bed bed,
        Optional<Pour> pour,
        Finish finish,
        Optional<Coat> coat,
        List<Topping> on,
        Optional<Enclosure> closed,
        List<Side> sides,
        boolean fishJoins) {

    /**
     * Conductance from the tray's metal into the piece, W/m²K: a greased tray, flesh pressed on by its own weight
     * (order of magnitude from memory; within it, calibrated on the trade's check values, see docs/model.md).
     */
    public static final double TRAY_CONTACT_W_M2K = 250;

    /** Emissivity of moist flesh, and of what else a kitchen lays round it (about 0.9, from memory). */
    public static final double EMISSIVITY = 0.9;

    /** More of them do not stay on one another (common practice, no source). */
    public static final int MOST_TOPPINGS = 4;

    /** A base that went in first, or a liquid, reaches this far beyond the fish, mm (common practice, no source). */
    public static final double BESIDE_MM = 20;

    /** More kinds of side do not lie beside a fish (common practice, no source). */
    public static final int MOST_SIDES = 3;

    /* From lean to oily flesh a bare face loses less; the straight line between the two is ours. */
    private static final double OILY_CRUST_KG_MSPA = 5e-13;
    private static final double OILY_FAT = 0.12;

    /** @throws olla.core.messages.RefusedInput where these cannot be together */
    public Dress {
        on = on.stream().sorted(Comparator.comparing(Topping::when)).toList();
        sides = List.copyOf(sides);
        Refusals refusals = new Refusals();
        if (on.size() > MOST_TOPPINGS) {
            refusals.add("toppings", "refusal.toppings", "most", MOST_TOPPINGS);
        }
        if (sides.size() > MOST_SIDES) {
            refusals.add("sides", "refusal.sides", "most", MOST_SIDES);
        }
        if (fishJoins && !bed.there() && pour.isEmpty()) {
            refusals.add("vegetables", "refusal.base-vegetables");
        }
        if (closed.isPresent()) {
            together(closed.get(), bed, pour, coat, on, sides, fishJoins, refusals);
        }
        refusals.throwIfAny();
    }

    private static void together(
            Enclosure closed,
            Bed bed,
            Optional<Pour> pour,
            Optional<Coat> coat,
            List<Topping> on,
            List<Side> sides,
            boolean fishJoins,
            Refusals refusals) {
        boolean salt = closed instanceof SaltCrust;
        if (salt && (bed.there() || pour.isPresent() || coat.isPresent() || !on.isEmpty())) {
            refusals.add("kind", "refusal.salt-alone");
        }
        if (fishJoins) {
            refusals.add("kind", "refusal.closed-before-the-fish");
        }
        if (!closed.opened() && on.stream().anyMatch(t -> t.when() != When.BEFORE)) {
            refusals.add("toppings", "refusal.shut-over-topping");
        }
        if (!sides.isEmpty() && !(closed instanceof Lid)) {
            refusals.add("sides", "refusal.shut-over-sides");
        }
    }

    /** Bare, on nothing but the tray. */
    public static Dress open() {
        return open(Finish.BARE);
    }

    /** On nothing but the tray. */
    public static Dress open(Finish finish) {
        return new Dress(
                Vessel.SHEET_TRAY,
                Bed.NONE,
                Optional.empty(),
                finish,
                Optional.empty(),
                List.of(),
                Optional.empty(),
                List.of(),
                false);
    }

    /** On a tray, with this spread on it. */
    public static Dress under(Topping... on) {
        return open().spread(List.of(on));
    }

    /** Dipped, floured and crumbed. */
    public static Dress in(Coat coat) {
        Dress open = open();
        return new Dress(
                open.vessel,
                open.bed,
                open.pour,
                open.finish,
                Optional.of(coat),
                open.on,
                open.closed,
                open.sides,
                false);
    }

    /** In a parcel, under a lid, under salt. */
    public static Dress in(Enclosure closed) {
        return open().closed(closed);
    }

    /** Oiled, onto a base that went in first. */
    public static Dress onto(Bed base, Side... sides) {
        Dress open = open(Finish.OILED);
        return new Dress(
                open.vessel, base, open.pour, open.finish, open.coat, open.on, open.closed, List.of(sides), true);
    }

    /** The same in another vessel. */
    public Dress standingIn(Vessel other) {
        return new Dress(other, bed, pour, finish, coat, on, closed, sides, fishJoins);
    }

    /** The same on a bed. */
    public Dress on(Bed other) {
        return new Dress(vessel, other, pour, finish, coat, on, closed, sides, fishJoins);
    }

    /** The same in a liquid. */
    public Dress lyingIn(Pour other) {
        return new Dress(vessel, bed, Optional.of(other), finish, coat, on, closed, sides, fishJoins);
    }

    /** The same with this spread on it. */
    public Dress spread(List<Topping> other) {
        return new Dress(vessel, bed, pour, finish, coat, other, closed, sides, fishJoins);
    }

    /** The same with sides that join for the last minutes. */
    public Dress beside(List<Side> other) {
        return new Dress(vessel, bed, pour, finish, coat, on, closed, other, fishJoins);
    }

    /** The same with something that closes it. */
    public Dress closed(Enclosure other) {
        return new Dress(vessel, bed, pour, finish, coat, on, Optional.of(other), sides, fishJoins);
    }

    /** The parcel it is in, if it is in one. */
    public Optional<Parcel> parcel() {
        return closed.filter(Parcel.class::isInstance).map(Parcel.class::cast);
    }

    /** The crust it is in, if it is in one. */
    public Optional<SaltCrust> salt() {
        return closed.filter(SaltCrust.class::isInstance).map(SaltCrust.class::cast);
    }

    /** The sheet that closes it, if one does. */
    public Optional<Sheet> sheet() {
        return closed.flatMap(Enclosure::sheet);
    }

    /** Whether this kind of sheet closes it. */
    public boolean closedBy(Sheet sheet) {
        return sheet().filter(s -> s == sheet).isPresent();
    }

    /** Whether it is opened in the oven. */
    public boolean opened() {
        return closed.filter(Enclosure::opened).isPresent();
    }

    /** Whether something is spread on its upper side, at first or later. */
    public boolean topped() {
        return !on.isEmpty();
    }

    /** Whether something goes on then. */
    public boolean goesOn(When when) {
        return on.stream().anyMatch(t -> t.when() == when);
    }

    /** The moments after the start at which something goes on, the first first. */
    public List<When> later() {
        return on.stream()
                .map(Topping::when)
                .filter(w -> w != When.BEFORE)
                .distinct()
                .toList();
    }

    /** How long before the end sides join, minutes, the first first. */
    public List<Double> sideStarts() {
        return sides.stream()
                .map(Side::lastMin)
                .distinct()
                .sorted(Comparator.reverseOrder())
                .toList();
    }

    /** The sides that join so long before the end, minutes. */
    public List<Side> sidesFrom(double lastMin) {
        return sides.stream().filter(side -> side.lastMin() == lastMin).toList();
    }

    /** Whether it is glazed, and nothing spread over that keeps the brush off. */
    public boolean glazed() {
        return finish == Finish.GLAZED && !topped() && coat.isEmpty() && closed.isEmpty();
    }

    /** Whether it can be turned over: it lies on the vessel itself, with nothing on it. */
    public boolean turns() {
        return closed.isEmpty() && !bed.there() && pour.isEmpty() && !topped();
    }

    /** Whether flesh with nothing on it meets the oven's air from the start. */
    public boolean bare() {
        return closed.isEmpty() && coat.isEmpty() && !topped();
    }

    /** Whether its top is meant to colour. */
    public boolean colours() {
        return topped() && (closed.isEmpty() || opened()) || coat.isPresent() || finish == Finish.GLAZED || opened();
    }

    /** Whether something sour touches what closes it. */
    public boolean sour() {
        return parcel().filter(Parcel::acid).isPresent()
                || pour.filter(p -> p.of().sour()).isPresent()
                || bed.of().stream().anyMatch(Vegetable::sour)
                || on.stream().anyMatch(t -> t.mix().sour());
    }

    /** Whether bare aluminium touches it. */
    public boolean aluminium() {
        return parcel().filter(p -> p.of() == Sheet.FOIL).isPresent() || vessel.ware() == Ware.FOIL_BOAT;
    }

    /** Which of the ways it is. */
    public Style style() {
        if (salt().isPresent()) {
            return Style.SALT_CRUST;
        }
        if (parcel().isPresent()) {
            return closedBy(Sheet.PARCHMENT) ? Style.PARCHMENT : Style.FOIL;
        }
        if (coat.isPresent()) {
            return Style.BREADED;
        }
        if (fishJoins) {
            return Style.TRAY_BAKE;
        }
        return topped() ? Style.TOPPING : Style.OPEN_TRAY;
    }

    /** Whether juice stays around the fish: under a sheet or a lid; an open oven dries it up, and salt drinks it. */
    public boolean keepsJuice() {
        return closed.flatMap(Enclosure::cover).isPresent();
    }

    /** Least rest before it is served, minutes (common practice, no source). */
    public double usualRestMinutes() {
        if (closed.isPresent()) {
            return closed.get().usualRestMinutes();
        }
        if (coat.isPresent()) {
            return 2;
        }
        return fishJoins || topped() ? 3 : 4;
    }

    private Bare bare(Composition composition) {
        double oiliness = Math.min(1, composition.fat() / OILY_FAT);
        double ofFlesh = Finish.BARE.crustKgMsPa() + oiliness * (OILY_CRUST_KG_MSPA - Finish.BARE.crustKgMsPa());
        return new Bare(Math.min(finish.crustKgMsPa(), ofFlesh), finish.browning());
    }

    /** The dish that this dress makes of a piece. */
    public Dish dish(Piece piece) {
        Optional<Cover> cover = closed.flatMap(Enclosure::cover);
        return new Dish(vessel, layers(piece), cover, bare(piece.species().composition()));
    }

    private List<Laid> layers(Piece piece) {
        // A splash in a parcel or a pan is gone before it holds anything back.
        Optional<Pour> liquid = pour.filter(p -> !p.splash(piece, bed));
        Optional<Stuff> stuff = liquid.map(p -> p.of().stuff());
        double deep = liquid.map(p -> p.depthMm(piece, bed)).orElse(0.0);
        List<Laid> layers = new ArrayList<>(bed.layers(fishJoins ? BESIDE_MM : 0, stuff, deep));
        if (liquid.isPresent() && deep > bed.inAllMm()) {
            layers.add(new Laid.Liquid(
                    stuff.orElseThrow(),
                    deep,
                    bed.there() ? 0 : Pour.UNDER_MM,
                    BESIDE_MM,
                    liquid.get().startC()));
        }
        salt().ifPresent(s -> layers.add(s.layer()));
        coat.ifPresent(c -> layers.add(c.layer()));
        for (Topping topping : on) {
            int joins = 1 + later().indexOf(topping.when());
            layers.add(new Laid.On(
                    topping.mix().stuff(),
                    topping.depthMm(),
                    joins,
                    topping.kept().startC()));
        }
        inside(piece).ifPresent(layers::add);
        return layers;
    }

    /* A whole fish is gutted: where nothing is put in its place there is air, through which hardly any heat goes. */
    private static Optional<Laid> inside(Piece piece) {
        Filling filling = piece.filling();
        if (filling == Filling.NONE) {
            return piece.cut() == Cut.WHOLE ? Optional.of(Laid.Inside.hollow()) : Optional.empty();
        }
        if (filling == Filling.STUFFING) {
            Stuffing.Shares shares = piece.stuffingShares();
            return Optional.of(new Laid.Inside(
                    Stuff.STUFFING,
                    shares.ofHeight(),
                    shares.ofWidth(),
                    piece.stuffing().kept().startC()));
        }
        return Optional.of(
                new Laid.Inside(Stuff.AROMATICS, filling.ofHeight(), filling.ofWidth(), Temperature.MIXED_C));
    }
}
