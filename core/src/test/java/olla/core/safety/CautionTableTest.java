package olla.core.safety;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.TreeSet;
import java.util.stream.Collectors;
import olla.core.dish.Vessel;
import olla.core.dish.Ware;
import olla.core.doneness.Doneness;
import olla.core.dress.Bed;
import olla.core.dress.Coat;
import olla.core.dress.Dress;
import olla.core.dress.EggSize;
import olla.core.dress.Finish;
import olla.core.dress.Mix;
import olla.core.dress.Parcel;
import olla.core.dress.Salt;
import olla.core.dress.SaltCrust;
import olla.core.dress.Sheet;
import olla.core.dress.Topping;
import olla.core.dress.UsualProgramme;
import olla.core.dress.Vegetable;
import olla.core.fish.Cut;
import olla.core.fish.Filling;
import olla.core.fish.Orientation;
import olla.core.fish.Piece;
import olla.core.fish.Species;
import olla.core.oven.OvenKind;
import org.junit.jupiter.api.Test;

/**
 * Which cautions stand on a ticket, over all fish, dresses, ovens, targets and guests, held against a table that was reviewed by
 * hand ({@code src/test/resources/cautions.txt}): what goes with the fish, what goes with the bake, and that nothing goes with
 * the two together. After a change the new table lies in {@code target/cautions.txt}; read it before it is copied.
 */
class CautionTableTest {

    private static final double[] DIALS = {200, 230};

    private static Map<String, Dress> dresses() {
        Map<String, Dress> all = new LinkedHashMap<>();
        all.put("tray", Dress.open());
        all.put("tray marinated", Dress.open(Finish.MARINATED));
        all.put("tray glazed", Dress.open(Finish.GLAZED));
        all.put("topping before", Dress.under(new Topping(Mix.CRUMB, Topping.When.BEFORE, 6)));
        all.put("topping after", Dress.under(new Topping(Mix.CRUMB, Topping.When.AFTER, 6)));
        all.put("glass dish", Dress.open().standingIn(Vessel.of(Ware.GLASS)));
        all.put("breaded", Dress.in(new Coat(Coat.USUAL_MM)));
        all.put("parchment", Dress.in(new Parcel(Sheet.PARCHMENT)));
        all.put("foil", Dress.in(new Parcel(Sheet.FOIL)));
        all.put("foil acid", Dress.in(new Parcel(Sheet.FOIL, Parcel.Fold.SEAM_UP, true, false)));
        all.put("salt whites", Dress.in(new SaltCrust(SaltCrust.Damping.WHITE_PASTE)));
        all.put("salt water", Dress.in(new SaltCrust(SaltCrust.Damping.WATER_ONLY)));
        all.put(
                "salt scaled",
                Dress.in(new SaltCrust(SaltCrust.Damping.WATER_ONLY, 10, Salt.COARSE, EggSize.MEDIUM, true, false)));
        all.put("tray bake", Dress.onto(new Bed(List.of(Vegetable.POTATO), 20)));
        return all;
    }

    private static Piece piece(Species species, Cut cut, Filling filling) {
        OptionalDouble none = OptionalDouble.empty();
        double mass = cut == Cut.WHOLE ? 900 : 400;
        return Piece.from(species, cut, none, OptionalDouble.of(mass), none, none, none, false)
                .set(Orientation.LYING, filling);
    }

    private static String codes(Piece piece, Dress dress, OvenKind oven, double dial, double peakC, Assurance said) {
        return Cautions.of(piece, dress, oven, UsualProgramme.programme(dress, oven, dial, 4), peakC).stream()
                .filter(c -> !said.settles(c, piece.species()))
                .map(Caution::code)
                .collect(Collectors.joining(" "));
    }

    private static List<Assurance> guests() {
        List<Assurance> all = new ArrayList<>();
        for (Parasites parasites : Parasites.values()) {
            all.add(new Assurance(false, parasites));
            all.add(new Assurance(true, parasites));
        }
        return all;
    }

    /** A plain bake to the official minimum: what is left goes with the fish and its cut. */
    private static String ofTheFish(Species species, Cut cut) {
        return codes(piece(species, cut, Filling.NONE), Dress.open(), OvenKind.STILL, 200, 63, Assurance.NONE);
    }

