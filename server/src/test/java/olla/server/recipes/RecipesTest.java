package olla.server.recipes;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.io.StringReader;
import java.util.List;
import java.util.UUID;
import olla.core.units.Measure;
import olla.server.Http;
import olla.server.Started;
import olla.server.recipes.RecipeInput.Ingredient;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVRecord;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.http.HttpEntity;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpMethod;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.ObjectMapper;
import tools.jackson.databind.node.ObjectNode;

/** Recipes in a real MariaDB, over HTTP: written, scaled, given and taken as files. */
@Started(schema = "recipes")
class RecipesTest {

    private static final String CRUMB = """
            {"name": "Zander, rye crumb", "pieces": 4,
             "bench": {"dress": {"kind":"TOPPING","mix":"CRUMB","when":"BEFORE","depthMm":5},
                       "programme": [{"stage":"BAKE","tempC":230},{"stage":"GRILL","minutes":2},{"stage":"REST","minutes":3}],
                       "doneness": "FLAKES"},
             "ingredients": [{"what":"rye crumbs","value":14.1,"measure":"GRAM"},
                             {"what":"butter","value":9,"measure":"GRAM"},
                             {"what":"oil","value":7.5,"measure":"MILLILITRE"},
                             {"what":"pepper","value":0,"measure":"PIECE"}],
             "steps": ["Rub it together.", "Spread it on."], "notes": "Pat the fish dry first."}
            """;

    /** Much of what schema.org's Recipe, HowToSection, NutritionInformation and Person can hold (published: schema.org). */
    private static final String FOREIGN = """
            {"@context": "https://schema.org", "@graph": [
              {"@type": "WebSite", "name": "not a recipe"},
              {"@type": ["Recipe", "NewsArticle"], "name": "Hake &amp; leeks<script>alert('x')</script>",
               "description": "<p>Mild.</p><p>Good with bread.</p>",
               "author": {"@type": "Person", "name": "The kitchen"},
               "image": ["https://example.org/a.jpg"], "prepTime": "PT15M", "cookTime": "PT20M",
               "recipeYield": ["4", "4 servings"], "recipeCuisine": "plain",
               "nutrition": {"@type": "NutritionInformation", "calories": "240 calories"},
               "aggregateRating": {"@type": "AggregateRating", "ratingValue": 4.5, "ratingCount": 12},
               "recipeIngredient": ["600 g hake", "1 1/2 cups cream", "2 tbsp mustard", "½ lb leeks", "4 lemons", "salt"],
               "recipeInstructions": [
                 {"@type": "HowToSection", "name": "Leeks", "itemListElement": [
                   {"@type": "HowToStep", "text": "Sweat the leeks."},
                   {"@type": "HowToStep", "text": "Salt &amp; pepper."}]},
                 {"@type": "HowToStep", "name": "Bake", "text": "Bake till it flakes."}]}]}
            """;

    @Autowired
    private Http http;

    @Autowired
    private ObjectMapper json;

    private ResponseEntity<String> send(HttpMethod method, String path, String type, String body) {
        return send(method, path, type, body, null);
    }

    private ResponseEntity<String> send(HttpMethod method, String path, String type, String body, String ifMatch) {
        HttpHeaders headers = new HttpHeaders();
        if (ifMatch != null) {
            headers.setIfMatch(ifMatch);
        }
        headers.setContentType(MediaType.parseMediaType(type));
        return http.exchange(path, method, new HttpEntity<>(body, headers));
    }

    private ResponseEntity<String> write(UUID id, String recipe) {
        return write(id, recipe, version(id));
    }

    private ResponseEntity<String> write(UUID id, String recipe, String version) {
        return send(HttpMethod.PUT, "/api/recipes/" + id, "application/json", recipe, version);
    }

    private ResponseEntity<String> tearOut(UUID id, String version) {
        return send(HttpMethod.DELETE, "/api/recipes/" + id, "application/json", null, version);
    }

