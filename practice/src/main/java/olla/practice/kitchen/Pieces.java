package olla.practice.kitchen;

import java.util.List;
import olla.core.fish.Species;

/**
 * Such pieces as a dish is drawn from; of a whole fish only which it is.
 *
 * @param of which fish
 * @param leastM the thinnest, m
 * @param mostM the thickest, m
 * @param leastTaper by which share of its thickness it is thinner at its ends, at least, 0 to 0.7
 * @param mostTaper at most
 */
public record Pieces(List<Species> of, double leastM, double mostM, double leastTaper, double mostTaper) {

    /** A copy of the list is kept. */
    public Pieces {
        of = List.copyOf(of);
    }
}
