package olla.core.estimate;

import java.util.List;

/**
 * How sure the minutes are.
 *
 * @param window from the ensemble
 * @param doubts what makes it wide, largest first
 * @param schools the ways of reckoning, side by side
 */
public record Certainty(CheckWindow window, List<Doubt> doubts, List<School> schools) {}
