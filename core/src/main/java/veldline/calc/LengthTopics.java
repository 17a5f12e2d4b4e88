package veldline.calc;

import static veldline.calc.Topic.asks;
import static veldline.calc.Topic.is;

import java.util.List;
import veldline.path.FreeSpace;
import veldline.quantity.InchFraction;
import veldline.quantity.Unit;

/** Lengths as they are cut and read. */
final class LengthTopics {
    static final List<Topic> ALL = List.of(
            new Topic(
                    "inch fractions",
                    asks("value_mm:mm", "denominator"),
                    "nearest n ÷ denominator, reduced; halves up",
                    "1 in = 25.4 mm",
                    "Half of the fraction: 0.4 mm for 1/32",
                    in -> {
                        double mm = in.n("value_mm");
                        InchFraction f = InchFraction.ofMetres(mm / 1000, (int) in.over0("denominator"));
                        return List.of(
                                is("inches", Unit.IN.fromInside(mm / 1000), "in"),
                                is("text", f.text()),
                                is("rounding_error_mm", f.metres() * 1000 - mm, "mm"));
                    }),
            new Topic(
                    "cut lengths",
                    asks("frequency:Hz", "velocity_factor", "fraction"),
                    "l = fraction·VF·c ÷ f",
                    "Definition of the wavelength",
                    "A start: ends, insulation and height shift it by per cents; cut long and trim",
                    in -> {
                        double metres = in.over0("fraction")
                                * in.over0("velocity_factor")
                                * FreeSpace.wavelength(in.over0("frequency"));
                        return List.of(
                                is("length", metres * 1000, "mm"),
                                is("length_inch", Unit.IN.fromInside(metres), "in"),
                                is("length_feet", Unit.FT.fromInside(metres), "ft"),
                                is(
                                        "inch_fraction_16",
                                        InchFraction.ofMetres(metres, 16).text()));
                    }));

    private LengthTopics() {}
}
