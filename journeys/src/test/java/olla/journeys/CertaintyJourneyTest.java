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
        screen.see(".schools .school");
    }

    private static void fish(String letters, String name, String cut) {
        screen.fish(letters, name);
        screen.tapNamed(".side [role=radio]", cut);
    }

    @Test
    void aBarelySetSalmonNeedsAnAnswerAndAGuestAtRiskGetsNone() {
        fish("sal", "Salmon", "Fillet");
        screen.tapNamed(".targets button", "set");
        screen.waitForText(".asked", "what was done about parasites?");
        // Asked, not chosen: the ticket stands as it was.
        assertThat(screen.text(".targets [aria-checked=true]")).isEqualTo("flakes");
        assertThat(screen.objections()).isEmpty();
        screen.tapNamed(".asked button", "nobody knows");
        screen.waitForText(".asked", "Then not below “flakes”");
        assertThat(screen.text(".targets [aria-checked=true]")).isEqualTo("flakes");
        screen.tapNamed(".asked button", "frozen, 7 days at −20");
        screen.waitForText(".targets [aria-checked=true]", "set");
        screen.until(
                "the answered caution to go",
                () -> screen.text(".slip .cautions").contains("should have been frozen") ? null : true);
        screen.waitForText(".slip .cautions", "Stays below the official 63");

        screen.tap(".risk input");
        screen.waitForText(".targets [aria-checked=true]", "official");
        screen.until(
                "low targets to be off", () -> screen.see(".targets button").isEnabled() ? null : true);
        screen.until("the caution to go", () -> screen.text(".slip .cautions").contains("Stays below") ? null : true);
        assertThat(screen.objections()).isEmpty();
        screen.press("z");
        screen.waitForText(".targets [aria-checked=true]", "set");
    }

    @Test
    void aThickPieceIsWhereRuleAndModelPart() {
        screen.type(".measure[data-of=Weighs] input", "400");
        screen.type(".measure input", "45");
        screen.waitForText(".handle", "45 mm");
        screen.waitForText(".schools", "heat model");
        screen.tapNamed(".schools .school", "by thickness");
        screen.waitForText(".schools .told", "too short by the model");
        assertThat(screen.text(".schools .told")).contains("Canadian Department of Fisheries");
        assertThat(screen.objections()).isEmpty();
        screen.tapNamed(".schools .school", "this oven's log");
        screen.waitForText(".schools .told", "in this oven came out just right");

        screen.tapNamed(".side button", "Compare");
        screen.waitForText(".el-dialog", "Olla would take");
        screen.waitForText(".el-dialog", "information and no permission");
        assertThat(screen.objections()).isEmpty();
        screen.tapNamed(".el-dialog button", "Set it");
        screen.waitForText(".slip .oven dd", "160");
    }

    @Test
    void aStuffedFilletIsDoneWhenItsStuffingIs() {
        screen.type(".measure input", "32");
        screen.tap("[data-of='Inside it'] .el-select__wrapper");
        screen.tapNamed(".el-select-dropdown__item", "a stuffing");
        screen.waitForText(".slip", "The stuffing sets the time: it comes to 74°");
        screen.waitForText(".slip .cautions", "must itself reach 74");
        screen.tapNamed(".slip button", "Put it in");
        screen.waitForText("h1", "Leave it shut");
        screen.see(".inside svg");
        screen.press(Keys.ENTER);
        screen.waitForText("h1", "Put it back: it is not cooked");
        screen.waitForText(".hint", "its stuffing not to the 74 °C that it needs");
    }

    @Test
    void aWeighedFishIsToldWhatARulerIsWorth() {
        screen.type(".measure input", "");
        screen.waitForText(".slip .why", "A ruler would narrow the window from");
        screen.tap(".slip .why summary");
        screen.waitForText(".slip .why ol", "what the log left open of this oven");
        assertThat(screen.objections()).isEmpty();
    }
}
