package olla.core.heat;

/** What each material's faces meet while a stage lasts. Immutable. */
public final class Surroundings {

    private final Face[] byMaterial;

    /** @param byMaterial by material number: the flesh's faces, the tray's underside, then those of further layers */
    public Surroundings(Face... byMaterial) {
        this.byMaterial = byMaterial.clone();
    }

    /** Whether a face meets something quite different from what it met in others. */
    boolean unlike(Surroundings other) {
        if (this == other) {
            return false;
        }
        boolean unlike = byMaterial.length != other.byMaterial.length;
        for (int m = 0; m < byMaterial.length && !unlike; m++) {
            unlike = byMaterial[m] != null && byMaterial[m].unlike(other.byMaterial[m]);
        }
        return unlike;
    }

    Face of(int material) {
        return byMaterial[material];
    }
}
