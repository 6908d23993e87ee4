package olla.server.evening;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.NavigableMap;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.TreeMap;
import java.util.UUID;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;
import olla.core.evening.Evening;
import olla.core.evening.EveningOven;
import olla.core.evening.SideDish;
import olla.core.evening.SideInOven;
import olla.core.evening.SideTime;
import olla.core.oven.OvenEvents;
import olla.core.runsheet.Facts;
import olla.core.runsheet.Kept;
import olla.core.runsheet.Kind;
import olla.core.runsheet.RunSheet;
import olla.core.uncertainty.CheckWindow;
import olla.core.uncertainty.OvenEvidence;
import olla.core.units.Temperature;
import olla.server.bakes.BakeService;
import olla.server.bakes.BakeView;
import olla.server.web.NotThere;
import org.springframework.stereotype.Component;

/** What has happened in an evening: by its moves, and by the bakes that they name. */
@Component
class Happened {

    private final BakeService bakes;
    private final Clock clock;

    Happened(BakeService bakes, Clock clock) {
        this.bakes = bakes;
        this.clock = clock;
    }

    /** Minutes from when the first course is served. */
    static double minute(Instant serveAt, Instant at) {
        return Duration.between(serveAt, at).toMillis() / 60_000.0;
    }

    /** A side that went into an oven, and when. */
    private record InThere(SideInOven side, double inMin) {

        InThere with(UnaryOperator<SideInOven> more) {
            return new InThere(more.apply(side), inMin);
        }

        Facts.Baked baked(Map<String, OvenEvidence> found) {
            String oven = side.oven().key();
            SideTime time = (found.containsKey(oven) ? side.told(found.get(oven)) : side).time();
            Facts.Baked in = new Facts.Baked(
                            oven,
                            side.dialC().firstEntry().getValue(),
                            inMin,
                            inMin + time.minutes(),
                            time.sdMin(),
                            OptionalDouble.empty())
                    .turned(side.dialNowC());
            return Double.isInfinite(side.doneByMin()) ? in : in.taken(inMin + side.doneByMin());
        }
    }

    /**
     * All of it by now.
     *
     * @param evening with its ovens as they were said
     * @param found what has been found of them tonight
     * @param kept what the sheet has in which oven: where a side is that went in
     * @param last the last sheet; empty where none is known
     */
    Facts facts(
            Evening evening, Found found, Instant serveAt, List<Move> moves, List<Kept> kept, Optional<RunSheet> last) {
        Map<String, InThere> sides = inThere(evening, serveAt, moves, kept);
        Map<String, Facts.Baked> baked = new HashMap<>();
        Set<String> done = new HashSet<>();
        Set<String> skipped = new HashSet<>();
        Map<String, Double> pinned = new HashMap<>();
        for (Move move : moves) {
            double minute = minute(serveAt, move.at());
            switch (move.kind()) {
                case DONE -> done.add(move.step());
                case SKIPPED -> skipped.add(move.step());
                case PINNED -> pinned.put(move.step(), Math.rint(minute));
                case IN -> in(evening, found, serveAt, move, sides).ifPresent(b -> baked.put(move.step(), b));
                case OUT -> baked.computeIfPresent(move.step(), (dish, b) -> b.taken(minute));
                case NOT_YET -> {
                    // Of that the sides tell.
                }
            }
        }
        baked.forEach((dish, b) -> {
            for (Kind kind : List.of(Kind.PREPARE, Kind.DRESS, Kind.TEMPER, Kind.PUT_IN)) {
                done.add(dish + "." + kind);
            }
        });
        double now = minute(serveAt, clock.instant());
        Set<String> settled = new HashSet<>(done);
        settled.addAll(skipped);
        Map<String, Double> begun = last.map(sheet -> sheet.begun(now, settled)).orElse(Map.of());
        return new Facts(now, baked, done, skipped, begun, pinned, hot(baked, moves, kept, serveAt));
    }

    private Optional<Facts.Baked> in(
            Evening evening, Found found, Instant serveAt, Move move, Map<String, InThere> sides) {
        if (move.bakeId() != null) {
            return bake(move.bakeId()).map(bake -> baked(serveAt, bake));
        }
        InThere there = sides.get(move.step());
        if (there != null) {
            return Optional.of(there.baked(found.but(move.step())));
        }
        return side(evening, move.step()).map(s -> onHob(s, minute(serveAt, move.at())));
    }

    private static Optional<SideDish> side(Evening evening, String key) {
        return evening.sides().stream().filter(s -> s.key().equals(key)).findFirst();
    }

    private static Facts.Baked onHob(SideDish side, double at) {
        return new Facts.Baked("", 0, at, at + side.cookMin(), side.doubtOnHob(), OptionalDouble.empty());
    }

    /* By key: the sides that are in an oven, or have been, with what happened to them there. */
    private Map<String, InThere> inThere(Evening evening, Instant serveAt, List<Move> moves, List<Kept> kept) {
        Map<String, InThere> sides = new TreeMap<>();
        for (Move move : moves) {
            double at = minute(serveAt, move.at());
            switch (move.kind()) {
                case IN ->
                    side(evening, move.step())
                            .filter(s -> s.where() == SideDish.Where.OVEN)
                            .ifPresent(s -> sides.put(s.key(), new InThere(wentIn(evening, s, kept), at)));
                case NOT_YET ->
                    sides.computeIfPresent(
                            move.step(), (key, s) -> s.with(in -> in.notYet(Math.max(0, at - s.inMin()))));
                case OUT ->
                    sides.computeIfPresent(move.step(), (key, s) -> s.with(in -> in.out(Math.max(0, at - s.inMin()))));
                case DONE, SKIPPED, PINNED -> {
                    // Those are of steps.
                }
            }
        }
        Map<String, NavigableMap<Double, Double>> turns = turns(serveAt, moves);
        sides.replaceAll((key, s) -> {
            InThere turned = s;
            for (Map.Entry<Double, Double> turn :
                    turns.getOrDefault(s.side().oven().key(), new TreeMap<>()).entrySet()) {
                turned = turned.with(in -> in.turned(turn.getKey() - s.inMin(), turn.getValue()));
            }
            return turned;
        });
        return sides;
    }

