package olla.server.recipes;

import java.time.Clock;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.UUID;
import olla.core.dress.Quantities;
import olla.core.messages.Message;
import olla.core.messages.Refusals;
import olla.core.messages.Unit;
import olla.core.safety.Allergen;
import olla.core.units.Amount;
import olla.core.units.Measure;
import olla.server.query.Dressing;
import olla.server.query.EstimateAnswer.AmountAnswer;
import olla.server.recipes.RecipeInput.BenchPart;
import olla.server.recipes.RecipeInput.Ingredient;
import olla.server.recipes.RecipeView.AllergenView;
import olla.server.web.ChangedSince;
import olla.server.web.Lengths;
import olla.server.web.NotThere;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.core.JacksonException;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.ObjectMapper;
import tools.jackson.databind.node.ObjectNode;

/** The recipe book. What returns from here is committed. */
@Service
public class RecipeService {

    /** No version: what is written is not there yet. */
    static final int NEW = -1;

    private static final int MOST_INGREDIENTS = 60;
    private static final int MOST_STEPS = 40;
    /** No kitchen bakes more at once. */
    static final int MOST_PIECES = Quantities.MOST_PIECES;

    static final double MOST_AMOUNT = 100_000;

    private final RecipeRepository recipes;
    private final ObjectMapper json;
    private final Clock clock;
    private final RecipeFile file;

    RecipeService(RecipeRepository recipes, ObjectMapper json, Clock clock) {
        this.recipes = recipes;
        this.json = json;
        this.clock = clock;
        this.file = new RecipeFile(json);
    }

    /** All, by name, each for as many pieces as it was written for. */
    @Transactional(readOnly = true)
    public List<RecipeView> all() {
        return recipes.findAllByOrderByName().stream()
                .map(r -> view(r, r.pieces()))
                .toList();
    }

    /** One, scaled. */
    @Transactional(readOnly = true)
    public RecipeView one(UUID id, Integer pieces) {
        Recipe recipe = find(id);
        int wanted = pieces == null ? recipe.pieces() : pieces;
        new Refusals()
                .range("pieces", "number-of-pieces", wanted, 1, MOST_PIECES, Unit.NUMBER)
                .throwIfAny();
        return view(recipe, wanted);
    }

    /**
     * Writes a recipe. The same words written again over the version before them are answered as they were.
     *
     * @param version that is written over; {@link #NEW} for a recipe that is not there yet
     * @throws ChangedSince where somebody else has changed or torn it out since
     */
    @Transactional
    public RecipeView write(UUID id, int version, RecipeInput input) {
        check(input);
        Recipe recipe = recipes.findLockedById(id).orElse(null);
        if (recipe == null && version != NEW) {
            throw new ChangedSince("changed.recipe-torn-out");
        }
        if (recipe != null && recipe.version() != version) {
            RecipeInput there = input(recipe);
            if (there.equals(input)) {
                return view(recipe, recipe.pieces());
            }
            throw new ChangedSince("changed.recipe", "name", recipe.name(), "parts", differing(there, input));
        }
        Recipe written = recipe == null ? new Recipe(id) : recipe;
        fill(written, input);
        Recipe saved = recipes.saveAndFlush(written);
        return view(saved, saved.pieces());
    }

    /** Writes a recipe that is not there yet. */
    public RecipeView add(UUID id, RecipeInput input) {
        return write(id, NEW, input);
    }

    private static List<Message> differing(RecipeInput there, RecipeInput mine) {
        List<Message> parts = new ArrayList<>();
        note(parts, "recipe.part.name", there.name(), mine.name());
        note(parts, "recipe.part.pieces", there.pieces(), mine.pieces());
        note(parts, "recipe.part.dress", there.bench(), mine.bench());
        note(parts, "recipe.part.ingredients", there.ingredients(), mine.ingredients());
        note(parts, "recipe.part.steps", there.steps(), mine.steps());
        note(parts, "recipe.part.notes", there.notes(), mine.notes());
        return parts;
    }

