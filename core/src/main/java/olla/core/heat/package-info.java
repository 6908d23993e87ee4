/**
 * Heat in a cross-section: materials, geometry, faces, and the linearly implicit spectral-element solver. Physics only; it
 * knows no fish. Written as arrays and loops on purpose. The equations stand in {@link olla.core.heat.SectionSolver}.
 *
 * <p>Knows: core.units.
 */
package olla.core.heat;
