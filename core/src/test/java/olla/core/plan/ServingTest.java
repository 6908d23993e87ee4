package olla.core.plan;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import olla.core.doneness.Cue;
import olla.core.dress.Dress;
import olla.core.dress.Parcel;
import olla.core.dress.SaltCrust;
import olla.core.dress.Sheet;
import olla.core.fish.Cut;
import olla.core.fish.MeasuredBy;
import olla.core.fish.Piece;
import olla.core.fish.Species;
import olla.core.plan.Carving.Picture;
import org.junit.jupiter.api.Test;

/** Checking and carving. The order of carving is common practice, no source. */
class ServingTest {

    private static Piece piece(Species species, Cut cut) {
        return new Piece(species, cut, MeasuredBy.RULER, 40, 110, 300, 900, 8, false);
    }

    private static List<Picture> pictures(Piece piece, Dress dress) {
        return Carving.of(piece, dress).stream().map(Carving.Step::picture).toList();
    }

    @Test
    void aRoundFishIsCarvedFromTheTailToTheCheeks() {
        assertThat(pictures(piece(Species.SEA_BREAM, Cut.WHOLE), Dress.open()))
                .containsExactly(
                        Picture.TAIL,
                        Picture.FINS,
                        Picture.SKIN,
                        Picture.MID_LINE,
                        Picture.TOP_FILLETS,
                        Picture.BACKBONE,
                        Picture.BELLY_BONES,
                        Picture.BOTTOM_FILLETS,
                        Picture.CHEEKS);
    }

    @Test
    void aFlatFishHasFourFilletsAndAFringe() {
        assertThat(pictures(piece(Species.PLAICE, Cut.WHOLE), Dress.open()))
                .startsWith(Picture.FRINGE, Picture.FLAT_MID_LINE)
                .endsWith(Picture.FLAT_BOTTOM);
    }

    @Test
    void aCrustIsOpenedAndBrushedBeforeAnythingElse() {
        List<Picture> salt =
                pictures(piece(Species.SEA_BREAM, Cut.WHOLE), Dress.in(new SaltCrust(SaltCrust.Damping.WET_SAND)));
        assertThat(salt).startsWith(Picture.CLOTH, Picture.CRACK, Picture.LIFT_CRUST, Picture.BRUSH, Picture.TAIL);
        assertThat(salt).endsWith(Picture.CHEEKS);
    }

    @Test
    void aSideIsSlicedOffItsFoil() {
        assertThat(pictures(piece(Species.TROUT, Cut.SIDE), Dress.in(new Parcel(Sheet.FOIL))))
                .containsExactly(Picture.OPEN_PARCEL, Picture.SLICE_OFF_FOIL);
        assertThat(pictures(piece(Species.HAKE, Cut.PORTION), Dress.open())).containsExactly(Picture.LIFT);
    }

    @Test
    void fleshUnderSaltIsNotSeenAndIsNotAskedFor() {
        Checking salt =
                Checking.of(piece(Species.SEA_BREAM, Cut.WHOLE), Dress.in(new SaltCrust(SaltCrust.Damping.WET_SAND)));
        assertThat(salt.cues()).doesNotContain(Cue.GLASSY, Cue.FLAKES_BY_ITSELF).contains(Cue.KNIFE_WARM);
        assertThat(salt.how().toString()).contains("check.how.crust");
        Checking open = Checking.of(piece(Species.SEA_BREAM, Cut.WHOLE), Dress.open());
        assertThat(open.cues()).contains(Cue.GLASSY, Cue.EYE_WHITE, Cue.FIN_PULLS, Cue.LEAVES_BONE);
        assertThat(open.where()).hasToString("check.where.whole");
        Checking parcel = Checking.of(piece(Species.SALMON, Cut.PORTION), Dress.in(new Parcel(Sheet.PARCHMENT)));
        assertThat(parcel.say()).hasToString("check.parcel");
        assertThat(parcel.cues()).doesNotContain(Cue.EYE_WHITE);
    }
}
