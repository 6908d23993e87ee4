package olla.core.simulation;

import java.util.ArrayList;
import java.util.List;
import olla.core.dress.Breaded;
import olla.core.dress.Dress;
import olla.core.dress.Mix;
import olla.core.dress.OpenTray;
import olla.core.dress.SaltCrust;
import olla.core.dress.Topping;
import olla.core.dress.TrayBake;
import olla.core.dress.Underlay;
import olla.core.fish.Cut;
import olla.core.fish.Filling;
import olla.core.fish.Orientation;
import olla.core.fish.Piece;
import olla.core.heat.Layer;
import olla.core.heat.Material;
import olla.core.heat.Outline;
import olla.core.units.Temperature;

/** The layers that a dress puts round a section, with their materials and how warm they go on. */
final class Layers {

    /* Vegetables cut up: half water, a third air; steam carries heat through the gaps, so that they conduct better than
     * their flesh (order of magnitude, from memory). Slices of citrus: nearly water. */
    private static final Material VEGETABLES = Material.constant(1.2, 2.6e6).holdingWater(550, 0.15);
    private static final Material CITRUS = Material.constant(0.5, 3.6e6).holdingWater(800, 0.2);

    /* Wine and butter, stirred by their own convection: some four times water's conductivity (from memory). */
    private static final Material SAUCE = Material.constant(2.4, 4.0e6).holdingWater(900, 0.3);

    /* Bread, egg or shellfish; sprigs and citrus with air between (from memory). */
    private static final Material STUFFING = Material.constant(0.42, 3.4e6);
    private static final Material AROMATICS = Material.constant(0.25, 2.2e6);

    /* Air across a few millimetres of empty belly: it conducts 0.031 W/mK, and the walls radiate some 10 W/m²K to each other
     * (from memory). Its heat is a seventh of flesh's, a good deal more than air has, so that steps need not be shorter for
     * it; of the whole section that is less than a hundredth. */
    private static final Material EMPTY = Material.constant(0.1, 0.5e6);

    /* A gutted belly with nothing in it: its flaps sag together, so that it stands lower than one with sprigs in it and is as
     * wide (shares: common practice, no source). */
    private static final double EMPTY_OF_THICKNESS = 0.14;
    private static final double EMPTY_OF_DEPTH = 0.4;

    /* Things that touch wet on wet, W/m²K (order of magnitude, from memory). */
    private static final double WET_CONTACT_W_M2K = 250;

    /* A sauce stands this wide beside the fish, m (common practice, no source). */
    private static final double SAUCE_BESIDE_M = 0.02;

    /* Heat goes through damp salt six times as fast as through flesh, so cells two and a half times as wide step as
     * quickly and are as exact. */
    private static final double SALT_STEP = 2.5;

    private static final double TOPPING_STEP_M = 0.0025;

    private static final double PREPARED_C = 12;

    private final Piece piece;
    private final Dress dress;
    private final Outline flesh;
    private final double stepM;
    private final double wetnessFactor;

    Layers(Piece piece, Dress dress, Outline lying, double stepM, Unknowns unknowns) {
        this.piece = piece;
        this.dress = dress;
        this.stepM = stepM;
        this.wetnessFactor = unknowns.wetnessFactor();
        double lift = dress.liftMm() / 1000;
        this.flesh = lift > 0 ? new Outline.Raised(lying, lift) : lying;
    }

    /** The flesh, where it lies. */
    Outline flesh() {
        return flesh;
    }

    /** The outline of a layer; null where this dress has none of that material. */
    Outline outline(int material) {
        return switch (material) {
            case TrayLoad.FLESH -> flesh;
            case TrayLoad.FILLING -> inside();
            case TrayLoad.COAT -> coat();
            case TrayLoad.CRUST -> dress instanceof SaltCrust crust ? crust(crust) : null;
            case TrayLoad.BED -> bed();
            case TrayLoad.LIQUID -> sauced() ? sauce() : null;
            default -> null;
        };
    }

    private Outline coat() {
        if (dress instanceof Topping topping) {
            return new Outline.Over(flesh, topping.depthMm() / 1000);
        }
        return dress instanceof Breaded breaded ? flesh.grown(breaded.coatMm() / 1000) : null;
    }

    private boolean sauced() {
        return dress instanceof OpenTray open && open.underlay() == Underlay.PAN_SAUCE;
    }

    private Outline bed() {
        boolean none = flesh.base() == 0 || sauced() || dress instanceof SaltCrust || dress instanceof Breaded;
        double beside = dress instanceof TrayBake ? TrayBake.BESIDE_MM / 1000 : 0;
        return none ? null : new Outline.RoundedRectangle(flesh.halfWidth() + beside, flesh.base(), 0, 0);
    }

    private Outline sauce() {
        double depth = Math.min(Underlay.PAN_SAUCE.depthMm() / 1000, flesh.base() + flesh.height() / 2);
        return new Outline.RoundedRectangle(flesh.halfWidth() + SAUCE_BESIDE_M, depth, 0, 0);
    }

