package olla.core.evening;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import olla.core.doneness.Doneness;
import olla.core.fish.Cut;
import olla.core.fish.Filling;
import olla.core.fish.Kept;
import olla.core.fish.Orientation;
import olla.core.fish.Piece;
import olla.core.fish.Species;
import olla.core.fish.Stuffing;
import olla.core.oven.OvenEvent;
import olla.core.oven.OvenEvents;
import olla.core.oven.OvenModel;
import olla.core.oven.Programme;
import olla.core.simulation.BakeModel;
import olla.core.simulation.BakeRun;
import olla.core.simulation.Unknowns;
import olla.core.uncertainty.OvenCalibration;
import olla.core.uncertainty.OvenEvidence;
import olla.core.uncertainty.Tellings;
import org.junit.jupiter.api.Test;

/** The table of dials against the model that it stands for. */
class DialTableTest {

    private static final Evening EVENING = Evenings.guesthouse()
            .portions("hake")
            .parcels("char")
            .inSalt("bream")
            .crumbed("zander")
            .potatoes()
            .build();

    private static BakeModel model(FishDish dish, OvenModel oven, OvenEvents events) {
        return new BakeModel(dish.piece(), dish.dress(), oven, events, Unknowns.NONE, BakeModel.Fineness.FINE);
    }

    @Test
    void betweenTheDialsThatAreSolvedItIsRightToHalfAPerCent() {
        for (FishDish dish : EVENING.fish()) {
            EveningOven oven = EVENING.kitchen().ovens().get(0);
            OvenModel really = oven.calibration().likely(oven.kind());
            DialTable table = DialTable.of(dish, oven);
            for (double dial : List.of(185.0, 205.0, 215.0)) {
                Baking baking = table.nearest(dial);
                double solved = new BakeRun(
                                model(dish, really, OvenEvents.NONE), dish.waiting(dish.at(really, baking.tempC())))
                        .outFor(dish.target().peakC());
                // The grill is solved anew for each dial, to the half minute.
                double grill = dish.key().equals("zander") ? 0.5 : 0;
                assertThat(baking.minutes())
                        .as("%s at %s", dish.key(), dial)
                        .isCloseTo(solved, within(0.005 * solved + grill));
            }
        }
    }

    /** What is left shut cooks on (common practice, no source): a parcel that waits for the others comes out sooner. */
    @Test
    void whatIsShutComesOutSoonerSinceItWaits() {
        EveningOven oven = EVENING.kitchen().ovens().get(0);
        OvenModel really = oven.calibration().likely(oven.kind());
        for (FishDish dish : EVENING.fish()) {
            Programme alone = dish.at(really, dish.wantedC(oven.kind()));
            double waits = dish.waiting(alone).restMinutes() - alone.restMinutes();
            boolean shut = dish.dress().closed().isPresent();
            assertThat(waits).as(dish.key()).isEqualTo(shut ? FishDish.SHUT_WAITS_MIN : 0);
            BakeModel model = model(dish, really, OvenEvents.NONE);
            double waiting =
                    new BakeRun(model, dish.waiting(alone)).outFor(dish.target().peakC());
            assertThat(waiting)
                    .as(dish.key())
                    .isLessThanOrEqualTo(
                            new BakeRun(model, alone).outFor(dish.target().peakC()) + 1e-9);
        }
        assertThat(EVENING.fish()).anyMatch(d -> d.dress().closed().isPresent());
    }

    /** 63 °C for fish, 74 °C for a stuffing, when it comes out and rests (FDA Food Code 3-401.11, from memory): nobody waits for that. */
    @Test
    void whatHasToBeHotIsSoWithoutAnyWaiting() {
        Piece piece = Evenings.piece(Species.SEA_BASS, Cut.WHOLE, 50);
        Piece stuffed = piece.set(
                Orientation.LYING,
                Filling.STUFFING,
                new Stuffing(OptionalDouble.empty(), Kept.MIXED, Stuffing.Of.BREAD));
        FishDish bass = EVENING.fish().stream()
                .filter(d -> d.dress().closed().isPresent())
                .findFirst()
                .orElseThrow();
        Programme alone = bass.programme();
        assertThat(with(bass, piece, Doneness.FLAKES).waiting(alone)).isNotEqualTo(alone);
        assertThat(with(bass, piece, Doneness.OFFICIAL).waiting(alone)).isEqualTo(alone);
        assertThat(with(bass, stuffed, Doneness.FLAKES).waiting(alone)).isEqualTo(alone);
    }

