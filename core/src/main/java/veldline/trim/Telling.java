package veldline.trim;

import java.util.List;
import org.hipparchus.complex.Complex;
import veldline.quantity.NumberText;

/** The measurement that would tell measures apart that a sweep does not. */
record Telling(
        ShiftedCurves curves, List<TrimMeasure> measures, Fit fit, double[] frequencies, int[] swept, double noise) {
    /** So many times its doubt apart, and two curves are told from each other. */
    private static final double APART = 4;

    String of(List<Suspect> suspects, Fit.Data data) {
        List<Suspect> maybe = suspects.stream()
                .filter(s -> s.weight().value() >= TrimAdvice.MAYBE)
                .toList();
        if (maybe.isEmpty()) {
            return "Measure every length and place with a rule against the cut list: more than one is off, or what lies between is not"
                    + " what it is taken for.";
        }
        if (data.reflections().isEmpty() && maybe.size() > 1 && phasesTell(maybe)) {
            return "A sweep that shows resistance and reactance, with the cable calibrated away, tells " + names(maybe)
                    + " apart.";
        }
        Suspect first = maybe.get(0);
        return "Measure the " + first.measure().name() + " with a rule: it is "
                + NumberText.shown(1000 * first.cameOut(), 1) + " mm if it is the one, "
                + NumberText.shown(1000 * first.measure().value(), 1) + " mm if it is not.";
    }

    private boolean phasesTell(List<Suspect> maybe) {
        for (int i = 0; i < maybe.size(); i++) {
            for (int j = 0; j < i; j++) {
                if (apart(maybe.get(i), maybe.get(j)) < APART) {
                    return false;
                }
            }
        }
        return true;
    }

    private double apart(Suspect a, Suspect b) {
        double sum = 0;
        for (int s : swept) {
            double d = seen(a, s).subtract(seen(b, s)).norm();
            sum += d * d;
        }
        return Math.sqrt(sum) / fit.doubtOfReflection(noise);
    }

    private Complex seen(Suspect s, int frequency) {
        return fit.reflection(curves.at(measures.indexOf(s.measure()), s.offBy(), frequency), frequencies[frequency]);
    }

    private static String names(List<Suspect> of) {
        List<String> names = of.stream().map(s -> s.measure().name()).toList();
        return String.join(", ", names.subList(0, names.size() - 1)) + " and " + names.get(names.size() - 1);
    }
}
