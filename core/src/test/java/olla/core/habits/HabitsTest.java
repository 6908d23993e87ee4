package olla.core.habits;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.Set;
import olla.core.fish.Habit;
import olla.core.habits.Habits.Laid;
import olla.core.habits.Habits.Tonight;
import olla.core.habits.Which.About;
import org.junit.jupiter.api.Test;

class HabitsTest {

    private static final double NOISE = 0.12;
    private static final double PER_THICKNESS = 1.6;
    private static final double PER_KELVIN = 0.025;
    private static final String[] DISHES = {"OPEN_TRAY", "PARCHMENT", "SALT_CRUST"};
    private static final String[] FISH = {"hake", "salmon", "trout"};
    private static final String[] COOKS = {"Ida", "Jon"};

    /* A kitchen with habits of its own, and what its log comes to tell of them. */
    private static final class Kitchen {
        private final Random random;
        private double general;
        private double dish;
        private double ruler;
        private double probeK;
        private double verdictK;

        Kitchen(long seed) {
            random = new Random(seed);
        }

        List<Told> bakes(int count) {
            List<Told> log = new ArrayList<>();
            for (int i = 0; i < count; i++) {
                String dressed = DISHES[random.nextInt(DISHES.length)];
                String cook = COOKS[random.nextInt(COOKS.length)];
                boolean probed = random.nextBoolean();
                double slower = general
                        + (dressed.equals("SALT_CRUST") ? dish : 0)
                        + (cook.equals("Ida") ? ruler * PER_THICKNESS : 0)
                        + (probed ? -probeK * PER_KELVIN : cook.equals("Jon") ? verdictK * PER_KELVIN : 0)
                        + NOISE * random.nextGaussian();
                log.add(new Told(
                        dressed,
                        FISH[random.nextInt(FISH.length)],
                        cook,
                        cook,
                        probed ? "clip" : null,
                        random.nextInt(2),
                        slower,
                        NOISE * NOISE,
                        0.03,
                        PER_THICKNESS,
                        PER_KELVIN));
            }
            return log;
        }
    }

    private static double size(Habits habits, About about, String of) {
        return habits.found().stream()
                .filter(one -> one.which().equals(new Which(about, of)))
                .findFirst()
                .orElseThrow()
                .size();
    }

    @Test
    void nothingIsKnownOfAnEmptyLog() {
        Tonight tonight = Habits.of(List.of(), Set.of()).tonight(new Laid("OPEN_TRAY", "hake", "Ida", true));
        assertThat(tonight.habit().logSlower()).isZero();
        assertThat(tonight.habit().logDoubt()).isCloseTo(Habit.USUAL_DOUBT, within(1e-12));
        assertThat(tonight.parts()).isEmpty();
    }

    /* Whoever bakes twice has no habit yet. */
    @Test
    void oneOrTwoBakesChangeNothing() {
        for (int bakes = 1; bakes < Habits.LEAST_BAKES; bakes++) {
            Kitchen kitchen = new Kitchen(bakes);
            kitchen.general = 0.2;
            Habits habits = Habits.of(kitchen.bakes(bakes), Set.of());
            assertThat(habits.found()).isEmpty();
            assertThat(habits.tonight(new Laid("OPEN_TRAY", "hake", "Ida", true))
                            .habit()
                            .logSlower())
                    .isZero();
        }
    }

    @Test
    void whatIsOffForADishIsFoundThereAndNotElsewhere() {
        Kitchen kitchen = new Kitchen(1);
        kitchen.dish = 0.15;
        Habits habits = Habits.of(kitchen.bakes(200), Set.of());
        assertThat(size(habits, About.DISH, "SALT_CRUST") - size(habits, About.DISH, "OPEN_TRAY"))
                .isBetween(0.10, 0.18);
        double inSalt = habits.tonight(new Laid("SALT_CRUST", "hake", null, false))
                .habit()
                .logSlower();
        double open = habits.tonight(new Laid("OPEN_TRAY", "hake", null, false))
                .habit()
                .logSlower();
        assertThat(inSalt).isCloseTo(0.15, within(0.05));
        assertThat(open).isCloseTo(0, within(0.04));
    }

    @Test
    void aRulerAVerdictAndAProbeAreToldFromEachOther() {
        Kitchen kitchen = new Kitchen(2);
        kitchen.ruler = 0.04;
        kitchen.probeK = 1.5;
        kitchen.verdictK = 2;
        Habits habits = Habits.of(kitchen.bakes(1500), Set.of());
        assertThat(size(habits, About.RULER, "Ida") - size(habits, About.RULER, "Jon"))
                .isBetween(0.025, 0.05);
        assertThat(size(habits, About.VERDICT, "Jon") - size(habits, About.VERDICT, "Ida"))
                .isBetween(0.7, 2.8);
        assertThat(size(habits, About.PROBE, "clip")).isPositive();
    }