    /* What is there now; null where nothing is. */
    private String version(UUID id) {
        ResponseEntity<String> there = http.get("/api/recipes/" + id);
        try {
            return there.getStatusCode().is2xxSuccessful()
                    ? "\"" + json.readTree(there.getBody()).path("version").asInt() + "\""
                    : null;
        } catch (tools.jackson.core.JacksonException broken) {
            throw new IllegalStateException(broken);
        }
    }

    private ResponseEntity<String> take(UUID id, String file) {
        return send(HttpMethod.POST, "/api/recipes/" + id + "/file", "application/ld+json", file);
    }

    private JsonNode get(String path) throws Exception {
        ResponseEntity<String> answer = http.get(path);
        assertThat(answer.getStatusCode()).as(answer.getBody()).isEqualTo(HttpStatus.OK);
        return json.readTree(answer.getBody());
    }

    private JsonNode written(ResponseEntity<String> answer) throws Exception {
        assertThat(answer.getStatusCode().is2xxSuccessful())
                .as(answer.getBody())
                .isTrue();
        return json.readTree(answer.getBody());
    }

    private String why(ResponseEntity<String> answer) throws Exception {
        assertThat(answer.getStatusCode()).as(answer.getBody()).isEqualTo(HttpStatus.BAD_REQUEST);
        return json.readTree(answer.getBody()).path("detail").asString();
    }

    /** Two cooks with the same recipe open: the second hears what the first has changed, and nothing is lost. */
    @Test
    void whoWritesOverWhatSomebodyElseHasChangedIsToldWhat() throws Exception {
        UUID id = UUID.randomUUID();
        write(id, CRUMB);
        String both = version(id);
        String first = CRUMB.replace("rye crumb\"", "oat crumb\"");
        assertThat(write(id, first, both).getStatusCode()).isEqualTo(HttpStatus.OK);
        // The answer was lost, and the same is written again: it is answered as it was.
        assertThat(write(id, first, both).getStatusCode()).isEqualTo(HttpStatus.OK);
        ResponseEntity<String> second = write(id, CRUMB.replace("\"pieces\": 4", "\"pieces\": 6"), both);
        assertThat(second.getStatusCode()).isEqualTo(HttpStatus.PRECONDITION_FAILED);
        assertThat(json.readTree(second.getBody()).path("detail").asString())
                .contains("Somebody else has changed “Zander, oat crumb” meanwhile")
                .contains("its name");
        assertThat(get("/api/recipes/" + id).at("/recipe/name").asString()).isEqualTo("Zander, oat crumb");
        assertThat(tearOut(id, both).getStatusCode()).isEqualTo(HttpStatus.PRECONDITION_FAILED);
        assertThat(tearOut(id, null).getStatusCode()).isEqualTo(HttpStatus.PRECONDITION_REQUIRED);
        assertThat(tearOut(id, version(id)).getStatusCode()).isEqualTo(HttpStatus.NO_CONTENT);
        // Torn out meanwhile: it is not written back by accident, nor torn out twice in anger.
        assertThat(write(id, first, both).getStatusCode()).isEqualTo(HttpStatus.PRECONDITION_FAILED);
        assertThat(tearOut(id, both).getStatusCode()).isEqualTo(HttpStatus.NO_CONTENT);
    }

    @Test
    void aRecipeIsKeptScaledAndForgotten() throws Exception {
        UUID id = UUID.randomUUID();
        JsonNode kept = written(write(id, CRUMB));
        assertThat(kept.at("/recipe/bench/dress/depthMm").asDouble()).isEqualTo(5);
        assertThat(kept.path("imported").isMissingNode()).isTrue();
        assertThat(kept.path("allergens").findValuesAsString("key")).containsExactlyInAnyOrder("GLUTEN", "MILK");
        assertThat(kept.path("allergens").findValuesAsString("words")).containsExactlyInAnyOrder("gluten", "milk");

        JsonNode ten = get("/api/recipes/" + id + "?pieces=10");
        assertThat(ten.path("scaledTo").asInt()).isEqualTo(10);
        assertThat(ten.at("/amounts/0/said").asString()).isEqualTo("140\u00a0g");
        JsonNode spooned = get("/api/recipes/" + id + "?pieces=10&units=imperial");
        assertThat(spooned.at("/amounts/2/said").asString()).isEqualTo("¼ cup + 1 tbsp");
        assertThat(get("/api/recipes").findValuesAsString("id")).contains(id.toString());

        assertThat(written(write(id, CRUMB.replace("rye crumb\"", "oat crumb\"")))
                        .at("/recipe/name")
                        .asString())
                .isEqualTo("Zander, oat crumb");
        tearOut(id, version(id));
        assertThat(http.get("/api/recipes/" + id).getStatusCode()).isEqualTo(HttpStatus.NOT_FOUND);
    }

