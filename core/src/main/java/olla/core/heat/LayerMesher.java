package olla.core.heat;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.TreeSet;

/** Cuts the layers of a section into patches: what each is by its outline and its holes. */
final class LayerMesher {

    /* Along the section what is warm changes less than across it, so elements may be longer; more so far from the side, up to a
     * little more than the piece is thick. */
    private static final double LONGER_ALONG = 1.5;
    private static final double LONGER_UP = 1.6;
    private static final double BOX_LONGER = 3;
    private static final int MOST_EVEN = 4;
    private static final double GROWTH = 1.5;
    private static final double LONGEST = 1.2;

    /* The core's part of a side, and of how many rows one is the ring's: with fewer in the core the side's own heat is met too coarsely
     * (tried for blocks, lenses and ellipses against sixth order). */
    private static final double CORE_SHARE = 0.55;
    private static final int RING_OF_ROWS = 4;

    /* A wedge of liquid thinner than this is left out, m. */
    private static final double LEAST_WEDGE_M = 5e-4;

    private final List<Layer> layers;
    private final int order;
    private final MeshBuilder builder;
    private double[] along = {0, 0.5, 1};
    private int up = 1;
    private int deep = 1;

    LayerMesher(List<Layer> layers, int order, boolean turned) {
        this.layers = layers;
        this.order = order;
        this.builder = new MeshBuilder(order, turned);
    }

    Mesh mesh() {
        layers.stream().filter(LayerMesher::divides).findFirst().ifPresent(this::divide);
        layers.forEach(this::add);
        return builder.build();
    }

    /* What lies round and on another is divided as that is: the fish first, else whatever is whole. */
    private static boolean divides(Layer layer) {
        return layer.material() == Section.FLESH;
    }

    private void divide(Layer layer) {
        Outline outline = layer.outline();
        Rim rim = new Rim(outline);
        double size = order * layer.stepM();
        double thick = Math.min(outline.height(), 2 * outline.halfWidth());
        int rows = Math.max(3, (int) Math.round(thick / size));
        deep = Math.max(1, rows / RING_OF_ROWS);
        up = Math.max(rows - 2 * deep, (int) Math.round(CORE_SHARE * rim.length(Rim.SIDE) / (LONGER_UP * size)));
        along = along(rim.length(Rim.BOTTOM) - deep * size, LONGER_ALONG * size, LONGEST * thick);
    }

    /* Even divisions where few are enough, else longer and longer ones from the side to the mid-plane. */
    private static double[] along(double length, double size, double longest) {
        int count = Math.max(2, (int) Math.round(length / size));
        if (count <= MOST_EVEN) {
            return MeshBuilder.even(count);
        }
        List<Double> widths = new ArrayList<>();
        double sum = 0;
        for (double width = size; sum < length; width = Math.min(longest, width * GROWTH)) {
            widths.add(width);
            sum += width;
        }
        double[] at = new double[widths.size() + 1];
        at[widths.size()] = 1;
        for (int i = widths.size() - 1; i > 0; i--) {
            at[i] = at[i + 1] - widths.get(widths.size() - 1 - i) / sum;
        }
        return at;
    }

    private void add(Layer layer) {
        Outline outline = layer.outline();
        if (outline instanceof Outline.Over) {
            strip(layer);
        } else if (layer.holes().isEmpty()) {
            if (layer.material() != Section.FLESH && square(outline)) {
                box(layer, 0, outline.halfWidth(), outline.base(), outline.upper(0));
            } else {
                builder.solid(layer.material(), new Rim(outline), along, up, deep);
            }
        } else if (layer.holes().stream()
                        .allMatch(hole -> hole.upper(0) < outline.upper(0) && hole.base() > outline.base())
                && layer.holes().size() == 1) {
            Outline hole = layer.holes().get(0);
            int count = rows(layer, outline.upper(0) - hole.upper(0));
            builder.ring(layer.material(), new Rim(hole), new Rim(outline), along, up, count);
        } else {
            pool(layer);
        }
    }

