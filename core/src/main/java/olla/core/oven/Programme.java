package olla.core.oven;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.stream.IntStream;
import olla.core.messages.Refusals;
import olla.core.messages.Unit;

/**
 * What the oven does, in order. The length of the open BAKE is solved for the target; where several are open they share
 * one length by their shares, so that a glaze can go on at two thirds and a strip be turned at half time.
 *
 * @param stages at least one BAKE; nothing in the oven after a REST, which stands last
 */
public record Programme(List<Stage> stages) {

    /** The coolest oven the tool reckons with, °C. */
    public static final double COOLEST_C = 90;

    /** The hottest oven the tool reckons with, °C. */
    public static final double HOTTEST_C = 300;

    /** The longest bake the tool reckons with, minutes. */
    public static final double LONGEST_MINUTES = 240;

    /** Never longer under a grill, minutes (common practice, no source: 1 to 5). */
    public static final double LONGEST_GRILL_MINUTES = 10;

    /** A shorter stage is not told apart from none, minutes. */
    public static final double LEAST_MINUTES = 0.5;

    /* Lengths that add up to the longest bake may exceed it by so much, minutes. */
    private static final double ROUNDING_MIN = 1e-6;
    private static final double LONGEST_REST_MINUTES = 60;
    private static final double LONGEST_HOB_MINUTES = 60;

    /* Colder than this flesh goes in, hotter it is done whatever is wanted, °C. */
    private static final double LEAST_UNTIL_C = 20;
    private static final double MOST_UNTIL_C = 70;
    private static final int MOST_STAGES = 12;

    /** @throws olla.core.messages.RefusedInput where a stage is out of range or out of order */
    public Programme {
        stages = List.copyOf(stages);
        Refusals refusals = new Refusals();
        if (stages.isEmpty() || stages.stream().noneMatch(s -> s instanceof Stage.Bake)) {
            refusals.add("", "refusal.no-bake");
        }
        if (stages.size() > MOST_STAGES) {
            refusals.add("", "refusal.too-many-stages", "most", MOST_STAGES, "stages", stages.size());
        }
        for (int i = 0; i < stages.size(); i++) {
            check(stages, i, refusals);
        }
        refusals.throwIfAny();
        double fixed = stages.stream().mapToDouble(Programme::fixed).sum();
        double most = LONGEST_MINUTES
                - LEAST_MINUTES * stages.stream().filter(Programme::isOpen).count();
        refusals.range("minutes", "all-given-stages-together", fixed, 0, most + ROUNDING_MIN, Unit.MIN)
                .throwIfAny();
    }

    /**
     * Bake at one temperature, then rest.
     *
     * @param bakeTempC dial temperature, 90 to 300 °C
     * @param bakeMinutes given, 0.5 to 240, or empty where the length is to be solved
     * @param restMinutes out of the oven before serving, 0 to 60
     */
    public Programme(double bakeTempC, OptionalDouble bakeMinutes, double restMinutes) {
        this(List.of(new Stage.Bake(bakeTempC, bakeMinutes), new Stage.Rest(restMinutes)));
    }