    /* Shrunk: of a few bakes that are all off by as much, less than that is believed; the more there are, the more. */
    @Test
    void theMoreBakesTheMoreIsBelieved() {
        double before = 0;
        for (int bakes : new int[] {3, 6, 12, 50}) {
            List<Told> log = new ArrayList<>();
            for (int i = 0; i < bakes; i++) {
                log.add(new Told("FOIL", "hake", null, null, null, 1, 0.1, 0.0144, 0, 0, PER_KELVIN));
            }
            Tonight tonight = Habits.of(log, Set.of()).tonight(new Laid("FOIL", "hake", null, false));
            assertThat(tonight.habit().logSlower()).isBetween(before + 1e-6, 0.1);
            assertThat(tonight.habit().logDoubt()).isLessThan(Habit.USUAL_DOUBT);
            before = tonight.habit().logSlower();
        }
        assertThat(before).isGreaterThan(0.085);
    }

    @Test
    void whatIsSwitchedOffChangesNothingAndSaysWhatItWouldBe() {
        Kitchen kitchen = new Kitchen(3);
        kitchen.dish = 0.15;
        List<Told> log = kitchen.bakes(200);
        Which salt = new Which(About.DISH, "SALT_CRUST");
        Laid dish = new Laid("SALT_CRUST", "hake", null, false);
        Habits on = Habits.of(log, Set.of());
        Habits off = Habits.of(log, Set.of(salt));
        assertThat(on.tonight(dish).parts().get(0).which()).isEqualTo(salt);
        assertThat(on.tonight(dish).parts().stream()
                        .filter(part -> Set.of(Which.KITCHEN, salt, new Which(About.FISH, "hake"))
                                .contains(part.which()))
                        .mapToDouble(Habits.Part::logSlower)
                        .sum())
                .isCloseTo(on.tonight(dish).habit().logSlower(), within(1e-9));
        assertThat(off.tonight(dish).habit().logSlower())
                .isLessThan(0.6 * on.tonight(dish).habit().logSlower());
        assertThat(off.tonight(dish).parts()).noneMatch(p -> p.which().equals(salt));
        assertThat(off.found()).anySatisfy(one -> {
            assertThat(one.which()).isEqualTo(salt);
            assertThat(one.on()).isFalse();
            assertThat(one.size()).isGreaterThan(0.05);
        });
    }

    /* A timer that nobody heard: one bake in twenty is twice as slow. */
    @Test
    void aBakeThatIsFarOffCountsForLess() {
        Kitchen kitchen = new Kitchen(4);
        List<Told> log = new ArrayList<>(kitchen.bakes(40));
        double before = Habits.of(log, Set.of())
                .tonight(new Laid("FOIL", "cod", null, false))
                .habit()
                .logSlower();
        log.add(new Told(
                "OPEN_TRAY", "hake", "Ida", "Ida", null, 0, 0.7, NOISE * NOISE, 0.03, PER_THICKNESS, PER_KELVIN));
        log.add(new Told(
                "OPEN_TRAY", "hake", "Ida", "Ida", null, 0, 0.7, NOISE * NOISE, 0.03, PER_THICKNESS, PER_KELVIN));
        double after = Habits.of(log, Set.of())
                .tonight(new Laid("FOIL", "cod", null, false))
                .habit()
                .logSlower();
        assertThat(after - before).isBetween(0.0, 0.01);
    }

    /* In kitchens that have no habits the next ticket is off by no more than it would be without looking for any. */
    @Test
    void whereThereIsNothingToLearnItDoesHardlyAnyHarm() {
        double squares = 0;
        int kitchens = 200;
        for (int seed = 0; seed < kitchens; seed++) {
            double found = Habits.of(new Kitchen(seed).bakes(10), Set.of())
                    .tonight(new Laid("SALT_CRUST", "hake", "Ida", true))
                    .habit()
                    .logSlower();
            squares += found * found / kitchens;
        }
        // Beside what each bake is off by itself, a tenth or so, that adds less than a hundredth of its square.
        assertThat(Math.sqrt(squares)).isLessThan(0.035);
    }

    /* And where there is something, the next is off by less than without. */
    @Test
    void whereThereIsSomethingToLearnTheNextIsOffByLess() {
        double without = 0;
        double with = 0;
        for (int seed = 0; seed < 200; seed++) {
            Kitchen kitchen = new Kitchen(1000 + seed);
            kitchen.general = 0.03 * kitchen.random.nextGaussian();
            kitchen.dish = 0.06 * kitchen.random.nextGaussian();
            double real = kitchen.general + kitchen.dish;
            double found = Habits.of(kitchen.bakes(20), Set.of())
                    .tonight(new Laid("SALT_CRUST", "hake", null, false))
                    .habit()
                    .logSlower();
            without += Math.abs(real);
            with += Math.abs(real - found);
        }
        assertThat(with).isLessThan(0.8 * without);
    }
}
