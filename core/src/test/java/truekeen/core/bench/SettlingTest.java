package truekeen.core.bench;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import truekeen.core.bench.Settling.Sample;

class SettlingTest {
    private static List<Sample> every100ms(double... values) {
        List<Sample> samples = new ArrayList<>();
        for (int i = 0; i < values.length; i++) {
            samples.add(new Sample(100L * i, values[i]));
        }
        return samples;
    }

    @Test
    void theMiddleOfTheLastSecondCountsAndNothingBeforeIt() {
        double[] values = new double[25];
        java.util.Arrays.fill(values, 30);
        values[0] = 80;
        values[12] = 45;
        Settling settled = Settling.of(every100ms(values), Instrument.ANGLE_GAUGE);
        assertThat(settled.settled()).isTrue();
        assertThat(settled.value()).isEqualTo(30);
        // the swing lies within the last second here
        Settling moving = Settling.of(every100ms(30, 30, 30, 45, 30), Instrument.ANGLE_GAUGE);
        assertThat(moving.settled()).isFalse();
        assertThat(moving.span()).isEqualTo(15);
    }

    @Test
    void eachInstrumentHasItsOwnSpan() {
        List<Sample> two = every100ms(100, 102, 103);
        assertThat(Settling.of(two, Instrument.THREAD_TESTER).settled()).isTrue();
        assertThat(Settling.of(two, Instrument.ANGLE_GAUGE).settled()).isFalse();
        assertThat(Settling.of(every100ms(100, 102, 103, 101), Instrument.THERMOMETER)
                        .value())
                .isEqualTo(101.5);
    }

    @Test
    void twoValuesAreTooFewAndNoneIsNoNumber() {
        assertThat(Settling.of(every100ms(30, 30), Instrument.ANGLE_GAUGE).settled())
                .isFalse();
        assertThat(Settling.of(List.of(), Instrument.ANGLE_GAUGE).value()).isNaN();
        assertThat(Settling.of(List.of(), Instrument.ANGLE_GAUGE).settled()).isFalse();
    }

    @Test
    void shiftingEveryValueShiftsTheReadingAndNotWhetherItSettled() {
        Random random = new Random(3);
        for (int i = 0; i < 300; i++) {
            double[] values = random.doubles(8, 20, 20 + random.nextDouble()).toArray();
            double[] shifted = java.util.Arrays.stream(values).map(v -> v + 7).toArray();
            Settling a = Settling.of(every100ms(values), Instrument.ANGLE_GAUGE);
            Settling b = Settling.of(every100ms(shifted), Instrument.ANGLE_GAUGE);
            assertThat(b.value()).isCloseTo(a.value() + 7, within(1e-9));
            assertThat(b.span()).isCloseTo(a.span(), within(1e-9));
        }
    }
}
