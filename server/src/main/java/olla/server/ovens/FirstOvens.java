package olla.server.ovens;

import olla.core.oven.OvenKind;
import olla.server.tenancy.KitchenMade;
import olla.server.tenancy.WhoseKitchen;
import org.springframework.boot.ApplicationArguments;
import org.springframework.boot.ApplicationRunner;
import org.springframework.context.event.EventListener;
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
        begin(WhoseKitchen.FIRST);
    }

    @EventListener
    void made(KitchenMade made) {
        begin(made.kitchen());
    }

    private void begin(int kitchen) {
        WhoseKitchen.in(kitchen, () -> {
            if (ovens.count() == 0) {
                ovens.save(new Oven("Still oven", OvenKind.STILL));
                ovens.save(new Oven("Fan oven", OvenKind.FAN));
            }
        });
    }
}
