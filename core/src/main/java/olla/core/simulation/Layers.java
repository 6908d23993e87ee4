package olla.core.simulation;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;
import olla.core.dish.Dish;
import olla.core.dish.Laid;
import olla.core.dish.Stuff;
import olla.core.fish.Orientation;
import olla.core.heat.Layer;
import olla.core.heat.Material;
import olla.core.heat.Outline;

/** The layers of a dish round a section of its fish: where each lies, and of what material. */
final class Layers {

    /** The material number of a dish's first layer; the others follow in the dish's order. */
    static final int FIRST = 2;

    /* Things that touch wet on wet, W/m²K (order of magnitude, from memory); what is spread on something spread sinks into it. */
    private static final double WET_CONTACT_W_M2K = 250;
    private static final double SPREAD_CONTACT_W_M2K = Double.POSITIVE_INFINITY;

    private static final double SPREAD_INTERVALS = 6;

    private final List<Laid> laid;
    private final List<Outline> outlines = new ArrayList<>();
    private final List<Stuff> stuffs;
    private final boolean upright;
    private final Outline lying;
    private final Outline flesh;
    private final double stepM;
    private final BakeModel.Fineness fineness;

    /**
     * @param lying the fish's outline on the bare tray
     */
    Layers(Dish dish, Orientation orientation, Outline lying, BakeModel.Fineness fineness, Unknowns unknowns) {
        this.laid = dish.layers();
        this.upright = orientation == Orientation.STANDING;
        this.lying = lying;
        this.stepM = fineness.stepM(lying);
        this.fineness = fineness;
        this.flesh = raised(lying, dish.liftMm() / 1000);
        this.stuffs = laid.stream()
                .map(l -> l instanceof Laid.Heap ? l.stuff().wetter(unknowns.wetnessFactor()) : l.stuff())
                .toList();
        double under = 0;
        Outline coat = raised(
                lying.grown(dish.the(Laid.Coat.class).map(Laid.Coat::thickMm).orElse(0.0) / 1000), dish.bedMm() / 1000);
        Outline uppermost = dish.the(Laid.Coat.class).isPresent() ? coat : flesh;
        for (Laid one : laid) {
            Outline outline = one instanceof Laid.Coat ? coat : outline(one, under, uppermost);
            outlines.add(outline);
            if (one instanceof Laid.Under bed) {
                under += bed.depthMm() / 1000;
            } else if (one instanceof Laid.On) {
                uppermost = outline;
            }
        }
    }

    private static Outline raised(Outline outline, double byM) {
        return byM > 0 ? new Outline.Raised(outline, byM) : outline;
    }

    private Outline outline(Laid one, double underM, Outline uppermost) {
        if (one instanceof Laid.Under bed) {
            double halfWidth = flesh.halfWidth() + bed.besideMm() / 1000;
            return raised(new Outline.RoundedRectangle(halfWidth, bed.depthMm() / 1000, 0, 0), underM);
        }
        if (one instanceof Laid.Liquid liquid) {
            double depth = Math.min(liquid.depthMm() / 1000, flesh.base() + flesh.height() / 2);
            return new Outline.RoundedRectangle(flesh.halfWidth() + liquid.besideMm() / 1000, depth, 0, 0);
        }
        if (one instanceof Laid.Inside inside) {
            return inside(inside);
        }
        return one instanceof Laid.Heap heap
                ? heap(heap)
                : new Outline.Over(uppermost, ((Laid.On) one).depthMm() / 1000);
    }

    private Outline inside(Laid.Inside inside) {
        // Shares are of the fish as it lies on its side; upright they change places.
        double halfWidth = flesh.halfWidth() * (upright ? inside.ofThickness() : inside.ofDepth());
        double height = flesh.height() * (upright ? inside.ofDepth() : inside.ofThickness());
        return new Outline.Raised(new Outline.Ellipse(halfWidth, height), flesh.base() + (flesh.height() - height) / 2);
    }

    private Outline heap(Laid.Heap heap) {
        double thick = heap.thickMm() / 1000;
        if (heap.thickMm() < heap.followsBelowMm()) {
            return lying.grown(thick);
        }
        return new Outline.Mound(
                flesh.halfWidth() + thick, flesh.base() + flesh.height() + thick, flesh.base() + flesh.height() / 2);
    }

