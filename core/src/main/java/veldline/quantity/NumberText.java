package veldline.quantity;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Numbers as text: decimals and fractions read, decimals printed. */
public final class NumberText {
    private static final Pattern DECIMAL = Pattern.compile("[+-]?(\\d+\\.?\\d*|\\.\\d+)([eE][+-]?\\d{1,3})?");
    private static final Pattern FRACTION = Pattern.compile("([+-]?)(?:(\\d+)[ -])?(\\d+)/(\\d+)");

    private NumberText() {}

    /** The value of a decimal or of a fraction such as {@code 14 5/8} or {@code 14-5/8}; empty for anything else. */
    static Optional<Double> value(String text) {
        String plain = text.strip().replace('−', '-');
        if (DECIMAL.matcher(plain).matches()) {
            double value = Double.parseDouble(plain);
            return Double.isFinite(value) ? Optional.of(value) : Optional.empty();
        }
        Matcher fraction = FRACTION.matcher(plain);
        if (!fraction.matches() || Integer.parseInt(fraction.group(4)) == 0) {
            return Optional.empty();
        }
        double whole = fraction.group(2) == null ? 0 : Double.parseDouble(fraction.group(2));
        double value = whole + Double.parseDouble(fraction.group(3)) / Double.parseDouble(fraction.group(4));
        return Optional.of(fraction.group(1).equals("-") ? -value : value);
    }

    /** So many decimals with a plain hyphen, for files and for boxes that are typed into. */
    static String plain(double value, int decimals) {
        String text = BigDecimal.valueOf(value)
                .setScale(decimals, RoundingMode.HALF_UP)
                .toPlainString();
        return text.startsWith("-") && text.chars().allMatch(c -> c == '-' || c == '0' || c == '.')
                ? text.substring(1)
                : text;
    }

    /** So many decimals with a true minus, for reading; “∞” and “?” where there is no number to print. */
    public static String shown(double value, int decimals) {
        if (Double.isNaN(value)) {
            return "?";
        }
        if (Double.isInfinite(value)) {
            return value > 0 ? "∞" : "−∞";
        }
        return plain(value, decimals).replace('-', '−');
    }

    /** As {@link #shown} with a plus before what is above zero. */
    public static String signed(double value, int decimals) {
        String text = shown(value, decimals);
        return value > 0 && !text.equals(shown(0, decimals)) ? "+" + text : text;
    }
}
