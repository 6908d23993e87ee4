package olla.core.estimate;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalDouble;
import olla.core.doneness.Doneness;
import olla.core.doneness.Lethality;
import olla.core.dress.Dress;
import olla.core.dress.OpenTray;
import olla.core.fish.Measured;
import olla.core.fish.Piece;
import olla.core.oven.Oven;
import olla.core.oven.Programme;
import olla.core.safety.Cautions;
import olla.core.units.Refusals;

/** The one way in: what goes in, in which dress, in which oven, to what target; out comes the ticket. */
public final class Estimator {

    private Estimator() {}

    /**
     * Reckons a bake.
     *
     * @throws olla.core.units.RefusedInput where the open bake cannot reach the target in this oven
     */
    public static Estimate estimate(Piece piece, Dress dress, Oven oven, Programme programme, Doneness target) {
        BakeModel model = new BakeModel(piece, dress, oven, Unknowns.NONE, BakeModel.Fineness.FINE);
        BakeRun run = new BakeRun(model, programme);
        OptionalDouble solved = run.minutesFor(target.peakC());
        if (solved.isEmpty() && programme.bakeMinutes().isEmpty()) {
            new Refusals().add("programme.tempC", neverDone(programme, target)).throwIfAny();
        }
        double bakeMinutes = programme.bakeMinutes().orElseGet(solved::getAsDouble);
        Course course = run.run(bakeMinutes);
        Optional<CheckWindow> window = Optional.empty();
        List<Doubt> doubts = List.of();
        if (solved.isPresent()) {
            Doubts all = new Doubts(piece, dress, oven, programme, target.peakC(), solved.getAsDouble());
            window = Optional.of(CheckWindow.about(solved.getAsDouble(), all.logSpread()));
            doubts = all.found();
        }
        Trace trace = course.trace();
        return new Estimate(
                piece,
                bakeMinutes,
                window,
                course.pullC(),
                course.peakC(),
                programme.restMinutes(),
                course.meanAtPullC(),
                course.waterLossG(),
                Lethality.minutesAt70(trace.minute(), trace.coldestC()),
                oven.kind().dial(programme.bakeTempC()),
                trace,
                course.frames(),
                doubts,
                Cautions.of(piece, dress, programme, course.peakC()),
                assumptions(piece, dress, programme, target, solved));
    }

    /**
     * What a bake of given length really comes to where the oven and the rest are known: the simulator behind the demo's
     * log.
     *
     * @return the warmest the coldest point gets, °C
     */
    public static double peakOf(
            Piece piece, Dress dress, Oven oven, Programme programme, Unknowns unknowns, double bakeMinutes) {
        BakeModel model = new BakeModel(piece, dress, oven, unknowns, BakeModel.Fineness.FINE);
        return new BakeRun(model, programme).run(bakeMinutes).peakC();
    }

    private static String neverDone(Programme programme, Doneness target) {
        return String.format(
                Locale.ROOT,
                "At %s °C the middle does not come to %s °C within %s minutes; set the oven higher.",
                Refusals.plain(programme.bakeTempC()),
                Refusals.plain(target.peakC()),
                Refusals.plain(Programme.LONGEST_MINUTES));
    }

    private static List<String> assumptions(
            Piece piece, Dress dress, Programme programme, Doneness target, OptionalDouble solved) {
        List<String> said = new ArrayList<>();
        if (piece.measured() != Measured.RULER) {
            said.add(String.format(
                    Locale.ROOT,
                    "Thickness reckoned, not measured: %.0f mm, ±%.0f. A ruler would narrow the window.",
                    piece.thicknessMm(),
                    piece.thicknessDoubtMm()));
        }
        said.add("The oven is fully hot and does what its dial says.");
        said.add("Middle of the oven, on a cold sheet-metal tray, one piece or several that do not touch.");
        if (dress instanceof OpenTray) {
            said.add("Bare or lightly oiled; a sauce or glaze would slow it.");
        }
        if (solved.isEmpty()) {
            said.add(neverDone(programme, target));
        }
        return List.copyOf(said);
    }
}