    private static void check(List<Stage> stages, int i, Refusals refusals) {
        Stage stage = stages.get(i);
        boolean last = i == stages.size() - 1;
        if (stage instanceof Stage.Bake bake) {
            refusals.range("tempC", "oven-temperature", bake.tempC(), COOLEST_C, HOTTEST_C, Unit.CELSIUS);
            bake.minutes()
                    .ifPresent(m -> refusals.range("minutes", "bake", m, LEAST_MINUTES, LONGEST_MINUTES, Unit.MIN));
            refusals.range("share", "share-of-the-open-length", bake.share(), 0.05, 20, Unit.NUMBER);
            bake.untilC()
                    .ifPresent(c -> refusals.range(
                            "untilC", "middle-to-wait-for", c, LEAST_UNTIL_C, MOST_UNTIL_C, Unit.CELSIUS));
        } else if (stage instanceof Stage.Hob hob) {
            refusals.range("minutes", "hob", hob.minutes(), LEAST_MINUTES, LONGEST_HOB_MINUTES, Unit.MIN);
        } else if (stage instanceof Stage.Grill grill) {
            refusals.range("minutes", "grill", grill.minutes(), LEAST_MINUTES, LONGEST_GRILL_MINUTES, Unit.MIN);
            refusals.range(
                    "underMm",
                    "under-the-grill",
                    grill.underMm(),
                    Stage.Grill.LEAST_UNDER_MM,
                    Stage.Grill.MOST_UNDER_MM,
                    Unit.MM);
        } else if (stage instanceof Stage.Rest rest) {
            refusals.range("restMinutes", "rest", rest.minutes(), 0, LONGEST_REST_MINUTES, Unit.MIN);
            if (!last) {
                refusals.add("", "refusal.rest-not-last");
            }
        } else if (i == 0) {
            refusals.add("", "refusal.not-first", "stage", word(stage));
        }
        if (last && (stage instanceof Stage.Hob || takesNoTime(stage))) {
            refusals.add("", "refusal.not-last", "stage", word(stage));
        }
    }

    private static boolean takesNoTime(Stage stage) {
        return stage instanceof Stage.Add || stage instanceof Stage.Turn || stage instanceof Stage.Uncover;
    }

    private static String word(Stage stage) {
        if (stage instanceof Stage.Add add) {
            return "ADD " + add.what();
        }
        return stage.getClass().getSimpleName().toUpperCase(java.util.Locale.ROOT);
    }

    private static double fixed(Stage stage) {
        if (stage instanceof Stage.Bake bake) {
            return bake.minutes().orElse(0);
        }
        if (stage instanceof Stage.Hob hob) {
            return hob.minutes();
        }
        return stage instanceof Stage.Grill grill ? grill.minutes() : 0;
    }

    private static boolean isOpen(Stage stage) {
        return stage instanceof Stage.Bake bake && bake.open();
    }

    /**
     * The same stages with the dial elsewhere: every BAKE moved by as much as the first, no further than a dial goes.
     *
     * @param tempC of the first BAKE, 90 to 300 °C
     */
    public Programme at(double tempC) {
        double by = tempC - bakeTempC();
        return new Programme(stages.stream()
                .map(stage -> stage instanceof Stage.Bake bake
                        ? bake.at(Math.max(COOLEST_C, Math.min(HOTTEST_C, bake.tempC() + by)))
                        : stage)
                .toList());
    }

    /** Whether a length is left to be solved. */
    public boolean open() {
        return stages.stream().anyMatch(Programme::isOpen);
    }

    /**
     * The same programme with every length said.
     *
     * @param openMinutes what the open stages come to together; no longer than leaves the whole within the longest bake
     */
    public Programme closed(double openMinutes) {
        double open = Math.min(openMinutes, mostOpenMinutes());
        double shares = stages.stream()
                .filter(Programme::isOpen)
                .mapToDouble(s -> ((Stage.Bake) s).share())
                .sum();
        List<Stage> closed = new ArrayList<>();
        for (Stage stage : stages) {
            closed.add(
                    isOpen(stage) && stage instanceof Stage.Bake bake
                            // A solved length may be shorter than any a cook would type.
                            ? bake.lasting(OptionalDouble.of(Math.max(LEAST_MINUTES, open * bake.share() / shares)))
                            : stage);
        }
        return new Programme(closed);
    }

    /** The longest that its open stages can come to together within the longest bake, minutes. */
    public double mostOpenMinutes() {
        double fixed = stages.stream().mapToDouble(Programme::fixed).sum();
        // Stages too short for their share are lengthened to the least; leave room for that.
        double least = LEAST_MINUTES
                * Math.max(0, stages.stream().filter(Programme::isOpen).count() - 1);
        return Math.max(LEAST_MINUTES, LONGEST_MINUTES - fixed - least);
    }

