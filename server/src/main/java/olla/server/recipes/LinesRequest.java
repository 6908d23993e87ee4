package olla.server.recipes;

import java.util.List;

/**
 * Lines of ingredients as a cook says them.
 *
 * @param lines at most 60
 * @param pieces for how many pieces together they are meant
 */
record LinesRequest(List<String> lines, int pieces) {}
