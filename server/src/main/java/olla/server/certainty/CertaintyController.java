package olla.server.certainty;

import olla.core.estimate.OvenRecord;
import olla.core.messages.Refusals;
import olla.server.bakes.BakeService;
import olla.server.load.Reckoner;
import olla.server.query.CertaintyCache;
import olla.server.query.Question;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** How sure an answer is, and what other ways of reckoning say. Asked after the answer itself, which does not wait for it. */
@RestController
@RequestMapping("/api")
class CertaintyController {

    private final BakeService bakes;
    private final Reckoner reckoner;
    private final CertaintyCache certainties;

    CertaintyController(BakeService bakes, Reckoner reckoner, CertaintyCache certainties) {
        this.bakes = bakes;
        this.reckoner = reckoner;
        this.certainties = certainties;
    }

    /** The check window of the members, its doubts, and the rules of thumb. */
    @PostMapping("/certainty")
    CertaintyAnswer certainty(@RequestBody CertaintyRequest request) {
        Refusals refusals = new Refusals();
        if (request.question() == null) {
            refusals.add("question", "missing.question").throwIfAny();
        }
        Question question = refusals.take("question", () -> Question.asked(request.question()));
        refusals.throwIfAny();
        OvenRecord log = request.ovenId() == null ? OvenRecord.NONE : bakes.record(request.ovenId());
        return reckoner.reckonLong(
                () -> certainties.of(question, log).map(CertaintyAnswer::of).orElse(CertaintyAnswer.NONE));
    }
}