    /** The same with its last bake left open, where none is. */
    public Programme opened() {
        if (open()) {
            return this;
        }
        List<Stage> opened = new ArrayList<>(stages);
        for (int i = opened.size() - 1; i >= 0; i--) {
            if (opened.get(i) instanceof Stage.Bake bake) {
                opened.set(i, bake.lasting(OptionalDouble.empty()));
                break;
            }
        }
        return new Programme(opened);
    }

    /** The dial when the fish meets the oven: of the first bake it is in for, °C. */
    public double bakeTempC() {
        boolean in = !fishJoins();
        for (Stage stage : stages) {
            in |= addsFish(stage);
            if (in && stage instanceof Stage.Bake bake) {
                return bake.tempC();
            }
        }
        return hottestC();
    }

    private static boolean addsFish(Stage stage) {
        return stage instanceof Stage.Add add && add.what() == Stage.What.FISH;
    }

    /** Whether the fish goes in after something else. */
    public boolean fishJoins() {
        return stages.stream().anyMatch(Programme::addsFish);
    }

    /** How often something goes on or in during the bake. */
    public int additions(Stage.What what) {
        return (int) stages.stream()
                .filter(s -> s instanceof Stage.Add add && add.what() == what)
                .count();
    }

    /** Whether it goes under the grill. */
    public boolean grills() {
        return stages.stream().anyMatch(s -> s instanceof Stage.Grill);
    }

    /** Whether what stands at a place is a grill. */
    public boolean isGrill(int place) {
        return place >= 0 && place < stages.size() && stages.get(place) instanceof Stage.Grill;
    }

    /** Whether it is turned. */
    public boolean turns() {
        return stages.stream().anyMatch(s -> s instanceof Stage.Turn);
    }

    /** How often what closes it is opened. */
    public int uncovers() {
        return (int) stages.stream().filter(s -> s instanceof Stage.Uncover).count();
    }

    /** Whether it stands on the hob. */
    public boolean hob() {
        return stages.stream().anyMatch(s -> s instanceof Stage.Hob);
    }

    /** The same with what another says of stages of the same kind, in their order. */
    public Programme noted(Programme other) {
        Map<Object, Deque<String>> notes = new HashMap<>();
        for (Stage stage : other.stages) {
            notes.computeIfAbsent(kind(stage), k -> new ArrayDeque<>()).add(stage.note());
        }
        return new Programme(stages.stream()
                .map(stage -> {
                    String words =
                            notes.getOrDefault(kind(stage), new ArrayDeque<>()).poll();
                    return words == null ? stage : stage.noted(words);
                })
                .toList());
    }

    /* What goes on or in is told apart by what it is. */
    private static Object kind(Stage stage) {
        return stage instanceof Stage.Add add ? add.what() : stage.getClass();
    }

    /** How long it stands on the hob before anything else, minutes; 0 where it begins in the oven. */
    public double hobFirstMinutes() {
        return stages.get(0) instanceof Stage.Hob hob ? hob.minutes() : 0;
    }

    /** The first bake that waits for a middle and has no length yet; empty where every wait has been reckoned. */
    public OptionalInt waits() {
        return IntStream.range(0, stages.size())
                .filter(i -> stages.get(i) instanceof Stage.Bake bake
                        && bake.untilC().isPresent()
                        && bake.open())
                .findFirst();
    }

    /** The same with the bake at a place so many minutes long. */
    public Programme lasting(int place, double minutes) {
        List<Stage> other = new ArrayList<>(stages);
        other.set(place, ((Stage.Bake) stages.get(place)).lasting(OptionalDouble.of(minutes)));
        return new Programme(other);
    }

    /** The hottest dial of all its bakes, °C. */
    public double hottestC() {
        return stages.stream()
                .filter(s -> s instanceof Stage.Bake)
                .mapToDouble(s -> ((Stage.Bake) s).tempC())
                .max()
                .orElseThrow();
    }

