package olla.core.units;

import static org.assertj.core.api.Assertions.assertThat;

import olla.core.messages.Message;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What a thing is stands last in its name, before what was done to it. */
class BulkTest {

    @ParameterizedTest
    @CsvSource({
        "coconut milk, milk",
        "almond milk, milk",
        "nut oil, oil",
        "rye crumbs, crumb",
        "salted butter, butter",
        "'cheese, grated', cheese",
        "hazelnuts, none",
        "nuts, nut",
        "'parsley (flat)', parsley",
        "horseradish cream, cream",
        "mustard seeds, none",
        "doughnut, none"
    })
    void aNameIsWeighedByItsLastWord(String what, String as) {
        if (as.equals("none")) {
            assertThat(Bulk.gramsPerMl(Message.typed(what))).isEmpty();
        } else {
            assertThat(Bulk.gramsPerMl(Message.typed(what)))
                    .isEqualTo(Bulk.gramsPerMl(Message.typed(as)))
                    .isPresent();
        }
    }

    @Test
    void coconutMilkIsNoNuts() {
        assertThat(new Amount(Message.typed("coconut milk"), 200, Measure.GRAM).spooned())
                .isEqualTo(new Amount(Message.typed("milk"), 200, Measure.GRAM).spooned());
    }
}
