package olla.server.stream;

import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import java.util.stream.Collectors;
import olla.server.bakes.BakeView;
import olla.server.bakes.BakeViews;
import olla.server.bakes.rows.BakeRepository;
import olla.server.forecast.Forecasts;
import org.springframework.context.i18n.LocaleContextHolder;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.ObjectMapper;
import tools.jackson.databind.node.ObjectNode;

/**
 * What one kitchen's screens have been told of its bakes and evenings, and so what is new to them. For one thread, which works for that kitchen; what is said to be known by now may
 * come from any.
 */
final class Followed {

    private final BakeRepository bakes;
    private final BakeViews views;
    private final Forecasts forecasts;
    private final ObjectMapper json;
    private final Set<UUID> moreKnown = ConcurrentHashMap.newKeySet();
    private final Map<UUID, Long> told = new HashMap<>();
    private final Map<UUID, Long> eveningsTold = new HashMap<>();
    /* The oven of each bake that is in one: what is seen of one of them tells of the others. */
    private final Map<UUID, Integer> inOven = new HashMap<>();
    /* By the language and the units it was told in. */
    private final Map<Locale, Map<UUID, ObjectNode>> lastTold = new HashMap<>();

    Followed(BakeRepository bakes, BakeViews views, Forecasts forecasts, ObjectMapper json) {
        this.bakes = bakes;
        this.views = views;
        this.forecasts = forecasts;
        this.json = json;
    }

    /**
     * What is new.
     *
     * @param fields by language and bake: those that are not as they were told last, all of a bake that never was
     * @param gone bakes that are followed no longer
     * @param evenings those of which something has changed
     */
    record News(Map<Locale, Map<UUID, ObjectNode>> fields, List<UUID> gone, List<UUID> evenings) {

        Map<UUID, ObjectNode> in(Locale asked) {
            return fields.getOrDefault(asked, Map.of());
        }

        boolean nothing() {
            return gone.isEmpty()
                    && evenings.isEmpty()
                    && fields.values().stream().allMatch(Map::isEmpty);
        }
    }

    /** All that was told so far, in a language that {@link #look} was asked in. */
    Map<UUID, ObjectNode> everything(Locale asked) {
        return lastTold.get(asked);
    }

    /**
     * Looks what is new, and takes it for told. What fails is tried again with the next look.
     *
     * @param there how often each bake has changed
     * @param eveningsThere how often each evening has
     * @param asked languages in which somebody is told
     */
    News look(Map<UUID, Long> there, Map<UUID, Long> eveningsThere, Collection<Locale> asked) {
        Set<UUID> again = new HashSet<>(moreKnown);
        moreKnown.removeAll(again);
        try {
            return look(there, eveningsThere, asked, again);
        } catch (RuntimeException | Error failed) {
            moreKnown.addAll(again);
            throw failed;
        }
    }

    private News look(Map<UUID, Long> there, Map<UUID, Long> eveningsThere, Collection<Locale> asked, Set<UUID> again) {
        List<UUID> gone =
                told.keySet().stream().filter(id -> !there.containsKey(id)).toList();
        List<UUID> changed = new ArrayList<>();
        there.forEach((id, revision) -> {
            if (!revision.equals(told.get(id)) || again.contains(id)) {
                changed.add(id);
            }
        });
        List<BakeView> seen = new ArrayList<>(views(changed));
        seen.addAll(views(feeling(seen, gone)));
        asked.forEach(this::begin);
        Map<Locale, Map<UUID, ObjectNode>> wholes = new HashMap<>();
        Map<Locale, Map<UUID, ObjectNode>> news = new HashMap<>();
        lastTold.forEach((in, last) -> {
            wholes.put(in, whole(seen, in));
            news.put(in, news(last, wholes.get(in)));
        });
        // Remembered only once all of it could be read, so that what failed is tried again.
        wholes.forEach((in, whole) -> lastTold.get(in).putAll(whole));
        told.clear();
        told.putAll(there);
        seen.forEach(this::remember);
        inOven.keySet().retainAll(there.keySet());
        gone.forEach(forecasts::forget);
        lastTold.values().forEach(last -> gone.forEach(last::remove));
        return new News(news, gone, changed(eveningsThere));
    }

    private List<BakeView> views(List<UUID> ids) {
        return ids.isEmpty() ? List.of() : views.soon(bakes.findWithOvenByIdIn(ids), moreKnown::add);
    }

    /* What is in an oven feels its door, and learns of it from whatever else is in it. */
    private List<UUID> feeling(List<BakeView> changed, List<UUID> gone) {
        Set<Integer> ovens = changed.stream()
                .filter(bake -> !Long.valueOf(bake.revision()).equals(told.get(bake.id())))
                .map(BakeView::ovenId)
                .collect(Collectors.toSet());
        gone.stream().map(inOven::get).filter(Objects::nonNull).forEach(ovens::add);
        Set<UUID> themselves = changed.stream().map(BakeView::id).collect(Collectors.toSet());
        return inOven.entrySet().stream()
                .filter(other -> ovens.contains(other.getValue()))
                .map(Map.Entry::getKey)
                .filter(id -> !themselves.contains(id) && !gone.contains(id))
                .toList();
    }

    /* The first to ask in a language is told what the others know, in it. */
    private void begin(Locale asked) {
        if (lastTold.containsKey(asked)) {
            return;
        }
        lastTold.put(
                asked, whole(views.soon(bakes.findWithOvenByIdIn(List.copyOf(told.keySet())), moreKnown::add), asked));
    }

    private Map<UUID, ObjectNode> whole(List<BakeView> views, Locale asked) {
        Map<UUID, ObjectNode> all = new LinkedHashMap<>();
        LocaleContextHolder.setLocale(asked);
        try {
            views.forEach(view -> all.put(view.id(), json.valueToTree(view)));
        } finally {
            LocaleContextHolder.resetLocaleContext();
        }
        return all;
    }

    /* The fields that are not as they were told last; the whole bake where it was never told. */
    private Map<UUID, ObjectNode> news(Map<UUID, ObjectNode> last, Map<UUID, ObjectNode> whole) {
        Map<UUID, ObjectNode> news = new LinkedHashMap<>();
        whole.forEach((id, now) -> {
            ObjectNode before = last.get(id);
            news.put(id, before == null ? now : difference(before, now));
        });
        return news;
    }

    private ObjectNode difference(ObjectNode before, ObjectNode now) {
        ObjectNode changed = json.createObjectNode();
        for (Map.Entry<String, JsonNode> field : now.properties()) {
            if (!field.getValue().equals(before.get(field.getKey()))) {
                changed.set(field.getKey(), field.getValue());
            }
        }
        before.propertyNames().forEach(name -> {
            if (!now.has(name)) {
                changed.putNull(name);
            }
        });
        changed.set("id", now.get("id"));
        changed.set("revision", now.get("revision"));
        return changed;
    }

    private void remember(BakeView bake) {
        if (bake.outAt() == null) {
            inOven.put(bake.id(), bake.ovenId());
        } else {
            inOven.remove(bake.id());
        }
    }

    /* The evenings of which something has changed since they were looked at last. */
    private List<UUID> changed(Map<UUID, Long> there) {
        List<UUID> changed = new ArrayList<>();
        there.forEach((id, revision) -> {
            if (!revision.equals(eveningsTold.get(id))) {
                changed.add(id);
            }
        });
        eveningsTold.clear();
        eveningsTold.putAll(there);
        return changed;
    }
}
