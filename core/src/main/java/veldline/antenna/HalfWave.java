package veldline.antenna;

import java.util.List;
import veldline.explain.Formula;
import veldline.explain.Worked;

/** How long half a wave of wire is by each school, beside the length that the engine made resonant. */
final class HalfWave {
    private static final Formula BOOK = new Formula(
            "Half wave by the book",
            "Half of the wavelength, as if a wire had no ends.",
            "L",
            "149896.229 ÷ f",
            "The speed of light, exact",
            "4 to 8 % long: the ends carry charge, so a real half wave is shorter. Cut by it only to trim");
    private static final Formula REMEMBERED = new Formula(
            "Half wave as remembered",
            "The usual shorthand for thin wire at low height, 468 ÷ MHz in feet.",
            "L",
            "142646 ÷ f",
            "Trade shorthand, 468 ft·MHz",
            "Within 2 % for wire of a few millimetres below 30 MHz; 2 to 5 % long for rods above 100 MHz");
    private static final Formula SOLVED = new Formula(
            "Resonant length, solved",
            "The length that this conductor is now, by which it was solved; covering and ends are in it.",
            "L",
            "l",
            "Thin-wire currents by the method of moments",
            "Within 0.5 %; near metal, walls and ground shift it more: cut long and trim to the measured dip");

    private HalfWave() {}

    /** @param length as designed, metres */
    static List<Worked> schools(double length, double frequency) {
        double megahertz = frequency / 1e6;
        return List.of(
                Worked.of(SOLVED)
                        .computed("l", "length now, mm", length * 1000, "mm", 1)
                        .gives(length * 1000, "mm", 1),
                book(BOOK, 149_896.229, megahertz),
                book(REMEMBERED, 142_646, megahertz));
    }

    private static Worked book(Formula formula, double constant, double megahertz) {
        return Worked.of(formula).typed("f", "frequency", megahertz, "MHz", 4).gives(constant / megahertz, "mm", 1);
    }
}