    private static void note(List<Message> parts, String part, Object there, Object mine) {
        if (!Objects.equals(there, mine)) {
            parts.add(Message.of(part));
        }
    }

    /**
     * Tears a recipe out.
     *
     * @throws ChangedSince where somebody else has changed it since
     */
    @Transactional
    public void forget(UUID id, int version) {
        Recipe recipe = recipes.findLockedById(id).orElse(null);
        if (recipe == null) {
            return;
        }
        if (recipe.version() != version) {
            throw new ChangedSince("changed.recipe-look-first", "name", recipe.name());
        }
        recipes.delete(recipe);
        recipes.flush();
    }

    /**
     * A file that was read: nothing is stored yet.
     *
     * @param original the whole of it, as plain text
     * @param recipe what of it Olla reads
     */
    public record Imported(ObjectNode original, RecipeInput recipe) {}

    /**
     * Reads a file of schema.org's vocabulary. That may take a while and asks nothing of the store.
     *
     * @throws olla.core.messages.RefusedInput where it holds no recipe, or one that cannot be
     */
    Imported read(String text) {
        ObjectNode original = file.read(text);
        RecipeInput input = file.recipe(original);
        check(input);
        return new Imported(original, input);
    }

    /**
     * Reads lines as cooks say them.
     *
     * @throws olla.core.messages.RefusedInput where there are too many of them, or one is longer than any is
     */
    List<LineView> lines(LinesRequest request) {
        Refusals refusals = new Refusals();
        refusals.range("pieces", "number-of-pieces", request.pieces(), 1, MOST_PIECES, Unit.NUMBER);
        if (request.lines() == null
                || request.lines().size() > MOST_INGREDIENTS
                || request.lines().contains(null)) {
            refusals.add("lines", "refusal.recipe-ingredients", "most", MOST_INGREDIENTS)
                    .throwIfAny();
        }
        for (int i = 0; i < request.lines().size(); i++) {
            refusals.length("lines." + i, "recipe-ingredient", request.lines().get(i), 0, Lengths.RECIPE_LINE);
        }
        refusals.throwIfAny();
        return request.lines().stream()
                .map(line -> LineView.of(IngredientLine.read(line, request.pieces())))
                .toList();
    }

    /** Takes a recipe that was read from a file. */
    @Transactional
    public RecipeView take(UUID id, Imported imported) {
        Recipe recipe = recipes.findById(id).orElseGet(() -> new Recipe(id));
        fill(recipe, imported.recipe());
        recipe.keepOriginal(written(imported.original()));
        Recipe saved = recipes.saveAndFlush(recipe);
        return view(saved, saved.pieces());
    }

    /** The recipe as a file of schema.org's vocabulary; what was imported and not changed since is as it was. */
    @Transactional(readOnly = true)
    public String give(UUID id) {
        Recipe recipe = find(id);
        ObjectNode original = recipe.originalJson() == null ? null : (ObjectNode) tree(recipe.originalJson());
        return file.write(id, input(recipe), original);
    }

    private JsonNode tree(String text) {
        try {
            return json.readTree(text);
        } catch (JacksonException broken) {
            throw new IllegalStateException("A stored recipe is broken.", broken);
        }
    }

    private Recipe find(UUID id) {
        return recipes.findById(id).orElseThrow(() -> new NotThere("not-there.recipe"));
    }

    private void fill(Recipe recipe, RecipeInput input) {
        recipe.write(
                input.name().strip(),
                input.pieces(),
                written(input.bench()),
                written(input.ingredients()),
                written(input.steps()),
                input.notes(),
                clock.instant().truncatedTo(ChronoUnit.MILLIS));
    }

