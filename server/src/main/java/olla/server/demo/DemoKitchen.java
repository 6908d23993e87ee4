package olla.server.demo;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import olla.core.oven.OvenEvents;
import olla.core.oven.OvenKind;
import olla.core.uncertainty.Observation.Verdict;
import olla.practice.kitchen.Setting;
import olla.practice.kitchen.TrueBake;
import olla.practice.kitchen.TrueOven;
import olla.server.bakes.BakeService;
import olla.server.bakes.BakeView;
import olla.server.bakes.HowItWas;
import olla.server.bakes.PutIn;
import olla.server.evening.EveningInput;
import olla.server.evening.EveningInput.EveningFishInput;
import olla.server.evening.EveningInput.EveningHandsInput;
import olla.server.evening.EveningInput.EveningOvenInput;
import olla.server.evening.EveningInput.EveningSideInput;
import olla.server.evening.EveningService;
import olla.server.evening.MoveInput;
import olla.server.evening.MoveKind;
import olla.server.ovens.OvenRepository;
import olla.server.query.EstimateRequest;
import olla.server.query.Question;
import olla.server.recipes.RecipeInput;
import olla.server.recipes.RecipeService;
import org.springframework.core.io.ClassPathResource;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.ObjectMapper;

/**
 * The made-up guesthouse kitchen Harrow Quay: two ovens that lie, twelve bakes in the log, one in the oven,
 * six recipes, an evening that is half run. The past is
 * played by the kitchen that practice hides, which is not the model's, each oven with its hidden fault, so that verdict and probe follow from physics and not from a
 * list.
 */
@Component
class DemoKitchen {

    /* How long after coming out a dish is judged. */
    private static final Duration JUDGED_AFTER = Duration.ofMinutes(12);

    private static final double HOURS_A_DAY = 24;
    private static final Duration EVENING = Duration.ofHours(18);
    private static final Duration EVENING_LASTS = Duration.ofHours(3);

    private final OvenRepository ovens;
    private final BakeService bakes;
    private final RecipeService recipes;
    private final EveningService evenings;
    private final ObjectMapper json;

    DemoKitchen(
            OvenRepository ovens,
            BakeService bakes,
            RecipeService recipes,
            EveningService evenings,
            ObjectMapper json) {
        this.ovens = ovens;
        this.bakes = bakes;
        this.recipes = recipes;
        this.evenings = evenings;
        this.json = json;
    }

    /** The scenario's file. */
    private record Scenario(
            List<DemoOven> ovens, List<Dish> past, Dish running, List<RecipeInput> recipes, DemoEvening evening) {}

    /**
     * Tonight, half run.
     *
     * @param servedInMin from when the demo is loaded
     * @param shelves in each oven
     * @param hands roles
     * @param baked dishes that are the bake in the oven
     * @param inMinutesAgo sides that went in so long ago
     * @param done steps that are done
     */
    private record DemoEvening(
            String name,
            double servedInMin,
            int guests,
            boolean atRisk,
            List<EveningFishInput> fish,
            List<EveningSideInput> sides,
            int shelves,
            int burners,
            List<String> hands,
            List<String> baked,
            Map<String, Double> inMinutesAgo,
            List<String> done) {}

    /** An oven, the fault nobody in the demo knows and half of what it swings, °C, and the thermometer that hangs in it. */
    private record DemoOven(String name, OvenKind kind, double hiddenOffsetC, double hiddenSwingC, String sensor) {}

    /** A dish: how long ago it went in, and by how many minutes the cook left the likely time. */
    private record Dish(
            String title, String oven, double hoursAgo, double strayMin, String note, EstimateRequest question) {}

    /** Loads everything, counting back from {@code now}; all of it or nothing. */
    @Transactional
    void load(Instant now) {
        Scenario scenario = scenario();
        Map<String, DemoOven> truths =
                scenario.ovens().stream().collect(Collectors.toMap(DemoOven::name, Function.identity()));
        Map<String, Integer> ids = scenario.ovens().stream()
                .collect(
                        Collectors.toMap(DemoOven::name, o -> ovens.save(row(o)).id()));
        for (Dish dish : scenario.past()) {
            bake(dish, truths.get(dish.oven()), ids.get(dish.oven()), now);
        }
        for (RecipeInput recipe : scenario.recipes()) {
            recipes.add(id(recipe.name()), recipe);
        }
        Dish running = scenario.running();
        PutIn inOven = putIn(running, ids.get(running.oven()), wentIn(running, now));
        bakes.putIn(inOven);
        tonight(scenario.evening(), List.copyOf(ids.values()), inOven.id(), now);
    }