    private static FishDish with(FishDish d, Piece piece, Doneness target) {
        return new FishDish(
                d.key(),
                d.title(),
                d.course(),
                piece,
                d.dress(),
                d.wantedIn(),
                d.programme(),
                d.usual(),
                target,
                d.pieces(),
                d.ovens(),
                d.frozen());
    }

    @Test
    void aHotterDialIsNeverSlowerAndLeavesLessTimeToCatchIt() {
        EveningOven oven = EVENING.kitchen().ovens().get(0);
        for (FishDish dish : EVENING.fish()) {
            List<Baking> bakings = DialTable.of(dish, oven).bakings();
            assertThat(bakings).hasSizeGreaterThan(4);
            for (int i = 1; i < bakings.size(); i++) {
                if (!dish.key().equals("zander")) {
                    assertThat(bakings.get(i).minutes())
                            .isLessThan(bakings.get(i - 1).minutes());
                }
                assertThat(bakings.get(i).marginMin())
                        .isLessThanOrEqualTo(bakings.get(i - 1).marginMin() + 1e-9);
            }
        }
    }

    @Test
    void whatADoorCostsIsWhatTheModelSays() {
        FishDish dish = EVENING.fish().get(0);
        EveningOven oven = EVENING.kitchen().ovens().get(0);
        OvenModel really = oven.calibration().likely(oven.kind());
        Baking baking = DialTable.of(dish, oven).nearest(220);
        OvenEvents twice = new OvenEvents(List.of(
                new OvenEvent.DoorOpened(4, OvenEvent.DoorOpened.TAKING_OUT_S),
                new OvenEvent.DoorOpened(8, OvenEvent.DoorOpened.TAKING_OUT_S)));
        double with =
                new BakeRun(model(dish, really, twice), baking.programme().opened()).outFor(Doneness.FLAKES.peakC());
        assertThat(baking.doorMin()).isPositive();
        assertThat(baking.minutes() + 2 * baking.doorMin()).isCloseTo(with, within(0.35));
    }

    /** Common practice, no source: a crust coasts, a parcel waits closed, a bare portion least. */
    @Test
    void whatIsClosedWaitsLongerThanWhatIsBare() {
        EveningOven oven = EVENING.kitchen().ovens().get(0);
        double bare = DialTable.of(EVENING.fish().get(0), oven).nearest(220).waitsMin();
        double parcel = DialTable.of(EVENING.fish().get(1), oven).nearest(200).waitsMin();
        double salt = DialTable.of(EVENING.fish().get(2), oven).nearest(210).waitsMin();
        assertThat(bare).isBetween(8.0, 25.0);
        assertThat(parcel).isGreaterThan(bare);
        assertThat(salt).isBetween(10.0, olla.core.dress.SaltCrust.FORGOTTEN_MINUTES);
    }

    /** What is taken to be just opaque does not stand closed until it is firm. */
    @Test
    void whatWaitsDoesNotGetFarBeyondWhatItWasToBe() {
        FishDish flaky = EVENING.fish().get(1);
        FishDish opaque = new FishDish(
                "rare",
                "rare",
                0,
                flaky.piece(),
                flaky.dress(),
                flaky.wantedIn(),
                flaky.programme(),
                true,
                Doneness.JUST_OPAQUE,
                flaky.pieces(),
                flaky.ovens(),
                false);
        EveningOven oven = EVENING.kitchen().ovens().get(0);
        Baking baking = DialTable.of(opaque, oven).nearest(200);
        BakeRun run =
                new BakeRun(model(opaque, oven.calibration().likely(oven.kind()), OvenEvents.NONE), baking.programme());
        double peak = run.run(baking.programme().rested(baking.waitsMin())).peakC();
        assertThat(peak).isLessThan(Doneness.JUST_OPAQUE.peakC() + 6);
    }

    @Test
    void anOvenThatIsKnownToBeCoolTakesLongerForASideToo() {
        SideDish potatoes = EVENING.sides().get(0);
        EveningOven said = EVENING.kitchen().ovens().get(0);
        EveningOven cool = new EveningOven(
                said.key(),
                said.name(),
                said.kind(),
                new OvenCalibration(-20, 4, 0, 0.1),
                said.shelves(),
                said.tray(),
                said.keepsC());
        assertThat(potatoes.minutesIn(said, 200)).isCloseTo(potatoes.cookMin(), within(1e-9));
        assertThat(potatoes.minutesIn(cool, 200)).isCloseTo(potatoes.minutesIn(said, 180), within(1e-9));
        // An oven that is known leaves less in doubt.
        assertThat(potatoes.doubtIn(cool, 45)).isLessThan(potatoes.doubtIn(said, 45));
    }

