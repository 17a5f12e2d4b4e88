package veldline.antenna;

import java.util.ArrayList;
import java.util.List;
import veldline.antenna.YagiShape.Element;
import veldline.quantity.Quantity;
import veldline.quantity.Unit;

/** How a Yagi's lengths and places come about. Whichever it began with, improving by the engine is one step further. */
public enum YagiSchool {
    /** The default: found by the engine over booms of half a wave to four. */
    TAPERED("tapered, by our rule") {
        @Override
        public YagiShape shape(double frequency, double boom, YagiShape like) {
            return Yagi.forBoom(frequency, boom, like.diameter(), like.metal(), like.upright());
        }
    },
    /**
     * NBS Technical Note 688 (1976), Table 1: measured for elements 0.0085 waves thick. Carried over to another diameter by equal
     * reactance, which is what the note's own curves do.
     */
    TABLE("published table, NBS 688") {
        @Override
        public YagiShape shape(double frequency, double boom, YagiShape like) {
            double wave = C / frequency;
            double[] row = ROWS.stream()
                    .filter(r -> boomWaves(r) <= boom / wave * ROOM)
                    .reduce((a, b) -> b)
                    .orElse(ROWS.get(0));
            double radius = like.diameter().value() / 2;
            List<Element> elements = new ArrayList<>();
            double at = 0;
            for (int i = 1; i < row.length; i++) {
                at += i == 1 ? 0 : i == 2 ? REFLECTOR_GAP : row[0];
                double reactance = Reactance.ohms(row[i], TABLE_DIAMETER / 2, 1);
                elements.add(new Element(
                        Quantity.shown(at * wave, Unit.MM, 1),
                        Quantity.shown(Reactance.lengthFor(reactance, radius, wave), Unit.MM, 1)));
            }
            return like.withElements(elements);
        }
    };

    private static final double C = 299_792_458.0;
    private static final double TABLE_DIAMETER = 0.0085;
    private static final double REFLECTOR_GAP = 0.2;
    /** A boom this little too short for a row is still taken for it. */
    private static final double ROOM = 1.03;

    /** Gap between directors, then lengths from the reflector on, all in waves; the driven element is ours, the note's was folded. */
    private static final List<double[]> ROWS = List.of(
            new double[] {0.200, 0.482, 0.455, 0.442},
            new double[] {0.200, 0.482, 0.455, 0.428, 0.424, 0.428},
            new double[] {0.200, 0.482, 0.455, 0.432, 0.415, 0.407, 0.398, 0.390, 0.390, 0.390, 0.390, 0.398, 0.407},
            new double[] {
                0.308, 0.475, 0.455, 0.424, 0.424, 0.420, 0.407, 0.403, 0.398, 0.394, 0.390, 0.390, 0.390, 0.390, 0.390,
                0.390
            });

    private final String words;

    YagiSchool(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }

    /** A Yagi for a boom in metres, of the conductor and on the boom of another. */
    public abstract YagiShape shape(double frequency, double boom, YagiShape like);

    private static double boomWaves(double[] row) {
        return REFLECTOR_GAP + (row.length - 3) * row[0];
    }

    /** Whether a Yagi is what this school gives for its own boom. */
    public boolean gave(YagiShape y, double frequency) {
        return shape(frequency, y.boomLength(), y).elements().equals(y.elements());
    }
}