    /** Whether it is gutted and nothing is put in its place: air, through which hardly any heat goes. */
    boolean hollow() {
        return piece.cut() == Cut.WHOLE && piece.filling() == Filling.NONE;
    }

    /** What is not flesh inside it: a filling, or an empty belly; null where it is flesh right through. */
    Outline inside() {
        if (piece.filling() == Filling.NONE && !hollow()) {
            return null;
        }
        double thick = hollow() ? EMPTY_OF_THICKNESS : piece.filling().ofHeight();
        double deep = hollow() ? EMPTY_OF_DEPTH : piece.filling().ofWidth();
        // Shares are of the fish as it lies on its side; upright they change places.
        boolean upright = piece.orientation() == Orientation.STANDING;
        double halfWidth = flesh.halfWidth() * (upright ? thick : deep);
        double height = flesh.height() * (upright ? deep : thick);
        return new Outline.Raised(new Outline.Ellipse(halfWidth, height), flesh.base() + (flesh.height() - height) / 2);
    }

    private Outline crust(SaltCrust crust) {
        double coat = crust.coatMm() / 1000;
        if (crust.coatMm() < SaltCrust.FOLLOWS_BELOW_MM) {
            return flesh.grown(coat);
        }
        return new Outline.Mound(
                flesh.halfWidth() + coat, flesh.base() + flesh.height() + coat, flesh.base() + flesh.height() / 2);
    }

    /** What is there in a load, the innermost first. */
    List<Layer> of(TrayLoad load, double trayContactWm2K) {
        List<Layer> layers = new ArrayList<>();
        if (load.fish()) {
            List<Outline> holes = new ArrayList<>();
            Outline inside = inside();
            if (inside != null) {
                holes.add(inside);
            }
            Outline filling = outline(TrayLoad.FILLING);
            if (filling != null) {
                layers.add(new Layer(TrayLoad.FILLING, filling, List.of(), 1.5 * stepM, WET_CONTACT_W_M2K));
            }
            layers.add(new Layer(TrayLoad.FLESH, flesh, holes, stepM, trayContactWm2K));
        }
        List<Outline> round = load.fish() ? List.of(flesh) : List.of();
        add(layers, TrayLoad.CRUST, round, SALT_STEP * stepM, SaltCrust.CONTACT_W_M2K);
        if (load.coat()) {
            List<Outline> hole = dress instanceof Breaded ? round : List.of();
            add(layers, TrayLoad.COAT, hole, Math.max(stepM, TOPPING_STEP_M), WET_CONTACT_W_M2K);
        }
        add(layers, TrayLoad.BED, List.of(), 1.5 * stepM, trayContactWm2K);
        add(layers, TrayLoad.LIQUID, round, 2 * stepM, trayContactWm2K);
        return layers;
    }

    private void add(List<Layer> layers, int material, List<Outline> holes, double step, double contact) {
        Outline outline = outline(material);
        if (outline != null) {
            layers.add(new Layer(material, outline, holes, step, contact));
        }
    }

    /** Materials by number; flesh and tray are the caller's. */
    Material material(int number) {
        return switch (number) {
            case TrayLoad.COAT -> coatMaterial();
            case TrayLoad.CRUST -> salt((SaltCrust) dress);
            case TrayLoad.BED -> dress instanceof OpenTray ? CITRUS : VEGETABLES;
            case TrayLoad.LIQUID -> SAUCE;
            case TrayLoad.FILLING -> hollow() ? EMPTY : piece.filling() == Filling.STUFFING ? STUFFING : AROMATICS;
            default -> throw new IllegalArgumentException("No layer has the number " + number);
        };
    }

    private Material coatMaterial() {
        boolean topping = dress instanceof Topping;
        double density = topping ? ((Topping) dress).mix().densityKgM3() : Breaded.DENSITY_KG_M3;
        double water = topping ? ((Topping) dress).mix().waterKgM3() : Breaded.WATER_KG_M3;
        return Material.constant(Mix.CONDUCTIVITY_W_MK, density * Mix.HEAT_CAPACITY_J_KGK)
                .holdingWater(water, Mix.CONDUCTIVITY_W_MK / 2);
    }

    private Material salt(SaltCrust crust) {
        double water = crust.waterKgM3() * wetnessFactor;
        double dry = crust.salt().packedKgM3() - crust.waterKgM3();
        return Material.constant(SaltCrust.WET_W_MK, dry * SaltCrust.SALT_J_KGK + water * 4180)
                .holdingWater(water, SaltCrust.DRY_W_MK);
    }

    /** How warm a layer goes on, °C. */
    double startC(int material) {
        return material == TrayLoad.FILLING || material == TrayLoad.COAT ? PREPARED_C : Temperature.ROOM_C;
    }
}
