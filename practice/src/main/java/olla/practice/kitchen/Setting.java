package olla.practice.kitchen;

import java.util.ArrayList;
import java.util.List;
import olla.core.dress.Dress;
import olla.core.fish.Piece;
import olla.core.oven.OvenKind;
import olla.core.oven.Programme;
import olla.core.oven.Shelf;

/**
 * A hidden kitchen that a cook bakes in: one oven, and what goes into it at once. Immutable; each time it is gone into it is as it was.
 */
public final class Setting {

    private final List<HiddenBake> bakes;

    private Setting(List<HiddenBake> bakes) {
        this.bakes = bakes;
    }

    /**
     * What goes in.
     *
     * @param way how it is dressed
     * @param pieces of what
     */
    public record Wanted(Way way, Pieces pieces) {}

    /**
     * What is known of a dish: as it was measured, weighed, dressed and set.
     *
     * @param piece with the sides that nobody measured filled in
     * @param kind of the oven
     * @param shelf where it stands in that
     */
    public record Stated(Piece piece, Dress dress, OvenKind kind, Shelf shelf, Programme programme) {}

    /**
     * Draws one. All go in together, so the first says what the oven is set to.
     *
     * @param dishes at least one
     * @param kind of the oven
     * @param offsetC what it runs above its dial at 200 °C, °C
     * @param seed the same is the same kitchen
     */
    public static Setting of(List<Wanted> dishes, OvenKind kind, double offsetC, long seed) {
        Draw draw = new Draw(seed);
        HiddenOven.Makes oven = HiddenOvens.of(kind, draw).running(offsetC);
        HiddenBake first = null;
        List<HiddenBake> bakes = new ArrayList<>();
        for (Wanted dish : dishes) {
            HiddenBake bake = HiddenBake.of(dish.way(), dish.pieces(), kind, oven, House.PLAIN, draw);
            first = first == null ? bake : first;
            bakes.add(bake.beside(first));
        }
        return new Setting(List.copyOf(bakes));
    }

    /** What is known of each dish. */
    public List<Stated> stated() {
        return bakes.stream()
                .map(bake -> new Stated(bake.piece(), bake.dress(), bake.kind(), Shelf.MIDDLE, bake.programme()))
                .toList();
    }

    /** What the oven runs above its dial at what it is set to, °C. */
    public double runsHotC() {
        double dialC = dialC();
        return bakes.get(0).oven().meansC(dialC) - dialC;
    }

    /* What the oven is set to, °C. */
    private double dialC() {
        return bakes.get(0).programme().bakeTempC();
    }

    /** From when all went in and the door was shut again. */
    public Going begin() {
        return new Going(bakes);
    }
}
