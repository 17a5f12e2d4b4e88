package veldline.quantity;

import java.util.List;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Reads what a person typed into a box. What could mean two things is asked about, never guessed. */
public final class QuantityReader {
    /** What came of reading a text. */
    public sealed interface Reading {
        /** Understood; the value may be used. */
        record Taken(Quantity quantity) implements Reading {}

        /** Could be any of the options; the question names them. */
        record Doubtful(String question, List<Quantity> options) implements Reading {}

        /** Not a value of this kind; the sentence says what would be. */
        record Refused(String why) implements Reading {}
    }

    private static final Pattern SHAPE = Pattern.compile("([+-]?[0-9., /-]*[0-9.])\\s*((?:[^0-9].*)?)");

    private final Unit usual;
    private final Optional<MeterScale> scale;

    /** @param usual the unit meant when none is typed */
    public QuantityReader(Unit usual) {
        this(usual, Optional.empty());
    }

    /** @param scale what percent and S-units stand for where a level is asked for */
    public QuantityReader(Unit usual, Optional<MeterScale> scale) {
        this.usual = usual;
        this.scale = scale;
    }

    /** @param last the value now in use, which settles nothing but sharpens the question */
    public Reading read(String text, Optional<Quantity> last) {
        String plain = text.strip().replace('−', '-').replace('\u00a0', ' ');
        if (usual.dimension() == Dimension.LEVEL && MeterScale.needed(plain)) {
            return scale.isEmpty()
                    ? new Reading.Refused(MeterScale.remedy(text))
                    : scale.get()
                            .read(plain)
                            .<Reading>map(Reading.Taken::new)
                            .orElseGet(() -> new Reading.Refused("“" + text.strip() + "” is not on this meter's scale, "
                                    + scale.get().words()));
        }
        Matcher shape = SHAPE.matcher(plain);
        if (!shape.matches()) {
            return new Reading.Refused("“" + text.strip() + "” is not a number; " + example());
        }
        Optional<Unit> unit = shape.group(2).isBlank() ? Optional.of(usual) : Unit.named(shape.group(2));
        if (unit.isEmpty()) {
            return new Reading.Refused("No unit is called “" + shape.group(2).strip() + "”; " + example());
        }
        if (unit.get().dimension() != usual.dimension()) {
            return new Reading.Refused(unit.get().symbol() + " does not belong here; " + example());
        }
        return number(shape.group(1).strip(), unit.get(), last);
    }

    private Reading number(String number, Unit unit, Optional<Quantity> last) {
        int commas = (int) number.chars().filter(c -> c == ',').count();
        if (commas == 0) {
            return taken(number, unit);
        }
        String without = number.replace(",", "");
        String asPoint = number.replace(',', '.');
        boolean groups = number.matches("[+-]?\\d{1,3}(,\\d{3})+(\\.\\d+)?");
        boolean oneComma = commas == 1 && !number.contains(".");
        if (groups && !oneComma) {
            return taken(without, unit);
        }
        if (!oneComma) {
            return new Reading.Refused("“" + number + "” has more than one way to be read; " + example());
        }
        boolean nearLast = last.filter(q -> NumberText.value(without).isPresent())
                .map(q -> unit.toInside(NumberText.value(without).get()) / q.value())
                .filter(ratio -> ratio > 1 / 3.0 && ratio < 3)
                .isPresent();
        if (groups || nearLast) {
            return new Reading.Doubtful(
                    without + " or " + asPoint + "?", List.of(Quantity.of(without, unit), Quantity.of(asPoint, unit)));
        }
        return taken(asPoint, unit);
    }

    private Reading taken(String number, Unit unit) {
        if (NumberText.value(number).isEmpty()) {
            return new Reading.Refused("“" + number + "” is not a number; " + example());
        }
        Quantity quantity = Quantity.of(number, unit);
        return Double.isFinite(quantity.value())
                ? new Reading.Taken(quantity)
                : new Reading.Refused(quantity + " has no level in dBm; give a power above zero");
    }

    private String example() {
        return switch (usual.dimension()) {
            case LENGTH -> "write a length such as 371.5 mm, 1.2 m or 14 5/8 in";
            case FREQUENCY -> "write a frequency such as 2437 MHz or 868.3 MHz";
            case LEVEL -> "write a power such as 17 dBm or 50 mW";
            case GAIN -> "write a gain such as 12 dBi or 9.85 dBd";
            case RATIO -> "write a ratio such as 12 dB";
            case ANGLE -> "write an angle such as 84 °";
            case TIME -> "write a time such as 2 min";
            case FIELD -> "write a field strength such as 54 dBµV/m";
            case RATE -> "write a rate such as 6 Mbit/s";
            case MASS -> "write a mass such as 1.2 kg";
            case IMPEDANCE -> "write an impedance such as 50 Ω or 50 ohm";
            case SPEED -> "write a speed such as 35 m/s or 120 km/h";
            case NUMBER -> "write a number such as 11";
        };
    }
}
