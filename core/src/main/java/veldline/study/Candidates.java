package veldline.study;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import veldline.antenna.AxialHelix;
import veldline.antenna.Dipole;
import veldline.antenna.Family;
import veldline.antenna.Yagi;
import veldline.antenna.YagiShape;
import veldline.assess.Assessment;
import veldline.explain.Finding;
import veldline.explain.Formula;
import veldline.explain.Worked;
import veldline.field.pattern.RadiatedField;
import veldline.field.solve.FieldSolution;
import veldline.field.solve.FieldSolver;
import veldline.field.solve.MeshRule;
import veldline.field.wire.Direction;
import veldline.quantity.NumberText;

/**
 * Six ways to do the near end, shaped by their families from the brief: a dipole, Yagis of a quarter, a half, three
 * quarters and all of the length allowed, and a helix of that length. All are judged by the same line; what is out stays
 * visible with its reason.
 */
public final class Candidates {
    /** A turning wave gives a flat or upright antenna half of its power. */
    private static final double CIRCULAR_LOSS = 10 * Math.log10(2);

    /** Short of the margin by more than this, a candidate is out and not just to be watched, dB. */
    private static final double FAR_SHORT = 3;

    static final Formula GAIN = new Formula(
            "Gain",
            "Power straight ahead over what would be there if it went everywhere alike.",
            "G",
            "10·log10(4·pi·u ÷ p)",
            "Thin-wire currents by the method of moments (Harrington 1968)",
            "Within 0.1 dB of converged references; the cut and the boom add the rest");
    static final Formula EFFECTIVE = new Formula(
            "Gain towards the far end",
            "A turning wave loses 3 dB to a flat or upright antenna.",
            "G",
            "g − c",
            "IEEE Std 149 §11",
            "As good as the gain");
    static final Formula MARGIN = new Formula(
            "Margin at the worst tide",
            "What this gain has over the gain needed, on top of the margin wanted.",
            "M",
            "w + g − n",
            "The line",
            "±2 dB on calm water");

    private Candidates() {}

    /** Judged candidates, best first; a study called off gives those it reached. */
    public static List<Candidate> of(Assessment a, Progress progress) {
        List<Family.Shaped> shapes = shapes(a);
        List<Candidate> found = new ArrayList<>();
        for (Family.Shaped s : shapes) {
            if (!progress.step(found.size(), shapes.size(), best(found))) {
                break;
            }
            found.add(judge(s, a));
        }
        found.sort(Comparator.comparing(Candidate::level)
                .thenComparing(
                        Comparator.comparingDouble((Candidate c) -> c.margin().value())
                                .reversed()));
        return found;
    }

    private static List<Family.Shaped> shapes(Assessment a) {
        YagiShape now = a.job().yagi();
        double size = a.job().brief().sizeAllowed().value();
        double frequency = a.job().brief().frequency().value();
        Yagi yagi = new Yagi();
        List<Family.Shaped> shapes = new ArrayList<>();
        shapes.add(new Dipole().shape(wish(frequency, size, now)));
        for (double share : new double[] {0.25, 0.5, 0.75, 1}) {
            shapes.add(yagi.shape(wish(frequency, size * share, now)));
        }
        shapes.add(new AxialHelix().shape(wish(frequency, size, now)));
        return shapes;
    }

    private static Family.Wish wish(double frequency, double length, YagiShape now) {
        return new Family.Wish(frequency, length, now.diameter().value(), now.metal(), now.upright());
    }

    private static Candidate judge(Family.Shaped s, Assessment a) {
        double frequency = a.job().brief().frequency().value();
        Worked gain = s.model().isPresent() ? solved(s, frequency) : s.fitted().orElseThrow();
        double turning = s.circular() ? CIRCULAR_LOSS : 0;
        Worked effective = Worked.of(EFFECTIVE)
                .from("g", "gain", gain)
                .computed("c", "lost to a turning wave", turning, "dB", 2)
                .gives(gain.value() - turning, "dBi", 1, gain.doubt().orElse(0.0));
        double wanted = a.job().brief().marginWanted().value();
        Worked margin = Worked.of(MARGIN)
                .typed("w", "margin wanted", wanted, "dB", 2)
                .from("g", "gain towards the far end", effective)
                .from("n", "gain needed", a.needed())
                .gives(wanted + effective.value() - a.needed().value(), "dB", 1, 2);
        double most = a.allowed().map(Worked::value).orElse(Double.POSITIVE_INFINITY);
        double size = a.job().brief().sizeAllowed().value();
        Finding.Level level;
        String reason;
        if (gain.value() > most) {
            level = Finding.Level.STOP;
            reason = "radiates " + NumberText.shown(gain.value() - most, 1) + " dB too much";
        } else if (s.length() > size * 1.001) {
            level = Finding.Level.STOP;
            reason = "longer than the " + NumberText.shown(size * 1000, 0) + " mm allowed";
        } else if (margin.value() < 0) {
            level = Finding.Level.STOP;
            reason = "leaves the far radio deaf at the worst tide";
        } else if (margin.value() < wanted) {
            level = margin.value() < wanted - FAR_SHORT ? Finding.Level.STOP : Finding.Level.WATCH;
            reason = NumberText.shown(wanted - margin.value(), 1) + " dB short"
                    + (s.circular() ? ", 3.0 of it lost to the turning wave" : "");
        } else {
            level = Finding.Level.FITS;
            reason = "leaves " + margin.number() + " dB at the worst tide; " + NumberText.shown(wanted, 1) + " wanted";
        }
        Optional<YagiShape> yagi = s.family() instanceof Yagi
                ? Optional.of(Yagi.forBoom(
                        frequency,
                        s.length(),
                        a.job().yagi().diameter(),
                        a.job().yagi().metal(),
                        a.job().yagi().upright()))
                : Optional.empty();
        return new Candidate(s, gain, effective, margin, level, reason, yagi);
    }

    private static Worked solved(Family.Shaped s, double frequency) {
        FieldSolution solution =
                new FieldSolver(s.model().orElseThrow(), MeshRule.standard(frequency), () -> true).at(frequency);
        RadiatedField field = new RadiatedField(solution);
        return Worked.of(GAIN)
                .computed("u", "straight ahead", field.intensity(Direction.X) * 1e6, "µW/sr", 4)
                .computed("p", "taken at the feed", solution.inputPower() * 1e6, "µW", 4)
                .gives(field.gainDbi(Direction.X), "dBi", 1, 0.2);
    }

    private static String best(List<Candidate> found) {
        return found.stream()
                .filter(c -> c.level() != Finding.Level.STOP)
                .max(Comparator.comparingDouble(c -> c.margin().value()))
                .map(c -> c.shaped().title())
                .orElse("");
    }
}
