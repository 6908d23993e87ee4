package olla.server.recipes;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.UUID;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import olla.core.dress.Part;
import olla.core.messages.Message;
import olla.core.messages.Refusal;
import olla.core.messages.RefusedInput;
import olla.core.units.Measure;
import olla.server.recipes.RecipeInput.BenchPart;
import olla.server.recipes.RecipeInput.Ingredient;
import org.jsoup.Jsoup;
import org.jsoup.nodes.Document;
import tools.jackson.core.JacksonException;
import tools.jackson.core.StreamReadConstraints;
import tools.jackson.core.json.JsonFactory;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.ObjectMapper;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;
import tools.jackson.databind.node.StringNode;

/**
 * Recipes as JSON-LD in the vocabulary of schema.org (published: schema.org/Recipe and HowTo). Name, yield, ingredients,
 * steps and notes are read and written; every other property of an imported recipe is kept and given back as it was, and
 * so is each of those five as long as nobody changes it. What the vocabulary has no word for, the dress and its programme,
 * stands under a term of its own in the context.
 */
final class RecipeFile {

    /** Nobody nests a recipe deeper. */
    static final int DEEPEST = 24;

    private static final String TERMS = "urn:olla:terms#";
    private static final String CONTEXT = "@context";
    private static final String BENCH = "olla:bench";
    private static final String PART = "olla:part";
    private static final String TYPED = "olla:typed";
    private static final int LONGEST_TEXT = 20_000;
    private static final Pattern NUMBER = Pattern.compile("\\d++");
    private static final Pattern MARKUP = Pattern.compile("[<&]");

    private final ObjectMapper json;
    private final ObjectMapper strict;

    RecipeFile(ObjectMapper json) {
        this.json = json;
        this.strict = new JsonMapper(JsonFactory.builder()
                .streamReadConstraints(StreamReadConstraints.builder()
                        .maxNestingDepth(DEEPEST)
                        .maxStringLength(LONGEST_TEXT)
                        .build())
                .build());
    }

    /**
     * Finds the recipe in a file and makes plain text of its texts: no mark-up, no scripts.
     *
     * @throws olla.core.messages.RefusedInput where the file is broken, too deep, or holds no recipe
     */
    ObjectNode read(String text) {
        JsonNode root;
        try {
            root = strict.readTree(text);
        } catch (tools.jackson.core.exc.StreamConstraintsException deep) {
            throw refused("refusal.file-too-deep", "levels", DEEPEST, "characters", LONGEST_TEXT);
        } catch (JacksonException broken) {
            int line = broken.getLocation() == null ? 1 : broken.getLocation().getLineNr();
            throw refused("refusal.file-not-json", "line", line);
        }
        JsonNode found = recipeIn(root);
        if (found == null) {
            throw refused("refusal.no-recipe");
        }
        ObjectNode recipe = (ObjectNode) plain(found);
        // What stands beside others shares their context.
        if (!recipe.has(CONTEXT) && root.has(CONTEXT)) {
            recipe.set(CONTEXT, plain(root.path(CONTEXT)));
        }
        return recipe;
    }

    private static RefusedInput refused(String key, Object... namesAndValues) {
        return new RefusedInput(List.of(new Refusal("file", Message.of(key, namesAndValues))));
    }

    private static JsonNode recipeIn(JsonNode node) {
        if (node.isArray()) {
            for (JsonNode one : node) {
                JsonNode found = recipeIn(one);
                if (found != null) {
                    return found;
                }
            }
            return null;
        }
        if (!node.isObject()) {
            return null;
        }
        for (JsonNode type : node.path("@type").isArray() ? node.path("@type") : List.of(node.path("@type"))) {
            String name = type.asString("");
            if (name.equals("Recipe") || name.endsWith("schema.org/Recipe") || name.equals("schema:Recipe")) {
                return node;
            }
        }
        return recipeIn(node.path("@graph"));
    }

