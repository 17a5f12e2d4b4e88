package veldline.store;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Set;
import org.junit.jupiter.api.Test;
import veldline.antenna.Families;
import veldline.antenna.Family;
import veldline.antenna.YagiShape;
import veldline.demo.TernholmSands;
import veldline.job.Job;
import veldline.job.JobChange;
import veldline.stock.Metal;

/** What first tries came out low by, the next one is cut shorter by. */
class RecutTest {
    private static final Job JOB = TernholmSands.nestCamera();

    @Test
    void everyFreeLengthIsCutShorter() {
        YagiShape was = JOB.yagi().orElseThrow();
        Job locked = JOB.withYagi(was.withLocked(Set.of(3)));
        JobChange cut = Recut.of(locked, -1).orElseThrow();
        YagiShape now = cut.applyTo(locked).yagi().orElseThrow();
        assertThat(cut.label()).startsWith("cut 1.0 % shorter");
        for (int i = 0; i < was.elements().size(); i++) {
            double times = i == 3 ? 1 : 0.99;
            assertThat(now.elements().get(i).length().value())
                    .isCloseTo(times * was.elements().get(i).length().value(), within(6e-6));
            assertThat(now.elements().get(i).position())
                    .isEqualTo(was.elements().get(i).position());
        }
    }

    @Test
    void aDesignIsScaledAndWhatIsBoughtIsLeft() {
        Family.Wish wish = new Family.Wish(150.1e6, 1, 2e-3, Metal.COPPER, false);
        Job quad = new JobChange.Fit(true, Families.wires("dipole").design(wish)).applyTo(JOB);
        Job cut = Recut.of(quad, 2).orElseThrow().applyTo(quad);
        assertThat(cut.nearAntenna().longest())
                .isCloseTo(1.02 * quad.nearAntenna().longest(), within(2e-3));
        Job bought = TernholmSands.all().stream()
                .filter(j -> j.made().isEmpty())
                .findFirst()
                .orElseThrow();
        assertThat(Recut.of(bought, -1)).isEmpty();
    }

    @Test
    void nothingIsCutForWhatCameOutRight() {
        assertThat(Recut.of(JOB, 0.01)).isEmpty();
    }
}
