package olla.server.bakes.rows;

import jakarta.persistence.Column;
import jakarta.persistence.Embeddable;
import olla.core.uncertainty.OvenCalibration;

/** What was believed of the oven after a bake, as stored with it. */
@Embeddable
public record Lesson(
        @Column(name = "lesson_offset_celsius") Double offsetC,
        @Column(name = "lesson_offset_doubt_celsius") Double offsetDoubtC,
        @Column(name = "lesson_log_film") Double logFilm,
        @Column(name = "lesson_log_film_doubt") Double logFilmDoubt) {

    public static Lesson of(OvenCalibration calibration) {
        return new Lesson(
                calibration.offsetC(), calibration.offsetDoubtC(), calibration.logFilm(), calibration.logFilmDoubt());
    }

    public OvenCalibration calibration() {
        return new OvenCalibration(offsetC, offsetDoubtC, logFilm, logFilmDoubt);
    }
}
