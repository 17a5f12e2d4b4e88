package veldline.format;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import veldline.field.wire.Curve;
import veldline.field.wire.Vec;

/** Reads a wire's arc or helix. */
final class CurveReader {
    private CurveReader() {}

    static Optional<Curve> of(StrictJson wire) throws FormatException {
        if (wire.has("arc")) {
            StrictJson a = wire.object("arc").onlyKnows(Set.of("centre", "axis", "from", "degrees", "sides"));
            return Optional.of(curve(a, a.number("degrees") / 360, 0));
        }
        if (wire.has("helix")) {
            StrictJson h = wire.object("helix")
                    .onlyKnows(Set.of("centre", "axis", "from", "turns", "pitch_m", "hand", "sides"));
            double hand = switch (h.text("hand", "right")) {
                case "right" -> 1;
                case "left" -> -1;
                default -> throw h.wrong("hand", "“right” or “left”");
            };
            return Optional.of(curve(h, hand * h.number("turns"), h.number("pitch_m")));
        }
        return Optional.empty();
    }

    private static Curve curve(StrictJson o, double turns, double pitch) throws FormatException {
        int sides = o.has("sides") ? o.whole("sides") : Curve.USUAL_SIDES;
        try {
            return new Curve(vec(o, "centre"), vec(o, "axis"), vec(o, "from"), turns, pitch, sides);
        } catch (IllegalArgumentException e) {
            throw new FormatException(o.path() + ": " + e.getMessage());
        }
    }

    private static Vec vec(StrictJson o, String name) throws FormatException {
        List<Double> p = o.numbers(name);
        if (p.size() != 3) {
            throw o.wrong(name, "three numbers");
        }
        return new Vec(p.get(0), p.get(1), p.get(2));
    }
}
