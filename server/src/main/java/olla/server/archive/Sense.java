package olla.server.archive;

import java.util.List;
import java.util.Optional;
import olla.core.dish.Vessel;
import olla.core.fish.BodyShape;
import olla.core.fish.OwnFish;
import olla.core.fish.Species;
import olla.core.habits.Told;
import olla.core.oven.Cooling;
import olla.core.runsheet.Kept;
import olla.core.uncertainty.OvenCalibration;
import olla.core.uncertainty.Slowness;
import olla.practice.rounds.Move;
import olla.server.recipes.RecipeService;
import org.springframework.stereotype.Component;
import tools.jackson.core.JacksonException;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.ObjectMapper;

/** What a line of an archive comes to in the craft's terms: what could be kept and never be read again is not taken in. */
@Component
class Sense {

    private static final List<String> LESSON =
            List.of("lessonOffsetCelsius", "lessonOffsetDoubtCelsius", "lessonLogFilm", "lessonLogFilmDoubt");
    private static final List<String> TOLD =
            List.of("toldLog", "toldVariance", "toldPerOffset", "toldPerFilm", "toldPerThickness", "toldPerKelvin");

    private static final List<String> ROUND = List.of("overAt", "offBy", "missed");

    private final RecipeService recipes;
    private final ObjectMapper json;

    Sense(RecipeService recipes, ObjectMapper json) {
        this.recipes = recipes;
        this.json = json;
    }

    /** What of a line makes none; empty where all of it does. */
    Optional<String> missedBy(Sheet sheet, JsonNode line) {
        return switch (sheet) {
            case OVENS -> unless("offsetCelsius", () -> oven(line));
            case FISH -> unless("fatPercent", () -> fish(line));
            case VESSELS ->
                unless("lengthMm", () -> new Vessel.Size(number(line, "lengthMm"), number(line, "widthMm")));
            case RECIPES -> recipes.readable(line) ? Optional.empty() : Optional.of("bench");
            case BAKES -> unless(LESSON.get(0), () -> lesson(line)).or(() -> unless(TOLD.get(0), () -> told(line)));
            case EVENINGS ->
                unless("kept", () -> json.convertValue(line.path("kept"), new TypeReference<List<Kept>>() {}));
            case ROUNDS ->
                unless("moves", () -> json.convertValue(line.path("moves"), Move[].class))
                        .or(() -> unless("missed", () -> told(line, ROUND)));
            default -> Optional.empty();
        };
    }

    private interface Made {
        Object of();
    }

    private static Optional<String> unless(String field, Made made) {
        try {
            made.of();
            return Optional.empty();
        } catch (IllegalArgumentException | JacksonException none) {
            return Optional.of(field);
        }
    }

    /* Whole or not at all. */
    private static long told(JsonNode line, List<String> fields) {
        long there = fields.stream().filter(line::has).count();
        if (there != 0 && there != fields.size()) {
            throw new IllegalArgumentException("Some of it is missing.");
        }
        return there;
    }

    private static double number(JsonNode line, String field) {
        return line.path(field).doubleValue(Double.NaN);
    }

    private static OvenCalibration oven(JsonNode line) {
        return new OvenCalibration(
                number(line, "offsetCelsius"),
                number(line, "offsetDoubtCelsius"),
                number(line, "logFilm"),
                number(line, "logFilmDoubt"),
                line.has("fallsCPerHour")
                        ? Optional.of(Cooling.falling(number(line, "fallsCPerHour")))
                        : Optional.empty());
    }

    private static OwnFish fish(JsonNode line) {
        return new OwnFish(
                line.path("name").asString(""),
                Species.valueOf(line.path("closest").asString("")),
                BodyShape.valueOf(line.path("build").asString("")),
                number(line, "fatPercent"));
    }

    /* Whole or not at all. */
    private static Object lesson(JsonNode line) {
        return LESSON.stream().noneMatch(line::has)
                ? Optional.empty()
                : new OvenCalibration(
                        number(line, LESSON.get(0)),
                        number(line, LESSON.get(1)),
                        number(line, LESSON.get(2)),
                        number(line, LESSON.get(3)));
    }

    private static Object told(JsonNode line) {
        return TOLD.stream().noneMatch(line::has)
                ? Optional.empty()
                : Told.of(
                        new Told.Of("", "", null, null, null, 0),
                        new Slowness(
                                number(line, TOLD.get(0)),
                                number(line, TOLD.get(1)),
                                number(line, TOLD.get(2)),
                                number(line, TOLD.get(3)),
                                number(line, TOLD.get(4)),
                                number(line, TOLD.get(5))),
                        OvenCalibration.UNCHECKED);
    }
}
