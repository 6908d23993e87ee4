package olla.server.query;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import olla.core.dish.Vessel;
import olla.core.dish.Ware;
import olla.core.dress.Bed;
import olla.core.dress.Coat;
import olla.core.dress.Coat.Dip;
import olla.core.dress.Dress;
import olla.core.dress.EggSize;
import olla.core.dress.Enclosure;
import olla.core.dress.Finish;
import olla.core.dress.Lid;
import olla.core.dress.Mix;
import olla.core.dress.Parcel;
import olla.core.dress.Pour;
import olla.core.dress.Pour.Liquid;
import olla.core.dress.Salt;
import olla.core.dress.SaltCrust;
import olla.core.dress.SaltCrust.Damping;
import olla.core.dress.SaltNeed;
import olla.core.dress.Sheet;
import olla.core.dress.Side;
import olla.core.dress.Topping;
import olla.core.dress.Topping.When;
import olla.core.dress.Vegetable;
import olla.core.dress.Vegetable.Cutting;
import olla.core.fish.Cut;
import olla.core.fish.Kept;
import olla.core.fish.Piece;
import olla.core.messages.Message;
import olla.core.messages.Quantity;
import olla.core.messages.Refusals;
import olla.core.messages.Unit;
import olla.core.plan.TrayFit;
import olla.server.query.EstimateRequest.DressInput;
import olla.server.query.EstimateRequest.DressKind;
import olla.server.query.EstimateRequest.SideInput;
import olla.server.query.EstimateRequest.ToppingInput;
import olla.server.query.EstimateRequest.Underlay;

/** Reads a dress from a request, with what is usual where nothing is said. */
final class DressReader {

    private DressReader() {}

    /**
     * The dress.
     *
     * @param pieces how many share the vessel
     * @throws olla.core.messages.RefusedInput a line for each field that will not do
     */
    static Dress of(DressInput input, int pieces) {
        if (input == null || input.kind() == null) {
            new Refusals()
                    .add("kind", "missing.dress-kind", "choices", Message.codes(DressKind.values()))
                    .throwIfAny();
        }
        boolean base = input.kind() == DressKind.TRAY_BAKE;
        Refusals refusals = new Refusals();
        List<Side> sides = sides(input, refusals);
        Bed bed = refusals.take("", () -> bed(input, base));
        Optional<Vessel.Size> size = refusals.take("", () -> size(input));
        List<Topping> on = on(input, refusals);
        Optional<Coat> coat = input.kind() != DressKind.BREADED
                ? Optional.empty()
                : Optional.ofNullable(refusals.take(
                        "", () -> new Coat(or(input.depthMm(), Coat.USUAL_MM), or(input.dip(), Dip.EGG))));
        Optional<Enclosure> closed = refusals.take("", () -> closed(input));
        Vessel vessel = refusals.take(
                "",
                () -> new Vessel(
                        or(input.vessel(), Ware.SHEET_TRAY),
                        size == null ? Optional.empty() : size,
                        optional(input.preheatedC())));
        Optional<Pour> pour = refusals.take("", () -> pour(input, size, pieces));
        refusals.throwIfAny();
        return new Dress(
                vessel,
                bed,
                pour,
                or(input.finish(), base ? Finish.OILED : Finish.BARE),
                coat,
                on,
                closed,
                sides,
                base);
    }

    private static Bed bed(DressInput input, boolean base) {
        List<Vegetable> of =
                new ArrayList<>(kinds(input.vegetables(), "vegetables", base ? List.of(Vegetable.POTATO) : List.of()));
        if (input.underlay() == Underlay.CITRUS && !of.contains(Vegetable.CITRUS)) {
            of.add(Vegetable.CITRUS);
        }
        double usualMm = base ? Bed.USUAL_BASE_MM : of.isEmpty() ? 0 : Bed.USUAL_MM;
        Double said = input.bedMm() == null && base ? input.depthMm() : input.bedMm();
        return new Bed(of, or(said, usualMm), or(input.cutting(), Cutting.SLICES), or(input.bedKept(), Kept.MIXED));
    }