    private JsonNode plain(JsonNode node) {
        if (node.isString()) {
            String text = node.asString("");
            return MARKUP.matcher(text).find() ? new StringNode(withoutMarkUp(text)) : node;
        }
        if (node.isArray()) {
            ArrayNode list = json.createArrayNode();
            node.forEach(one -> list.add(plain(one)));
            return list;
        }
        if (node.isObject()) {
            ObjectNode object = json.createObjectNode();
            node.properties().forEach(field -> object.set(field.getKey(), plain(field.getValue())));
            return object;
        }
        if (node.isNumber() && !Double.isFinite(node.asDouble())) {
            throw refused("refusal.number-too-large");
        }
        return node;
    }

    /* Lines stay lines; what stands in a script or a style is no text. */
    private static String withoutMarkUp(String text) {
        Document parsed = Jsoup.parse(text);
        parsed.select("p,li,div").forEach(block -> block.appendText("\n"));
        return parsed.body().wholeText().strip();
    }

    /** What of a recipe's object Olla reads. */
    RecipeInput recipe(ObjectNode object) {
        int pieces = pieces(object.path("recipeYield"));
        return new RecipeInput(
                object.path("name").asString(""),
                pieces,
                bench(object.path(BENCH)),
                ingredients(object, pieces),
                steps(object.path("recipeInstructions")),
                object.path("description").asString(""));
    }

    private BenchPart bench(JsonNode part) {
        if (!part.isObject()) {
            return null;
        }
        try {
            return json.treeToValue(part, BenchPart.class);
        } catch (JacksonException unknown) {
            throw refused("refusal.unknown-dress");
        }
    }

    private static int pieces(JsonNode node) {
        for (JsonNode one : node.isArray() ? node : List.of(node)) {
            String text = one.isObject() ? one.path("value").asString("") : one.asString("");
            Matcher number = NUMBER.matcher(text);
            // A yield in grams is no number of pieces.
            if (number.find() && number.group().length() < 4) {
                int said = Integer.parseInt(number.group());
                return said >= 1 && said <= RecipeService.MOST_PIECES ? said : 1;
            }
        }
        return 1;
    }

    private static List<Ingredient> ingredients(ObjectNode object, int pieces) {
        List<Ingredient> found = new ArrayList<>();
        JsonNode supply = object.path("supply");
        for (JsonNode one : supply.isArray() ? supply : List.<JsonNode>of()) {
            JsonNode quantity = one.path("requiredQuantity");
            if (quantity.path("value").isNumber() && one.path("name").isString()) {
                found.add(new Ingredient(
                        one.path("name").asString(""),
                        exactly(quantity.path("value").asDouble() / pieces),
                        measure(quantity.path("unitCode").asString("")),
                        part(one.path(PART).asString("")),
                        one.path(TYPED).isString() ? one.path(TYPED).asString("") : null));
            }
        }
        JsonNode lines = object.has("recipeIngredient") ? object.path("recipeIngredient") : object.path("ingredients");
        if (!found.isEmpty() && found.size() == lines.size()) {
            return found;
        }
        found.clear();
        for (JsonNode line : lines.isArray() ? lines : lines.isString() ? List.of(lines) : List.<JsonNode>of()) {
            found.add(IngredientLine.read(line.asString(""), pieces));
        }
        return found;
    }

    /* A part that this kitchen does not know is none. */
    private static Part part(String name) {
        return Arrays.stream(Part.values())
                .filter(part -> part.name().equals(name))
                .findFirst()
                .orElse(null);
    }

    /* Six places: a share of a total times the pieces is the total again. */
    private static double exactly(double value) {
        return Math.rint(value * 1e6) / 1e6;
    }

    private static Measure measure(String unitCode) {
        return switch (unitCode) {
            case "GRM" -> Measure.GRAM;
            case "MLT" -> Measure.MILLILITRE;
            default -> Measure.PIECE;
        };
    }

    /* UN/CEFACT common codes (published: UNECE Recommendation 20, from memory). */
    private static String unitCode(Measure measure) {
        return switch (measure) {
            case GRAM -> "GRM";
            case MILLILITRE -> "MLT";
            case PIECE -> "C62";
        };
    }

