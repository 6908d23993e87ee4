package olla.server.bench;

import java.util.Arrays;
import java.util.List;
import olla.core.doneness.Band;
import olla.core.doneness.Doneness;
import olla.core.dress.Bed;
import olla.core.dress.Coat;
import olla.core.dress.Dress;
import olla.core.dress.Mix;
import olla.core.dress.Pour;
import olla.core.dress.Quantities;
import olla.core.dress.SaltCrust;
import olla.core.dress.SaltNeed;
import olla.core.dress.Side;
import olla.core.dress.Topping;
import olla.core.dress.UsualProgramme;
import olla.core.dress.Vegetable;
import olla.core.evening.Evening;
import olla.core.evening.EveningOven;
import olla.core.evening.Kitchen;
import olla.core.evening.SideDish;
import olla.core.fish.BodyShape;
import olla.core.fish.Cut;
import olla.core.fish.EatingQualities;
import olla.core.fish.Group;
import olla.core.fish.Piece;
import olla.core.fish.Species;
import olla.core.freshness.Score;
import olla.core.freshness.Sense;
import olla.core.messages.Message;
import olla.core.oven.Programme;
import olla.core.oven.Stage;
import olla.core.plan.Helpings;
import olla.core.safety.Assurance;
import olla.core.safety.Parasites;
import olla.core.uncertainty.Observation;
import olla.server.web.Lengths;

