package olla.server.messages;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.mock.web.MockHttpServletRequest;

/** Which language and units a request asks for. */
class AskedLanguageTest {

    /** Source: RFC 4647 (lookup) and Unicode Technical Standard 35 (measurement system), from memory. */
    @ParameterizedTest
    @CsvSource(
            value = {
                "'', '', en-u-ms-metric",
                "'', de-DE, en-u-ms-metric",
                "'', 'de;q=0.9, en-GB;q=0.5', en-u-ms-metric",
                "'', en-u-ms-ussystem, en-u-ms-ussystem",
                "units=imperial, en, en-u-ms-ussystem",
                "pieces=4&units=imperial, '', en-u-ms-ussystem",
                "units=metric, en-u-ms-ussystem, en-u-ms-metric",
                "units=furlongs, '', en-u-ms-metric",
                "xunits=imperial, '', en-u-ms-metric",
                "lang=en, fr, en-u-ms-metric",
                "lang=../../etc, '', en-u-ms-metric",
                "'', ';;;=q,-', en-u-ms-metric"
            })
    void anAnswerIsInTheLanguageAndUnitsThatWereAskedFor(String query, String accepted, String answered) {
        MockHttpServletRequest request = new MockHttpServletRequest();
        request.setQueryString(query.isEmpty() ? null : query);
        if (!accepted.isEmpty()) {
            request.addHeader("Accept-Language", accepted);
        }
        assertThat(AskedLanguage.of(request).locale().toLanguageTag()).isEqualTo(answered);
    }
}
