package veldline.antenna;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import veldline.antenna.Family.Silhouette.Bar;
import veldline.explain.Formula;
import veldline.explain.Worked;
import veldline.quantity.NumberText;
import veldline.stock.Tool;

/** An axial-mode helix over a reflector; its gain is that of a fit to measurements, the textbook's being a ceiling. */
public final class AxialHelix implements Family {
    private static final double C = 299_792_458.0;
    private static final double CIRCUMFERENCE_WAVES = 1.05;
    private static final double PITCH_DEGREES = 12.5;

    public static final Formula MEASURED_FIT = new Formula(
            "Helix gain, measured fit",
            "A curve through measured peak gains of uniform helices of n turns, circumference c and spacing s in waves,"
                    + " pitch p in radians.",
            "G",
            "10·log10(8.3·c^(sqrt(n + 2) − 1)·(n·s)^0.8·(tan(0.2181662) ÷ tan(p))^(sqrt(n) ÷ 2))",
            "King and Wong, IEEE Trans. AP-28 (1980), eq. 2",
            "±1 dB for 5 to 35 turns at its best frequency; the textbook's 15·c²·n·s lies 2 to 4 dB above what is measured");

    @Override
    public String name() {
        return "helix";
    }

    @Override
    public Set<Tool> tools() {
        return EnumSet.of(Tool.SAW, Tool.DRILL, Tool.RULE, Tool.SOLDERING_IRON);
    }

    /**
     * Gain in dBi by the measured fit.
     *
     * @param turns 5 to 35
     * @param circumference in waves, about 1
     * @param pitch in degrees, about 12 to 14
     */
    public static double gainDbi(double turns, double circumference, double pitch) {
        double p = Math.toRadians(pitch);
        double spacing = circumference * Math.tan(p);
        return 10
                * Math.log10(8.3
                        * Math.pow(circumference, Math.sqrt(turns + 2) - 1)
                        * Math.pow(turns * spacing, 0.8)
                        * Math.pow(Math.tan(Math.toRadians(12.5)) / Math.tan(p), Math.sqrt(turns) / 2));
    }

    /**
     * Gain by the textbook, a ceiling that turns never reach: 15, or in its later form 12, times C²·N·S (Kraus).
     *
     * @param factor 15 or 12
     */
    public static double textbookGainDbi(double factor, double turns, double circumference, double pitch) {
        double spacing = circumference * Math.tan(Math.toRadians(pitch));
        return 10 * Math.log10(factor * circumference * circumference * turns * spacing);
    }

    /** Width to half power by the textbook, degrees (Kraus, Antennas, 2nd ed., §7.3). */
    public static double textbookWidth(double turns, double circumference, double pitch) {
        return 52 / (circumference * Math.sqrt(turns * circumference * Math.tan(Math.toRadians(pitch))));
    }

    /** Width to half power by the measured fit, degrees (King and Wong, IEEE Trans. AP-28 (1980)). */
    public static double fittedWidth(double turns, double circumference, double pitch) {
        double tan = Math.tan(Math.toRadians(pitch));
        double spacing = circumference * tan;
        return 61.5
                * Math.pow(2 * turns / (turns + 5), 0.6)
                / (Math.pow(circumference, Math.sqrt(turns) / 4) * Math.pow(turns * spacing, 0.7))
                * Math.pow(tan / Math.tan(Math.toRadians(12.5)), Math.sqrt(turns) / 4);
    }

    @Override
    public Shaped shape(Wish wish) {
        double wave = C / wish.frequency();
        double spacing = CIRCUMFERENCE_WAVES * wave * Math.tan(Math.toRadians(PITCH_DEGREES));
        int turns = Math.max(5, Math.min(35, (int) Math.floor(wish.length() / spacing)));
        double length = turns * spacing;
        double radius = CIRCUMFERENCE_WAVES * wave / (2 * Math.PI);
        Worked gain = Worked.of(MEASURED_FIT)
                .computed("n", "turns that fit", turns, "", 0)
                .computed("c", "circumference, waves", CIRCUMFERENCE_WAVES, "", 3)
                .computed("s", "spacing of turns, waves", spacing / wave, "", 5)
                .computed("p", "pitch, rad", Math.toRadians(PITCH_DEGREES), "", 6)
                .gives(gainDbi(turns, CIRCUMFERENCE_WAVES, PITCH_DEGREES), "dBi", 1, 1);
        List<Bar> bars = new ArrayList<>(List.of(new Bar(0, -0.4 * wave, 0, 0.4 * wave)));
        for (int half = 0; half < 2 * turns; half++) {
            int up = half % 2 == 0 ? 1 : -1;
            bars.add(new Bar(half * spacing / 2, -up * radius, (half + 1) * spacing / 2, up * radius));
        }
        return new Shaped(
                this,
                "Helix, " + turns + " turns",
                NumberText.shown(length * 1000, 0) + " mm long",
                length,
                Optional.empty(),
                Optional.of(gain),
                true,
                new Silhouette(List.copyOf(bars)),
                Optional.empty());
    }
}
