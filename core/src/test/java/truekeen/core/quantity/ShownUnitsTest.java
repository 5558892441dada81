package truekeen.core.quantity;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import org.junit.jupiter.api.Test;
import truekeen.core.message.InWords;
import truekeen.core.message.Numbers;
import truekeen.core.message.Wording;
import truekeen.core.quantity.ShownUnits.Forces;
import truekeen.core.quantity.ShownUnits.Lengths;
import truekeen.core.quantity.ShownUnits.Masses;

/** What was computed in mm, N and g is said in the units of the shop; what a person wrote is left alone. */
class ShownUnitsTest {
    private static final ShownUnits INCHES = new ShownUnits(Lengths.INCHES, Forces.KILOGRAMS, Masses.OUNCES);
    private static final ShownUnits FRACTIONS = new ShownUnits(Lengths.INCH_FRACTIONS, Forces.NEWTONS, Masses.GRAMS);

    private static List<String> cases() throws IOException {
        try (var file = ShownUnitsTest.class.getResourceAsStream("/units/cases.csv")) {
            return new String(file.readAllBytes(), StandardCharsets.UTF_8)
                    .lines()
                    .filter(line -> !line.startsWith("#"))
                    .toList();
        }
    }

    @Test
    void everyFigureIsShownAsTheTradeWritesIt() throws IOException {
        assertThat(cases()).hasSizeGreaterThan(20).allSatisfy(line -> {
            String[] part = line.split(",");
            ShownUnits units = new ShownUnits(Lengths.valueOf(part[3]), Forces.NEWTONS, Masses.GRAMS);
            String kept = Numbers.plain(Double.parseDouble(part[1]), Integer.parseInt(part[2]));
            assertThat(units.sentence(kept + InWords.GAP + part[0]).replace('\u00a0', ' '))
                    .as(line)
                    .isEqualTo(part[4]);
        });
    }

    @Test
    void oneUnitIsSaidOnceForARangeUnlessItsEndsDiffer() {
        assertThat(INCHES.sentence("from 0.2 to 0.5\u202fmm.")).isEqualTo("from 8 to 20 thou.");
        assertThat(INCHES.sentence("10–40\u202fmm")).isEqualTo("0.39–1.57 in");
        assertThat(INCHES.sentence("2 to 20\u202fmm")).isEqualTo("79 thou to 0.79 in");
        assertThat(INCHES.sentence("8 × 3.2\u202fmm")).isEqualTo("0.31 × 0.126 in");
    }

    @Test
    void massesAndForcesFollowTheirOwnPick() {
        assertThat(INCHES.sentence("20\u202fN")).isEqualTo("2 kg");
        assertThat(INCHES.sentence("5\u202fN")).isEqualTo("0.5 kg");
        assertThat(INCHES.sentence("1.4\u202fg")).isEqualTo("0.049 oz");
        assertThat(INCHES.sentence("130\u202fg")).isEqualTo("4.59 oz");
        assertThat(INCHES.sentence("720\u202fg·mm")).isEqualTo("1 oz·in");
        assertThat(FRACTIONS.sentence("130\u202fg at 20\u202fN")).isEqualTo("130 g at 20 N");
    }

    @Test
    void whatAPersonWroteStaysAsItWasWritten() {
        String named = "24 mm chisel of the 10 mm shed";
        assertThat(INCHES.sentence(named)).isEqualTo(named);
        assertThat(Sentence.CHISEL.fill("name", "24 mm chisel", "depth", "0.8", "torque", "45"))
                .satisfies(said -> assertThat(INCHES.sentence(said))
                        .isEqualTo("24 mm chisel: 31 thou deep, past 0.12 in; 45 N·m, the stone is 200 grit."))
                .satisfies(said -> assertThat(ShownUnits.METRIC.sentence(said))
                        .isEqualTo("24 mm chisel: 0.8 mm deep, past 3 mm; 45 N·m, the stone is 200 grit."));
    }

    @Test
    void theDecimalSignOfTheReaderStandsInWhatWasComputedOnly() {
        String said = Sentence.CHISEL.fill("name", "3.5 mm gouge No. 1.2", "depth", "0.8", "torque", "45.5");
        assertThat(ShownUnits.METRIC.sentence(said, ','))
                .isEqualTo("3.5 mm gouge No. 1.2: 0,8 mm deep, past 3 mm; 45,5 N·m, the stone is 200 grit.");
        assertThat(ShownUnits.METRIC.sentence(said))
                .isEqualTo("3.5 mm gouge No. 1.2: 0.8 mm deep, past 3 mm; 45.5 N·m, the stone is 200 grit.");
        assertThat(INCHES.sentence("from 0.8 to 1.25" + InWords.MM, ',')).isEqualTo("from 31 to 49 thou");
        assertThat(INCHES.sentence("0.8 to 12.5" + InWords.MM, ',')).isEqualTo("31 thou to 0,492 in");
        for (String range : List.of("1.2 to 3.7", "25.5°", "0.5–1.5 µm", "2.5 × 3", "−0.4", "1.5 min")) {
            assertThat(ShownUnits.METRIC.sentence(InWords.value(range), ',')).isEqualTo(range.replace('.', ','));
        }
        for (String named : List.of("No. 1.5", "film 0.5", "0.5 film", "v1.2")) {
            assertThat(ShownUnits.METRIC.sentence(InWords.value(named), ',')).isEqualTo(named);
        }
    }

    /** Whatever is shown can be typed back, and means the same to what the figures show. */
    @Test
    void whatIsShownIsReadBack() {
        for (double mm = 0.1; mm < 400; mm *= 1.07) {
            String kept = Numbers.plain(mm, 2) + InWords.MM;
            for (ShownUnits units : List.of(ShownUnits.METRIC, INCHES, FRACTIONS)) {
                double fineness = units.lengths() == Lengths.INCH_FRACTIONS ? 25.4 / 128 + 0.006 : 0.02;
                assertThat(QuantityReader.length("width", units.sentence(kept)).mm())
                        .as(units.sentence(kept))
                        .isCloseTo(mm, within(fineness));
            }
        }
    }

    @Test
    void aMassIsReadInItsUnit() {
        assertThat(QuantityReader.grams("trial", "1 oz")).isCloseTo(28.3495, within(1e-3));
        assertThat(QuantityReader.grams("trial", "0.25 kg")).isEqualTo(250);
        assertThat(QuantityReader.grams("trial", "2 lb")).isCloseTo(907.185, within(1e-3));
        assertThat(QuantityReader.grams("trial", "130")).isEqualTo(130);
    }

    private enum Sentence implements Wording {
        CHISEL("{name}: {depth} mm deep, past 3 mm; {torque} N·m, the stone is 200 grit.");

        private final String words;

        Sentence(String words) {
            this.words = words;
        }

        @Override
        public String words() {
            return words;
        }
    }
}
