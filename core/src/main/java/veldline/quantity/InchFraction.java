package veldline.quantity;

/**
 * A length in inches as a tape shows it: whole inches and a reduced fraction.
 *
 * @param whole whole inches, zero or more
 * @param numerator zero when there is no fraction
 * @param denominator a power of two, one when there is no fraction
 */
public record InchFraction(int whole, int numerator, int denominator) {
    private static final double METRES_PER_INCH = 0.0254;

    /** The nearest fraction of the given denominator (16 or 32 on most tapes); halves round up. */
    public static InchFraction ofInches(double inches, int denominator) {
        if (!(inches >= 0) || inches > 1e6) {
            throw new IllegalArgumentException(
                    "A tape shows 0 to 1,000,000 in, not " + inches + "; give a length in that range");
        }
        long parts = Math.round(inches * denominator);
        int whole = (int) (parts / denominator);
        int numerator = (int) (parts % denominator);
        int below = denominator;
        while (numerator > 0 && numerator % 2 == 0) {
            numerator /= 2;
            below /= 2;
        }
        return new InchFraction(whole, numerator, numerator == 0 ? 1 : below);
    }

    public static InchFraction ofMetres(double metres, int denominator) {
        return ofInches(metres / METRES_PER_INCH, denominator);
    }

    public double metres() {
        return (whole + (double) numerator / denominator) * METRES_PER_INCH;
    }

    /** As typed and printed: {@code 14 5/8}, {@code 5/8}, {@code 14}. */
    public String text() {
        if (numerator == 0) {
            return Integer.toString(whole);
        }
        return (whole == 0 ? "" : whole + " ") + numerator + "/" + denominator;
    }
}