    private int rows(Layer layer, double depth) {
        return Math.max(1, (int) Math.round(depth / (order * layer.stepM())));
    }

    private static boolean square(Outline outline) {
        if (outline instanceof Outline.Raised raised) {
            return square(raised.of());
        }
        return outline instanceof Outline.RoundedRectangle block && block.topRadius() == 0 && block.bottomRadius() == 0;
    }

    private void strip(Layer layer) {
        double from = 0;
        Outline host = layer.outline();
        double depth = ((Outline.Over) host).depthM();
        while (host instanceof Outline.Over over) {
            from += over.depthM();
            host = over.of();
        }
        builder.strip(layer.material(), new Rim(host), from - depth, depth, along, rows(layer, depth));
    }

    private void box(Layer layer, double left, double right, double bottom, double top) {
        if (right - left < LEAST_WEDGE_M || top - bottom < LEAST_WEDGE_M) {
            return;
        }
        int across = Math.max(1, (int) Math.round((right - left) / (BOX_LONGER * order * layer.stepM())));
        builder.box(layer.material(), left, right, bottom, top, across, rows(layer, top - bottom));
    }

    /*
     * What a liquid fills: its rectangle less what stands in it. Under the fish it ends at the fish's edge, out to the waterline or,
     * where the fish is a block, to its side; beyond it reaches down to the vessel or to what lies there.
     */
    private void pool(Layer layer) {
        double width = layer.outline().halfWidth();
        double depth = layer.outline().upper(0);
        Optional<Outline> fish = layers.stream()
                .filter(l -> l.material() == Section.FLESH)
                .map(Layer::outline)
                .filter(o -> o.base() < depth - LEAST_WEDGE_M)
                .findFirst();
        List<Outline> beds = layer.holes().stream().filter(LayerMesher::square).toList();
        double side = fish.map(o -> waterline(o, depth)).orElse(0.0);
        TreeSet<Double> levels = new TreeSet<>(List.of(0.0, depth));
        TreeSet<Double> breaks = new TreeSet<>(List.of(side, width));
        for (Outline bed : beds) {
            levels.add(Math.min(depth, bed.upper(0)));
            if (bed.halfWidth() > side) {
                breaks.add(Math.min(width, bed.halfWidth()));
            }
        }
        fish.ifPresent(o -> {
            under(layer, o, beds, side);
            levels.add(Math.min(depth, o.lower(side)));
        });
        for (double left : breaks.headSet(width)) {
            double right = breaks.higher(left);
            for (double bottom : levels.headSet(depth)) {
                double top = levels.higher(bottom);
                double x = (left + right) / 2;
                double y = (bottom + top) / 2;
                if (beds.stream().noneMatch(bed -> bed.contains(x, y))) {
                    box(layer, left, right, bottom, top);
                }
            }
        }
    }

    /* How far out the fish's underside is below the surface, m. */
    private static double waterline(Outline fish, double depth) {
        double low = 0;
        double high = fish.halfWidth();
        if (fish.lower(high) < depth) {
            return high;
        }
        for (int i = 0; i < 50; i++) {
            double middle = (low + high) / 2;
            if (fish.lower(middle) < depth) {
                low = middle;
            } else {
                high = middle;
            }
        }
        return low;
    }

    private void under(Layer layer, Outline fish, List<Outline> beds, double side) {
        double floor = beds.stream().mapToDouble(bed -> bed.upper(0)).max().orElse(0);
        double from = fish.lower(0) - floor < LEAST_WEDGE_M ? waterline(fish, floor + LEAST_WEDGE_M) : 0;
        if (side - from < LEAST_WEDGE_M) {
            return;
        }
        int across = Math.max(2, (int) Math.round((side - from) / (LONGER_ALONG * order * layer.stepM())));
        builder.patch(layer.material(), MeshBuilder.even(across), MeshBuilder.even(1), (u, v) -> {
            // Closer together where the fish curves away.
            double x = from + (side - from) * Math.sin(Math.PI / 2 * u);
            return new double[] {x, floor + v * (fish.lower(x) - floor)};
        });
    }
}
