package veldline.link;

import veldline.explain.Formula;
import veldline.explain.Worked;
import veldline.path.FreeSpace;

/**
 * How far people stay away from the front of a sending antenna: where power density has fallen to the general public's
 * reference level of ICNIRP 2020 (10 W/m² above 2 GHz; f/200 W/m² from 400 to 2000 MHz; 2 W/m² from 30 to 400 MHz).
 */
public final class Exposure {
    public static final Formula FORMULA = new Formula(
            "Exposure distance",
            "Where the beam's middle has thinned to the public's reference level s, ground adding half to the field.",
            "R",
            "1.6·sqrt(p ÷ 1000 ÷ (4·pi·s))",
            "ICNIRP 2020, table 5; far-field sphere",
            "On the safe side beyond the near field; keep it at all times when local rules ask more");

    public static final Formula NEAR = new Formula(
            "Exposure distance, near field",
            "Nearer than b metres the beam is not formed yet, and the sphere says nothing. The solved fields about the antenna, the"
                    + " electric and the magnetic one each, reach the public's level a metres out from its outline, ground adding"
                    + " half to the field.",
            "R",
            "a",
            "ICNIRP 2020, table 5, notes; fields by the method of moments",
            "At the strongest of fourteen places about it; 10 % besides what the gain is good to");

    private static final double GROUND_FACTOR = 1.6;

    /** Lowest frequency at which power density is what is limited, hertz. */
    public static final double FROM = 30e6;

    private Exposure() {}

    /** Reference level for the general public, W/m². */
    public static double publicLevel(double frequency) {
        double megahertz = frequency / 1e6;
        if (megahertz < 30) {
            throw new IllegalArgumentException("Below 30 MHz (here " + megahertz
                    + " MHz) fields, not power density, are limited; ask a licensed practitioner");
        }
        return megahertz <= 400 ? 2 : megahertz <= 2000 ? megahertz / 200 : 10;
    }

    /** Metres, for an EIRP in dBm sent all the time. */
    public static double distance(double eirpDbm, double frequency) {
        return distance(eirpDbm, frequency, GROUND_FACTOR);
    }

    /**
     * The same with another factor for what the ground adds.
     *
     * @param fieldFactor by how much reflections raise the field: 1 in free space, 1.6 or 2 over ground
     */
    public static double distance(double eirpDbm, double frequency, double fieldFactor) {
        double watts = Math.pow(10, (eirpDbm - 30) / 10);
        return fieldFactor * Math.sqrt(watts / (4 * Math.PI * publicLevel(frequency)));
    }

    /** Level that free-space fields are held against, so that the ground's share is counted, W/m². */
    public static double beforeGround(double frequency) {
        return publicLevel(frequency) / (GROUND_FACTOR * GROUND_FACTOR);
    }

    /** From where on the far field is formed, metres (IEEE Std 145: 2·D² ÷ λ). */
    public static double farField(double longest, double frequency) {
        return 2 * longest * longest / FreeSpace.wavelength(frequency);
    }

    /**
     * Where the sphere does not hold.
     *
     * @param reach how far out from the outline the level goes, metres
     * @param formed from where on the far field is formed, metres
     */
    public static Worked near(double reach, double formed) {
        return Worked.of(NEAR)
                .computed("a", "reach of the fields", reach, "m", 3)
                .computed("b", "far field from", formed, "m", 2)
                .gives(reach, "m", 2, 0.1 * reach);
    }

    public static Worked worked(Worked eirp, double frequency) {
        double milliwatts = Math.pow(10, eirp.value() / 10);
        return Worked.of(FORMULA)
                .computed("p", "EIRP", milliwatts, "mW", 2)
                .computed("s", "public reference level", publicLevel(frequency), "W/m²", 3)
                .gives(distance(eirp.value(), frequency), "m", 2);
    }
}
