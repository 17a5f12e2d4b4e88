package veldline.antenna;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;
import org.junit.jupiter.api.Test;
import veldline.antenna.WireWindows.Band;
import veldline.antenna.WireWindows.Window;

/** Lengths clear of half waves, against counting half waves one by one. */
class WireWindowsTest {
    private static final double K = 142.65;

    /** How near a length is to a half wave of some frequency of a band, by counting. */
    private static boolean shut(double length, List<Band> bands, double guard) {
        for (Band b : bands) {
            for (int n = 1; n < 400; n++) {
                if (length >= n * K / b.high() * (1 - guard) && length <= n * K / b.low() * (1 + guard)) {
                    return true;
                }
            }
        }
        return false;
    }

    @RepeatedTest(20)
    void everyLengthIsOpenOrShutAsCountingSays(RepetitionInfo run) {
        Random random = new Random(run.getCurrentRepetition());
        List<Band> bands = new ArrayList<>();
        for (int i = 0; i < 1 + random.nextInt(4); i++) {
            double low = 3 + 25 * random.nextDouble();
            bands.add(new Band(low, low * (1 + 0.03 * random.nextDouble())));
        }
        double guard = 0.03 * random.nextDouble();
        WireWindows w = new WireWindows(bands, K, guard, 5, 45);
        for (double length = 5.001; length < 45; length += 0.037) {
            boolean nearAnEdge = edges(w, length);
            if (!nearAnEdge) {
                assertThat(w.allows(length)).as(length + " m in " + bands).isEqualTo(!shut(length, bands, guard));
            }
        }
    }

    private static boolean edges(WireWindows w, double length) {
        return w.open().stream().anyMatch(o -> Math.abs(o.from() - length) < 1e-6 || Math.abs(o.to() - length) < 1e-6);
    }

    @RepeatedTest(10)
    void windowsGrowApartAndStayWithinTheLimits(RepetitionInfo run) {
        Random random = new Random(100 + run.getCurrentRepetition());
        double low = 4 + 10 * random.nextDouble();
        WireWindows w =
                new WireWindows(List.of(new Band(low, 1.02 * low), new Band(2 * low, 2.04 * low)), K, 0.02, 4, 40);
        List<Window> open = w.open();
        for (int i = 0; i < open.size(); i++) {
            assertThat(open.get(i).from()).isGreaterThanOrEqualTo(4);
            assertThat(open.get(i).to()).isLessThanOrEqualTo(40);
            assertThat(open.get(i).width()).isPositive();
            if (i > 0) {
                assertThat(open.get(i).from()).isGreaterThan(open.get(i - 1).to());
            }
        }
        w.widest().ifPresent(widest -> assertThat(open).allMatch(o -> o.width() <= widest.width()));
    }

    /** A wider guard never opens a length, and one more band never does either. */
    @Test
    void moreCareOpensNothing() {
        List<Band> two = List.of(new Band(7, 7.2), new Band(14, 14.35));
        List<Band> three = List.of(new Band(7, 7.2), new Band(14, 14.35), new Band(21, 21.45));
        WireWindows loose = new WireWindows(two, K, 0.005, 5, 45);
        WireWindows careful = new WireWindows(two, K, 0.03, 5, 45);
        WireWindows more = new WireWindows(three, K, 0.005, 5, 45);
        for (double length = 5; length < 45; length += 0.11) {
            if (careful.allows(length)) {
                assertThat(loose.allows(length)).isTrue();
            }
            if (more.allows(length)) {
                assertThat(loose.allows(length)).isTrue();
            }
        }
    }

    @Test
    void whatCannotBeIsRefusedWithWhatWouldDo() {
        assertThatThrownBy(() -> new Band(14, 7)).hasMessageContaining("lower end first");
        assertThatThrownBy(() -> new WireWindows(List.of(), K, 0.02, 5, 45)).hasMessageContaining("at least one band");
        assertThatThrownBy(() -> new WireWindows(List.of(new Band(7, 7.2)), K, 0.02, 45, 5))
                .hasMessageContaining("least length under the greatest");
    }

    /** Rows of sources against the sum of their waves over the sphere. */
    @RepeatedTest(8)
    void rowsHaveTheDirectivityOfTheirSum(RepetitionInfo run) {
        int n = 1 + run.getCurrentRepetition();
        double apart = 0.3 + 0.05 * run.getCurrentRepetition();
        double sum = 0;
        int steps = 4000;
        for (int i = 0; i < steps; i++) {
            // Even steps of the cosine from the row are even parts of the sphere.
            double cosine = -1 + (2.0 * i + 1) / steps;
            double f = ArrayFactor.row(n, Math.PI * apart * cosine);
            sum += f * f / steps;
        }
        assertThat(ArrayFactor.directivity(n, apart)).isCloseTo(1 / sum, within(1e-4 / sum));
    }

    /** Two sources likewise, at any phase; and where they cancel they do. */
    @RepeatedTest(8)
    void pairsHaveTheDirectivityOfTheirSumAndTheirNulls(RepetitionInfo run) {
        Random random = new Random(run.getCurrentRepetition());
        double apart = 0.1 + 1.2 * random.nextDouble();
        double lead = 2 * Math.PI * (random.nextDouble() - 0.5);
        double sum = 0;
        int steps = 4000;
        for (int i = 0; i < steps; i++) {
            double f = ArrayFactor.pair(apart, lead, Math.acos(-1 + (2.0 * i + 1) / steps));
            sum += f * f / steps;
        }
        double most = ArrayFactor.pairMost(apart, lead);
        assertThat(ArrayFactor.pairDirectivity(apart, lead))
                .isCloseTo(most * most / sum, within(1e-4 * most * most / sum));
        for (double angle : ArrayFactor.pairNulls(apart, lead)) {
            assertThat(ArrayFactor.pair(apart, lead, Math.toRadians(angle))).isCloseTo(0, within(1e-6));
        }
    }

    /** What is induced far away falls with the distance, and near by it is the resistance of one alone. */
    @Test
    void mutualResistanceFallsFromThatOfOneAlone() {
        assertThat(MutualImpedance.of(1e-4).getReal())
                .isCloseTo(MutualImpedance.self().getReal(), within(0.01));
        double far = 0;
        for (double d = 20; d < 21; d += 0.02) {
            far = Math.max(far, MutualImpedance.of(d).norm());
        }
        assertThat(far).isLessThan(5);
        // Series and asymptotic form meet where one takes over.
        assertThat(MutualImpedance.sineIntegral(15.999)).isCloseTo(MutualImpedance.sineIntegral(16.001), within(1e-3));
        assertThat(MutualImpedance.cosineIntegral(15.999))
                .isCloseTo(MutualImpedance.cosineIntegral(16.001), within(1e-3));
        assertThat(MutualImpedance.sineIntegral(1)).isCloseTo(0.946_083_070, within(1e-9));
        assertThat(MutualImpedance.cosineIntegral(1)).isCloseTo(0.337_403_923, within(1e-9));
    }
}
