package olla.core.heat;

import java.util.List;

/**
 * Layers cut into spectral elements: curved quadrangles whose nodes lie at the Lobatto points of each direction, on the edges too, so
 * that what is integrated is summed over nodes: each stands for its own area, holds its own heat, and a face's temperature is its
 * node's. Layers share no nodes. Made by {@link MeshBuilder}; immutable.
 *
 * <p>Arrays by node: {@code x}, {@code y} (m), {@code area} (m², or m³ where the section is turned), {@code material}. By element:
 * its nodes, row by row, in {@code nodeOf[element * perElement + place]}; its metric in {@code metric[3 * (element * perElement +
 * place) ..]}: weights w with which flux = k (w0 Tu + w1 Tv), k (w1 Tu + w2 Tv) for slopes Tu, Tv along its own directions.
 */
final class Mesh {

    final LobattoRule rule;
    final int perElement;
    final double[] x;
    final double[] y;
    final double[] area;
    final int[] material;
    final int[] nodeOf;
    final int[] elementMaterial;
    final double[] metric;
    final List<Edge> edges;

    /**
     * A bit of a layer's edge that belongs to one element only.
     *
     * @param material of the layer
     * @param node along it
     * @param length that each node stands for, m (m² where the section is turned)
     * @param outX what looks out of the layer at each node, to the right, a unit vector
     * @param outY the same, upwards
     */
    record Edge(int material, int[] node, double[] length, double[] outX, double[] outY) {}

    Mesh(
            LobattoRule rule,
            double[] x,
            double[] y,
            double[] area,
            int[] material,
            int[] nodeOf,
            int[] elementMaterial,
            double[] metric,
            List<Edge> edges) {
        this.rule = rule;
        this.perElement = rule.count() * rule.count();
        this.x = x;
        this.y = y;
        this.area = area;
        this.material = material;
        this.nodeOf = nodeOf;
        this.elementMaterial = elementMaterial;
        this.metric = metric;
        this.edges = List.copyOf(edges);
    }

    /** How many nodes there are. */
    int nodes() {
        return x.length;
    }

    /** How many elements there are. */
    int elements() {
        return elementMaterial.length;
    }

    /**
     * What conducts between an element's nodes by what is at one of them, where it conducts 1 W/mK there and nothing elsewhere: the upper
     * triangle row by row, W/K.
     *
     * @param at which of its nodes
     * @param into receives them
     * @param from first place to write
     */
    void stiffness(int element, int at, double[] into, int from) {
        int n = rule.count();
        int i = at % n;
        int j = at / n;
        double[] rise = new double[perElement];
        double[] over = new double[perElement];
        for (int s = 0; s < n; s++) {
            rise[j * n + s] = rule.slope(i, s);
            over[s * n + i] = rule.slope(j, s);
        }
        int g = 3 * (element * perElement + at);
        int to = from;
        for (int a = 0; a < perElement; a++) {
            double u = metric[g] * rise[a] + metric[g + 1] * over[a];
            double v = metric[g + 1] * rise[a] + metric[g + 2] * over[a];
            for (int b = a; b < perElement; b++) {
                into[to++] = rise[b] * u + over[b] * v;
            }
        }
    }
}
