package olla.server.bench;

import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** The bench: asks nothing of the store and keeps nothing. */
@RestController
@RequestMapping("/api")
class BenchController {

    /** What can be asked about. */
    @GetMapping("/catalogue")
    Catalogue catalogue() {
        return Catalogue.all();
    }

    /** Reckons a bake. */
    @PostMapping("/estimates")
    EstimateAnswer estimate(@RequestBody EstimateRequest request) {
        return EstimateAnswer.of(Question.of(request).answer());
    }
}
