package olla.server.query;

import static org.assertj.core.api.Assertions.assertThat;

import olla.core.dress.Vegetable;
import olla.core.fish.Orientation;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.ObjectMapper;

/** What was stored before some fields had their names of today says the same. */
class EarlierWordsTest {

    private static final String TODAYS = """
            {"piece": {"species":"trout","cut":"WHOLE","massG":400,"orientation":"STANDING"},
             "dress": {"kind":"OPEN_TRAY"},
             "oven": {"kind":"STILL","calibration":{"offsetC":12,"offsetDoubtC":3,"logFilm":0.1,"logFilmDoubt":0.2}}}
            """;

    @Test
    void aQuestionOfBeforeIsReadWhole() {
        ObjectMapper json = new ObjectMapper();
        EstimateRequest today = json.readValue(TODAYS, EstimateRequest.class);
        String before = TODAYS.replace("orientation", "stance").replace("calibration", "truth");
        assertThat(json.readValue(before, EstimateRequest.class)).isEqualTo(today);
        assertThat(today.piece().orientation()).isEqualTo(Orientation.STANDING);
        assertThat(today.oven().calibration().offsetC()).isEqualTo(12);
    }

    @Test
    void aSideOfWhichNoMoreWasSaidThanOfWhatIsOneOfToday() {
        ObjectMapper json = new ObjectMapper();
        String before =
                TODAYS.replace("\"OPEN_TRAY\"", "\"OPEN_TRAY\",\"sides\":[\"PEAS\",{\"of\":\"LEEK\",\"lastMin\":9}]");
        assertThat(json.readValue(before, EstimateRequest.class).dress().sides())
                .containsExactly(
                        new EstimateRequest.SideInput(Vegetable.PEAS, null, null, null),
                        new EstimateRequest.SideInput(Vegetable.LEEK, 9.0, null, null));
    }
}