    private static Optional<Vessel.Size> size(DressInput input) {
        if (input.vesselLengthMm() == null || input.vesselWidthMm() == null) {
            return Optional.empty();
        }
        return Optional.of(new Vessel.Size(input.vesselLengthMm(), input.vesselWidthMm()));
    }

    private static Optional<Pour> pour(DressInput input, Optional<Vessel.Size> size, int pieces) {
        if (parcelled(input) && input.liquid() == null && input.splashMl() != null && input.splashMl() != 0) {
            new Refusals()
                    .range("splashMl", "splash", input.splashMl(), 0, 100, Unit.ML)
                    .throwIfAny();
            return Optional.of(new Pour(Liquid.WINE, optional(input.splashMl()), OptionalDouble.empty(), false));
        }
        if (input.liquid() == null) {
            return input.underlay() == Underlay.PAN_SAUCE ? Optional.of(Pour.PAN_SAUCE) : Optional.empty();
        }
        // A parcel has its own; what is poured into a vessel is shared by all that lie in it.
        int shared = parcelled(input) ? 1 : Math.max(1, pieces);
        OptionalDouble floor = parcelled(input) || size == null || size.isEmpty()
                ? OptionalDouble.empty()
                : OptionalDouble.of(size.get().floorMm2() / shared);
        OptionalDouble each =
                input.liquidMl() == null ? OptionalDouble.empty() : OptionalDouble.of(input.liquidMl() / shared);
        return Optional.of(new Pour(input.liquid(), each, floor, Boolean.TRUE.equals(input.liquidHot())));
    }

    private static boolean parcelled(DressInput input) {
        return input.kind() == DressKind.PARCHMENT || input.kind() == DressKind.FOIL;
    }

    private static Optional<Enclosure> closed(DressInput input) {
        boolean opened = Boolean.TRUE.equals(input.opened());
        return switch (input.kind()) {
            case PARCHMENT -> Optional.of(parcel(input, Sheet.PARCHMENT, opened));
            case FOIL -> Optional.of(parcel(input, Sheet.FOIL, opened));
            case SALT_CRUST -> Optional.of(crust(input));
            case OPEN_TRAY, TOPPING, BREADED, TRAY_BAKE ->
                input.lid() == null ? Optional.empty() : Optional.of(new Lid(input.lid(), opened));
        };
    }

    private static Parcel parcel(DressInput input, Sheet sheet, boolean opened) {
        return new Parcel(sheet, or(input.fold(), Parcel.usualFold(sheet)), Boolean.TRUE.equals(input.acid()), opened);
    }

    private static List<Topping> on(DressInput input, Refusals refusals) {
        List<ToppingInput> toppings = or(input.toppings(), List.of());
        if (toppings.isEmpty() && input.kind() == DressKind.TOPPING) {
            toppings = List.of(new ToppingInput(input.mix(), input.when(), input.depthMm(), null));
        }
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
        return on;
    }

    private static List<Side> sides(DressInput input, Refusals refusals) {
        List<SideInput> given = or(input.sides(), List.of());
        List<Side> sides = new ArrayList<>();
        for (int i = 0; i < given.size(); i++) {
            SideInput one = given.get(i);
            if (one == null || one.of() == null) {
                refusals.add("sides", "missing.vegetable");
            } else {
                sides.add(refusals.take(
                        "sides[" + i + "]",
                        () -> new Side(
                                one.of(),
                                or(one.lastMin(), Side.USUAL_MIN),
                                or(one.gEach(), Side.USUAL_G),
                                or(one.waterMl(), 0.0))));
            }
        }
        return sides;
    }

    private static Topping topping(ToppingInput input) {
        return new Topping(
                or(input.mix(), Mix.CRUMB),
                or(input.when(), When.BEFORE),
                or(input.depthMm(), Topping.USUAL_DEPTH_MM),
                or(input.kept(), Kept.MIXED));
    }

    private static OptionalDouble optional(Double value) {
        return value == null ? OptionalDouble.empty() : OptionalDouble.of(value);
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
        if (dress.salt().isEmpty()) {
            return;
        }
        SaltCrust crust = dress.salt().get();
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
