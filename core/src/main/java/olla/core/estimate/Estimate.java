package olla.core.estimate;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import olla.core.fish.MeasuredBy;
import olla.core.fish.Piece;
import olla.core.messages.Message;
import olla.core.safety.Caution;
import olla.core.simulation.Browning;
import olla.core.simulation.Frames;
import olla.core.simulation.Juice;
import olla.core.simulation.StageSpan;
import olla.core.simulation.Trace;
import olla.core.uncertainty.CheckWindow;
import olla.core.uncertainty.Doubt;
import olla.core.units.Dial;

/**
 * The answer on the ticket.
 *
 * @param piece with its missing sides filled in
 * @param bakeMinutes in the oven, from when the first thing goes in
 * @param stages of the programme on the clock
 * @param window when to check; empty where this oven never brings this piece to the target
 * @param pullC coldest point when it leaves the oven, °C
 * @param peakC the warmest the coldest point gets, rest included, °C
 * @param restMinutes out of the oven
 * @param meanAtPullC mean of the flesh when it leaves the oven, °C
 * @param juice what it loses to the dish, the oven and the room
 * @param fillingPeakC the warmest the coldest of a filling gets, °C; empty where there is none
 * @param colour of the top where it shows; empty under a cover
 * @param goldMin when the top turns gold, minutes; empty where it does not
 * @param forgotten what comes of leaving a crust shut for longer; empty for every other dress
 * @param lethalityMinutesAt70 at the coldest point, equivalent minutes at 70 °C; information, never permission
 * @param dial the oven on other dials
 * @param trace temperatures over time
 * @param frames pictures of the section
 * @param doubts what makes the window wide, largest first
 * @param cautions that apply here
 * @param assumptions what was taken as given because nobody said
 */
public record Estimate(
        Piece piece,
        double bakeMinutes,
        List<StageSpan> stages,
        Optional<CheckWindow> window,
        double pullC,
        double peakC,
        double restMinutes,
        double meanAtPullC,
        Juice juice,
        OptionalDouble fillingPeakC,
        Optional<Browning.Colour> colour,
        OptionalDouble goldMin,
        Optional<Forgotten> forgotten,
        double lethalityMinutesAt70,
        Dial dial,
        Trace trace,
        Frames frames,
        List<Doubt> doubts,
        List<Caution> cautions,
        List<Message> assumptions) {

    /**
     * A rest that was too long.
     *
     * @param minutes how long it was left
     * @param peakC the warmest the coldest point gets then, °C
     */
    public record Forgotten(double minutes, double peakC) {}

    /** By how much a ruler at the thickest point would narrow the check window, minutes; 0 where one was used. */
    public double rulerWouldGainMinutes() {
        if (piece.measured() == MeasuredBy.RULER || window.isEmpty()) {
            return 0;
        }
        double width = window.get().widthMin();
        return doubts.stream()
                .filter(doubt -> doubt.about() == Doubt.About.THICKNESS)
                .mapToDouble(doubt -> width - doubt.narrowsToMin())
                .findFirst()
                .orElse(0);
    }
}
