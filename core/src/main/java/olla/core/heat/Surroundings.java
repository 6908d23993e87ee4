package olla.core.heat;

/** What each material's faces meet while a stage lasts. Immutable. */
public final class Surroundings {

    private final Face[] byMaterial;

    /** @param byMaterial by material number: the flesh's faces, the tray's underside, then those of further layers */
    public Surroundings(Face... byMaterial) {
        this.byMaterial = byMaterial.clone();
    }

    Face of(int material) {
        return byMaterial[material];
    }
}
