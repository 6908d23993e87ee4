package olla.core.simulation;

import olla.core.dress.Dress;
import olla.core.fish.Piece;
import olla.core.heat.Face;
import olla.core.heat.SectionState;
import olla.core.heat.Surroundings;
import olla.core.oven.OvenKind;
import olla.core.oven.OvenModel;

/** How long a frozen piece thaws in the fridge, from the solver: still air at 4 °C until the middle is soft. */
public final class Thawing {

    /* Still air in a fridge on a wrapped piece (order of magnitude, from memory). */
    private static final double FRIDGE_FILM = 6;

    /* Soft enough to cut and to take a knife's tip: all but the last ice is gone. */
    private static final double SOFT_C = -1.2;
    private static final double STRIDE_S = 600;
    private static final double LONGEST_HOURS = 96;

    private Thawing() {}

    /** Hours in the fridge until the coldest point is soft, to the next half hour; at most 96. */
    public static double fridgeHours(Piece frozen) {
        BakeModel model = new BakeModel(
                frozen, Dress.open(), OvenModel.trusted(OvenKind.STILL), Unknowns.NONE, BakeModel.Fineness.COARSE);
        Face air = new Face.Exposed(FRIDGE_FILM, Piece.FRIDGE_C, Piece.FRIDGE_C, Dress.EMISSIVITY, 0, 0);
        Surroundings fridge = new Surroundings(air, air);
        TrayLoad bare = TrayLoad.AT_FIRST;
        SectionState state = model.start(bare);
        while (state.coldestC() < SOFT_C && state.seconds() < LONGEST_HOURS * 3600) {
            model.solver(bare).advance(state, fridge, STRIDE_S);
        }
        return Math.ceil(state.seconds() / 1800) / 2;
    }
}
