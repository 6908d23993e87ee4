package olla.server.evening;

import java.time.Instant;
import java.util.List;

/**
 * When the plates of an evening go out.
 *
 * @param wanted when its first course is wanted
 * @param courses when each is likely to be served, in their order; empty until there is a sheet
 */
record PlatesView(String evening, Instant wanted, List<Instant> courses) {}
