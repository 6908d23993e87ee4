package olla.core.heat;

import java.util.Arrays;

/**
 * What conducts in a section and along its length, and the system of one stage of a step: what conducts, what holds heat, what the
 * faces give way by. In several planes it is that of each plane times that between planes (approximate factorisation: published,
 * Hundsdorfer and Verwer 2003, section IV.5, from memory). Mutable, for one thread; nothing is allocated after it is made.
 */
final class Conduction {

    private final Section section;
    private final SectionNodes nodes;
    private final SectionFaces faces;
    private final int planes;
    private final int each;
    private final SparseFactors[] factors;
    private final SparseMatrix[] stiffness;
    private final double[] conductivity;
    private final double[] holds;
    private final double[] diagonal;
    private final double[] entries;
    private final double[] inPlane;
    private final double[] planeSystem;
    private final double[] planeSide;

    Conduction(SectionNodes nodes, SectionFaces faces) {
        this.section = nodes.section;
        this.nodes = nodes;
        this.faces = faces;
        planes = nodes.planes;
        each = nodes.each;
        factors = new SparseFactors[planes];
        stiffness = new SparseMatrix[planes];
        for (int p = 0; p < planes; p++) {
            factors[p] = new SparseFactors(section.pattern);
            stiffness[p] = new SparseMatrix(section.pattern);
        }
        conductivity = new double[nodes.all];
        for (int i = 0; i < nodes.all; i++) {
            Material m = nodes.materialOf[i];
            conductivity[i] = 1 / m.resistivity(0, m.waterKgM3());
        }
        holds = new double[nodes.all];
        diagonal = new double[each];
        int per = section.rule.count() * section.rule.count();
        entries = new double[per * (per + 1) / 2];
        inPlane = new double[each];
        planeSystem = new double[planes * planes];
        planeSide = new double[planes];
    }

    /** Takes what a node conducts where it holds so much; {@link #update} follows when all are known. */
    void at(int node, double enthalpy, double water) {
        conductivity[node] = 1 / nodes.materialOf[node].resistivity(enthalpy, water);
    }

    /** What conducts in each plane, by what its nodes do. */
    void update() {
        int per = section.rule.count() * section.rule.count();
        int half = entries.length;
        for (int p = 0; p < planes; p++) {
            SparseMatrix m = stiffness[p];
            double length = section.planeM[p];
            m.set(section.springEntry, length);
            for (int e = 0; e < section.elements; e++) {
                double first = conductivity[p * each + section.nodeOf[e * per]];
                boolean alike = true;
                for (int at = e * per + 1; at < (e + 1) * per && alike; at++) {
                    alike = conductivity[p * each + section.nodeOf[at]] == first;
                }
                if (alike) {
                    m.add(section.elementAt, section.elementEntry, e * half, (e + 1) * half, first * length);
                } else {
                    addUneven(m, p, e, length);
                }
            }
        }
    }

    /* An element that does not conduct alike everywhere. */
    private void addUneven(SparseMatrix m, int plane, int element, double length) {
        int per = section.rule.count() * section.rule.count();
        int half = entries.length;
        Arrays.fill(entries, 0);
        for (int at = element * per; at < (element + 1) * per; at++) {
            double k = length * conductivity[plane * each + section.nodeOf[at]];
            int from = at * half;
            for (int c = 0; c < half; c++) {
                entries[c] += k * section.nodeEntry[from + c];
            }
        }
        m.add(section.elementAt, element * half, entries);
    }

    /** What flows from a node for each kelvin that it alone is warmer, W/K, without what flows along the length. */
    double perKelvin(int node) {
        return stiffness[node / each].diagonal(node % each);
    }

    /** Adds what is conducted into each node, W. */
    void conducts(double[] celsius, double[] flow) {
        for (int p = 0; p < planes; p++) {
            stiffness[p].multiply(celsius, p * each, flow);
        }
        if (planes > 1) {
            alongTheLength(celsius, flow);
        }
    }

    private void alongTheLength(double[] c, double[] flow) {
        for (int i = 0; i < each; i++) {
            if (section.material[i] == Section.TRAY) {
                continue;
            }
            for (int q = 0; q < planes; q++) {
                double slope = 0;
                for (int b = 0; b < planes; b++) {
                    slope += section.planeSlope[q * planes + b] * c[b * each + i];
                }
                double flux = section.area[i] * section.planeM[q] * conductivity[q * each + i] * slope;
                for (int a = 0; a < planes; a++) {
                    flow[a * each + i] -= section.planeSlope[q * planes + a] * flux;
                }
            }
        }
    }

    /**
     * Makes the system ready for the stages of a step.
     *
     * @param capacity of each node, J/m³K
     * @param stageS one stage's length, s
     */
    void assemble(double[] capacity, double stageS) {
        for (int p = 0; p < planes; p++) {
            for (int i = 0; i < each; i++) {
                int at = p * each + i;
                holds[at] = nodes.volume[at] * capacity[at] / stageS;
                diagonal[i] = holds[at];
            }
            faces.giveWay(diagonal, p);
            factors[p].of(stiffness[p], diagonal);
        }
    }

    /** By how much each node warms in its own plane for what flows in, W. */
    void solve(double[] flowsIn, double[] warms) {
        for (int p = 0; p < planes; p++) {
            System.arraycopy(flowsIn, p * each, inPlane, 0, each);
            factors[p].solve(inPlane);
            System.arraycopy(inPlane, 0, warms, p * each, each);
        }
    }

    /** What is left to be conducted away, W, when what holds heat and the faces have had theirs; where there is one plane. */
    void conductsAway(double[] flowsIn, double[] warms, double[] away) {
        for (int i = 0; i < away.length; i++) {
            away[i] = flowsIn[i] - holds[i] * warms[i];
        }
        faces.giveWay(warms, away);
    }

    /** The second factor: for each node the planes among each other, with the end's faces. */
    void solveAlongTheLength(double[] warms) {
        for (int i = 0; i < each; i++) {
            if (section.material[i] == Section.TRAY) {
                continue;
            }
            Arrays.fill(planeSystem, 0);
            for (int q = 0; q < planes; q++) {
                double k = section.area[i] * section.planeM[q] * conductivity[q * each + i];
                for (int a = 0; a < planes; a++) {
                    double slope = k * section.planeSlope[q * planes + a];
                    for (int b = 0; b < planes; b++) {
                        planeSystem[a * planes + b] += slope * section.planeSlope[q * planes + b];
                    }
                }
            }
            for (int p = 0; p < planes; p++) {
                int at = p * each + i;
                planeSystem[p * planes + p] += holds[at];
                planeSide[p] = holds[at] * warms[at];
            }
            planeSystem[planes * planes - 1] += faces.endGivesWay(i);
            solvePlanes();
            for (int p = 0; p < planes; p++) {
                warms[p * each + i] = planeSide[p];
            }
        }
    }

    /* Elimination; the system is symmetric and positive definite. */
    private void solvePlanes() {
        for (int k = 0; k < planes; k++) {
            double pivot = planeSystem[k * planes + k];
            for (int r = k + 1; r < planes; r++) {
                double times = planeSystem[r * planes + k] / pivot;
                for (int c = k + 1; c < planes; c++) {
                    planeSystem[r * planes + c] -= times * planeSystem[k * planes + c];
                }
                planeSide[r] -= times * planeSide[k];
            }
        }
        for (int k = planes - 1; k >= 0; k--) {
            for (int c = k + 1; c < planes; c++) {
                planeSide[k] -= planeSystem[k * planes + c] * planeSide[c];
            }
            planeSide[k] /= planeSystem[k * planes + k];
        }
    }
}
