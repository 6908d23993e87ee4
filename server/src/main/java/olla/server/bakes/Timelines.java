package olla.server.bakes;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import olla.server.bakes.rows.Bake;
import olla.server.bakes.rows.BakeRepository;
import olla.server.bakes.rows.BakeTimeline;
import olla.server.bakes.rows.Tap;
import olla.server.bakes.rows.TapRepository;
import org.springframework.stereotype.Component;

/** What bakes' taps come to. A door that is opened for one of them is felt by all in that oven. */
@Component
class Timelines {

    /** What went in so long before another is out again when that goes in, and is of another meal. */
    static final Duration LONGEST = Duration.ofHours(6);

    private final BakeRepository bakes;
    private final TapRepository taps;
    private final Clock clock;

    Timelines(BakeRepository bakes, TapRepository taps, Clock clock) {
        this.bakes = bakes;
        this.taps = taps;
        this.clock = clock;
    }

    /** One, as if nothing else were in its oven. */
    BakeTimeline alone(Bake bake) {
        return new BakeTimeline(
                bake.putAt(), taps.findByBakeIdInAndUndoneFalseOrderByAtAscIdAsc(List.of(bake.getId())));
    }

    /** Some, by their ids; asks as little for many as for one. */
    Map<UUID, BakeTimeline> of(List<Bake> wanted) {
        if (wanted.isEmpty()) {
            return Map.of();
        }
        Map<UUID, Bake> all = new HashMap<>();
        beside(wanted).forEach(b -> all.put(b.getId(), b));
        wanted.forEach(b -> all.put(b.getId(), b));
        return among(all, wanted);
    }

    /** All of these, by their ids, as if nothing else had been in their ovens. */
    Map<UUID, BakeTimeline> among(Map<UUID, Bake> all) {
        return among(all, all.values());
    }

    private Map<UUID, BakeTimeline> among(Map<UUID, Bake> all, Collection<Bake> wanted) {
        Map<UUID, List<Tap>> tapped = taps.findByBakeIdInAndUndoneFalseOrderByAtAscIdAsc(all.keySet()).stream()
                .collect(Collectors.groupingBy(Tap::bakeId));
        Map<UUID, BakeTimeline> alone = new HashMap<>();
        all.forEach((id, b) -> alone.put(id, new BakeTimeline(b.putAt(), tapped.getOrDefault(id, List.of()))));
        Map<UUID, BakeTimeline> found = new HashMap<>();
        for (Bake bake : wanted) {
            List<BakeTimeline.Opening> others = new ArrayList<>();
            for (Bake other : all.values()) {
                if (!other.getId().equals(bake.getId())
                        && other.oven().id().equals(bake.oven().id())) {
                    others.addAll(alone.get(other.getId()).openings());
                }
            }
            found.put(
                    bake.getId(), new BakeTimeline(bake.putAt(), tapped.getOrDefault(bake.getId(), List.of()), others));
        }
        return found;
    }

    /** What else has been in their ovens about when they were; some of them may be among it. */
    List<Bake> beside(List<Bake> wanted) {
        if (wanted.isEmpty()) {
            return List.of();
        }
        Set<Integer> ovens = wanted.stream().map(b -> b.oven().id()).collect(Collectors.toSet());
        Instant from = wanted.stream().map(Bake::putAt).min(Instant::compareTo).orElseThrow();
        Instant until = wanted.stream()
                .map(Bake::outAt)
                .map(out -> Objects.requireNonNullElse(out, clock.instant()))
                .max(Instant::compareTo)
                .orElseThrow();
        return bakes.findByOvenIdInAndPutAtBetween(ovens, from.minus(LONGEST), until);
    }
}
