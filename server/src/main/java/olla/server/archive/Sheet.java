package olla.server.archive;

import static olla.server.archive.Column.of;
import static olla.server.archive.Column.one;
import static olla.server.archive.Column.text;
import static olla.server.archive.Column.upTo;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Collectors;
import olla.core.dish.Ware;
import olla.core.doneness.Cue;
import olla.core.doneness.Doneness;
import olla.core.fish.BodyShape;
import olla.core.fish.Species;
import olla.core.habits.Which;
import olla.core.oven.OvenKind;
import olla.core.uncertainty.Observation.Verdict;
import olla.practice.rounds.Skill;
import olla.server.archive.Column.Kind;
import olla.server.bakes.rows.TapKind;
import olla.server.evening.MoveKind;
import olla.server.kitchen.NoteAbout;
import olla.server.people.Role;
import olla.server.probes.Channel;
import olla.server.web.Lengths;

/**
 * One of the lists that an archive is made of, in the order in which they are taken in: whatever is named by another comes before it. What
 * can be worked out again from the rest is not in it, nor what lets anybody in.
 */
enum Sheet {
    OVENS(
            "oven",
            "id",
            text("name", Lengths.OVEN_NAME),
            one("kind", OvenKind.values()),
            text("sensor", Lengths.DEVICE).maybe(),
            of("fallsCPerHour", Kind.REAL).maybe(),
            of("putAwayAt", Kind.MOMENT).maybe(),
            of("forgetBefore", Kind.MOMENT).maybe(),
            upTo("lessons", Kind.INT, 1_000_000),
            of("offsetCelsius", Kind.REAL),
            of("offsetDoubtCelsius", Kind.REAL),
            of("logFilm", Kind.REAL),
            of("logFilmDoubt", Kind.REAL)),
    PEOPLE(
            "person",
            "id",
            of("id", Kind.ID),
            text("name", Lengths.OVEN_NAME),
            one("role", Role.values()),
            of("removedAt", Kind.MOMENT).maybe()),
    FISH(
            "own_fish",
            "id",
            of("id", Kind.ID),
            text("name", Lengths.OVEN_NAME),
            one("closest", Species.values()),
            one("build", BodyShape.values()),
            of("fatPercent", Kind.REAL)),
    VESSELS(
            "own_vessel",
            "id",
            of("id", Kind.ID),
            text("name", Lengths.OVEN_NAME),
            one("ware", Ware.values()),
            of("lengthMm", Kind.REAL),
            of("widthMm", Kind.REAL)),
    NOTES(
            "house_note",
            "id",
            of("id", Kind.ID),
            one("about", NoteAbout.values()),
            upTo("of", Kind.KEPT_TO, Lengths.OVEN_NAME).in("whose"),
            text("words", Lengths.NOTE),
            of("writtenAt", Kind.MOMENT),
            of("by", Kind.ID).in("person_id").maybe()),
    HABITS_OFF(
            "habit_off",
            "about,whose",
            one("about", Which.About.values()),
            text("of", Lengths.OVEN_NAME).in("whose")),
    RECIPES(
            "recipe",
            "id",
            of("id", Kind.ID),
            text("name", Lengths.RECIPE_NAME),
            upTo("pieces", Kind.INT, 1000),
            upTo("bench", Kind.JSON, Sheet.TEXT_CHARACTERS).in("bench_json").maybe(),
            upTo("ingredients", Kind.LIST, Sheet.TEXT_CHARACTERS).in("ingredients_json"),
            upTo("steps", Kind.LIST, Sheet.TEXT_CHARACTERS).in("steps_json"),
            text("notes", Lengths.RECIPE_NOTES),
            upTo("original", Kind.JSON, 1_000_000).in("original_json").maybe(),
            of("changedAt", Kind.MOMENT)),
    BAKES(
            "bake",
            "started_at,id",
            of("id", Kind.ID),
            text("title", Lengths.BAKE_TITLE),
            of("oven", Kind.OVEN).in("oven_id"),
            upTo("question", Kind.JSON, Sheet.TEXT_CHARACTERS).in("question_json"),
            upTo("thicknessMm", Kind.NUMBER, 9999),
            upTo("dialCelsius", Kind.NUMBER, 999),
            upTo("targetCelsius", Kind.NUMBER, 999),
            upTo("predictedMin", Kind.NUMBER, 9999),
            upTo("checkFromMin", Kind.NUMBER, 9999),
            upTo("likelyMin", Kind.NUMBER, 9999),
            upTo("noLaterThanMin", Kind.NUMBER, 9999),
            upTo("restMin", Kind.NUMBER, 999),
            upTo("trustingMin", Kind.NUMBER, 9999),
            upTo("enoughFromMin", Kind.NUMBER, 9999).maybe(),
            of("putAt", Kind.MOMENT),
            of("startedAt", Kind.MOMENT),
            of("outAt", Kind.MOMENT).maybe(),
            of("loggedAt", Kind.MOMENT).maybe(),
            of("clearedAt", Kind.MOMENT).maybe(),
            one("verdict", Verdict.values()).maybe(),
            upTo("probeCelsius", Kind.NUMBER, 999).maybe(),
            text("note", Lengths.NOTE).maybe(),
            of("by", Kind.ID).in("person_id").maybe(),
            of("saidBy", Kind.ID).in("said_person_id").maybe(),
            of("lessonOffsetCelsius", Kind.REAL).maybe(),
            of("lessonOffsetDoubtCelsius", Kind.REAL).maybe(),
            of("lessonLogFilm", Kind.REAL).maybe(),
            of("lessonLogFilmDoubt", Kind.REAL).maybe(),
            upTo("lessonWay", Kind.INT, 1000).maybe(),
            of("toldLog", Kind.REAL).maybe(),
            of("toldVariance", Kind.REAL).maybe(),
            of("toldPerOffset", Kind.REAL).maybe(),
            of("toldPerFilm", Kind.REAL).maybe(),
            of("toldPerThickness", Kind.REAL).maybe(),
            of("toldPerKelvin", Kind.REAL).maybe(),
            text("toldProbe", Lengths.OVEN_NAME).maybe()),
    TAPS(
            "tap",
            "bake_id,at,id",
            of("id", Kind.ID),
            of("bake", Kind.ID).in("bake_id"),
            one("kind", TapKind.values()),
            of("at", Kind.MOMENT),
            one("cue", Cue.values()).maybe(),
            upTo("celsius", Kind.NUMBER, 999).maybe(),
            upTo("number", Kind.INT, 1_000_000).maybe(),
            one("doneness", Doneness.values()).maybe(),
            of("undone", Kind.YES),
            of("by", Kind.ID).in("person_id").maybe()),
    PROBES(
            "probe_use",
            "bake_id",
            of("bake", Kind.ID).in("bake_id"),
            text("device", Lengths.DEVICE),
            of("since", Kind.MOMENT),
            of("until", Kind.MOMENT).maybe()),
    PHOTOS("photo", "bake_id", of("bake", Kind.ID).in("bake_id"), of("takenAt", Kind.MOMENT)),
    EVENINGS(
            "evening",
            "serve_at,id",
            of("id", Kind.ID),
            text("name", Lengths.BAKE_TITLE),
            of("serveAt", Kind.MOMENT),
            upTo("input", Kind.JSON, 1_000_000).in("input_json"),
            upTo("kept", Kind.LIST, Sheet.TEXT_CHARACTERS).in("kept_json")),
    MOVES(
            "evening_move",
            "evening_id,at,id",
            of("id", Kind.ID),
            of("evening", Kind.ID).in("evening_id"),
            one("kind", MoveKind.values()),
            text("step", 120),
            of("at", Kind.MOMENT),
            of("bake", Kind.ID).in("bake_id").maybe(),
            of("undone", Kind.YES),
            of("by", Kind.ID).in("person_id").maybe()),
    /** Rounds of practice; what is seen in one follows from its id. */
    ROUNDS(
            "practice_round",
            "began_at,id",
            of("id", Kind.ID),
            one("skill", Skill.values()),
            of("beganAt", Kind.MOMENT),
            upTo("moves", Kind.LIST, Sheet.TEXT_CHARACTERS).in("moves_json"),
            of("given", Kind.REAL).maybe(),
            of("overAt", Kind.MOMENT).maybe(),
            of("offBy", Kind.REAL).maybe(),
            of("missed", Kind.REAL).maybe(),
            of("lookedLateMin", Kind.REAL).maybe(),
            of("by", Kind.ID).in("person_id").maybe()),
    READINGS(
            "reading",
            "device,channel,at",
            text("device", Lengths.DEVICE),
            one("channel", Channel.values()),
            of("at", Kind.MOMENT),
            upTo("celsius", Kind.NUMBER, 999),
            upTo("battery", Kind.INT, 100).maybe());

