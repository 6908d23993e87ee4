package olla.server.ovens;

import java.util.List;
import olla.core.oven.OvenKind;
import org.springframework.boot.ApplicationArguments;
import org.springframework.boot.ApplicationRunner;
import org.springframework.core.annotation.Order;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;

/** The kitchen's ovens. */
@RestController
@Order(2)
class OvenController implements ApplicationRunner {

    /** An oven, as shown. */
    record OvenView(int id, String name, OvenKind kind) {}

    private final OvenRepository ovens;

    OvenController(OvenRepository ovens) {
        this.ovens = ovens;
    }

    @GetMapping("/api/ovens")
    List<OvenView> list() {
        return ovens.findAllByOrderById().stream()
                .map(o -> new OvenView(o.id(), o.name(), o.kind()))
                .toList();
    }

    /** A kitchen that has told nothing about its ovens gets one of each kind. */
    @Override
    public void run(ApplicationArguments args) {
        if (ovens.count() == 0) {
            ovens.save(new Oven("Still oven", OvenKind.STILL));
            ovens.save(new Oven("Fan oven", OvenKind.FAN));
        }
    }
}
