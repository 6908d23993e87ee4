package olla.journeys;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import org.openqa.selenium.Keys;

/** How sure, to which target and for whom: a guest at risk and a barely set salmon, a stuffed fillet, a thick piece. */
class CertaintyJourneyTest {

    @RegisterExtension
    static final Evening EVENING = Evening.shared();

    private static Screen screen;

    @BeforeAll
    static void open() {
        screen = EVENING.screen();
    }

    @BeforeEach
    void atTheBench() {
        screen.size(1280, 800);
        screen.openAfresh("/bench");
        screen.see(Part.of("button").in(Bench.WAYS));
    }

    private static void fish(String letters, String name, String cut) {
        Bench bench = new Bench(screen);
        bench.fish(letters, name);
        bench.cut(cut);
    }

    @Test
    void aBarelySetSalmonNeedsAnAnswerAndAGuestAtRiskGetsNone() {
        fish("sal", "Salmon", "Fillet");
        screen.tap(Part.radio("set").in(Bench.TARGETS));
        screen.waitForText(Bench.BEFORE_SERVING, "what was done about parasites?");
        // Asked, not chosen: the ticket stands as it was.
        assertThat(screen.text(Bench.TARGET)).isEqualTo("flakes");
        assertThat(screen.objections()).isEmpty();
        screen.tap(Part.button("nobody knows").in(Bench.BEFORE_SERVING));
        screen.waitForText(Bench.BEFORE_SERVING, "Then not below “flakes”");
        assertThat(screen.text(Bench.TARGET)).isEqualTo("flakes");
        screen.tap(Part.button("frozen, 7 days at −20").in(Bench.BEFORE_SERVING));
        screen.waitForText(Bench.TARGET, "set");
        screen.until(
                "the answered caution to go",
                () -> screen.text(Bench.TICKET).contains("should have been frozen") ? null : true);
        screen.waitForText(Bench.TICKET, "Stays below the official 63");

        screen.tap(Bench.AT_RISK);
        screen.waitForText(Bench.TARGET, "official");
        screen.until(
                "low targets to be off",
                () -> screen.see(Part.of("radio").in(Bench.TARGETS)).isEnabled() ? null : true);
        screen.until("the caution to go", () -> screen.text(Bench.TICKET).contains("Stays below") ? null : true);
        assertThat(screen.objections()).isEmpty();
        screen.press("z");
        screen.waitForText(Bench.TARGET, "set");
    }

    @Test
    void aThickPieceIsWhereRuleAndModelPart() {
        screen.type(Bench.WEIGHS, "400");
        screen.type(Bench.THICKEST, "45");
        screen.waitForText(Bench.THICKNESS, "45 mm");
        screen.waitForText(Bench.WAYS, "heat model");
        screen.tap(Part.button("by thickness").in(Bench.WAYS));
        screen.waitForText(Bench.WAY_TOLD, "too short by the model");
        assertThat(screen.text(Bench.WAY_TOLD)).contains("Canadian Department of Fisheries");
        assertThat(screen.objections()).isEmpty();
        screen.tap(Part.button("this oven's log").in(Bench.WAYS));
        screen.waitForText(Bench.WAY_TOLD, "in this oven came out just right");

        screen.tap(Part.button("Compare").in(Bench.PIECE));
        screen.waitForText(Bench.DIALOG, "Olla would take");
        screen.waitForText(Bench.DIALOG, "information and no permission");
        assertThat(screen.objections()).isEmpty();
        screen.tap(Part.button("Set it").in(Bench.DIALOG));
        screen.waitForText(Bench.DIAL, "160");
    }

    @Test
    void aStuffedFilletIsDoneWhenItsStuffingIs() {
        screen.type(Bench.THICKEST, "32");
        new Bench(screen).layer("fish");
        screen.tap(Part.of("combobox", "Inside it").in(Bench.DRESS));
        screen.tap(Part.option("a stuffing"));
        screen.waitForText(Bench.TICKET, "The stuffing sets the time: it comes to 74°");
        screen.waitForText(Bench.TICKET, "must itself reach 74");
        screen.tap(Part.button("Put it in").in(Bench.TICKET));
        screen.waitForText(OvenSide.SAYS, "Leave it shut");
        screen.see(OvenSide.DRAWN);
        screen.press(Keys.ENTER);
        screen.waitForText(OvenSide.SAYS, "Put it back: it is not cooked");
        screen.waitForText(OvenSide.ALL, "its stuffing not to the 74 °C that it needs");
    }

    @Test
    void aWeighedFishIsToldWhatARulerIsWorth() {
        screen.type(Bench.THICKEST, "");
        screen.waitForText(Bench.TICKET, "A ruler would narrow the window from");
        screen.tap(Bench.DOUBTS);
        screen.waitForText(Bench.TICKET, "what the log left open of this oven");
        assertThat(screen.objections()).isEmpty();
    }
}
