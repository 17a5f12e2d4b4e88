package veldline.antenna;

import java.util.List;
import veldline.explain.Formula;
import veldline.explain.Worked;

/** How much wire a loop of one wave takes by each school: all the way around, not an arm and not a side. */
final class LoopLength {
    private static final Formula BOOK = new Formula(
            "Wave around by the book",
            "One whole wave of wire, all the way around.",
            "L",
            "299792.458 ÷ f",
            "The speed of light, exact",
            "2 to 5 % short: a loop that is resonant is longer than a wave. Its side is a quarter of this");
    private static final Formula REMEMBERED = new Formula(
            "Loop as remembered",
            "The usual shorthand, 1005 ÷ MHz in feet, all the way around.",
            "L",
            "306324 ÷ f",
            "Trade shorthand, 1005 ft·MHz",
            "Within 2 % for thin bare wire; thick rod wants more, insulated wire up to 5 % less");
    private static final Formula SOLVED = new Formula(
            "Loop, solved",
            "All the way around as it is now; conductor and covering are in it.",
            "L",
            "l",
            "Thin-wire currents by the method of moments",
            "Within 0.5 % in the open");

    private LoopLength() {}

    /** @param around metres */
    static List<Worked> schools(double around, double frequency) {
        double megahertz = frequency / 1e6;
        return List.of(
                Worked.of(SOLVED)
                        .computed("l", "around now, mm", around * 1000, "mm", 1)
                        .gives(around * 1000, "mm", 1),
                Worked.of(BOOK).typed("f", "frequency", megahertz, "MHz", 4).gives(299_792.458 / megahertz, "mm", 1),
                Worked.of(REMEMBERED)
                        .typed("f", "frequency", megahertz, "MHz", 4)
                        .gives(306_324 / megahertz, "mm", 1));
    }
}
