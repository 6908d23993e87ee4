package olla.server.bakes.rows;

import jakarta.persistence.Column;
import jakarta.persistence.Embeddable;
import java.util.Objects;
import java.util.stream.Stream;
import olla.core.uncertainty.Slowness;

/**
 * What a bake has told beside what it told of its oven, as stored with it.
 *
 * @param perThickness 0 where nobody measured it with a ruler
 * @param probe what it was read by; empty for one that has no name, null where it was judged at the table alone
 */
@Embeddable
public record StoredSlowness(
        @Column(name = "told_log") Double log,
        @Column(name = "told_variance") Double variance,
        @Column(name = "told_per_offset") Double perOffset,
        @Column(name = "told_per_film") Double perFilm,
        @Column(name = "told_per_thickness") Double perThickness,
        @Column(name = "told_per_kelvin") Double perKelvin,
        @Column(name = "told_probe") String probe) {

    /** What a bake has told that was read by such a probe. */
    public static StoredSlowness of(Slowness slowness, String probe) {
        return new StoredSlowness(
                slowness.log(),
                slowness.variance(),
                slowness.perOffset(),
                slowness.perFilm(),
                slowness.perThickness(),
                slowness.perKelvin(),
                probe);
    }

    /**
     * In the craft's terms.
     *
     * @throws IllegalArgumentException where a part of it is missing
     */
    public Slowness slowness() {
        if (Stream.of(log, variance, perOffset, perFilm, perThickness, perKelvin)
                .anyMatch(Objects::isNull)) {
            throw new IllegalArgumentException("A part of what the bake told is missing.");
        }
        return new Slowness(log, variance, perOffset, perFilm, perThickness, perKelvin);
    }
}
