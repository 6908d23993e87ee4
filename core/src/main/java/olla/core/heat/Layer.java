package olla.core.heat;

import java.util.List;

/**
 * One material of the section: what is inside an outline, less the holes that other layers fill.
 *
 * @param material its number; {@link Section#FLESH} for the flesh
 * @param outline its outer edge
 * @param holes what it goes round: flesh for a crust, a stuffing for flesh
 * @param stepM wished cell size, m; the outline's sides are divided evenly into cells of about this
 * @param contactWm2K conductance where it touches the tray or a layer named before it, W/m²K
 */
public record Layer(int material, Outline outline, List<Outline> holes, double stepM, double contactWm2K) {

    /** Flesh and nothing else, on a tray. */
    public static Layer flesh(Outline outline, double stepM, double contactWm2K) {
        return new Layer(Section.FLESH, outline, List.of(), stepM, contactWm2K);
    }

    boolean contains(double x, double y) {
        return outline.contains(x, y) && holes.stream().noneMatch(hole -> hole.contains(x, y));
    }
}