    @Test
    void parchmentIsNeverPutIntoAHotterOvenThanItsMakerAllows() {
        EveningOven oven = EVENING.kitchen().ovens().get(0);
        assertThat(DialTable.of(EVENING.fish().get(1), oven).bakings())
                .allSatisfy(b -> assertThat(b.tempC()).isLessThanOrEqualTo(220));
    }

    @Test
    void aCrumbIsNotBakedInAPaleOven() {
        EveningOven oven = EVENING.kitchen().ovens().get(0);
        assertThat(DialTable.of(EVENING.fish().get(3), oven).bakings().get(0).tempC())
                .isGreaterThanOrEqualTo(190);
    }

    @Test
    void aFanOvenIsSetLowerForTheSame() {
        EveningOven fan = EVENING.kitchen().ovens().get(1);
        assertThat(EVENING.fish().get(0).wantedC(fan.kind())).isEqualTo(200);
        assertThat(DialTable.of(EVENING.sides().get(0), fan).nearest(180).minutes())
                .isCloseTo(45, within(1e-9));
    }

    @Test
    void theMakingTellsHowFarItIs() {
        List<Integer> made = new ArrayList<>();
        DialTables.of(Evenings.guesthouse().portions("hake").parcels("char").build(), (done, of) -> {
            synchronized (made) {
                made.add(done);
                assertThat(of).isEqualTo(4);
            }
        });
        assertThat(made).containsExactlyInAnyOrder(1, 2, 3, 4);
    }

    /** What an oven was found to be moves a table as far as solving it again would. */
    @Test
    void anOvenThatWasFoundSlowMovesEveryDial() {
        OvenEvidence slow = Tellings.normal(-22, 8, -0.15, 0.12);
        EveningOven said = EVENING.kitchen().ovens().get(0);
        EveningOven found = said.told(slow);
        assertThat(found.calibration().offsetC()).isLessThan(-8);
        for (FishDish dish : EVENING.fish()) {
            DialTable before = DialTable.of(dish, said);
            DialTable moved = before.told(said.calibration(), found.calibration());
            DialTable solved = DialTable.of(dish, found);
            for (double dial : List.of(180.0, 200.0, 220.0)) {
                Baking was = before.nearest(dial);
                Baking is = moved.nearest(dial);
                Baking anew = solved.nearest(dial);
                double fixed = is.programme().opened().fixedMinutes();
                assertThat(is.tempC()).isEqualTo(anew.tempC());
                assertThat(is.minutes() - was.minutes())
                        .as("%s at %s", dish.key(), dial)
                        .isPositive()
                        .isCloseTo(anew.minutes() - was.minutes(), within(0.03 * (anew.minutes() - fixed) + 0.5));
                assertThat(is.sdMin()).isCloseTo(anew.sdMin(), within(0.12 * anew.sdMin()));
            }
        }
    }

    /** A side's minutes are said for an oven that does as its dial says; nothing of the other oven is touched. */
    @Test
    void onlyWhatGoesIntoThatOvenIsMoved() {
        DialTables made = DialTables.of(EVENING, (done, of) -> {});
        EveningOven still = EVENING.kitchen().ovens().get(0);
        Evening found = EVENING.in(EVENING.kitchen().told(Map.of(still.key(), Tellings.normal(-20, 5, 0, 1))));
        DialTables moved = made.told(EVENING, found);
        String potatoes = EVENING.sides().get(0).key();
        assertThat(moved.of(potatoes, still.key()).get(0).minutes())
                .isGreaterThan(1.03 * made.of(potatoes, still.key()).get(0).minutes());
        for (FishDish dish : EVENING.fish()) {
            assertThat(moved.of(dish.key(), "fan")).isEqualTo(made.of(dish.key(), "fan"));
            assertThat(moved.of(dish.key(), "still")).isNotEqualTo(made.of(dish.key(), "still"));
        }
        assertThat(made.told(EVENING, EVENING)).isEqualTo(made);
    }
}
