package olla.core;

import static org.assertj.core.api.Assertions.assertThat;

import com.tngtech.archunit.core.domain.JavaClass;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import java.lang.reflect.Field;
import java.lang.reflect.Modifier;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** One number, one place: a constant of the trade is not written down a second time. */
class ConstantsTest {

    /* Numbers that were once in several places, by what their names go by. */
    private static final Map<String, Double> ONCE = Map.of(
            "(ROOM|KITCHEN|AIR_OF_ROOM)_C", 22.0,
            "BOILING(_C)?", 100.0,
            "(WITHOUT_HEAD.*|BODY_SHARE|HEADLESS.*)", 0.68,
            "(BASE_)?BESIDE_(MM|M)", 20.0,
            "FRIDGE_C", 4.0,
            "MOST_PIECES", 100.0,
            "LEAST_MINUTES", 0.5);

    private static Map<String, Set<String>> places() throws IllegalAccessException {
        Map<String, Set<String>> places = new TreeMap<>();
        for (JavaClass inside : new ClassFileImporter()
                .withImportOption(new ImportOption.DoNotIncludeTests())
                .importPackages("olla.core")) {
            for (Field field : inside.reflect().getDeclaredFields()) {
                if (Modifier.isStatic(field.getModifiers())
                        && (field.getType() == double.class || field.getType() == int.class)) {
                    field.setAccessible(true);
                    double value = ((Number) field.get(null)).doubleValue();
                    places.computeIfAbsent(field.getName() + " = " + value, k -> new TreeSet<>())
                            .add(inside.getName());
                }
            }
        }
        return places;
    }

    @Test
    void noTwoRoomsHoldTheSameNumberUnderTheSameName() throws IllegalAccessException {
        Map<String, Set<String>> places = places();
        assertThat(places).hasSizeGreaterThan(300);
        // The numbers of the materials that every section has are handed on under their own names.
        List<String> handedOn = List.of("FLESH = 0.0", "TRAY = 1.0");
        places.forEach((constant, classes) -> {
            if (!handedOn.contains(constant)) {
                assertThat(classes).as(constant).hasSize(1);
            }
        });
    }

    @Test
    void whatWasInSeveralPlacesStandsOnce() throws IllegalAccessException {
        Map<String, Set<String>> places = places();
        ONCE.forEach((name, value) -> {
            Pattern named = Pattern.compile(name + " = .*");
            assertThat(places.keySet().stream().filter(c -> named.matcher(c).matches()))
                    .as("constants named as %s", name)
                    .singleElement()
                    .asString()
                    .endsWith(" = " + value);
        });
    }
}