    /** The flesh, where it lies. */
    Outline flesh() {
        return flesh;
    }

    /** How many material numbers there are, the fish's and the vessel's among them. */
    int materials() {
        return FIRST + laid.size();
    }

    /** The layer that has a material number. */
    Laid laid(int material) {
        return laid.get(material - FIRST);
    }

    /** The outline of the layer that has a material number. */
    Outline outline(int material) {
        return outlines.get(material - FIRST);
    }

    /** What the layer that has a material number is of. */
    Stuff stuff(int material) {
        return stuffs.get(material - FIRST);
    }

    /** The material of the layer that has a number. */
    Material material(int number) {
        Stuff stuff = stuff(number);
        Material dry = Material.constant(stuff.conductivityWmK(), stuff.heatCapacityJm3K());
        return stuff.waterKgM3() > 0 ? dry.holdingWater(stuff.waterKgM3(), stuff.dryConductivityWmK()) : dry;
    }

    /** The number of what is inside the fish; the flesh's own where that is flesh right through. */
    int inside() {
        return numbers(Laid.Inside.class).findFirst().orElse(TrayLoad.FLESH);
    }

    /** Whether what has a number is the air in an empty belly. */
    boolean isHollow(int number) {
        return number >= FIRST && laid(number) instanceof Laid.Inside inside && inside.isHollow();
    }

    /** Whether the layer that has a number lies over the fish's upper side. */
    boolean covers(int number) {
        return laid(number) instanceof Laid.On
                || laid(number) instanceof Laid.Coat
                || laid(number) instanceof Laid.Heap;
    }

    /** What is there in a load, the innermost first. */
    List<Layer> of(TrayLoad load, double vesselContactWm2K) {
        List<Layer> layers = new ArrayList<>();
        List<Outline> inLiquid = new ArrayList<>();
        numbers(Laid.Under.class).forEach(n -> inLiquid.add(outline(n)));
        if (load.fish()) {
            inLiquid.add(flesh);
            onTheFish(layers, load, vesselContactWm2K);
        }
        numbers(Laid.Under.class)
                .forEach(
                        n -> layers.add(new Layer(n, outline(n), List.of(), fineness.underStepM(), vesselContactWm2K)));
        numbers(Laid.Liquid.class)
                .forEach(n -> layers.add(new Layer(n, outline(n), inLiquid, fineness.underStepM(), vesselContactWm2K)));
        return layers;
    }

    private void onTheFish(List<Layer> layers, TrayLoad load, double vesselContactWm2K) {
        List<Outline> holes = new ArrayList<>();
        numbers(Laid.Inside.class).forEach(n -> {
            // An empty belly is a hole: what crosses it is no more than air and radiation carry.
            if (!isHollow(n)) {
                layers.add(new Layer(n, outline(n), List.of(), stepM, WET_CONTACT_W_M2K));
            }
            holes.add(outline(n));
        });
        layers.add(new Layer(TrayLoad.FLESH, flesh, holes, stepM, vesselContactWm2K));
        numbers(Laid.Heap.class).forEach(n -> {
            double contact = ((Laid.Heap) laid(n)).contactWm2K();
            layers.add(new Layer(n, outline(n), List.of(flesh), fineness.heapStepM(), contact));
        });
        double contact = WET_CONTACT_W_M2K;
        for (int number : numbers(Laid.Coat.class).toArray()) {
            double step = spreadStepM(((Laid.Coat) laid(number)).thickMm());
            layers.add(new Layer(number, outline(number), List.of(flesh), step, contact));
            contact = SPREAD_CONTACT_W_M2K;
        }
        for (int number : numbers(Laid.On.class).toArray()) {
            if (((Laid.On) laid(number)).joins() <= load.joined()) {
                double step = spreadStepM(((Laid.On) laid(number)).depthMm());
                layers.add(new Layer(number, outline(number), List.of(), step, contact));
                contact = SPREAD_CONTACT_W_M2K;
            }
        }
    }

    /* What is spread thicker is steep where it meets the air and not all through. */
    private double spreadStepM(double thickMm) {
        return Math.max(fineness.spreadStepM(), thickMm / 1000 / SPREAD_INTERVALS);
    }

    private IntStream numbers(Class<? extends Laid> kind) {
        return IntStream.range(FIRST, materials()).filter(n -> kind.isInstance(laid(n)));
    }
}
