package olla.core.heat;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Arrays;
import java.util.List;
import org.junit.jupiter.api.Test;

/** The peak of the coldest between two ends of a step, against curves whose crossing is known. */
class CrestTest {

    private static final Section SECTION = new SectionBuilder(
                    List.of(Layer.flesh(new Outline.RoundedRectangle(0.03, 0.02, 0, 0), 0.004, 1)), Wall.NONE, 1, 1)
            .build();
    private final SectionNodes nodes = new SectionNodes(SECTION, new Material[] {Material.constant(0.5, 3.7e6)});
    private final Crest crest = new Crest(nodes);
    private final double[] from = new double[nodes.all];
    private final double[] to = new double[nodes.all];
    private final double[] first = new double[nodes.all];
    private final double[] last = new double[nodes.all];

    /* All are as warm as each other along the section, so that no polynomial dips between nodes. */
    private void all(double atStart, double atEnd, double asAtStart, double asAtEnd) {
        Arrays.fill(from, atStart);
        Arrays.fill(to, atEnd);
        Arrays.fill(first, asAtStart);
        Arrays.fill(last, asAtEnd);
    }

    @Test
    void oneThatRisesAndFallsPeaksBetween() {
        // 4 p (1 - p) above 50: up by 1 K half way.
        all(50, 50, 4, -4);
        assertThat(crest.mayBe(Section.FLESH, from, to, first)).isTrue();
        assertThat(crest.of(Section.FLESH, from, to, first, last)).isCloseTo(51, within(1e-3));
    }

    @Test
    void oneThatWarmsUntilTheEndIsWarmestThere() {
        all(50, 55, 5, 5);
        assertThat(crest.mayBe(Section.FLESH, from, to, first)).isFalse();
        assertThat(crest.of(Section.FLESH, from, to, first, last)).isCloseTo(55, within(1e-9));
    }

    @Test
    void oneThatCoolsFromTheStartHasNoCrest() {
        all(50, 45, -5, -5);
        assertThat(crest.mayBe(Section.FLESH, from, to, first)).isFalse();
    }

    /** Below and above the middle two halves warm and cool: where they cross the coldest is warmest. */
    @Test
    void whereOneCoolsBelowAnotherThatWarmsIsTheCrest() {
        for (int i = 0; i < nodes.all; i++) {
            boolean warms = SECTION.y[i] < 0.01;
            from[i] = warms ? 30 : 60;
            to[i] = warms ? 60 : 40;
            first[i] = to[i] - from[i];
            last[i] = first[i];
        }
        assertThat(crest.mayBe(Section.FLESH, from, to, first)).isTrue();
        // 30 + 30 p = 60 - 20 p: p = 0.6. Where halves meet the polynomials dip a little below their nodes.
        assertThat(crest.of(Section.FLESH, from, to, first, last)).isCloseTo(48, within(0.3));
    }
}