    @Test
    void itsOwnFileComesBackWhole() throws Exception {
        UUID first = UUID.randomUUID();
        JsonNode one = written(write(first, CRUMB));
        String file = http.read("/api/recipes/" + first + "/file");
        JsonNode tree = json.readTree(file);
        assertThat(tree.at("/@context/0").asString()).isEqualTo("https://schema.org/");
        assertThat(tree.path("@type").asString()).isEqualTo("Recipe");
        assertThat(tree.path("recipeYield").asString()).isEqualTo("4 pieces");
        assertThat(tree.at("/recipeIngredient/0").asString()).isEqualTo("56.4 g rye crumbs");

        UUID second = UUID.randomUUID();
        JsonNode other = written(take(second, file));
        assertThat(other.path("recipe")).isEqualTo(one.path("recipe"));
        assertThat(other.path("imported").asBoolean()).isTrue();
        assertThat(json.readTree(http.read("/api/recipes/" + second + "/file"))).isEqualTo(tree);
    }

    @Test
    void aForeignRecipeIsReadAndGivenBackWithoutLoss() throws Exception {
        UUID id = UUID.randomUUID();
        JsonNode taken = written(take(id, FOREIGN));
        assertThat(taken.at("/recipe/name").asString()).isEqualTo("Hake & leeks");
        assertThat(taken.at("/recipe/notes").asString()).isEqualTo("Mild.\nGood with bread.");
        assertThat(taken.at("/recipe/pieces").asInt()).isEqualTo(4);
        assertThat(taken.at("/recipe/steps"))
                .extracting(JsonNode::asString)
                .containsExactly("Sweat the leeks.", "Salt & pepper.", "Bake till it flakes.");
        assertThat(taken.path("amounts").findValuesAsString("what"))
                .containsExactly("hake", "cream", "mustard", "leeks", "lemons", "salt");
        assertThat(taken.path("allergens").findValuesAsString("key")).contains("MILK", "MUSTARD", "FISH");

        ObjectNode given = (ObjectNode) json.readTree(http.read("/api/recipes/" + id + "/file"));
        ObjectNode was = (ObjectNode) json.readTree(FOREIGN).at("/@graph/1");
        was.put("name", "Hake & leeks").put("description", "Mild.\nGood with bread.");
        ((ObjectNode) was.at("/recipeInstructions/0/itemListElement/1")).put("text", "Salt & pepper.");
        was.put("@context", "https://schema.org");
        assertThat(given).isEqualTo(was);

        // A new note changes the note and nothing else.
        ObjectNode changed = (ObjectNode) taken.path("recipe").deepCopy();
        changed.put("notes", "Less mustard.");
        written(write(id, changed.toString()));
        JsonNode again = json.readTree(http.read("/api/recipes/" + id + "/file"));
        assertThat(again).isEqualTo(was.put("description", "Less mustard."));

        // A dress is a term of Olla's own, named in the context beside the one that was there.
        changed.set("bench", json.readTree(CRUMB).path("bench"));
        written(write(id, changed.toString()));
        JsonNode dressed = json.readTree(http.read("/api/recipes/" + id + "/file"));
        assertThat(dressed.at("/@context/0").asString()).isEqualTo("https://schema.org");
        assertThat(dressed.at("/@context/1/olla").asString()).isNotEmpty();
        assertThat(dressed.at("/olla:bench/dress/kind").asString()).isEqualTo("TOPPING");
        assertThat(dressed.path("nutrition")).isEqualTo(was.path("nutrition"));
    }

