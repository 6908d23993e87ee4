package olla.server.evening;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.atomic.AtomicInteger;
import olla.core.messages.Message;
import olla.core.messages.Quantity;
import olla.core.oven.OvenKind;
import olla.core.runsheet.Advice;
import olla.core.runsheet.Chance;
import olla.core.runsheet.Cost;
import olla.core.runsheet.Moved;
import olla.core.runsheet.RunSheet;
import olla.core.runsheet.Shortage;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class WorkedJsonTest {

    private final WorkedJson json = new WorkedJson();

    private static Worked saying(Message said) {
        return new Worked(
                Optional.of(new RunSheet(
                        List.of(), List.of(), List.of(new RunSheet.CourseTime(0, 2.5)), new Cost(0, 1, 2))),
                3,
                List.of(new Moved("hake.PUT_IN", said, -4.5)),
                Optional.of(new Advice(
                        new Chance(0.5, 0.75, Map.of("hake", 0.1), Map.of()),
                        "hake",
                        said,
                        Optional.of(new Advice.Change(said, 0.9)))),
                Optional.of(new Shortage(Shortage.What.OVEN, said, -60, -30, said)),
                List.of(said),
                "signs");
    }

    /** Every kind of value that a sentence can have comes back as it was, however deep. */
    @Test
    void whatIsWrittenIsReadAsItWas() {
        Message said = Message.of(
                "a",
                "celsius",
                Quantity.dial(220),
                "kind",
                OvenKind.FAN,
                "step",
                Message.of("b", "all", List.of(Message.typed("Hake “of the day”"), Quantity.minutes(4.5))),
                "share",
                0.25,
                "count",
                3L,
                "whether",
                true,
                "name",
                "Ärmel");
        assertThat(json.read(json.written(saying(said)))).contains(saying(said));
    }

    @Test
    void nothingIsReadAsNothing() {
        assertThat(json.read(json.written(Worked.NOTHING))).contains(Worked.NOTHING);
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "null",
                "[]",
                "{\"sheet\":5}",
                "{\"found\":[{\"key\":\"a\"}]}",
                "{\"found\":[{\"key\":\"a\",\"values\":{\"x\":{\"of\":\"olla.core.oven.OvenKind\",\"constant\":\"STEAM\"}}}]}",
                "{\"found\":[{\"key\":\"a\",\"values\":{\"x\":{\"amount\":1,\"unit\":\"CUBIT\"}}}]}"
            })
    void whatIsOfAnotherVersionIsNothing(String text) {
        assertThat(json.read(text)).isEmpty();
    }

    /** What a row names is never made where it is not one of our own constants. */
    @ParameterizedTest
    @ValueSource(
            strings = {
                "java.lang.Thread$State",
                "olla.core.messages.Message",
                "olla.core.runsheet.NoSuchThing",
                "java.util.Locale"
            })
    void noOtherClassIsEverMade(String name) {
        assertThat(json.read("{\"found\":[{\"key\":\"a\",\"values\":{\"x\":{\"of\":\"" + name
                        + "\",\"constant\":\"NEW\"}}}],\"moved\":[]}"))
                .isEmpty();
    }

    @Test
    void aKindThatCannotBeStoredIsSaid() {
        assertThatThrownBy(() -> json.written(saying(Message.of("a", "locale", Locale.ROOT))))
                .hasStackTraceContaining("java.util.Locale");
        assertThatThrownBy(() -> json.written(saying(Message.of("a", "count", new AtomicInteger[0]))))
                .hasStackTraceContaining("AtomicInteger");
    }
}
