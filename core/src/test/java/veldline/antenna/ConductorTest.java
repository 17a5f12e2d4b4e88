package veldline.antenna;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import veldline.quantity.Quantity;
import veldline.quantity.Unit;
import veldline.stock.Covering;
import veldline.stock.Form;
import veldline.stock.Insulation;
import veldline.stock.Metal;

/** What a conductor is made of and covered with, and what that does to the antenna cut from it. */
class ConductorTest {
    private static final double F = 145e6;

    private static Design dipole() {
        return Families.wires("dipole").design(new Family.Wish(F, 2, 8e-3, Metal.COPPER, false));
    }

    /** A strip acts like a round wire of half its width: the two are cut alike. */
    @Test
    void aStripIsCutLikeWireOfHalfItsWidth() {
        Design strip = dipole().withForm(Form.STRIP).tuned(F);
        Design wire = dipole().withDiameter(Quantity.of("4", Unit.MM)).tuned(F);
        assertThat(strip.round()).isEqualTo(4e-3);
        assertThat(strip.size(0)).isCloseTo(wire.size(0), within(2e-4));
    }

    @ParameterizedTest
    @CsvSource({"ROD, 10, 78.54", "TUBE, 10, 28.27", "STRIP, 10, 10"})
    void metalIsCountedWhereItIsSawnThrough(Form form, double millimetres, double squareMillimetres) {
        assertThat(form.section(millimetres / 1000) * 1e6).isCloseTo(squareMillimetres, within(0.01));
    }

    /** Whatever lies around it, a covered dipole is cut shorter; thicker layers shorten it more. */
    @ParameterizedTest
    @EnumSource(value = Insulation.class, mode = EnumSource.Mode.EXCLUDE, names = "RAIN")
    void coveringsShorten(Insulation insulation) {
        double bare = dipole().size(0);
        double last = bare;
        for (String thickness : new String[] {"0.2", "0.6", "1.5"}) {
            double now = dipole().withCovering(Optional.of(new Covering(insulation, Quantity.of(thickness, Unit.MM))))
                    .tuned(F)
                    .size(0);
            assertThat(now).as(insulation + " " + thickness).isLessThan(last);
            last = now;
        }
        assertThat(last).isGreaterThan(0.9 * bare);
    }

    /** Thicker rod is cut shorter, and worse metal costs a little gain. */
    @Test
    void thicknessAndMetalCount() {
        double last = 2;
        for (String mm : new String[] {"0.5", "2", "8", "20"}) {
            double now =
                    dipole().withDiameter(Quantity.of(mm, Unit.MM)).tuned(F).size(0);
            assertThat(now).isLessThan(last);
            last = now;
        }
        for (DesignChange change : new DesignChange[] {
            new DesignChange.Made(Metal.STAINLESS),
            new DesignChange.Formed(Form.TUBE),
            new DesignChange.Covered(Optional.of(new Covering(Insulation.PVC, Quantity.of("0.4", Unit.MM))))
        }) {
            assertThat(change.label()).isNotBlank();
            assertThat(change.applyTo(dipole())).isNotEqualTo(dipole());
        }
    }
}
