package olla.core.dress;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import olla.core.dish.Cover;
import olla.core.dish.Dish;
import olla.core.dish.Laid;
import olla.core.dish.Stuff;
import olla.core.dish.Vessel;
import olla.core.fish.Composition;
import olla.core.fish.Cut;
import olla.core.fish.Filling;
import olla.core.fish.Piece;
import olla.core.fish.Stuffing;
import olla.core.units.Temperature;

/** How a fish is dressed for the oven, and what that puts between it and the heat. */
public sealed interface Dress permits OpenTray, Breaded, Parcel, SaltCrust, TrayBake {

    /**
     * Conductance from the tray's metal into the piece, W/m²K: a greased tray, flesh pressed on by its own weight
     * (order of magnitude from memory; within it, calibrated on the trade's check values, see docs/model.md).
     */
    double TRAY_CONTACT_W_M2K = 250;

    /** Which of the ways it is. */
    Style style();

    /** Least rest before it is served, minutes (common practice, no source). */
    double usualRestMinutes();

    /** What it lays under, round and on the fish, from below to above. */
    List<Laid> layers();

    /** What it all lies in. */
    default Vessel vessel() {
        return Vessel.SHEET_TRAY;
    }

    /** Whether something is spread on its upper side, at first or later. */
    default boolean topped() {
        return false;
    }

    /** What it closes over the fish, if anything. */
    default Optional<Cover> cover() {
        return Optional.empty();
    }

    /** How wet the bare face of the flesh is, 0 (covered, or dry) to 1 (a water surface). */
    default double wetness(Composition composition) {
        return 0;
    }

    /** The dish that this dress makes of a piece. */
    default Dish dish(Piece piece) {
        List<Laid> all = new ArrayList<>(layers());
        inside(piece).ifPresent(all::add);
        return new Dish(vessel(), all, cover(), wetness(piece.species().composition()));
    }

    /* A whole fish is gutted: where nothing is put in its place there is air, through which hardly any heat goes. */
    private static Optional<Laid> inside(Piece piece) {
        Filling filling = piece.filling();
        if (filling == Filling.NONE) {
            return piece.cut() == Cut.WHOLE ? Optional.of(Laid.Inside.hollow()) : Optional.empty();
        }
        if (filling == Filling.STUFFING) {
            Stuffing.Shares shares = piece.stuffingShares();
            return Optional.of(new Laid.Inside(
                    Stuff.STUFFING,
                    shares.ofHeight(),
                    shares.ofWidth(),
                    piece.stuffing().kept().startC()));
        }
        return Optional.of(
                new Laid.Inside(Stuff.AROMATICS, filling.ofHeight(), filling.ofWidth(), Temperature.MIXED_C));
    }
}
