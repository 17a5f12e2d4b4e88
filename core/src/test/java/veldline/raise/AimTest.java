package veldline.raise;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;
import veldline.quantity.Quantity;
import veldline.quantity.Unit;

class AimTest {
    private static final double WIDTH = Beams.WIDTH;
    private static final List<Double> CUT = Beams.CUT;

    private static List<AimReading> swung(double mark, double from, double to, double step, Random r, double bounce) {
        List<AimReading> all = new ArrayList<>();
        double turn = 2 * Math.PI * r.nextDouble();
        for (double b = from; b <= to; b += step) {
            double direct = Math.pow(10, (CUT.get((int) Math.round(Math.abs(Aim.off(b, mark)))) - 12) / 20);
            // What is thrown back from a wall 70° aside comes in with the gain that is there.
            double aside =
                    bounce * Math.pow(10, (CUT.get((int) Math.round(Math.abs(Aim.off(b, mark + 70)))) - 12) / 20);
            double sum = Math.hypot(direct + aside * Math.cos(turn), aside * Math.sin(turn));
            double level = -60 + 20 * Math.log10(Math.max(1e-3, sum)) + r.nextGaussian();
            all.add(new AimReading(Quantity.shown((b + 360) % 360, Unit.DEG, 1), Quantity.shown(level, Unit.DBM, 1)));
        }
        return all;
    }

    /** A tenth of the beam's width on 95 of 100 noisy sweeps with a side lobe and a bounce. */
    @Test
    void theMarkIsFoundWithinATenthOfTheBeam() {
        int found = 0;
        for (int seed = 0; seed < 100; seed++) {
            Random r = new Random(seed);
            double mark = 360 * r.nextDouble();
            double off = 40 * (r.nextDouble() - 0.5);
            Aim aim = Aim.of(swung(mark, mark + off - 90, mark + off + 90, 6, r, 0.35), CUT, WIDTH)
                    .orElseThrow();
            found += Math.abs(Aim.off(aim.mark().value(), mark)) <= WIDTH / 10 ? 1 : 0;
        }
        assertThat(found).isGreaterThanOrEqualTo(95);
    }

    @Test
    void oneEdgeIsToldAndNorthIsNoSeam() {
        Aim half = Aim.of(swung(100, 40, 104, 6, new Random(1), 0), CUT, WIDTH).orElseThrow();
        assertThat(half.edges()).isFalse();
        Aim north = Aim.of(swung(2, -58, 62, 6, new Random(2), 0), CUT, WIDTH).orElseThrow();
        assertThat(north.edges()).isTrue();
        assertThat(Math.abs(Aim.off(north.mark().value(), 2))).isLessThan(3);
        assertThat(Aim.of(swung(2, -10, 10, 6, new Random(2), 0), CUT, WIDTH))
                .as("four readings")
                .isEmpty();
    }

    /** Turning every bearing turns the mark, and a louder sender moves nothing. */
    @Test
    void theMarkTurnsWithTheBearingsAndNotWithTheLevel() {
        List<AimReading> here = swung(120, 60, 180, 5, new Random(3), 0.2);
        List<AimReading> turned = here.stream()
                .map(r -> new AimReading(
                        Quantity.shown((r.bearing().value() + 130) % 360, Unit.DEG, 1),
                        Quantity.shown(r.level().value() + 20, Unit.DBM, 1)))
                .toList();
        double a = Aim.of(here, CUT, WIDTH).orElseThrow().mark().value();
        double b = Aim.of(turned, CUT, WIDTH).orElseThrow().mark().value();
        assertThat(Math.abs(Aim.off(b, a + 130))).isLessThan(1e-6);
    }

    @Test
    void readingsAreWrittenAsTheyAreRead() {
        List<AimReading> read = AimReading.read("60 -71, 70.5 −64").orElseThrow();
        assertThat(read).hasSize(2);
        assertThat(AimReading.read(AimReading.of(read))).isEqualTo(Optional.of(read));
        assertThat(AimReading.read("61")).isEmpty();
        assertThat(AimReading.read("400 -60")).isEmpty();
        assertThat(AimReading.read("")).contains(List.of());
    }
}
