package veldline.field.aperture;

/**
 * A rectangular patch on a substrate, by the transmission-line model (Balanis, Antenna Theory, 3rd ed., §14.2; Hammerstad 1975).
 *
 * @param frequency hertz
 * @param permittivity of the substrate
 * @param thickness metres
 * @param width across the current, metres
 */
public record Patch(double frequency, double permittivity, double thickness, double width) {
    private static final double C = 299_792_458.0;

    /** As wide as sends well. */
    public Patch(double frequency, double permittivity, double thickness) {
        this(frequency, permittivity, thickness, usual(frequency, permittivity));
    }

    public Patch {
        if (!(frequency > 0 && permittivity >= 1 && thickness > 0 && width > 0)) {
            throw new IllegalArgumentException("A patch at " + frequency + " Hz on " + thickness + " m of permittivity "
                    + permittivity + " cannot be; permittivity is 1 or more, the rest over zero");
        }
    }

    private double wave() {
        return C / frequency;
    }

    /** Across the current where it sends well, metres. */
    private static double usual(double frequency, double permittivity) {
        return C / frequency / 2 * Math.sqrt(2 / (permittivity + 1));
    }

    public double effective() {
        return (permittivity + 1) / 2 + (permittivity - 1) / 2 / Math.sqrt(1 + 12 * thickness / width());
    }

    /** By so much the field reaches beyond each end, metres. */
    public double extension() {
        double w = width() / thickness;
        return 0.412 * thickness * (effective() + 0.3) * (w + 0.264) / ((effective() - 0.258) * (w + 0.8));
    }

    /** Along the current, metres. */
    public double length() {
        return wave() / (2 * Math.sqrt(effective())) - 2 * extension();
    }

    /** Of one edge, siemens. */
    public double slot() {
        double x = 2 * Math.PI * width() / wave();
        double si = Quadrature.of(t -> t == 0 ? 1 : Math.sin(t) / t, 0, x, 2 + (int) x);
        return (-2 + Math.cos(x) + x * si + Math.sin(x) / x) / (120 * Math.PI * Math.PI);
    }

    /** Between the two edges, siemens. */
    public double mutual() {
        double k = 2 * Math.PI / wave();
        double half = k * width() / 2;
        return Quadrature.of(
                        t -> {
                            double cos = Math.cos(t);
                            double across = Math.abs(cos) < 1e-9 ? half : Math.sin(half * cos) / cos;
                            return across * across * Bessel.j0(k * length() * Math.sin(t)) * Math.pow(Math.sin(t), 3);
                        },
                        0,
                        Math.PI,
                        4)
                / (120 * Math.PI * Math.PI);
    }

    /** At its edge, in resonance, metal and substrate without loss, ohms. */
    public double edgeResistance() {
        return 1 / (2 * (slot() + mutual()));
    }

    /** From the edge inward to where a resistance is met, metres; the edge has to have more. */
    public double inset(double ohms) {
        if (!(ohms > 0 && ohms <= edgeResistance())) {
            throw new IllegalArgumentException(
                    ohms + " Ω are not met inside a patch of " + edgeResistance() + " Ω at its edge; ask for less");
        }
        return length() / Math.PI * Math.acos(Math.sqrt(ohms / edgeResistance()));
    }
}
