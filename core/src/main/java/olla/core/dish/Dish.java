package olla.core.dish;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * A vessel, what is laid in it from below to above, the fish among it, and what closes it.
 *
 * @param vessel what it lies in
 * @param layers below the fish from the lowest up, in it, and on it from the lowest up; of coats, heaps, liquids and fillings
 *     one at most
 * @param cover what closes it, if anything does
 * @param bare the fish's own face where nothing lies on it
 */
public record Dish(Vessel vessel, List<Laid> layers, Optional<Cover> cover, Bare bare) {

    /** @throws IllegalArgumentException where two layers want the same place */
    public Dish {
        layers = List.copyOf(layers);
        for (Class<? extends Laid> single :
                List.of(Laid.Coat.class, Laid.Heap.class, Laid.Liquid.class, Laid.Inside.class)) {
            if (layers.stream().filter(single::isInstance).count() > 1) {
                throw new IllegalArgumentException("A dish has one " + single.getSimpleName() + " at most.");
            }
        }
    }

    /** The layers of a kind, in their order. */
    public <T extends Laid> Stream<T> all(Class<T> kind) {
        return layers.stream().filter(kind::isInstance).map(kind::cast);
    }

    /** The layer of a kind of which there is one at most. */
    public <T extends Laid> Optional<T> the(Class<T> kind) {
        return all(kind).findFirst();
    }

    /** How deep that is what the fish lies on, mm. */
    public double bedMm() {
        return all(Laid.Under.class).mapToDouble(Laid.Under::depthMm).sum();
    }

    /** How far the fish lies above the vessel's bottom, mm: on a bed, in a crust, in a coat, on a film of sauce. */
    public double liftMm() {
        double film = the(Laid.Liquid.class).map(Laid.Liquid::underMm).orElse(0.0);
        double coat = the(Laid.Coat.class).map(Laid.Coat::thickMm).orElse(0.0);
        double heap = the(Laid.Heap.class).map(Laid.Heap::thickMm).orElse(0.0);
        return Math.max(film, bedMm()) + coat + heap;
    }

    /** Whether something surrounds the fish, so that it has no open ends. */
    public boolean wrapped() {
        return the(Laid.Coat.class).isPresent() || the(Laid.Heap.class).isPresent();
    }

    /** Whether its top meets the oven's air, and so colours. */
    public boolean browns() {
        return cover.isEmpty() && the(Laid.Heap.class).isEmpty();
    }
}
