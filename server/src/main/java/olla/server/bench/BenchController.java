package olla.server.bench;

import java.util.List;
import olla.server.load.Reckoner;
import olla.server.query.EstimateAnswer;
import olla.server.query.EstimateAnswer.SectionsAnswer;
import olla.server.query.EstimateRequest;
import olla.server.query.Question;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** The bench: asks nothing of the store and keeps nothing. */
@RestController
@RequestMapping("/api")
class BenchController {

    private final Reckoner reckoner;

    BenchController(Reckoner reckoner) {
        this.reckoner = reckoner;
    }

    /** What can be asked about. */
    @GetMapping("/catalogue")
    Catalogue catalogue() {
        return Catalogue.all();
    }

    /** Several dishes on one tray, each with its own time; first out first. */
    @PostMapping("/trays")
    List<DishTurn> tray(@RequestBody TrayRequest request) {
        return reckoner.reckonLong(() -> DishTurn.of(request));
    }

    /** The same fish to each target and at three dials; takes up to a second. */
    @PostMapping("/alternatives")
    AlternativesAnswer alternatives(@RequestBody EstimateRequest request) {
        return reckoner.reckonLong(
                () -> AlternativesAnswer.of(Question.asked(request).alternatives()));
    }

    /** Reckons a bake. */
    @PostMapping("/estimates")
    EstimateAnswer estimate(@RequestBody EstimateRequest request) {
        return reckoner.reckon(() -> EstimateAnswer.of(Question.asked(request)));
    }

    /** The same bake cut along the piece: from the thickest place, where the mid-plane is, to the thin end. */
    @PostMapping("/estimates/along")
    SectionsAnswer along(@RequestBody EstimateRequest request) {
        return reckoner.reckonLong(
                () -> EstimateAnswer.sections(Question.asked(request).along()));
    }
}
