package olla.server.query;

import java.util.ArrayList;
import java.util.List;
import olla.core.dish.Vessel;
import olla.core.dress.Bed;
import olla.core.dress.Breaded;
import olla.core.dress.Dress;
import olla.core.dress.EggSize;
import olla.core.dress.Finish;
import olla.core.dress.Mix;
import olla.core.dress.OpenTray;
import olla.core.dress.Parcel;
import olla.core.dress.Parcel.Fold;
import olla.core.dress.Salt;
import olla.core.dress.SaltCrust;
import olla.core.dress.SaltCrust.Damping;
import olla.core.dress.SaltNeed;
import olla.core.dress.Sheet;
import olla.core.dress.Topping;
import olla.core.dress.Topping.When;
import olla.core.dress.TrayBake;
import olla.core.dress.Underlay;
import olla.core.dress.Vegetable;
import olla.core.dress.Vegetable.Cutting;
import olla.core.fish.Cut;
import olla.core.fish.Piece;
import olla.core.messages.Message;
import olla.core.messages.Quantity;
import olla.core.messages.Refusals;
import olla.core.messages.Unit;
import olla.core.plan.TrayFit;
import olla.server.query.EstimateRequest.DressInput;
import olla.server.query.EstimateRequest.DressKind;
import olla.server.query.EstimateRequest.ToppingInput;

/** Reads a dress from a request, with what is usual where nothing is said. */
final class DressReader {

    private DressReader() {}

    /** @throws olla.core.messages.RefusedInput a line for each field that will not do */
    static Dress of(DressInput input) {
        if (input == null || input.kind() == null) {
            new Refusals()
                    .add("kind", "missing.dress-kind", "choices", Message.codes(DressKind.values()))
                    .throwIfAny();
        }
        return switch (input.kind()) {
            case OPEN_TRAY -> open(input, or(input.toppings(), List.of()));
            case TOPPING ->
                open(
                        input,
                        input.toppings() == null || input.toppings().isEmpty()
                                ? List.of(new ToppingInput(input.mix(), input.when(), input.depthMm()))
                                : input.toppings());
            case BREADED -> new Breaded(or(input.depthMm(), Breaded.USUAL_COAT_MM));
            case PARCHMENT -> parcel(input, Sheet.PARCHMENT, Fold.HEART);
            case FOIL -> parcel(input, Sheet.FOIL, Fold.SEAM_UP);
            case SALT_CRUST -> crust(input);
            case TRAY_BAKE ->
                new TrayBake(
                        kinds(input.vegetables(), "vegetables", List.of(Vegetable.POTATO)),
                        or(input.cutting(), Cutting.SLICES),
                        or(input.depthMm(), TrayBake.USUAL_DEPTH_MM),
                        kinds(input.sides(), "sides", List.of()));
        };
    }

    private static OpenTray open(DressInput input, List<ToppingInput> toppings) {
        Refusals refusals = new Refusals();
        List<Topping> on = new ArrayList<>();
        for (int i = 0; i < toppings.size(); i++) {
            ToppingInput one = toppings.get(i);
            if (one == null) {
                refusals.add("toppings", "missing.topping");
            } else {
                // One topping may be said in fields of the dress itself.
                String field = input.toppings() == null ? "" : "toppings[" + i + "]";
                on.add(refusals.take(field, () -> topping(one)));
            }
        }
        List<Vegetable> vegetables = kinds(input.vegetables(), "vegetables", List.of());
        Bed bed = refusals.take(
                "", () -> new Bed(vegetables, or(input.bedMm(), vegetables.isEmpty() ? 0 : Parcel.USUAL_BED_MM)));
        refusals.throwIfAny();
        return new OpenTray(
                or(input.finish(), Finish.BARE),
                or(input.underlay(), Underlay.NONE),
                bed,
                on,
                or(input.vessel(), Vessel.SHEET_TRAY));
    }

    private static Topping topping(ToppingInput input) {
        return new Topping(
                or(input.mix(), Mix.CRUMB), or(input.when(), When.BEFORE), or(input.depthMm(), Topping.USUAL_DEPTH_MM));
    }

    private static Parcel parcel(DressInput input, Sheet sheet, Fold usual) {
        List<Vegetable> bed = kinds(input.vegetables(), "vegetables", List.of());
        return new Parcel(
                sheet,
                or(input.fold(), usual),
                bed,
                or(input.bedMm(), bed.isEmpty() ? 0 : Parcel.USUAL_BED_MM),
                or(input.splashMl(), 0.0),
                Boolean.TRUE.equals(input.acid()));
    }

    private static SaltCrust crust(DressInput input) {
        Damping damping = or(input.school(), Damping.WET_SAND);
        if (input.saltThereG() != null) {
            new Refusals()
                    .range("saltThereG", "salt-for-a-crust", input.saltThereG(), 100, 50_000, Unit.GRAM)
                    .throwIfAny();
        }
        return new SaltCrust(
                damping,
                or(input.coatMm(), damping.usualCoatMm()),
                or(input.salt(), Salt.COARSE),
                or(input.eggs(), EggSize.MEDIUM),
                or(input.headAndTail(), damping.buries()),
                !Boolean.FALSE.equals(input.scalesOn()));
    }

    /** Notes what a dress and a piece cannot be together. */
    static void check(DressInput input, Dress dress, Piece piece, Refusals refusals) {
        if (!(dress instanceof SaltCrust crust)) {
            return;
        }
        if (piece.cut() != Cut.WHOLE) {
            refusals.add("dress.kind", "refusal.salt-on-flesh", "cut", piece.cut());
        }
        if (input.trayLengthMm() != null && input.trayWidthMm() != null) {
            SaltNeed need = SaltNeed.of(crust, piece);
            TrayFit tray = refusals.take("dress", () -> new TrayFit(input.trayLengthMm(), input.trayWidthMm()));
            if (tray != null && !tray.holds(need.trayLengthMm(), need.trayWidthMm())) {
                refusals.add(
                        "dress.trayLengthMm",
                        "refusal.tray-too-small",
                        "length",
                        Quantity.mm(Math.round(need.trayLengthMm())),
                        "width",
                        Quantity.mm(Math.round(need.trayWidthMm())),
                        "trayLength",
                        Quantity.mm(tray.lengthMm()),
                        "trayWidth",
                        Quantity.mm(tray.widthMm()));
            }
        }
    }

    static double bagG(DressInput input) {
        return or(input.bagG(), SaltNeed.USUAL_BAG_G);
    }

    private static List<Vegetable> kinds(List<Vegetable> given, String field, List<Vegetable> usual) {
        if (given != null && given.contains(null)) {
            new Refusals().add(field, "missing.vegetable").throwIfAny();
        }
        return given == null || given.isEmpty() ? usual : given;
    }

    private static <T> T or(T given, T usual) {
        return given == null ? usual : given;
    }
}
