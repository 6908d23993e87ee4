package olla.server.query;

import java.util.EnumSet;
import java.util.Set;
import olla.core.messages.Refusals;
import olla.server.query.EstimateRequest.DressInput;
import olla.server.query.EstimateRequest.DressKind;

/**
 * What was said of a dress and has no meaning there. Whoever asks hears of it instead of being answered as if it had not been said;
 * what is stored is read as it is.
 */
final class UnusedFields {

    private static final Set<DressKind> PARCELS = EnumSet.of(DressKind.PARCHMENT, DressKind.FOIL);
    private static final Set<DressKind> SALT = EnumSet.of(DressKind.SALT_CRUST);
    private static final Set<DressKind> OPEN =
            EnumSet.complementOf(EnumSet.of(DressKind.PARCHMENT, DressKind.FOIL, DressKind.SALT_CRUST));

    private final DressInput dress;
    private final Refusals refusals;

    private UnusedFields(DressInput dress, Refusals refusals) {
        this.dress = dress;
        this.refusals = refusals;
    }

    /** Notes a line for each field that means nothing where it stands. */
    static void check(DressInput dress, Refusals refusals) {
        if (dress != null && dress.kind() != null) {
            new UnusedFields(dress, refusals).check();
        }
    }

    private void check() {
        only("mix", dress.mix(), EnumSet.of(DressKind.TOPPING));
        only("when", dress.when(), EnumSet.of(DressKind.TOPPING));
        only("depthMm", dress.depthMm(), EnumSet.of(DressKind.TOPPING, DressKind.BREADED, DressKind.TRAY_BAKE));
        only("dip", dress.dip(), EnumSet.of(DressKind.BREADED));
        only("fold", dress.fold(), PARCELS);
        only("acid", dress.acid(), PARCELS);
        only("splashMl", dress.splashMl(), PARCELS);
        only("lid", dress.lid(), OPEN);
        only("school", dress.school(), SALT);
        only("coatMm", dress.coatMm(), SALT);
        only("salt", dress.salt(), SALT);
        only("eggs", dress.eggs(), SALT);
        only("headAndTail", dress.headAndTail(), SALT);
        only("scalesOn", dress.scalesOn(), SALT);
        only("bagG", dress.bagG(), SALT);
        only("saltThereG", dress.saltThereG(), SALT);
        only("trayLengthMm", dress.trayLengthMm(), SALT);
        only("trayWidthMm", dress.trayWidthMm(), SALT);
        with("liquidMl", dress.liquidMl(), dress.liquid() != null);
        with("liquidHot", dress.liquidHot(), dress.liquid() != null);
        with("opened", dress.opened(), PARCELS.contains(dress.kind()) || dress.lid() != null);
    }

    private void only(String field, Object value, Set<DressKind> kinds) {
        with(field, value, kinds.contains(dress.kind()));
    }

    private void with(String field, Object value, boolean used) {
        if (value != null && !used) {
            refusals.add(
                    "dress." + field,
                    "refusal.means-nothing-here",
                    "field",
                    field,
                    "kind",
                    dress.kind().name());
        }
    }
}
