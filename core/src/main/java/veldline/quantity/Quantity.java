package veldline.quantity;

/**
 * A value as a person typed it: the digits and fraction kept letter for letter, with its unit.
 *
 * @param number the number as typed, for example {@code 2437}, {@code 1.6}, {@code 14 5/8}; a decimal point, never a
 *     comma
 * @param unit the unit it was typed in
 */
public record Quantity(String number, Unit unit) {
    private static final int MOST_DECIMALS = 4;

    public Quantity {
        NumberText.value(number)
                .orElseThrow(() -> new IllegalArgumentException(
                        "“" + number + "” is not a number; write digits such as 2437, 1.6 or 14 5/8"));
    }

    public static Quantity of(String number, Unit unit) {
        return new Quantity(number, unit);
    }

    /** The value of {@code inside} shown in {@code unit} with so many decimals, as if it had been typed so. */
    public static Quantity shown(double inside, Unit unit, int decimals) {
        return new Quantity(NumberText.plain(unit.fromInside(inside), decimals), unit);
    }

    /** The value in the unit held inside for its dimension: metres, hertz, dBm, dBi, dB, degrees, seconds. */
    public double value() {
        return unit.toInside(inUnit());
    }

    /** The plain number in the unit it was typed in. */
    public double inUnit() {
        return NumberText.value(number).orElseThrow();
    }

    /**
     * The same in the other unit, to as many digits as this has; inches as a tape shows them. For reading: it is rounded,
     * so what was typed stays what is kept.
     */
    public Quantity inOther() {
        return unit.other().map(this::in).orElse(this);
    }

    private Quantity in(Unit other) {
        double value = value();
        if (other == Unit.IN && value >= 0) {
            return new Quantity(InchFraction.ofMetres(value, 32).text(), Unit.IN);
        }
        double step = Math.abs(other.fromInside(nudged(1).value()) - other.fromInside(value));
        int decimals = step > 0 ? (int) Math.ceil(-Math.log10(step) - 1e-6) : 0;
        return shown(value, other, Math.max(0, Math.min(MOST_DECIMALS, decimals)));
    }

    /** One step of the last digit shown, up or down; a fraction of an inch moves by 1/32. */
    public Quantity nudged(int steps) {
        if (number.contains("/")) {
            return new Quantity(
                    InchFraction.ofInches(inUnit() + steps / 32.0, 32).text(), unit);
        }
        int point = number.indexOf('.');
        int decimals = point < 0 ? 0 : number.length() - point - 1;
        return new Quantity(NumberText.plain(inUnit() + steps * Math.pow(10, -decimals), decimals), unit);
    }

    @Override
    public String toString() {
        String shown = number.replace('-', '−');
        return unit.symbol().isEmpty() ? shown : shown + " " + unit.symbol();
    }
}
