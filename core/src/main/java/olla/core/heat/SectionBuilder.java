package olla.core.heat;

import java.util.ArrayList;
import java.util.List;
import olla.core.heat.Contacts.Opening;
import olla.core.heat.Contacts.Spring;

/**
 * Builds a {@link Section}: elements of each layer, the wall under them, the faces round them. The outlines are drawn out along a
 * length, or turned about their upright axis. Where a drawn-out piece is short its length is solved in planes too, from the middle
 * to one end; a long piece is one plane and its ends do not count.
 */
public final class SectionBuilder {

    /** Order of the elements' polynomials that the application solves with. */
    public static final int ORDER = 2;

    private final List<Layer> layers;
    private final Wall wall;
    private final double lengthM;
    private final int planes;
    private final int order;
    private final boolean turned;

    /**
     * Several layers.
     *
     * @param layers each material at most once; one that lies inside another comes before it
     * @param wall what is under them
     * @param lengthM length of the piece, m
     * @param planes 1 for a long piece; more to solve half its length in as many planes
     */
    public SectionBuilder(List<Layer> layers, Wall wall, double lengthM, int planes) {
        this(layers, wall, lengthM, planes, ORDER, false);
    }

    private SectionBuilder(List<Layer> layers, Wall wall, double lengthM, int planes, int order, boolean turned) {
        this.layers = List.copyOf(layers);
        this.wall = wall;
        this.lengthM = lengthM;
        this.planes = planes;
        this.order = order;
        this.turned = turned;
    }

    /** The same in elements of another order, 2 or more. */
    public SectionBuilder ofOrder(int other) {
        return new SectionBuilder(layers, wall, lengthM, planes, other, turned);
    }

    /** A round piece in the open: the outline turned about its upright axis. */
    static SectionBuilder turned(Outline outline, double stepM) {
        return new SectionBuilder(List.of(Layer.flesh(outline, stepM, 1)), Wall.NONE, 1, 1, ORDER, true);
    }

    /** The section. */
    public Section build() {
        Mesh mesh = new LayerMesher(layers, order, turned).mesh();
        double width =
                layers.stream().mapToDouble(l -> l.outline().halfWidth()).max().orElseThrow();
        WallColumns columns = new WallColumns(wall, width, order * layers.get(0).stepM(), mesh.nodes());
        Contacts contacts = new Contacts(mesh, layers, columns);
        List<Spring> springs = new ArrayList<>(contacts.springs());
        springs.addAll(columns.springs());
        List<Opening> openings = new ArrayList<>(contacts.openings());
        openings.addAll(columns.openings());
        return new Section(mesh, columns, springs, openings, lengthM, planes);
    }
}
