package veldline.desktop.choose;

import veldline.explain.Formula;
import veldline.explain.Worked;
import veldline.study.Candidate;

/** What a hundred millimetres of boom buy between two candidates. */
final class Buys {
    private static final Formula FORMULA = new Formula(
            "What 100 mm buys",
            "The step in gain over the step in length.",
            "B",
            "(b − a) ÷ l·100",
            "Two solved candidates",
            "±0.2 dB");

    private Buys() {}

    static Worked worked(Candidate shorter, Candidate longer) {
        double mm = 1000 * (longer.shaped().length() - shorter.shaped().length());
        return Worked.of(FORMULA)
                .from("b", "gain of the longer", longer.gain())
                .from("a", "gain of the shorter", shorter.gain())
                .computed("l", "longer by", mm, "mm", 1)
                .gives((longer.gain().value() - shorter.gain().value()) / mm * 100, "dB", 1, 0.2);
    }
}
