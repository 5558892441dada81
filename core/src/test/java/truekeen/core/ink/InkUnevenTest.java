package truekeen.core.ink;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import truekeen.core.ink.InkCheck.Form;
import truekeen.core.ink.InkCheck.Intent;
import truekeen.core.ink.InkPattern.Part;
import truekeen.core.ink.InkPattern.Place;
import truekeen.core.ink.InkPattern.Zone;

/** What the ink says of the two ends, and that every pattern has an answer. */
class InkUnevenTest {
    private static InkAnswer read(Intent intent, boolean knife, EnumSet<Place> gone) {
        return new InkCheck(intent, new InkPattern(gone), knife, Form.FLAT, Optional.empty()).read();
    }

    private static EnumSet<Place> places(String names) {
        EnumSet<Place> all = EnumSet.noneOf(Place.class);
        for (String n : names.split(" ")) {
            all.add(Place.valueOf(n));
        }
        return all;
    }

    @ParameterizedTest
    @CsvSource({
        "false, HEEL_LEFT, left corner",
        "false, EDGE_RIGHT, right corner",
        "false, HEEL_LEFT HEEL_RIGHT, dished",
        "false, HEEL_CENTRE, crowned",
        "false, HEEL_LEFT HEEL_CENTRE HEEL_RIGHT MIDDLE_LEFT, wider toward the left",
        "true, HEEL_LEFT, handle is not lifted",
        "true, HEEL_RIGHT, heel is not on the stone",
        "true, HEEL_LEFT HEEL_RIGHT, hollow along its length",
        "true, HEEL_CENTRE, do not run from heel to tip",
        "true, HEEL_LEFT HEEL_CENTRE HEEL_RIGHT MIDDLE_RIGHT, wider toward the tip"
    })
    void theEndsAreSpokenOf(boolean knife, String gone, String words) {
        assertThat(read(Intent.MATCH, knife, places(gone)).also())
                .anySatisfy(w -> assertThat(w).contains(words));
    }

    @ParameterizedTest
    @EnumSource(Intent.class)
    void anEvenBandHasNothingToSayOfTheEnds(Intent intent) {
        for (Zone zone : Zone.values()) {
            EnumSet<Place> band = EnumSet.copyOf(InkPattern.zones(zone).gone());
            assertThat(read(intent, false, band).also()).isEmpty();
        }
    }

    /** All 512 patterns, each with all intents, for tools and knives: a finding and words, never a blank. */
    @Test
    void everyPatternHasAnAnswer() {
        List<Place> places = List.of(Place.values());
        for (int bits = 0; bits < 1 << places.size(); bits++) {
            EnumSet<Place> gone = EnumSet.noneOf(Place.class);
            for (int i = 0; i < places.size(); i++) {
                if ((bits & 1 << i) != 0) {
                    gone.add(places.get(i));
                }
            }
            for (Intent intent : Intent.values()) {
                for (boolean knife : new boolean[] {false, true}) {
                    InkAnswer answer = read(intent, knife, gone);
                    assertThat(answer.words()).isNotBlank();
                    assertThat(answer.off()).isEmpty();
                    if (gone.isEmpty()) {
                        assertThat(answer.finding()).isEqualTo(InkAnswer.Finding.NOTHING);
                    }
                }
            }
        }
    }

    /** Turning the blade round swaps the ends in what is said and changes nothing else. */
    @Test
    void leftAndRightAreTreatedAlike() {
        for (Place place : Place.values()) {
            Place other = Place.valueOf(place.zone() + "_" + swapped(place.part()));
            InkAnswer one = read(Intent.MATCH, false, EnumSet.of(place));
            InkAnswer two = read(Intent.MATCH, false, EnumSet.of(other));
            assertThat(one.finding()).isEqualTo(two.finding());
            assertThat(one.words()).isEqualTo(two.words());
            assertThat(one.also()).hasSameSizeAs(two.also());
        }
    }

    private static Part swapped(Part part) {
        return switch (part) {
            case LEFT -> Part.RIGHT;
            case RIGHT -> Part.LEFT;
            case CENTRE -> Part.CENTRE;
        };
    }
}