    /** Whether what an archive says of a recipe could be shown, were it taken in. */
    public boolean readable(JsonNode line) {
        try {
            check(new RecipeInput(
                    line.path("name").asString(""),
                    line.path("pieces").asInt(0),
                    json.convertValue(line.path("bench"), BenchPart.class),
                    json.convertValue(line.path("ingredients"), new TypeReference<List<Ingredient>>() {}),
                    json.convertValue(line.path("steps"), new TypeReference<List<String>>() {}),
                    line.path("notes").asString("")));
            return true;
        } catch (JacksonException | IllegalArgumentException notSo) {
            return false;
        }
    }

    private RecipeInput input(Recipe recipe) {
        return new RecipeInput(
                recipe.name(),
                recipe.pieces(),
                json.convertValue(tree(recipe.benchJson()), BenchPart.class),
                json.convertValue(tree(recipe.ingredientsJson()), new TypeReference<List<Ingredient>>() {}),
                json.convertValue(tree(recipe.stepsJson()), new TypeReference<List<String>>() {}),
                recipe.notes());
    }

    private RecipeView view(Recipe recipe, int pieces) {
        RecipeInput input = input(recipe);
        return new RecipeView(
                recipe.getId(),
                input,
                pieces,
                input.ingredients().stream()
                        .map(i -> AmountAnswer.of(new Amount(Message.typed(i.what()), i.value() * pieces, i.measure())))
                        .toList(),
                Allergen.in(input.ingredients().stream().map(Ingredient::what).toList()).stream()
                        .map(a -> new AllergenView(a, Message.word(a)))
                        .toList(),
                recipe.originalJson() == null ? null : true,
                recipe.version());
    }

    private String written(Object value) {
        try {
            return json.writeValueAsString(value);
        } catch (JacksonException impossible) {
            throw new IllegalStateException("A recipe that was read cannot be written.", impossible);
        }
    }

    private static void check(RecipeInput input) {
        Refusals refusals = new Refusals();
        refusals.length("name", "recipe-name", input.name(), 1, Lengths.RECIPE_NAME);
        refusals.length("notes", "recipe-notes", input.notes(), 0, Lengths.RECIPE_NOTES);
        refusals.range("pieces", "number-of-pieces", input.pieces(), 1, MOST_PIECES, Unit.NUMBER);
        if (input.ingredients() == null || input.ingredients().size() > MOST_INGREDIENTS) {
            refusals.add("ingredients", "refusal.recipe-ingredients", "most", MOST_INGREDIENTS);
        } else {
            for (int i = 0; i < input.ingredients().size(); i++) {
                ingredient(refusals, "ingredients." + i, input.ingredients().get(i));
            }
        }
        if (input.steps() == null || input.steps().size() > MOST_STEPS) {
            refusals.add("steps", "refusal.recipe-steps", "most", MOST_STEPS);
        } else {
            for (int i = 0; i < input.steps().size(); i++) {
                refusals.length("steps." + i, "recipe-step", input.steps().get(i), 1, Lengths.RECIPE_STEP);
            }
        }
        if (input.bench() != null) {
            refusals.take(
                    "bench",
                    () -> Dressing.check(
                            input.bench().dress(), input.bench().programme(), Math.max(1, input.pieces())));
        }
        refusals.throwIfAny();
    }

    private static void ingredient(Refusals refusals, String field, Ingredient ingredient) {
        if (ingredient == null || ingredient.measure() == null) {
            refusals.add(field, "missing.measure", "choices", Message.codes(Measure.values()));
            return;
        }
        if (ingredient.typed() != null) {
            refusals.length(field + ".typed", "recipe-ingredient", ingredient.typed(), 0, Lengths.RECIPE_LINE);
        }
        refusals.length(field + ".what", "recipe-ingredient", ingredient.what(), 1, Lengths.RECIPE_LINE);
        refusals.range(
                field + ".value",
                "amount",
                ingredient.value(),
                0,
                MOST_AMOUNT,
                ingredient.measure().unit());
    }
}
