package olla.server.demo;

import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import olla.core.doneness.Doneness;
import olla.core.estimate.Estimator;
import olla.core.estimate.Unknowns;
import olla.core.fish.Cut;
import olla.core.oven.OvenKind;
import olla.server.bakes.BakeService;
import olla.server.bakes.BakeView;
import olla.server.bakes.HowItWas;
import olla.server.bakes.PutIn;
import olla.server.bakes.Verdict;
import olla.server.bench.EstimateRequest;
import olla.server.bench.EstimateRequest.DressInput;
import olla.server.bench.EstimateRequest.DressKind;
import olla.server.bench.EstimateRequest.OvenInput;
import olla.server.bench.EstimateRequest.PieceInput;
import olla.server.bench.EstimateRequest.StageInput;
import olla.server.bench.EstimateRequest.StageKind;
import olla.server.bench.Question;
import olla.server.ovens.Oven;
import olla.server.ovens.OvenRepository;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/**
 * The made-up guesthouse kitchen Harrow Quay: two ovens that lie, six bakes in the log, one in the oven. The past is
 * played by the simulator, each oven with its hidden fault, so that verdict and probe follow from physics and not from a
 * list.
 */
@Component
class DemoKitchen {

    /* The faults nobody in the demo knows: the old electric runs 12 °C hot, the fan oven 6 °C cool. */
    private static final double OLD_ELECTRIC_OFFSET_C = 12;
    private static final double FAN_OFFSET_C = -6;

    /* How far from the target a guest notices, °C. */
    private static final double NOTICED_UNDER_C = 3;
    private static final double NOTICED_OVER_C = 6;

    private final OvenRepository ovens;
    private final BakeService bakes;

    DemoKitchen(OvenRepository ovens, BakeService bakes) {
        this.ovens = ovens;
        this.bakes = bakes;
    }

    /** One dish of the demo: how long ago it went in, and by how much the cook left the likely time. */
    private record Dish(
            String title,
            OvenKind oven,
            String species,
            Cut cut,
            Double thicknessMm,
            Double massG,
            boolean frozen,
            DressKind dress,
            double tempC,
            Doneness target,
            double hoursAgo,
            double cookStrayMin,
            String note) {}

    private static final List<Dish> PAST = List.of(
            new Dish(
                    "Zander portions, rye butter",
                    OvenKind.STILL,
                    "zander",
                    Cut.PORTION,
                    26.0,
                    165.0,
                    false,
                    DressKind.OPEN_TRAY,
                    230,
                    Doneness.FLAKES,
                    169,
                    0,
                    "Coloured fast on top. Check sooner."),
            new Dish(
                    "Char parcels, leek and cider",
                    OvenKind.FAN,
                    "char",
                    Cut.PORTION,
                    24.0,
                    150.0,
                    false,
                    DressKind.PARCHMENT,
                    195,
                    Doneness.JUST_OPAQUE,
                    145,
                    0,
                    "Leeks still crisp, fish silky."),
            new Dish(
                    "Hake for the celeriac tray",
                    OvenKind.STILL,
                    "hake",
                    Cut.PORTION,
                    30.0,
                    180.0,
                    false,
                    DressKind.OPEN_TRAY,
                    210,
                    Doneness.FLAKES,
                    121,
                    -1,
                    "Out a minute early and just right."),
            new Dish(
                    "Whole trout in foil, sorrel",
                    OvenKind.FAN,
                    "trout",
                    Cut.WHOLE,
                    null,
                    420.0,
                    false,
                    DressKind.FOIL,
                    190,
                    Doneness.FLAKES,
                    97,
                    2,
                    "From the weight only; the backbone held it back."),
            new Dish(
                    "Haddock, straight from the freezer",
                    OvenKind.STILL,
                    "haddock",
                    Cut.FILLET,
                    20.0,
                    170.0,
                    true,
                    DressKind.OPEN_TRAY,
                    200,
                    Doneness.FIRM,
                    49,
                    0,
                    ""),
            new Dish(
                    "Lemon sole fillets",
                    OvenKind.FAN,
                    "lemon_sole",
                    Cut.FILLET,
                    12.0,
                    110.0,
                    false,
                    DressKind.OPEN_TRAY,
                    200,
                    Doneness.FLAKES,
                    25,
                    0.5,
                    "Thin tails tucked under."));

    private static final Dish RUNNING = new Dish(
            "Whole trout in foil, sorrel",
            OvenKind.FAN,
            "trout",
            Cut.WHOLE,
            44.0,
            460.0,
            false,
            DressKind.FOIL,
            190,
            Doneness.FLAKES,
            0.2,
            0,
            "");

    /** Loads everything, counting back from {@code now}; all of it or nothing. */
    @Transactional
    void load(Instant now) {
        Oven still = ovens.save(new Oven("Old electric", OvenKind.STILL));
        Oven fan = ovens.save(new Oven("Fan oven", OvenKind.FAN));
        for (Dish dish : PAST) {
            bake(dish, dish.oven() == OvenKind.STILL ? still : fan, now);
        }
        bakes.putInAt(putIn(RUNNING, fan), wentIn(RUNNING, now));
    }

    private void bake(Dish dish, Oven oven, Instant now) {
        Instant in = wentIn(dish, now);
        BakeView view = bakes.putInAt(putIn(dish, oven), in);
        double minutes = view.likelyMin() + dish.cookStrayMin();
        Instant out = in.plus(Duration.ofMillis(Math.round(minutes * 60_000)));
        bakes.takeOutAt(view.id(), out);
        double peakC = truth(dish, minutes);
        HowItWas how = new HowItWas(verdict(peakC - dish.target().peakC()), (double) Math.round(peakC), dish.note());
        bakes.logAt(view.id(), how, out.plus(Duration.ofMinutes(12)));
    }

    private static double truth(Dish dish, double minutes) {
        Question question = Question.of(question(dish));
        double fault = dish.oven() == OvenKind.STILL ? OLD_ELECTRIC_OFFSET_C : FAN_OFFSET_C;
        olla.core.oven.Oven real = new olla.core.oven.Oven(dish.oven(), fault, 1);
        return Estimator.peakOf(question.piece(), question.dress(), real, question.programme(), Unknowns.NONE, minutes);
    }

    private static Verdict verdict(double missC) {
        if (missC < -NOTICED_UNDER_C) {
            return Verdict.UNDER;
        }
        return missC > NOTICED_OVER_C ? Verdict.OVER : Verdict.RIGHT;
    }

    private static Instant wentIn(Dish dish, Instant now) {
        return now.minus(Duration.ofMinutes(Math.round(dish.hoursAgo() * 60)));
    }

    private static PutIn putIn(Dish dish, Oven oven) {
        UUID id = UUID.nameUUIDFromBytes(
                (dish.title() + dish.hoursAgo()).getBytes(java.nio.charset.StandardCharsets.UTF_8));
        return new PutIn(id, dish.title(), oven.id(), question(dish));
    }

    private static EstimateRequest question(Dish dish) {
        return new EstimateRequest(
                new PieceInput(
                        dish.species(), dish.cut(), dish.thicknessMm(), dish.massG(), null, null, null, dish.frozen()),
                new DressInput(dish.dress()),
                new OvenInput(dish.oven()),
                List.of(new StageInput(StageKind.BAKE, dish.tempC(), null), new StageInput(StageKind.REST, null, 4.0)),
                dish.target());
    }
}
