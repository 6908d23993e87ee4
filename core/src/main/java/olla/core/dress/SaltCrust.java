package olla.core.dress;

import java.util.Optional;
import olla.core.dish.Cover;
import olla.core.dish.Laid;
import olla.core.dish.Stuff;
import olla.core.messages.Refusals;
import olla.core.messages.Unit;
import olla.core.units.Temperature;

/**
 * A whole fish buried in damp salt that sets hard.
 *
 * @param damping how the salt is made damp, and how much of it there is
 * @param coatMm how thick it lies over the fish, 3 to 30 mm
 * @param salt which salt
 * @param eggs which eggs, where the damping takes whites
 * @param headAndTail true where they are covered too
 * @param scalesOn true where the scales are still on
 */
public record SaltCrust(Damping damping, double coatMm, Salt salt, EggSize eggs, boolean headAndTail, boolean scalesOn)
        implements Enclosure {

    /**
     * The schools (common practice, no source). Half the salt is the bed in all of them.
     */
    public enum Damping {
        /** Coarse salt twice the fish's weight, a white for each 1.5 kg of it, water until it holds when squeezed. */
        WET_SAND(2.0, 1 / 1.5, 45, 10, true),
        /** Half the fish's weight in salt with six whites a kilo: a thin clay. Head and tail may stay bare. */
        WHITE_PASTE(0.5, 6, 0, 5, false),
        /** Whites just broken up and folded in with zest and herbs; a bed of a centimetre, the fish fully buried. */
        BEATEN_WHITES(1.7, 4, 0, 10, true),
        /** Salt and water, nothing else. */
        WATER_ONLY(2.0, 0, 85, 10, true);

        private final double saltForFish;
        private final double whitesAKilo;
        private final double waterMlAKilo;
        private final double usualCoatMm;
        private final boolean buries;

        Damping(double saltForFish, double whitesAKilo, double waterMlAKilo, double usualCoatMm, boolean buries) {
            this.saltForFish = saltForFish;
            this.whitesAKilo = whitesAKilo;
            this.waterMlAKilo = waterMlAKilo;
            this.usualCoatMm = usualCoatMm;
            this.buries = buries;
        }

        /** Salt by the damping's ratio, as a multiple of the fish's mass. */
        public double saltForFish() {
            return saltForFish;
        }

        /** Whites of medium eggs for a kilo of salt. */
        public double whitesAKilo() {
            return whitesAKilo;
        }

        /** Water for a kilo of salt, ml, by splashes. */
        public double waterMlAKilo() {
            return waterMlAKilo;
        }

        /** As thick as it usually lies, mm. */
        public double usualCoatMm() {
            return usualCoatMm;
        }

        /** Whether it usually covers head and tail. */
        public boolean buries() {
            return buries;
        }

        /** Water in the damp salt, by mass. */
        public double waterShare() {
            double water = waterMlAKilo + whitesAKilo * EggSize.MEDIUM.whiteG() * EggSize.WATER;
            double dry = 1000 + whitesAKilo * EggSize.MEDIUM.whiteG() * (1 - EggSize.WATER);
            return water / (dry + water);
        }
    }

    /** Conductivity of damp salt, W/mK: 1.1 to 1.8, since vapour moves heat inward (from memory). */
    public static final double WET_W_MK = 1.7;

    /** Conductivity of dry salt in grains, W/mK (from memory). */
    public static final double DRY_W_MK = 0.5;

    /** Heat capacity of salt, J/kgK (published: handbooks, sodium chloride 854 to 880, from memory). */
    public static final double SALT_J_KGK = 880;

    /** From the salt through skin and scales, W/m²K (order of magnitude, from memory). */
    public static final double CONTACT_W_M2K = 250;

    /** Least rest in the crust, minutes (common practice, no source). */
    public static final double LEAST_REST_MINUTES = 10;

    /** As long as a crust is sometimes forgotten, minutes. */
    public static final double FORGOTTEN_MINUTES = 20;

    /** Under this a crust leaks, mm (common practice, no source). */
    public static final double LEAKS_BELOW_MM = 4;

    /** A thinner coat follows the fish like a glove; a thicker one is a heap, mm (common practice, no source). */
    public static final double FOLLOWS_BELOW_MM = 7;

    private static final double LEAST_MM = 3;
    private static final double MOST_MM = 30;

    /** @throws olla.core.messages.RefusedInput where no crust is so thin or so thick */
    public SaltCrust {
        new Refusals()
                .range("coatMm", "salt-crust", coatMm, LEAST_MM, MOST_MM, Unit.MM)
                .throwIfAny();
    }

    /** A damping's usual crust, of coarse salt. */
    public SaltCrust(Damping damping) {
        this(damping, damping.usualCoatMm(), Salt.COARSE, EggSize.MEDIUM, damping.buries(), true);
    }

    /** Water in the packed salt, kg/m³. */
    public double waterKgM3() {
        return salt.packedKgM3() * damping.waterShare();
    }

    /** The salt as it lies. */
    Laid layer() {
        Stuff damp = Stuff.dampSalt(WET_W_MK, DRY_W_MK, salt.packedKgM3() - waterKgM3(), SALT_J_KGK, waterKgM3());
        return new Laid.Heap(damp, coatMm, FOLLOWS_BELOW_MM, CONTACT_W_M2K, Temperature.ROOM_C);
    }

    @Override
    public Optional<Sheet> sheet() {
        return Optional.empty();
    }

    @Override
    public Optional<Cover> cover() {
        return Optional.empty();
    }

    @Override
    public boolean opened() {
        return false;
    }

    @Override
    public double usualRestMinutes() {
        return LEAST_REST_MINUTES;
    }
}
