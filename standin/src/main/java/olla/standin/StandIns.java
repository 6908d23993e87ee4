package olla.standin;

import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Random;
import java.util.UUID;
import olla.core.messages.Message;
import olla.core.units.Temperature;
import olla.server.bakes.BakeView;
import tools.jackson.core.JacksonException;
import tools.jackson.core.JsonParser;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.DeserializationContext;
import tools.jackson.databind.DeserializationFeature;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.ObjectMapper;
import tools.jackson.databind.ValueDeserializer;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.module.SimpleModule;

/**
 * The stand-in devices. Each pushes a reading every five seconds of the kitchen's clock: the probes as lines of CSV, the
 * ovens' thermometers as JSON, so that both ways in are used. Where the kitchen's clock runs fast, so do they.
 *
 * <p>Arguments: the application's address, and a file with another hidden truth where wanted.
 */
public final class StandIns {

    private static final Duration EVERY = Duration.ofSeconds(5);
    private static final Duration MOST_AT_ONCE = Duration.ofMinutes(5);
    private static final long PAUSE_MS = 200;
    /* An oven that waits for the evening stands at this dial. */
    private static final double IDLE_C = 220;
    private static final double LOST_AN_HOUR = 4;

    private final URI address;
    private final Truth truth;
    private final HttpClient http =
            HttpClient.newBuilder().connectTimeout(Duration.ofSeconds(2)).build();
    private final ObjectMapper json = JsonMapper.builder()
            .addModule(new SimpleModule().addDeserializer(Message.class, new Heard()))
            .disable(DeserializationFeature.FAIL_ON_UNKNOWN_PROPERTIES)
            .build();
    private final Random random = new Random(17);
    private final Map<UUID, RealBake> bakes = new HashMap<>();
    private final Map<String, Double> tips = new HashMap<>();
    private Instant told;
    private Instant began;

    /** What is said to cooks comes as text, which is nothing to a device. */
    private static final class Heard extends ValueDeserializer<Message> {
        @Override
        public Message deserialize(JsonParser json, DeserializationContext context) {
            return Message.typed(json.getString());
        }
    }

    private StandIns(URI address, Truth truth) {
        this.address = address;
        this.truth = truth;
    }

    public static void main(String[] args) throws Exception {
        StandIns standIns = new StandIns(URI.create(args[0]), Truth.read(args.length > 1 ? args[1] : null));
        while (true) {
            try {
                standIns.goOn();
            } catch (JacksonException strange) {
                throw new IllegalStateException("This answer is none that these devices know.", strange);
            } catch (IOException away) {
                // The application is not there just now; a device tries again.
                Thread.sleep(5 * PAUSE_MS);
            }
            Thread.sleep(PAUSE_MS);
        }
    }

    private void goOn() throws IOException, InterruptedException {
        JsonNode clock = json.readTree(get("/api/clock"));
        Instant now = Instant.parse(clock.get("now").asString());
        if (told == null) {
            began = now;
            told = now;
        }
        if (Duration.between(told, now).compareTo(EVERY) < 0) {
            return;
        }
        if (Duration.between(told, now).compareTo(MOST_AT_ONCE) > 0) {
            told = now.minus(MOST_AT_ONCE);
        }
        follow();
        List<String> lines = new ArrayList<>();
        List<Map<String, Object>> airs = new ArrayList<>();
        for (Instant at = told.plus(EVERY); !at.isAfter(now); at = at.plus(EVERY)) {
            for (RealBake bake : bakes.values()) {
                bake.goOn(at);
            }
            for (Truth.ProbeTruth probe : truth.probes()) {
                line(probe, at, lines);
            }
            for (Truth.OvenTruth oven : truth.ovens()) {
                airs.add(air(oven, at));
            }
            told = at;
        }
        push("text/csv", String.join("\n", lines));
        push("application/json", json.writeValueAsString(Map.of("readings", airs)));
    }

    private void follow() throws IOException, InterruptedException {
        List<BakeView> running = json.readValue(get("/api/bakes?which=RUNNING"), new TypeReference<>() {});
        bakes.keySet().removeIf(id -> running.stream().noneMatch(b -> b.id().equals(id)));
        for (BakeView view : running) {
            if (bakes.containsKey(view.id())) {
                bakes.get(view.id()).follow(view);
            } else {
                bakes.put(view.id(), new RealBake(view, truth.oven(view.ovenName())));
            }
        }
    }

    private void line(Truth.ProbeTruth probe, Instant at, List<String> lines) {
        RealBake in = bakes.values().stream()
                .filter(b -> b.view().probe() != null
                        && b.view().probe().until() == null
                        && b.view().probe().device().equals(probe.name()))
                .findFirst()
                .orElse(null);
        if (in != null && within(probe.silentMinutes(), in.minute(at))) {
            return;
        }
        double meets = Temperature.ROOM_C;
        if (in != null) {
            boolean slipped = within(probe.airMinutes(), in.minute(at)) && in.inside();
            meets = slipped ? in.airC() : in.tipC(probe.towardsFace());
        }
        double share = -Math.expm1(-EVERY.toSeconds() / probe.lagS());
        double tip = tips.merge(probe.name(), meets, (was, target) -> was + share * (target - was));
        double hours = Duration.between(began, at).toSeconds() / 3600.0;
        lines.add(String.format(
                Locale.ROOT,
                "%s,TIP,%s,%.1f,%.0f",
                probe.name(),
                at,
                tip + probe.offsetC() + probe.noiseC() * random.nextGaussian(),
                Math.max(1, probe.batteryPerCent() - LOST_AN_HOUR * hours)));
    }

    private Map<String, Object> air(Truth.OvenTruth oven, Instant at) {
        double airC = bakes.values().stream()
                .filter(b -> b.view().ovenName().equals(oven.name()) && b.inside())
                .mapToDouble(RealBake::airC)
                .findFirst()
                .orElse(IDLE_C + oven.offsetC());
        return Map.of(
                "device",
                oven.thermometer(),
                "channel",
                "AIR",
                "at",
                at.toString(),
                "celsius",
                Math.round(10 * (airC + oven.thermometerOffsetC() + random.nextGaussian())) / 10.0);
    }

    private static boolean within(List<Double> span, double minute) {
        return !span.isEmpty() && minute >= span.get(0) && minute < span.get(1);
    }

    private String get(String path) throws IOException, InterruptedException {
        HttpRequest request = HttpRequest.newBuilder(address.resolve(path))
                .timeout(Duration.ofSeconds(10))
                .build();
        return sent(request);
    }

    private void push(String type, String body) throws IOException, InterruptedException {
        if (body.isEmpty()) {
            return;
        }
        sent(HttpRequest.newBuilder(address.resolve("/api/readings"))
                .timeout(Duration.ofSeconds(10))
                .header("content-type", type)
                .POST(HttpRequest.BodyPublishers.ofString(body))
                .build());
    }

    private String sent(HttpRequest request) throws IOException, InterruptedException {
        HttpResponse<String> response = http.send(request, HttpResponse.BodyHandlers.ofString());
        if (response.statusCode() >= 300) {
            throw new IOException(request.uri() + " answers " + response.statusCode() + ": " + response.body());
        }
        return response.body();
    }
}
