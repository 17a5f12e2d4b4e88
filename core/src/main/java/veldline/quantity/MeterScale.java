package veldline.quantity;

import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * What a radio's meter shows where it does not show dBm. Neither percent nor S-units are a measure by themselves: they are read
 * only by a scale that somebody declared, and twice the percent is not twice the power.
 */
public sealed interface MeterScale {
    /** A reading as people write it, such as “60 %”, “S7” or “S9+20”; what it stands for under this scale. */
    Optional<Quantity> read(String text);

    /** What the meter would show at a level. */
    String shown(double dbm);

    /** What the scale is, in words. */
    String words();

    /** Whether a text is a reading that means nothing without a scale. */
    static boolean needed(String text) {
        return Percent.FORM.matcher(text.strip()).matches()
                || SUnits.FORM.matcher(text.strip()).matches();
    }

    /** What to do about a reading without a scale. */
    static String remedy(String text) {
        return "“" + text.strip() + "” is no level by itself; say in Brief, ends, what that radio's meter shows";
    }

    /**
     * Percent by a straight line between two levels.
     *
     * @param from level shown as nothing, dBm
     * @param to level shown as a hundred, over {@code from}
     */
    record Percent(Quantity from, Quantity to) implements MeterScale {
        private static final Pattern FORM = Pattern.compile("(\\d{1,3}(?:[.,]\\d+)?)\\s*%");

        public Percent {
            if (!(to.value() > from.value())) {
                throw new IllegalArgumentException("A hundred percent at " + to + " is not over nothing at " + from
                        + "; give the higher level for a hundred");
            }
        }

        /** A usual scale, to be set right by the radio's own papers. */
        public static Percent usual() {
            return new Percent(Quantity.of("-100", Unit.DBM), Quantity.of("-40", Unit.DBM));
        }

        @Override
        public Optional<Quantity> read(String text) {
            Matcher m = FORM.matcher(text.strip());
            if (!m.matches()) {
                return Optional.empty();
            }
            double percent = Double.parseDouble(m.group(1).replace(',', '.'));
            return percent > 100
                    ? Optional.empty()
                    : Optional.of(
                            Quantity.shown(from.value() + percent / 100 * (to.value() - from.value()), Unit.DBM, 1));
        }

        @Override
        public String shown(double dbm) {
            double share = 100 * (dbm - from.value()) / (to.value() - from.value());
            return NumberText.shown(Math.max(0, Math.min(100, share)), 0) + " %";
        }

        @Override
        public String words() {
            return "0 % is " + from + ", 100 % is " + to;
        }
    }

    /**
     * S-units of 6 dB, and decibels over S9 (IARU Region 1 Technical Recommendation R.1).
     *
     * @param nine level of S9: −73 dBm under 30 MHz, −93 dBm over it
     */
    record SUnits(Quantity nine) implements MeterScale {
        private static final Pattern FORM = Pattern.compile("[sS]\\s*(\\d)(?:\\s*\\+\\s*(\\d{1,2})\\s*(?:dB)?)?");
        private static final double UNIT = 6;

        /** As recommended for a frequency in hertz. */
        public static SUnits at(double frequency) {
            return new SUnits(Quantity.of(frequency < 30e6 ? "-73" : "-93", Unit.DBM));
        }

        @Override
        public Optional<Quantity> read(String text) {
            Matcher m = FORM.matcher(text.strip());
            if (!m.matches() || m.group(2) != null && !m.group(1).equals("9")) {
                return Optional.empty();
            }
            double over = m.group(2) == null ? 0 : Double.parseDouble(m.group(2));
            return Optional.of(
                    Quantity.shown(nine.value() + UNIT * (Double.parseDouble(m.group(1)) - 9) + over, Unit.DBM, 1));
        }

        @Override
        public String shown(double dbm) {
            double over = dbm - nine.value();
            return over > 0
                    ? "S9+" + NumberText.shown(over, 0)
                    : "S" + NumberText.shown(Math.max(0, Math.round(9 + over / UNIT)), 0);
        }

        @Override
        public String words() {
            return "S9 is " + nine + ", 6 dB a unit";
        }
    }
}