    /* As many characters as the store takes of any: what is kept as text there takes 65 535 bytes, at four each. */
    private static final int TEXT_CHARACTERS = 16_000;

    private final String table;
    private final String order;
    private final List<Column> columns;

    Sheet(String table, String order, Column... columns) {
        this.table = table;
        this.order = order;
        this.columns = List.of(columns);
    }

    /** As the archive calls it. */
    String key() {
        String[] words = name().toLowerCase(Locale.ROOT).split("_");
        return words.length == 1
                ? words[0]
                : words[0] + Character.toUpperCase(words[1].charAt(0)) + words[1].substring(1);
    }

    /** As the store calls it. */
    String table() {
        return table;
    }

    List<Column> columns() {
        return columns;
    }

    /** Whether its lines have ids of their own. */
    boolean named() {
        return columns.get(0).name().equals("id");
    }

    /** The column of a name. */
    Optional<Column> column(String name) {
        return columns.stream().filter(c -> c.name().equals(name)).findFirst();
    }

    /** Reads all of a kitchen's, in an order that does not change. */
    String select() {
        return "select " + sql("") + " from " + table + " where kitchen_id = ? order by " + order;
    }

    /** Writes one, the kitchen first. */
    String insert() {
        return "insert " + (this == READINGS || this == HABITS_OFF ? "ignore " : "") + "into " + table
                + " (kitchen_id, " + sql("") + extras() + ") values (?" + ", ?".repeat(columns.size()) + extraValues()
                + ")";
    }

    /* What the store wants and no archive says. */
    private String extras() {
        return switch (this) {
            case PEOPLE -> ", pin_hash, wrong_pins";
            case RECIPES, BAKES, EVENINGS -> ", version";
            case PHOTOS -> ", jpeg";
            default -> "";
        };
    }

    private String extraValues() {
        return switch (this) {
            // Nobody's PIN is in an archive: they are given a new one.
            case PEOPLE -> ", '', 0";
            case RECIPES, BAKES, EVENINGS -> ", 0";
            case PHOTOS -> ", ?";
            default -> "";
        };
    }

    private String sql(String before) {
        return columns.stream().map(c -> before + c.sql()).collect(Collectors.joining(", "));
    }
}
