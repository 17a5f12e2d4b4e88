package veldline.field.aperture;

/**
 * A rectangular patch over its ground as two slots that radiate, and rows of it (Balanis, Antenna Theory, 3rd ed., §14.2.2 and §6.10);
 * nothing behind the ground but what its edge throws round, which is typed.
 *
 * @param apart the two slots, metres along the current, the E plane
 * @param width of each slot, metres, the H plane
 * @param rows along the E plane
 * @param columns along the H plane
 * @param pitchE from patch to patch along the E plane, metres
 * @param pitchH likewise across
 * @param taper of each next row or column from the middle to the edge, share of the field lost at the edge
 * @param tilt by how much each next row lags, radians
 * @param bow by how much the end rows lag the middle besides, radians; it fills the hollows beside the beam and widens it
 * @param behind power straight behind over ahead
 * @param turning whether its field turns: both its ways send alike
 */
public record PatchField(
        double wave,
        double apart,
        double width,
        int rows,
        int columns,
        double pitchE,
        double pitchH,
        double taper,
        double tilt,
        double bow,
        double behind,
        boolean turning)
        implements FarField {
    /** A patch alone. */
    public static PatchField one(Patch p, double behind) {
        double wave = 299_792_458.0 / p.frequency();
        return new PatchField(wave, p.length() + 2 * p.extension(), p.width(), 1, 1, 0, 0, 0, 0, 0, behind, false);
    }

    private double weight(int i, int of) {
        if (of < 2) {
            return 1;
        }
        double from = 2.0 * i / (of - 1) - 1;
        return 1 - taper * from * from;
    }

    /** Sum of a row over the sum of its fields, of the lead from one to the next. */
    private double row(int of, double lead, double late) {
        double re = 0;
        double im = 0;
        double all = 0;
        for (int i = 0; i < of; i++) {
            double w = weight(i, of);
            double from = of < 2 ? 0 : 2.0 * i / (of - 1) - 1;
            double phase = i * lead - late * from * from;
            re += w * Math.cos(phase);
            im += w * Math.sin(phase);
            all += w;
        }
        return Math.hypot(re, im) / all;
    }

    @Override
    public double power(double theta, double phi) {
        double k = 2 * Math.PI / wave;
        double alongE = Math.sin(theta) * Math.cos(phi);
        double alongH = Math.sin(theta) * Math.sin(phi);
        double array = row(rows, k * pitchE * alongE - tilt, bow) * row(columns, k * pitchH * alongH, 0);
        double element = turning ? (element(theta, phi) + element(theta, phi + Math.PI / 2)) / 2 : element(theta, phi);
        double ahead = theta <= Math.PI / 2 ? element : element * behind;
        return array * array * Math.max(ahead, behind * 1e-2);
    }

    private double element(double theta, double phi) {
        double k = 2 * Math.PI / wave;
        double x = k * width / 2 * Math.sin(theta) * Math.sin(phi);
        double across = Math.abs(x) < 1e-9 ? 1 : Math.sin(x) / x;
        double pair = Math.cos(k * apart / 2 * Math.sin(theta) * Math.cos(phi));
        // The slots lie along the H plane: there their field falls with the cosine, in the E plane it does not.
        double c = Math.cos(theta);
        double lean = Math.cos(phi) * Math.cos(phi) + c * c * Math.sin(phi) * Math.sin(phi);
        return lean * across * across * pair * pair;
    }
}
