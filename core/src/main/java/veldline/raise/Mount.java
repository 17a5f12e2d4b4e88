package veldline.raise;

import io.soabase.recordbuilder.core.RecordBuilder;
import veldline.quantity.Quantity;
import veldline.quantity.Unit;

/**
 * The tube an antenna stands on above its topmost clamp, and the weather that is reckoned with.
 *
 * @param tube what it is made of
 * @param diameter outside
 * @param wall its thickness, under half the diameter
 * @param free from the clamp to the antenna
 * @param wind speed of a gust
 * @param ice thickness all around, on what is thin as on what is thick
 */
@RecordBuilder
public record Mount(TubeMetal tube, Quantity diameter, Quantity wall, Quantity free, Quantity wind, Quantity ice)
        implements MountBuilder.With {
    /** A usual one: a metre of steel tube, in a gust of a storm. */
    public static final Mount USUAL = new Mount(
            TubeMetal.STEEL,
            Quantity.of("42", Unit.MM),
            Quantity.of("2.5", Unit.MM),
            Quantity.of("1.0", Unit.M),
            Quantity.of("35", Unit.M_S),
            Quantity.of("0", Unit.MM));

    /** What tubes are made of, with stiffness and where it yields or breaks (usual grades). */
    public enum TubeMetal {
        STEEL("steel", 210e9, 235e6),
        ALUMINIUM("aluminium", 70e9, 160e6),
        GLASS_FIBRE("glass fibre", 20e9, 100e6);

        private final String words;
        private final double stiffness;
        private final double yields;

        TubeMetal(String words, double stiffness, double yields) {
            this.words = words;
            this.stiffness = stiffness;
            this.yields = yields;
        }

        public String words() {
            return words;
        }

        /** Young's modulus, pascals. */
        public double stiffness() {
            return stiffness;
        }

        /** Pascals. */
        public double yields() {
            return yields;
        }
    }

    public Mount {
        if (!(diameter.value() > 0 && wall.value() > 0 && 2 * wall.value() <= diameter.value())) {
            throw new IllegalArgumentException("A tube of " + diameter + " with a wall of " + wall
                    + " cannot be; give a wall over zero and up to half the diameter");
        }
    }
}
