package olla.server.bakes;

import jakarta.persistence.Column;
import jakarta.persistence.Embeddable;
import olla.core.estimate.OvenTruth;

/** What was believed of the oven after a bake, as stored with it. */
@Embeddable
record Lesson(
        @Column(name = "lesson_offset_celsius") Double offsetC,
        @Column(name = "lesson_offset_doubt_celsius") Double offsetDoubtC,
        @Column(name = "lesson_log_film") Double logFilm,
        @Column(name = "lesson_log_film_doubt") Double logFilmDoubt) {

    static Lesson of(OvenTruth truth) {
        return new Lesson(truth.offsetC(), truth.offsetDoubtC(), truth.logFilm(), truth.logFilmDoubt());
    }

    OvenTruth truth() {
        return new OvenTruth(offsetC, offsetDoubtC, logFilm, logFilmDoubt);
    }
}