    /** Lines as cooks write them; a pound of 453.59237 g is exact by definition, a cup of 240 ml from memory. */
    @ParameterizedTest
    @CsvSource({
        "600 g hake, hake, 600, GRAM",
        "1.2 kg coarse salt, coarse salt, 1200, GRAM",
        "'0,5 l cider', cider, 500, MILLILITRE",
        "1 1/2 cups cream, cream, 360, MILLILITRE",
        "1½ tbsp oil, oil, 22.5, MILLILITRE",
        "2 teaspoons of mustard, mustard, 10, MILLILITRE",
        "½ lb leeks, leeks, 226.796, GRAM",
        "4 lemons, lemons, 4, PIECE",
        "'  salt   and pepper ', salt and pepper, 0, PIECE",
        "2 large eggs, large eggs, 2, PIECE",
        "7UP, 7UP, 0, PIECE"
    })
    void aLineIsReadAsACookMeansIt(String line, String what, double value, Measure measure) {
        Ingredient read = IngredientLine.read(line, 1);
        assertThat(read.what()).isEqualTo(what);
        assertThat(read.measure()).isEqualTo(measure);
        assertThat(read.value()).isCloseTo(value, within(1e-3));
        assertThat(IngredientLine.read(line, 2).value()).isCloseTo(value / 2, within(1e-3));
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "",
                "   ",
                "{",
                "[]",
                "null",
                "7",
                "{\"@type\":\"Recipe\"",
                "{\"@type\":\"Person\",\"name\":\"x\"}"
            })
    void whatHoldsNoRecipeIsRefused(String file) throws Exception {
        UUID id = UUID.randomUUID();
        ResponseEntity<String> answer = take(id, file);
        assertThat(answer.getStatusCode()).isEqualTo(HttpStatus.BAD_REQUEST);
        assertThat(json.readTree(answer.getBody()).path("detail").asString()).isNotBlank();
        assertThat(http.get("/api/recipes/" + id).getStatusCode()).isEqualTo(HttpStatus.NOT_FOUND);
    }

    @Test
    void aHostileFileIsRefusedAndWhatWasThereStays() throws Exception {
        UUID id = UUID.randomUUID();
        JsonNode before = written(write(id, CRUMB));
        String deep = "{\"@type\":\"Recipe\",\"name\":\"x\",\"a\":" + "[".repeat(60) + "]".repeat(60) + "}";
        assertThat(why(take(id, deep))).contains("nested deeper than 24 levels");
        String long1 = "{\"@type\":\"Recipe\",\"name\":\"" + "x".repeat(30_000) + "\"}";
        assertThat(why(take(id, long1))).contains("a text of more than 20,000 characters");
        assertThat(why(take(id, FOREIGN.replace("<script>", "x".repeat(200) + "<script>"))))
                .contains("A recipe's name has 1 to 120 characters");
        assertThat(why(take(
                        id, "{\"@type\":\"Recipe\",\"name\":\"x\",\"olla:bench\":{\"dress\":{\"kind\":\"BLANKET\"}}}")))
                .contains("none that Olla knows");
        assertThat(why(take(id, "{\"@type\":\"Recipe\",\"name\":\"<script>alert(1)</script>\"}")))
                .contains("A recipe's name");
        assertThat(take(id, " ".repeat(70_000)).getStatusCode()).isEqualTo(HttpStatus.CONTENT_TOO_LARGE);
        // A line of blanks must not keep the reader busy for ever.
        JsonNode blank = written(take(
                UUID.randomUUID(),
                "{\"@type\":\"Recipe\",\"name\":\"x\",\"recipeIngredient\":[\"1" + " ".repeat(19_000) + "\"]}"));
        assertThat(blank.at("/recipe/ingredients/0/what").asString()).isEqualTo("1");
        assertThat(get("/api/recipes/" + id)).isEqualTo(before);
    }

    @Test
    void everyWrongFieldOfARecipeHasItsLine() throws Exception {
        ResponseEntity<String> answer = write(UUID.randomUUID(), """
                {"name": " ", "pieces": 0, "ingredients": [{"what":"","value":-1,"measure":"GRAM"}], "steps": [""],
                 "notes": "", "bench": {"dress": {"kind":"PARCHMENT"},
                 "programme": [{"stage":"BAKE","tempC":200},{"stage":"GRILL","minutes":3}]}}
                """);
        assertThat(answer.getStatusCode()).isEqualTo(HttpStatus.BAD_REQUEST);
        assertThat(json.readTree(answer.getBody()).path("errors").findValuesAsString("field"))
                .containsExactlyInAnyOrder(
                        "name", "pieces", "ingredients.0.what", "ingredients.0.value", "steps.0", "bench.programme");
        UUID id = UUID.randomUUID();
        written(write(id, CRUMB));
        assertThat(http.get("/api/recipes/" + id + "?pieces=0").getStatusCode()).isEqualTo(HttpStatus.BAD_REQUEST);
    }

    /** Common practice (OWASP, CSV Injection), and what hides such a sign from a look at the first character. */
    @ParameterizedTest
    @ValueSource(
            strings = {
                "=1+1",
                "+1",
                "-1",
                "@x",
                "\t=1",
                "\u00a0=1",
                "\u200b=1",
                "\u2060@x",
                "\uff1d1+1",
                "\uff0b1",
                "\ufeff-1",
                "\u202e=1"
            })
    void noFormulaHidesInASheet(String what) throws Exception {
        ShoppingList list = ShoppingList.of(new ShoppingRequest(List.of(new Ingredient(what, 1, Measure.PIECE))));
        assertThat(CSVFormat.RFC4180
                        .parse(new StringReader(list.csv()))
                        .getRecords()
                        .get(1)
                        .get(2))
                .startsWith("'");
    }

    @ParameterizedTest
    @ValueSource(strings = {"1", "1,", "1/", "1 ", "½", "\u00a0", "1 g"})
    void aLongLineIsNoAmountAndIsKept(String part) {
        String line = part.repeat(20_000);
        Ingredient read = IngredientLine.read(line, 1);
        assertThat(read.value()).isFinite();
        assertThat(line.replaceAll("\\s+", " ").strip()).endsWith(read.what());
    }

    @Test
    void theShoppingListPutsLikeWithLikeAndNoFormulaInASheet() throws Exception {
        ShoppingList list = ShoppingList.of(new ShoppingRequest(List.of(
                new Ingredient("Butter", 20, Measure.GRAM),
                new Ingredient("butter ", 16, Measure.GRAM),
                new Ingredient("cider", 30, Measure.MILLILITRE),
                new Ingredient("lemons", 2, Measure.PIECE),
                new Ingredient("=HYPERLINK(\"x\"), \"quoted\"", 1, Measure.PIECE),
                new Ingredient("salt", 0, Measure.PIECE))));
        assertThat(list.text().lines())
                .containsExactly(
                        "35\u00a0g Butter", "30\u00a0ml cider", "2 lemons", "1 =HYPERLINK(\"x\"), \"quoted\"", "salt");
        List<CSVRecord> rows =
                CSVFormat.RFC4180.parse(new StringReader(list.csv())).getRecords();
        assertThat(rows.get(0)).containsExactly("amount", "unit", "what");
        assertThat(rows.get(1)).containsExactly("36", "g", "Butter");
        assertThat(rows.get(4).get(2)).startsWith("'=");
        assertThat(written(send(HttpMethod.POST, "/api/shopping?units=imperial", "application/json", """
                {"lines": [{"what":"cider","value":30,"measure":"MILLILITRE"}]}
                """))
                        .path("text")
                        .asString())
                .isEqualTo("2 tbsp cider");
        assertThat(why(send(HttpMethod.POST, "/api/shopping", "application/json", "{\"lines\": [{\"value\":1}]}")))
                .contains("what it is counted in");
    }

    @Test
    void anotherOvenIsNotedOnce() throws Exception {
        ResponseEntity<String> added = send(
                HttpMethod.POST, "/api/ovens", "application/json", "{\"name\":\" Garden oven \",\"kind\":\"WOOD\"}");
        assertThat(added.getStatusCode()).isEqualTo(HttpStatus.CREATED);
        assertThat(json.readTree(added.getBody()).path("name").asString()).isEqualTo("Garden oven");
        assertThat(get("/api/ovens").findValuesAsString("kind")).containsExactly("STILL", "FAN", "WOOD");
        assertThat(why(send(
                        HttpMethod.POST,
                        "/api/ovens",
                        "application/json",
                        "{\"name\":\"Garden oven\",\"kind\":\"WOOD\"}")))
                .contains("already");
        assertThat(why(send(HttpMethod.POST, "/api/ovens", "application/json", "{\"name\":\"\"}")))
                .contains("1 to 60 characters", "which kind of oven");
    }

    /** Amounts as cooks say them (the sizes of hands and spoons: common practice, no source; pounds and ounces are exact). */
    @ParameterizedTest
    @CsvSource({
        "¾ cup rye crumbs, 180, MILLILITRE, rye crumbs",
        "2–3 tbsp oil, 37.5, MILLILITRE, oil",
        "2-3 lemons, 2.5, PIECE, lemons",
        "a handful of parsley, 30, GRAM, parsley",
        "1 pound haddock, 453.59237, GRAM, haddock",
        "8 ounces crab meat, 226.796185, GRAM, crab meat",
        "340 g crab meat, 340, GRAM, crab meat",
        "a knob of butter, 15, GRAM, butter",
        "an onion, 1, PIECE, onion",
        "a pinch of salt, 0.4, GRAM, salt",
        "pepper, 0, PIECE, pepper"
    })
    void anAmountIsReadAsACookSaysIt(String line, double value, Measure measure, String what) {
        Ingredient read = IngredientLine.read(line, 1);
        assertThat(read.value()).isCloseTo(value, within(1e-6));
        assertThat(read.measure()).isEqualTo(measure);
        assertThat(read.what()).isEqualTo(what);
    }

    /** What was typed and what it belongs to go out in the file and come in again. */
    @Test
    void whatWasTypedAndWhatItIsForIsKept() throws Exception {
        UUID id = UUID.randomUUID();
        String recipe = """
            {"name": "Crumbed hake", "pieces": 4, "ingredients": [
               {"what":"rye crumbs","value":45.0,"measure":"MILLILITRE","part":"ON","typed":"¾ cup rye crumbs"},
               {"what":"lemons","value":0.25,"measure":"PIECE","part":"SERVE"}], "steps": [], "notes": ""}
            """;
        written(write(id, recipe));
        String file = send(HttpMethod.GET, "/api/recipes/" + id + "/file", "application/json", null)
                .getBody();
        assertThat(file).contains("\"olla:part\" : \"ON\"").contains("¾ cup rye crumbs");
        JsonNode again = written(take(UUID.randomUUID(), file));
        assertThat(again.path("recipe").path("ingredients"))
                .isEqualTo(json.readTree(recipe).path("ingredients"));
    }

    @Test
    void linesAreReadBackBeforeTheyAreKept() throws Exception {
        JsonNode read = written(send(
                HttpMethod.POST,
                "/api/ingredients",
                "application/json",
                "{\"pieces\": 4, \"lines\": [\"1 pound butter\", \"salt\"]}"));
        assertThat(read.get(0).path("ingredient").path("value").asDouble()).isCloseTo(113.4, within(0.01));
        assertThat(read.get(0).path("read").asBoolean()).isTrue();
        assertThat(read.get(1).path("read").asBoolean()).isFalse();
        assertThat(why(send(
                        HttpMethod.POST, "/api/ingredients", "application/json", "{\"pieces\": 4, \"lines\": [null]}")))
                .contains("0 to 60 ingredients");
    }

    /** Stock for eight in one dish is no stock for one. */
    @Test
    void aRecipesLiquidIsSharedByItsPieces() throws Exception {
        written(write(UUID.randomUUID(), """
            {"name": "Hake in stock", "pieces": 8, "ingredients": [], "steps": [], "notes": "",
             "bench": {"dress": {"kind": "OPEN_TRAY", "liquid": "STOCK", "liquidMl": 2000},
                       "programme": [{"stage": "BAKE", "tempC": 200}, {"stage": "REST", "minutes": 3}], "usual": true}}
            """));
    }
}
