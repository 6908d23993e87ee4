package olla.server.evening;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.TreeMap;
import java.util.UUID;
import olla.core.evening.Evening;
import olla.core.evening.EveningOven;
import olla.core.evening.SideDish;
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

    /**
     * All of it by now.
     *
     * @param kept what the sheet has in which oven: where a side is that went in
     * @param last the last sheet; empty where none is known
     */
    Facts facts(Evening evening, Instant serveAt, List<Move> moves, List<Kept> kept, Optional<RunSheet> last) {
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
                case IN -> in(evening, serveAt, move, kept).ifPresent(b -> baked.put(move.step(), b));
                case OUT -> baked.computeIfPresent(move.step(), (dish, b) -> out(b, minute));
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

    private static Facts.Baked out(Facts.Baked in, double minute) {
        return new Facts.Baked(
                in.oven(), in.dialC(), in.inMin(), in.likelyMin(), in.sdMin(), OptionalDouble.of(minute));
    }

    private Optional<Facts.Baked> in(Evening evening, Instant serveAt, Move move, List<Kept> kept) {
        if (move.bakeId() != null) {
            return bake(move.bakeId()).map(bake -> baked(serveAt, bake));
        }
        Optional<SideDish> side = evening.sides().stream()
                .filter(s -> s.key().equals(move.step()))
                .findFirst();
        double at = minute(serveAt, move.at());
        return side.map(s -> s.where() == SideDish.Where.OVEN ? inOven(evening, s, at, kept) : onHob(s, at));
    }

    private static Facts.Baked onHob(SideDish side, double at) {
        return new Facts.Baked("", 0, at, at + side.cookMin(), side.doubtOnHob(), OptionalDouble.empty());
    }

    /* Where the sheet had it; in the first oven at its own dial where there was none yet. */
    private static Facts.Baked inOven(Evening evening, SideDish side, double at, List<Kept> kept) {
        Optional<Kept> was = kept.stream()
                .filter(k -> k.dish().equals(side.key()) && !k.oven().isEmpty())
                .findFirst();
        EveningOven oven = evening.kitchen().ovens().stream()
                .filter(o -> was.isPresent() && o.key().equals(was.get().oven()))
                .findFirst()
                .orElse(evening.kitchen().ovens().get(0));
        List<Double> dials = side.dials(oven.kind());
        double dial = was.map(k -> (double) k.dialC()).orElse(dials.get(dials.size() / 2));
        double minutes = side.minutesIn(oven, dial);
        return new Facts.Baked(oven.key(), dial, at, at + minutes, side.doubtIn(oven, minutes), OptionalDouble.empty());
    }

    /** What has been found tonight of some ovens, by their keys. */
    Map<String, OvenEvidence> found(List<Integer> ovens) {
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
                .forEach(b -> hot.put(b.oven(), b.dialC()));
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
