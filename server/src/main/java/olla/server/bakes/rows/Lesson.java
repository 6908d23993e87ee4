package olla.server.bakes.rows;

import jakarta.persistence.Column;
import jakarta.persistence.Embeddable;
import olla.core.uncertainty.OvenCalibration;

/**
 * What was believed of the oven after a bake, as stored with it.
 *
 * @param way by which way of learning; null for the first
 */
@Embeddable
public record Lesson(
        @Column(name = "lesson_offset_celsius") Double offsetC,
        @Column(name = "lesson_offset_doubt_celsius") Double offsetDoubtC,
        @Column(name = "lesson_log_film") Double logFilm,
        @Column(name = "lesson_log_film_doubt") Double logFilmDoubt,
        @Column(name = "lesson_way") Integer way) {

    /** Today's way of learning; counted up when bakes come to teach more, or otherwise. */
    public static final int TODAYS = 2;

    public static Lesson of(OvenCalibration calibration) {
        return new Lesson(
                calibration.offsetC(),
                calibration.offsetDoubtC(),
                calibration.logFilm(),
                calibration.logFilmDoubt(),
                TODAYS);
    }

    /** Whether it is one: a row may have kept no more than by which way it would have been learned. */
    public boolean whole() {
        return offsetC != null && offsetDoubtC != null && logFilm != null && logFilmDoubt != null;
    }

    /** Whether it was learned as it would be today. */
    public boolean todays() {
        return way != null && way == TODAYS;
    }

    public OvenCalibration calibration() {
        return new OvenCalibration(offsetC, offsetDoubtC, logFilm, logFilmDoubt);
    }
}