    /* What each oven's dial was turned to and when, as far as the fish in it know. */
    private Map<String, NavigableMap<Double, Double>> turns(Instant serveAt, List<Move> moves) {
        Map<String, NavigableMap<Double, Double>> turns = new HashMap<>();
        for (Move move : moves) {
            if (move.kind() == MoveKind.IN && move.bakeId() != null) {
                bake(move.bakeId()).ifPresent(bake -> {
                    NavigableMap<Double, Double> its =
                            turns.computeIfAbsent(EveningReader.key(bake.ovenId()), key -> new TreeMap<>());
                    its.put(minute(serveAt, bake.startedAt()), bake.dialC());
                    dialTaps(bake).forEach(tap -> its.put(minute(serveAt, tap.at()), tap.celsius()));
                });
            }
        }
        return turns;
    }

    private static Stream<BakeView.TapView> dialTaps(BakeView bake) {
        return bake.taps().stream().filter(BakeView.TapView::turned);
    }

    /* The last that was tapped stands first. */
    private static double dialNowC(BakeView bake) {
        return dialTaps(bake).findFirst().map(BakeView.TapView::celsius).orElse(bake.dialC());
    }

    /* Where the sheet had it; in the first oven at its own dial where there was none yet. */
    private static SideInOven wentIn(Evening evening, SideDish side, List<Kept> kept) {
        Optional<Kept> was = kept.stream()
                .filter(k -> k.dish().equals(side.key()) && !k.oven().isEmpty())
                .findFirst();
        EveningOven oven = evening.kitchen().ovens().stream()
                .filter(o -> was.isPresent() && o.key().equals(was.get().oven()))
                .findFirst()
                .orElse(evening.kitchen().ovens().get(0));
        List<Double> dials = side.dials(oven.kind());
        double dial = was.map(k -> (double) k.dialC()).orElse(dials.get(dials.size() / 2));
        return SideInOven.at(side, oven, dial);
    }

    /** What has been found tonight of an evening's ovens. */
    Found found(Evening said, Instant serveAt, List<Integer> ovens, List<Move> moves, List<Kept> kept) {
        Map<String, Found.Told> bySides = new TreeMap<>();
        inThere(said, serveAt, moves, kept)
                .forEach((key, side) -> bySides.put(
                        key,
                        new Found.Told(side.side().oven().key(), side.side().tells())));
        return new Found(found(ovens), bySides);
    }

    private Map<String, OvenEvidence> found(List<Integer> ovens) {
        Map<String, OvenEvidence> found = new TreeMap<>();
        bakes.found(ovens).forEach((id, evidence) -> found.put(EveningReader.key(id), evidence));
        return found;
    }

    /**
     * What is seen of the bakes that these moves name, and of the evening's ovens; another text where something of them is
     * otherwise.
     */
    String signs(List<Integer> ovens, List<Move> moves) {
        StringBuilder signs = new StringBuilder();
        for (Move move : moves) {
            if (move.kind() == MoveKind.IN && move.bakeId() != null) {
                bake(move.bakeId())
                        .ifPresentOrElse(
                                b -> signs.append(b.startedAt())
                                        .append(Math.round(2 * b.window().likelyMin()))
                                        .append(b.outAt())
                                        .append(dialNowC(b))
                                        .append(';'),
                                () -> signs.append("gone;"));
            }
        }
        // After the bakes: to look at those works out what they tell.
        return signs.append(found(ovens)).toString();
    }

    /* A bake that was taken back has not gone in. */
    private Optional<BakeView> bake(UUID id) {
        try {
            return Optional.of(bakes.one(id));
        } catch (NotThere gone) {
            return Optional.empty();
        }
    }

    private static Facts.Baked baked(Instant serveAt, BakeView bake) {
        double in = minute(serveAt, bake.startedAt());
        double width = bake.window().noLaterThanMin() - bake.window().checkFromMin();
        return new Facts.Baked(
                EveningReader.key(bake.ovenId()),
                bake.dialC(),
                dialNowC(bake),
                in,
                in + bake.window().likelyMin(),
                width / (2 * CheckWindow.Z_90),
                bake.outAt() == null ? OptionalDouble.empty() : OptionalDouble.of(minute(serveAt, bake.outAt())));
    }

    /* An oven in which something has been is as hot as that wanted it; one that was set for a dish has been heating up since. */
    private Map<String, Double> hot(
            Map<String, Facts.Baked> baked, List<Move> moves, List<Kept> kept, Instant serveAt) {
        Map<String, Double> hot = new HashMap<>();
        baked.values().stream()
                .filter(b -> !b.oven().isEmpty())
                .sorted(Comparator.comparingDouble(Facts.Baked::inMin))
                .forEach(b -> hot.put(b.oven(), b.nowC()));
        double now = minute(serveAt, clock.instant());
        for (Move move : moves) {
            for (Kept dish : kept) {
                boolean set = move.kind() == MoveKind.DONE
                        && move.step().equals(RunSheet.preheat(dish.oven(), dish.dish()))
                        && !baked.containsKey(dish.dish());
                if (set) {
                    double from = hot.getOrDefault(dish.oven(), Temperature.ROOM_C);
                    hot.put(dish.oven(), OvenEvents.heatedC(from, dish.dialC(), now - minute(serveAt, move.at())));
                }
            }
        }
        return hot;
    }
}
