package olla.core.estimate;

import java.util.List;
import olla.core.uncertainty.CheckWindow;
import olla.core.uncertainty.Doubt;

/**
 * How sure the minutes are.
 *
 * @param window from the ensemble
 * @param doubts what makes it wide, largest first
 * @param rulesOfThumb the ways of reckoning, side by side
 */
public record Certainty(CheckWindow window, List<Doubt> doubts, List<RuleOfThumb> rulesOfThumb) {}