    private static List<String> steps(JsonNode node) {
        List<String> found = new ArrayList<>();
        if (node.isString()) {
            for (String line : node.asString("").split("\\R")) {
                if (!line.isBlank()) {
                    found.add(line.strip());
                }
            }
        } else if (node.isArray()) {
            node.forEach(one -> found.addAll(steps(one)));
        } else if (node.has("itemListElement")) {
            found.addAll(steps(node.path("itemListElement")));
        } else if (!node.path("text").asString(node.path("name").asString("")).isBlank()) {
            found.add(node.path("text").asString(node.path("name").asString("")).strip());
        }
        return found;
    }

    /**
     * Writes a recipe.
     *
     * @param original what it was imported from; null where it is Olla's own
     */
    String write(UUID id, RecipeInput recipe, ObjectNode original) {
        ObjectNode out = original == null ? json.createObjectNode() : original.deepCopy();
        RecipeInput was = original == null ? null : recipe(original);
        if (original == null) {
            out.putArray(CONTEXT).add("https://schema.org/");
            out.put("@type", "Recipe");
            out.put("@id", "urn:uuid:" + id);
        }
        if (was == null || !was.name().strip().equals(recipe.name())) {
            out.put("name", recipe.name());
        }
        if (was == null || was.pieces() != recipe.pieces()) {
            out.put("recipeYield", recipe.pieces() + (recipe.pieces() == 1 ? " piece" : " pieces"));
        }
        if (was == null || !was.notes().equals(recipe.notes())) {
            out.put("description", recipe.notes());
        }
        if (was == null || !was.ingredients().equals(recipe.ingredients()) || was.pieces() != recipe.pieces()) {
            writeIngredients(out, recipe);
        }
        if (was == null || !was.steps().equals(recipe.steps())) {
            ArrayNode steps = out.putArray("recipeInstructions");
            recipe.steps()
                    .forEach(s -> steps.addObject().put("@type", "HowToStep").put("text", s));
        }
        if (recipe.bench() == null) {
            out.remove(BENCH);
        } else if (was == null || !recipe.bench().equals(was.bench())) {
            out.set(BENCH, json.valueToTree(recipe.bench()));
            explainTerms(out);
        }
        try {
            return json.writerWithDefaultPrettyPrinter().writeValueAsString(out);
        } catch (JacksonException impossible) {
            throw new IllegalStateException("A recipe that was read cannot be written.", impossible);
        }
    }

    /* A term of Olla's own needs its place in the context, beside whatever stands there. */
    private void explainTerms(ObjectNode out) {
        JsonNode was = out.path(CONTEXT);
        ArrayNode context = json.createArrayNode();
        for (JsonNode one : was.isArray() ? was : List.of(was)) {
            if (one.path("olla").asString("").equals(TERMS)) {
                return;
            }
            if (!one.isMissingNode()) {
                context.add(one);
            }
        }
        context.addObject().put("olla", TERMS);
        out.set(CONTEXT, context);
    }

    private void writeIngredients(ObjectNode out, RecipeInput recipe) {
        ArrayNode lines = out.putArray("recipeIngredient");
        ArrayNode supply = out.putArray("supply");
        for (Ingredient i : recipe.ingredients()) {
            double total = exactly(i.value() * recipe.pieces());
            lines.add(IngredientLine.write(i, total));
            ObjectNode one = supply.addObject().put("@type", "HowToSupply").put("name", i.what());
            one.putObject("requiredQuantity")
                    .put("@type", "QuantitativeValue")
                    .put("value", total)
                    .put("unitCode", unitCode(i.measure()))
                    .put("unitText", i.measure().name().toLowerCase(Locale.ROOT));
            if (i.part() != null) {
                one.put(PART, i.part().name());
            }
            if (i.typed() != null) {
                one.put(TYPED, i.typed());
            }
        }
        if (recipe.ingredients().stream().anyMatch(i -> i.part() != null || i.typed() != null)) {
            explainTerms(out);
        }
    }
}