    private static List<String> table() {
        List<String> lines = new ArrayList<>();
        lines.add("# What goes with the fish: on a plain tray, to the official minimum");
        for (Species species : Species.values()) {
            for (Cut cut : List.of(Cut.WHOLE, Cut.FILLET)) {
                lines.add(species + " " + cut + ": " + ofTheFish(species, cut));
            }
        }
        lines.add("# What goes with the bake: hake, a fillet but a whole fish under salt");
        dresses().forEach((name, dress) -> {
            for (OvenKind oven : OvenKind.values()) {
                for (double dial : DIALS) {
                    for (Filling filling : Filling.values()) {
                        for (Doneness target : Doneness.values()) {
                            for (Assurance said : guests()) {
                                Piece fish = fish(Species.HAKE, dress, filling);
                                if (said.allows(target, fish)) {
                                    lines.add(String.join(
                                            " | ",
                                            name,
                                            oven.name(),
                                            String.valueOf((int) dial),
                                            filling.name(),
                                            target.name(),
                                            said.guestsAtRisk() ? "at risk" : "others",
                                            said.parasites().name(),
                                            codes(fish, dress, oven, dial, peak(target, filling), said)));
                                }
                            }
                        }
                    }
                }
            }
        });
        return folded(lines);
    }

    private static Piece fish(Species species, Dress dress, Filling filling) {
        return piece(species, dress.salt().isPresent() ? Cut.WHOLE : Cut.FILLET, filling);
    }

    /* A stuffing that is done takes the flesh well beyond any target. */
    private static double peak(Doneness target, Filling filling) {
        return filling == Filling.STUFFING ? Doneness.STUFFING_C + 4 : target.peakC();
    }

    /* Lines that say the same become one: the ovens, dials, fillings, targets and guests that share a set of cautions. */
    private static List<String> folded(List<String> lines) {
        List<String> folded = new ArrayList<>();
        Map<String, List<TreeSet<String>>> rows = new LinkedHashMap<>();
        for (String line : lines) {
            String[] parts = line.split(" \\| ");
            if (parts.length < 8) {
                folded.add(line);
                continue;
            }
            List<TreeSet<String>> row = rows.computeIfAbsent(parts[0] + ": " + parts[7], key -> {
                List<TreeSet<String>> fresh = new ArrayList<>();
                for (int i = 1; i < 7; i++) {
                    fresh.add(new TreeSet<>());
                }
                return fresh;
            });
            for (int i = 1; i < 7; i++) {
                row.get(i - 1).add(parts[i]);
            }
        }
        rows.forEach((key, row) -> folded.add(
                key + "\n    " + row.stream().map(set -> String.join(",", set)).collect(Collectors.joining(" · "))));
        return folded;
    }

    @Test
    void everyCautionStandsWhereTheReviewedTableHasIt() throws IOException {
        String found = String.join("\n", table()) + "\n";
        Files.writeString(Path.of("target", "cautions.txt"), found);
        try (var in = CautionTableTest.class.getResourceAsStream("/cautions.txt")) {
            assertThat(found).isEqualTo(new String(in.readAllBytes(), StandardCharsets.UTF_8));
        }
    }

    /** What stands on a ticket is what goes with the fish and what goes with the bake, and nothing else. */
    @Test
    void theFishAndTheBakeBringTheirOwnAndNothingTogether() {
        dresses().forEach((name, dress) -> {
            for (Species species : Species.values()) {
                for (Doneness target : Doneness.values()) {
                    for (Assurance said : guests()) {
                        Piece fish = fish(species, dress, Filling.NONE);
                        Piece hake = fish(Species.HAKE, dress, Filling.NONE);
                        TreeSet<String> expected = words(ofTheFish(species, fish.cut()));
                        TreeSet<String> bake = words(codes(hake, dress, OvenKind.STILL, 230, target.peakC(), said));
                        bake.removeAll(words(ofTheFish(Species.HAKE, fish.cut())));
                        expected.addAll(bake);
                        if (said.freeOfParasites(species)) {
                            expected.remove("PARASITES");
                        }
                        assertThat(words(codes(fish, dress, OvenKind.STILL, 230, target.peakC(), said)))
                                .as("%s %s %s %s", name, species, target, said)
                                .isEqualTo(expected);
                    }
                }
            }
        });
    }

    private static TreeSet<String> words(String codes) {
        return new TreeSet<>(List.of(codes.split(" ")));
    }
}
