package olla.core.safety;

import olla.core.doneness.Band;
import olla.core.doneness.Doneness;
import olla.core.fish.Filling;
import olla.core.fish.Fish;
import olla.core.fish.Piece;
import olla.core.fish.Species;
import olla.core.messages.Quantity;
import olla.core.messages.Refusals;

/**
 * What the kitchen vouches for: who eats, and what was done about parasites. It decides which targets are offered. All of
 * it defers to local food codes and to trained staff.
 *
 * @param guestsAtRisk somebody at the table is pregnant, very young, old or ill
 * @param parasites what was done about them
 */
public record Assurance(boolean guestsAtRisk, Parasites parasites) {

    /** Nobody has said anything. */
    public static final Assurance NONE = new Assurance(false, Parasites.UNKNOWN);

    /* Large tunas need no freezing (published: FDA Food Code 3-402.11 (B), from memory). */
    private static boolean exempt(Fish species) {
        return species == Species.TUNA;
    }

    /** Whether a fish is safe to be served under-done as far as parasites go. */
    public boolean freeOfParasites(Fish species) {
        return parasites != Parasites.UNKNOWN || exempt(species);
    }

    /**
     * Notes why a target cannot be had.
     *
     * <p>Guests at risk get the official minimum (published: FDA Food Code 3-801.11, from memory); under-done fish needs
     * its answer on parasites (3-402.11); a stuffing brings the flesh past any target, so nothing is refused there.
     */
    public void check(Doneness target, Piece piece, Refusals refusals) {
        if (guestsAtRisk && target.belowOfficial()) {
            refusals.add("doneness", "refusal.guests-at-risk", "least", Quantity.celsius(Doneness.OFFICIAL_MINIMUM_C));
        } else if (target.underDone() && piece.filling() != Filling.STUFFING && !freeOfParasites(piece.species())) {
            refusals.add("parasites", Parasites.freezing("refusal.parasites"));
        }
    }

    /** Whether nothing speaks against a target. */
    public boolean allows(Doneness target, Piece piece) {
        Refusals refusals = new Refusals();
        check(target, piece, refusals);
        return refusals.none();
    }

    /**
     * The least that the coldest point of this fish has to come to for these guests, °C: the official minimum for guests
     * at risk, the band that flakes where nothing was done about parasites, and the band that is barely set otherwise.
     */
    public double leastPeakC(Fish species) {
        if (guestsAtRisk) {
            return Doneness.OFFICIAL_MINIMUM_C;
        }
        return (freeOfParasites(species) ? Band.BARELY_SET : Band.FLAKES).fromC();
    }

    /** Whether a caution is answered by what is vouched for. */
    public boolean settles(Caution caution, Fish species) {
        return caution.code().equals(Cautions.PARASITES) && freeOfParasites(species);
    }
}
