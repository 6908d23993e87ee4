package olla.server.bakes;

import java.time.Instant;
import java.util.UUID;
import olla.core.doneness.Cue;
import olla.server.bakes.rows.TapInput;
import olla.server.bakes.rows.TapKind;
import olla.server.query.EstimateRequest;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.ObjectMapper;

/** Questions and taps for the tests of bakes. */
public final class Hakes {

    private Hakes() {}

    /** A portion of hake on a tray at 230 °C, likely done after twelve minutes or so. */
    public static EstimateRequest hake() {
        return hake("\"kind\":\"OPEN_TRAY\"", "");
    }

    /**
     * A portion of hake.
     *
     * @param dress its dress's fields
     * @param more further fields of the request, each with a comma before it
     */
    public static EstimateRequest hake(String dress, String more) {
        return portion("\"species\":\"hake\"", dress, more);
    }

    /**
     * A portion of any fish.
     *
     * @param fish the piece's fields that say which
     * @param dress its dress's fields
     * @param more further fields of the request, each with a comma before it
     */
    public static EstimateRequest portion(String fish, String dress, String more) {
        try {
            return new ObjectMapper().readValue("""
                    {"piece": {%s,"cut":"PORTION","thicknessMm":26,"massG":160,"startTempC":8},
                     "dress": {%s}, "oven": {"kind":"STILL"},
                     "programme": [{"stage":"BAKE","tempC":230},{"stage":"REST","minutes":4}],
                     "usual": true, "doneness":"FLAKES"%s}
                    """.formatted(fish, dress, more), EstimateRequest.class);
        } catch (JacksonException broken) {
            throw new IllegalStateException(broken);
        }
    }

    public static TapInput tap(TapKind kind, Instant at) {
        return new TapInput(UUID.randomUUID(), kind, at, null, null, null);
    }

    public static TapInput cue(Cue cue, Instant at) {
        return new TapInput(UUID.randomUUID(), TapKind.CUE, at, cue, null, null);
    }

    public static TapInput number(TapKind kind, int number, Instant at) {
        return new TapInput(UUID.randomUUID(), kind, at, null, null, number);
    }

    public static TapInput degrees(TapKind kind, double celsius, Instant at) {
        return new TapInput(UUID.randomUUID(), kind, at, null, celsius, null);
    }
}
