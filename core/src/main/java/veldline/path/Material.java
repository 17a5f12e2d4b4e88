package veldline.path;

import org.hipparchus.complex.Complex;
import veldline.explain.Formula;
import veldline.explain.Worked;

/**
 * What walls, roofs and windows are made of: permittivity and conductivity by frequency, σ = c·f^d with f in gigahertz
 * (ITU-R P.2040-2, table 3), and how thick such a part usually is.
 */
public enum Material {
    CONCRETE("concrete wall", 5.24, 0.0462, 0.7822, 0.20, 4),
    BRICK("brick wall", 3.91, 0.0238, 0.16, 0.24, 4),
    /** Set stone has no line of its own in the table; that of marble stands for it. */
    STONE("stone wall", 7.074, 0.0055, 0.9262, 0.45, 6),
    PLASTERBOARD("plasterboard", 2.73, 0.0085, 0.9395, 0.025, 2),
    WOOD("wooden wall", 1.99, 0.0047, 1.0718, 0.05, 2),
    CHIPBOARD("chipboard", 2.58, 0.0217, 0.78, 0.022, 2),
    GLASS("window pane", 6.31, 0.0036, 1.3394, 0.004, 2),
    TILES("tiled roof", 3.91, 0.0238, 0.16, 0.015, 3),
    METAL("sheet metal or foil", 1, 1e7, 0, 0.0005, 10);

    private static Formula named(String name) {
        return new Formula(
                name,
                "Part of the wave is thrown back at both faces, part is lost inside; t is the share of the field that comes"
                        + " through.",
                "L",
                "−20·log10(t)",
                "ITU-R P.2040-2 §2.2.2 and table 3",
                "Straight through an even sheet. Slanting ways, wet walls, rebar and coated panes take more");
    }

    /** What comes around a sheet of metal by its edges is never less than this, dB. */
    private static final double LEAKS = 40;

    private static final double EPSILON0 = 8.8541878128e-12;
    private static final double FROM = 1e8;
    private static final double TO = 1e11;

    private final String words;
    private final double permittivity;
    private final double c;
    private final double d;
    private final double usual;
    private final double doubt;

    Material(String words, double permittivity, double c, double d, double usual, double doubt) {
        this.words = words;
        this.permittivity = permittivity;
        this.c = c;
        this.d = d;
        this.usual = usual;
        this.doubt = doubt;
    }

    public String words() {
        return words;
    }

    /** How thick such a part usually is, metres. */
    public double usualThickness() {
        return usual;
    }

    /** Whether the table holds at a frequency in hertz. */
    public static boolean holds(double frequency) {
        return frequency >= FROM && frequency <= TO;
    }

    /**
     * Loss in dB straight through an even sheet.
     *
     * @param frequency hertz, 0.1 to 100 GHz
     * @param thickness metres, over zero
     */
    public double lossDb(double frequency, double thickness) {
        return Math.min(LEAKS, -20 * Math.log10(Math.max(1e-9, through(frequency, thickness))));
    }

    /** Share of the field that comes through. */
    private double through(double frequency, double thickness) {
        if (!holds(frequency) || !(thickness > 0)) {
            throw new IllegalArgumentException("What a " + words + " takes is known from 0.1 to 100 GHz and for a"
                    + " thickness over zero, not at " + frequency / 1e9 + " GHz and " + thickness
                    + " m; type its loss instead");
        }
        double sigma = c * Math.pow(frequency / 1e9, d);
        Complex root = new Complex(permittivity, -sigma / (2 * Math.PI * frequency * EPSILON0)).sqrt();
        Complex back = Complex.ONE.subtract(root).divide(Complex.ONE.add(root));
        Complex turn = root.multiply(new Complex(0, -2 * Math.PI * thickness / FreeSpace.wavelength(frequency)));
        Complex once = turn.exp();
        Complex square = back.multiply(back);
        return Complex.ONE
                .subtract(square)
                .multiply(once)
                .divide(Complex.ONE.subtract(square.multiply(once).multiply(once)))
                .norm();
    }

    public Worked worked(double frequency, double thickness) {
        double loss = lossDb(frequency, thickness);
        return Worked.of(named(Character.toUpperCase(words.charAt(0)) + words.substring(1)))
                .computed("t", "share of the field through " + words, Math.pow(10, -loss / 20), "", 7)
                .gives(loss, "dB", 1, doubt);
    }
}
