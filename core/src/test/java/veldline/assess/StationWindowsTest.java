package veldline.assess;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;
import veldline.antenna.Design;
import veldline.antenna.Families;
import veldline.antenna.Family;
import veldline.antenna.WireWindows;
import veldline.demo.TernholmSands;
import veldline.explain.Finding;
import veldline.job.Job;
import veldline.job.JobChange;
import veldline.job.Station;
import veldline.quantity.Quantity;
import veldline.quantity.Unit;
import veldline.stock.Metal;

/** One wire for several stations keeps clear of every half wave of each. */
class StationWindowsTest {
    private static final Job STORM = TernholmSands.all().get(6);
    private static final double LEAST = 15;
    private static final double MOST = 60;

    @Test
    void aHalfWaveOfEachStationIsShutAndWhatIsOpenIsShutForNone() {
        for (Station s : STORM.stations()) {
            List<WireWindows.Window> shut = StationWindows.shut(STORM, s, LEAST, MOST);
            double half = 142.65 / (s.brief().frequency().value() / 1e6);
            int count = (int) (MOST / (half * 0.97)) - (int) (LEAST / (half * 1.03));
            assertThat(shut).as(s.name()).hasSize(count);
            for (WireWindows.Window w : shut) {
                assertThat(w.middle() / half).isCloseTo(Math.rint(w.middle() / half), within(0.02));
            }
        }
        for (WireWindows.Window open : StationWindows.of(STORM, LEAST, MOST).open()) {
            for (Station s : STORM.stations()) {
                assertThat(StationWindows.shut(STORM, s, LEAST, MOST))
                        .noneMatch(w -> w.from() < open.middle() && w.to() > open.middle());
            }
        }
    }

    @Test
    void aLengthNearAHalfWaveIsWatchedAndAClearOneFits() {
        assertThat(windows("39.6").level()).isEqualTo(Finding.Level.WATCH);
        assertThat(windows("25").level()).isEqualTo(Finding.Level.FITS);
    }

    /** Two half waves of 7.1 MHz are four of 14.2; one of 3.66 MHz lies a metre and more under both. */
    @Test
    void theNearestHalfWaveIsWorkedOut() {
        assertThat(StationWindows.nearest(STORM, 39.6).value()).isCloseTo(2 * 142.65 / 7.1, within(1e-9));
        assertThat(StationWindows.nearest(STORM, 39.2).value()).isCloseTo(142.65 / 3.66, within(1e-9));
        assertThat(StationWindows.nearest(STORM, 0.1).value())
                .as("never less than one")
                .isCloseTo(142.65 / 14.2, within(1e-9));
    }

    private static Finding windows(String metres) {
        Design wire = Families.wires("hung wire")
                .design(new Family.Wish(3.66e6, 40, 2e-3, Metal.COPPER, false))
                .withSize(0, Quantity.of(metres, Unit.M));
        Assessment a = new Assessor().assess(new JobChange.Fit(true, wire).applyTo(STORM));
        return ShapeRules.windows(a).stream().findFirst().orElseThrow();
    }

    /** The storm job is a brief only; what it could be made of is offered by the families. */
    @Test
    void theStormJobIsOfferedWiresThatHang() {
        double f = STORM.brief().frequency().value();
        Family.Wish wish = new Family.Wish(f, STORM.brief().sizeAllowed().value(), 2e-3, Metal.COPPER, false);
        assertThat(Families.wires().stream().filter(w -> w.serves(wish)).flatMap(w -> w.offers(wish).stream()))
                .extracting(Family.Shaped::title)
                .contains("Hung wire");
    }
}