    /**
     * The bake as it went that came out after so many minutes: the open stages stretched or shortened to that. One that
     * came out before its given stages were over ends there; what was to be added then goes on as it comes out.
     *
     * @param minutes in the oven; counted from half a minute up to the longest bake
     * @param grilled whether it has been under the grill that ends it
     */
    public Programme until(double minutes, boolean grilled) {
        Programme went = grilled ? this : ungrilled();
        double open = minutes - went.fixedMinutes();
        return open >= LEAST_MINUTES
                ? went.opened().closed(open)
                : went.closed(LEAST_MINUTES).cutAt(minutes);
    }

    /** The same without the grill that ends it. */
    public Programme ungrilled() {
        List<Stage> other = new ArrayList<>(stages);
        for (int i = other.size() - 1; i >= 0 && !(other.get(i) instanceof Stage.Bake); i--) {
            if (other.get(i) instanceof Stage.Grill) {
                other.remove(i);
            }
        }
        if (!(other.get(other.size() - 1) instanceof Stage.Rest)) {
            other.add(new Stage.Rest(0));
        }
        return new Programme(other);
    }

    private Programme cutAt(double minutes) {
        List<Stage> cut = new ArrayList<>();
        double left = Math.max(LEAST_MINUTES, minutes);
        for (Stage stage : stages) {
            double some = Math.min(left, fixed(stage));
            left -= some;
            if (stage instanceof Stage.Bake bake && some >= LEAST_MINUTES) {
                cut.add(bake.lasting(OptionalDouble.of(some)));
            } else if (stage instanceof Stage.Grill grill && some >= LEAST_MINUTES) {
                cut.add(grill.lasting(some));
            } else if (stage instanceof Stage.Hob && some >= LEAST_MINUTES) {
                cut.add(new Stage.Hob(some, stage.note()));
            } else if (stage instanceof Stage.Add || takesNoTime(stage) && left >= LEAST_MINUTES) {
                cut.add(stage);
            }
        }
        cut.add(new Stage.Rest(restMinutes(), restNote()));
        return new Programme(cut);
    }

    /** The same with another rest. */
    public Programme rested(double minutes) {
        List<Stage> other = new ArrayList<>(stages);
        other.removeIf(s -> s instanceof Stage.Rest);
        other.add(new Stage.Rest(minutes, restNote()));
        return new Programme(other);
    }

    /** The same with every grill this long. */
    public Programme grilled(double minutes) {
        return new Programme(stages.stream()
                .map(s -> s instanceof Stage.Grill grill ? grill.lasting(minutes) : s)
                .toList());
    }

    /** Out of the oven before serving, minutes. */
    public double restMinutes() {
        return stages.get(stages.size() - 1) instanceof Stage.Rest rest ? rest.minutes() : 0;
    }

    /** What the cook says of the rest. */
    public String restNote() {
        return stages.get(stages.size() - 1) instanceof Stage.Rest rest ? rest.note() : "";
    }

    /** What its stages of given length take in the oven, minutes: all but the open ones, or but the last BAKE. */
    public double fixedMinutes() {
        return opened().stages.stream().mapToDouble(Programme::fixed).sum();
    }

    /** What its stages take before the first open one, or the last BAKE, minutes. */
    public double beforeOpenMinutes() {
        return opened().stages.stream()
                .takeWhile(stage -> !isOpen(stage))
                .mapToDouble(Programme::fixed)
                .sum();
    }

    /** How long it is under the grill once its last BAKE is over, minutes: the hands come back to it that much sooner. */
    public double tailMinutes() {
        double tail = 0;
        for (int i = stages.size() - 1; !(stages.get(i) instanceof Stage.Bake); i--) {
            tail += fixed(stages.get(i));
        }
        return tail;
    }

    /** In the oven altogether, minutes; empty while a length is open. */
    public OptionalDouble bakeMinutes() {
        return open()
                ? OptionalDouble.empty()
                : OptionalDouble.of(
                        stages.stream().mapToDouble(Programme::fixed).sum());
    }
}
