package veldline.antenna;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import veldline.field.wire.Vec;
import veldline.field.wire.Wire;
import veldline.quantity.Quantity;
import veldline.quantity.Unit;

/**
 * One wire as a person drew or typed it.
 *
 * @param corners from end to end, two or more
 * @param diameter of the wire
 * @param closed whether the last corner is joined to the first
 */
public record OwnWire(List<Corner> corners, Quantity diameter, boolean closed) {
    private static final int DECIMALS = 3;
    private static final int MOST_CORNERS = 400;

    /** A place, millimetres as typed: along the beam, to the left of it, and up. */
    public record Corner(Quantity x, Quantity y, Quantity z) {
        public Vec place() {
            return new Vec(x.value(), y.value(), z.value());
        }

        static Corner at(Vec v) {
            return new Corner(millimetres(v.x()), millimetres(v.y()), millimetres(v.z()));
        }
    }

    /** To a thousandth, without noughts at the end. */
    static Quantity millimetres(double metres) {
        String text = Quantity.shown(metres, Unit.MM, DECIMALS).number();
        return Quantity.of(text.contains(".") ? text.replaceFirst("\\.?0+$", "") : text, Unit.MM);
    }

    public OwnWire {
        corners = List.copyOf(corners);
        if (corners.size() < (closed ? 3 : 2) || corners.size() > MOST_CORNERS) {
            throw new IllegalArgumentException(
                    "A wire of " + corners.size() + " corners; give " + (closed ? "3" : "2") + " to " + MOST_CORNERS);
        }
    }

    /** As it is typed: {@code 0 -30 0; 0 30 0; d 1.6}, millimetres, with {@code closed} at the end of a loop. */
    public String text() {
        StringBuilder text = new StringBuilder();
        for (Corner c : corners) {
            text.append(c.x.number())
                    .append(' ')
                    .append(c.y.number())
                    .append(' ')
                    .append(c.z.number())
                    .append("; ");
        }
        text.append("d ").append(diameter.number());
        return closed ? text.append("; closed").toString() : text.toString();
    }

    /** @throws IllegalArgumentException if it cannot be read, naming the part and what it should be */
    public static OwnWire read(String text) {
        List<Corner> corners = new ArrayList<>();
        Quantity diameter = Quantity.of("2", Unit.MM);
        boolean closed = false;
        for (String part : text.replace('−', '-').split(";")) {
            String[] words = part.strip().split("\\s+");
            if (part.isBlank()) {
                continue;
            }
            if (words.length == 1 && words[0].equals("closed")) {
                closed = true;
            } else if (words.length == 2 && words[0].equals("d")) {
                diameter = number(words[1], part);
            } else if (words.length == 3) {
                corners.add(new Corner(number(words[0], part), number(words[1], part), number(words[2], part)));
            } else {
                throw new IllegalArgumentException("“" + part.strip()
                        + "” is no corner; write x y z in mm, with ; between corners, and d for the diameter");
            }
        }
        if (!(diameter.value() > 0)) {
            throw new IllegalArgumentException("A diameter of " + diameter + "; give one above zero");
        }
        return new OwnWire(corners, diameter, closed);
    }

    private static Quantity number(String word, String part) {
        if (!word.matches("-?\\d{1,9}(\\.\\d{1,9})?")) {
            throw new IllegalArgumentException(
                    "“" + word + "” in “" + part.strip() + "” is no number of mm, such as 30.1");
        }
        return Quantity.of(word, Unit.MM);
    }

    /** From end to end, metres. */
    public double length() {
        return wire(Optional.empty()).length();
    }

    Wire wire(Optional<Double> conductivity) {
        return new Wire(corners.stream().map(Corner::place).toList(), diameter.value() / 2, closed, conductivity);
    }

    OwnWire withCorner(int index, Corner to) {
        List<Corner> next = new ArrayList<>(corners);
        next.set(index, to);
        return new OwnWire(next, diameter, closed);
    }
}