/** What the bench can be asked about: the fish, the cuts, the targets and the bands. */
public record Catalogue(
        List<SpeciesEntry> species,
        List<CutEntry> cuts,
        List<TargetEntry> targets,
        List<BandEntry> bands,
        List<SenseEntry> senses,
        List<VegetableEntry> vegetables,
        List<SchoolEntry> schools,
        List<MixEntry> mixes,
        List<LiquidEntry> liquids,
        List<BuildEntry> builds,
        List<ParasitesEntry> parasites,
        Limits limits,
        Usuals usuals,
        EveningEntry evening) {

    /**
     * What an evening may have at most, and what it usually has.
     *
     * @param betweenCoursesMin no course is served sooner after another, minutes
     * @param usualBetweenMin so long after another where nobody said, minutes
     * @param longestMin no course is served later after the first, minutes
     */
    public record EveningEntry(
            int mostFish,
            int mostSides,
            int mostCourses,
            double betweenCoursesMin,
            double usualBetweenMin,
            double longestMin,
            int mostOvens,
            int mostShelves,
            int shelves,
            int mostBurners,
            int burners,
            int mostHands,
            UsualSideEntry side) {}

    /** A side of an evening where nobody said. */
    public record UsualSideEntry(
            double prepareMin, double cookMin, double finishMin, double waitsMin, double dialC, double giveC) {}

    /** A vegetable: what it needs in a parcel, how long alone at 200 °C, and whether it can join at the end. */
    public record VegetableEntry(
            Vegetable vegetable, Message words, Vegetable.First first, Message advice, double minutes) {}

    /** A school of salt crust. */
    public record SchoolEntry(
            SaltCrust.Damping school, Message words, double usualCoatMm, boolean buries, boolean eggs) {}

    /** A kind of topping. */
    public record MixEntry(Mix mix, Message words, boolean cookFirst) {}

    /** A build of fish, for one that is not in the list. */
    public record BuildEntry(BodyShape build, Message words) {}

    /** What a fish can lie in. */
    public record LiquidEntry(Pour.Liquid liquid, Message words) {}

    /** An answer on parasites. */
    public record ParasitesEntry(Parasites parasites, Message words) {}

    /** What is taken where a dress's own questions are not answered. */
    public record Usuals(
            double toppingMm,
            double breadedMm,
            double bedMm,
            double baseMm,
            double bagG,
            OneMoreEntry oneMore,
            Vegetable bed,
            Vegetable side,
            double sideMin,
            double sideG,
            double splashMl,
            double grillMin,
            double grillUnderMm) {}

    /** What usually goes onto another topping. */
    public record OneMoreEntry(Mix mix, Topping.When when, double depthMm) {}

    /** Ranges that a field is held to, and how cold fish comes: the interface knows none by itself. */
    public record Limits(
            double coolestC,
            double hottestC,
            double longestMinutes,
            double longestGrillMin,
            double fridgeC,
            double outC,
            double freezerC,
            double leastMinutes,
            double coldestReadC,
            double hottestReadC,
            double coldestServedC,
            int mostPieces,
            int mostGuests,
            int mostToppings,
            int mostSides,
            LengthEntry longest) {}

    /** How long what is typed may be, characters. */
    public record LengthEntry(int ovenName, int note, int recipeName, int recipeLine, int recipeNotes) {}

    /** A character of freshness, with how each grade shows in it, best first. */
    public record SenseEntry(Sense sense, boolean whole, Message word, List<LookEntry> looks) {}

    /** How a grade shows. */
    public record LookEntry(Score score, Message look, Message bluefishLook) {}

    /** A fish; {@code freezeFirst} where it is not exempt from being frozen before it is served under-done. */
    public record SpeciesEntry(
            String key,
            Message marketName,
            String scientificName,
            Message flesh,
            boolean bluefish,
            String shape,
            double fatPercent,
            Message firmness,
            Message bones,
            EatingQualities.Mercury mercury,
            boolean freezeFirst,
            Message alsoCalled,
            Message source) {}

    /** A cut, with the range of its sizes. */
    public record CutEntry(
            Cut cut,
            double leastThicknessMm,
            double mostThicknessMm,
            double leastMassG,
            double mostMassG,
            double usualMassG,
            boolean stands,
            boolean tapers) {}

    /** A target; under-done fish needs an answer on parasites, guests at risk get none below the official minimum. */
    public record TargetEntry(
            Doneness doneness, Message words, double peakC, boolean underDone, boolean belowOfficial) {}

    /** A band of doneness; the first has no lower edge. */
    public record BandEntry(Band band, Message word, Message look, double fromC) {}

    /* The raw band is drawn from the bottom of the curve, °C. */
    private static final double DRAWN_FROM_C = -40;

    static Catalogue all() {
        return new Catalogue(
                Arrays.stream(Species.values()).map(Catalogue::species).toList(),
                Arrays.stream(Cut.values()).map(Catalogue::cut).toList(),
                Arrays.stream(Doneness.values())
                        .map(d -> new TargetEntry(d, Message.word(d), d.peakC(), d.underDone(), d.belowOfficial()))
                        .toList(),
                Arrays.stream(Band.values())
                        .map(b -> new BandEntry(b, Message.word(b), b.look(), Math.max(DRAWN_FROM_C, b.fromC())))
                        .toList(),
                Arrays.stream(Sense.values()).map(Catalogue::sense).toList(),
                Arrays.stream(Vegetable.values())
                        .map(v -> new VegetableEntry(
                                v, Message.word(v), v.first(), v.advice(), v.minutes(Vegetable.Cutting.SLICES, 200)))
                        .toList(),
                Arrays.stream(SaltCrust.Damping.values())
                        .map(s -> new SchoolEntry(s, Message.word(s), s.usualCoatMm(), s.buries(), s.whitesAKilo() > 0))
                        .toList(),
                Arrays.stream(Mix.values())
                        .map(m -> new MixEntry(m, Message.word(m), m.cookFirst()))
                        .toList(),
                Arrays.stream(Pour.Liquid.values())
                        .map(l -> new LiquidEntry(l, Message.word(l)))
                        .toList(),
                Arrays.stream(BodyShape.values())
                        .map(b -> new BuildEntry(b, Message.word(b)))
                        .toList(),
                Arrays.stream(Parasites.values())
                        .map(p -> new ParasitesEntry(p, p.words()))
                        .toList(),
                new Limits(
                        Programme.COOLEST_C,
                        Programme.HOTTEST_C,
                        Programme.LONGEST_MINUTES,
                        Programme.LONGEST_GRILL_MINUTES,
                        Piece.FRIDGE_C,
                        Piece.USUAL_START_C,
                        Piece.FROZEN_START_C,
                        Programme.LEAST_MINUTES,
                        Observation.COLDEST_C,
                        Observation.HOTTEST_C,
                        Observation.COLDEST_SERVED_C,
                        Quantities.MOST_PIECES,
                        Helpings.MOST_GUESTS,
                        Dress.MOST_TOPPINGS,
                        Dress.MOST_SIDES,
                        new LengthEntry(
                                Lengths.OVEN_NAME,
                                Lengths.NOTE,
                                Lengths.RECIPE_NAME,
                                Lengths.RECIPE_LINE,
                                Lengths.RECIPE_NOTES)),
                new Usuals(
                        Topping.USUAL_DEPTH_MM,
                        Coat.USUAL_MM,
                        Bed.USUAL_MM,
                        Bed.USUAL_BASE_MM,
                        SaltNeed.USUAL_BAG_G,
                        new OneMoreEntry(Topping.ONE_MORE.mix(), Topping.ONE_MORE.when(), Topping.ONE_MORE.depthMm()),
                        Bed.USUAL,
                        Side.USUAL,
                        Side.USUAL_MIN,
                        Side.USUAL_G,
                        Side.USUAL_SPLASH_ML,
                        UsualProgramme.GRILL_FRESH_MIN,
                        Stage.Grill.USUAL_UNDER_MM),
                new EveningEntry(
                        Evening.MOST_FISH,
                        Evening.MOST_SIDES,
                        Evening.MOST_COURSES,
                        Evening.LEAST_BETWEEN_MIN,
                        Evening.USUAL_BETWEEN_MIN,
                        Evening.LONGEST_MIN,
                        Kitchen.MOST_OVENS,
                        EveningOven.MOST_SHELVES,
                        EveningOven.USUAL_SHELVES,
                        Kitchen.MOST_BURNERS,
                        Kitchen.USUAL_BURNERS,
                        Kitchen.MOST_HANDS,
                        new UsualSideEntry(
                                SideDish.USUAL_PREPARING_MIN,
                                SideDish.USUAL_COOKING_MIN,
                                SideDish.USUAL_FINISHING_MIN,
                                SideDish.USUAL_WAIT_MIN,
                                SideDish.USUAL_DIAL_C,
                                SideDish.USUAL_GIVE_C)));
    }

    private static SpeciesEntry species(Species s) {
        return new SpeciesEntry(
                s.key(),
                Message.word(s),
                s.scientificName(),
                Message.word(s.group()),
                s.group() == Group.OILY,
                s.shape().name(),
                Math.round(s.composition().fat() * 1000) / 10.0,
                Message.word(s.eatingQualities().firmness()),
                Message.word(s.eatingQualities().bones()),
                s.eatingQualities().mercury(),
                !Assurance.NONE.freeOfParasites(s),
                s.alsoCalled(),
                s.source());
    }

    private static CutEntry cut(Cut c) {
        return new CutEntry(
                c,
                c.leastThicknessMm(),
                c.mostThicknessMm(),
                c.leastMassG(),
                c.mostMassG(),
                c.usualMassG(),
                c.stands(),
                c.taper().isPresent());
    }

    private static SenseEntry sense(Sense s) {
        return new SenseEntry(
                s,
                s.whole(),
                Message.word(s),
                Arrays.stream(Score.values())
                        .map(score -> new LookEntry(score, s.look(score, false), s.look(score, true)))
                        .toList());
    }
}
