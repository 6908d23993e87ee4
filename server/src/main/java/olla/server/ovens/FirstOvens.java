package olla.server.ovens;

import olla.core.oven.OvenKind;
import org.springframework.boot.ApplicationArguments;
import org.springframework.boot.ApplicationRunner;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;

/** A kitchen that has told nothing about its ovens gets the two that most have. */
@Component
@Order(2)
class FirstOvens implements ApplicationRunner {

    private final OvenRepository ovens;

    FirstOvens(OvenRepository ovens) {
        this.ovens = ovens;
    }

    @Override
    public void run(ApplicationArguments args) {
        if (ovens.count() == 0) {
            ovens.save(new Oven("Still oven", OvenKind.STILL));
            ovens.save(new Oven("Fan oven", OvenKind.FAN));
        }
    }
}