    private void tonight(DemoEvening tonight, List<Integer> ovenIds, UUID bakeId, Instant now) {
        UUID id = id(tonight.name());
        Instant serveAt = now.plus(minutes(tonight.servedInMin()));
        evenings.write(
                id,
                EveningService.NEW,
                new EveningInput(
                        tonight.name(),
                        serveAt,
                        tonight.guests(),
                        tonight.atRisk(),
                        null,
                        tonight.fish(),
                        tonight.sides(),
                        ovenIds.stream()
                                .map(oven -> new EveningOvenInput(oven, tonight.shelves(), null, null, null))
                                .toList(),
                        tonight.burners(),
                        tonight.hands().stream()
                                .map(name -> new EveningHandsInput(name, null, null))
                                .toList()));
        tonight.baked().forEach(dish -> moved(id, MoveKind.IN, dish, now, bakeId));
        tonight.inMinutesAgo().forEach((dish, ago) -> moved(id, MoveKind.IN, dish, now.minus(minutes(ago)), null));
        tonight.done().forEach(step -> moved(id, MoveKind.DONE, step, now, null));
    }

    private void moved(UUID evening, MoveKind kind, String step, Instant at, UUID bakeId) {
        evenings.move(evening, new MoveInput(id(kind + step), kind, step, at, bakeId));
    }

    private static UUID id(String of) {
        return UUID.nameUUIDFromBytes(of.getBytes(StandardCharsets.UTF_8));
    }

    private static Duration minutes(double minutes) {
        return Duration.ofMillis(Math.round(60_000 * minutes));
    }

    /* A kitchen that was started without the demo and not used has ovens by then. */
    private olla.server.ovens.Oven row(DemoOven oven) {
        olla.server.ovens.Oven row =
                ovens.findByName(oven.name()).orElseGet(() -> new olla.server.ovens.Oven(oven.name(), oven.kind()));
        row.hang(oven.sensor());
        return row;
    }

    private Scenario scenario() {
        try {
            return json.readValue(new ClassPathResource("demo/harrow-quay.json").getInputStream(), Scenario.class);
        } catch (IOException broken) {
            throw new UncheckedIOException(broken);
        }
    }

    private void bake(Dish dish, DemoOven oven, int ovenId, Instant now) {
        Instant in = wentIn(dish, now);
        BakeView view = bakes.putIn(putIn(dish, ovenId, in));
        double minutes = view.likelyMin() + dish.strayMin();
        Instant out = in.plus(Duration.ofMillis(Math.round(minutes * 60_000)));
        bakes.takeOut(view.id(), out);
        double peakC = peak(dish, oven, minutes, view.id());
        bakes.log(
                view.id(),
                new HowItWas(
                        Verdict.of(peakC, view.targetC()),
                        (double) Math.round(peakC),
                        dish.note(),
                        out.plus(JUDGED_AFTER)));
    }

    private static double peak(Dish dish, DemoOven oven, double minutes, UUID id) {
        Question question = Question.of(dish.question());
        TrueBake bake = new TrueBake(
                new Setting.Stated(
                        question.piece(), question.dress(), oven.kind(), question.shelf(), question.programme()),
                new TrueOven(
                        oven.hiddenOffsetC(),
                        1,
                        oven.hiddenSwingC(),
                        oven.name().hashCode()),
                OvenEvents.NONE,
                minutes,
                id.getLeastSignificantBits());
        bake.goOn(minutes);
        bake.takeOut();
        bake.goOn(minutes + question.programme().restMinutes());
        return bake.peakC();
    }

    private static Instant wentIn(Dish dish, Instant now) {
        Instant ago = now.minus(Duration.ofMinutes(Math.round(dish.hoursAgo() * 60)));
        if (dish.hoursAgo() < HOURS_A_DAY) {
            return ago;
        }
        // Whenever the demo is started, what was baked on an earlier day was baked in the evening.
        double ofTheDay = dish.hoursAgo() / HOURS_A_DAY % 1;
        return ago.truncatedTo(ChronoUnit.DAYS)
                .plus(EVENING)
                .plus(Duration.ofMinutes(Math.round(ofTheDay * EVENING_LASTS.toMinutes())));
    }

    private static PutIn putIn(Dish dish, int ovenId, Instant at) {
        String key = dish.title() + dish.hoursAgo();
        UUID id = UUID.nameUUIDFromBytes(key.getBytes(StandardCharsets.UTF_8));
        return new PutIn(id, dish.title(), ovenId, dish.question(), at);
    }
}
