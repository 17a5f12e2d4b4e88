package veldline.assess;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import veldline.antenna.AssemblyStep;
import veldline.antenna.Bought;
import veldline.antenna.Inspection;
import veldline.antenna.SizeCeiling;
import veldline.explain.Finding;
import veldline.explain.Formula;
import veldline.explain.Worked;
import veldline.quantity.NumberText;

/** Judgements on a bought antenna by what was found when it was unpacked: none of it is taken on trust. */
public final class InspectionRules {
    /** What a rule and a maker may differ by, of the whole. */
    private static final double SIZE_ROOM = 0.03;
    /** So flat over so wide a sweep an antenna seldom is, a resistor always. */
    private static final double TOO_GOOD = 1.25;

    private static final double WIDE = 0.25;

    static final Formula SIZE = new Formula(
            "Size by rule against the advert",
            "What the rule shows over what is claimed; m the measured, c the claimed.",
            "D",
            "100·(m − c) ÷ c",
            "Plain arithmetic",
            "±1 % for the rule; ends and brackets are easily counted in");
    static final Formula SWR = new Formula(
            "SWR by the sweep",
            "By a straight line between the two points that were swept around the channel.",
            "S",
            "a",
            "The analyser's reading",
            "As good as its calibration; a lossy cable between flatters it");

    private InspectionRules() {}

    /** Of the antenna that is chosen here, where it is bought. */
    static List<Finding> here(Assessment a) {
        return of(a, a.job().madeNear());
    }

    /** Of both ends what stands in the way of putting them up. */
    static List<Finding> before(Assessment a) {
        List<Finding> all = new ArrayList<>();
        for (boolean near : new boolean[] {true, false}) {
            of(a, near).stream()
                    .filter(f -> f.level() == Finding.Level.STOP || f.level() == Finding.Level.WATCH)
                    .forEach(all::add);
        }
        return all;
    }

    /** At the end the bench's own findings are not about: the claim, what its size can give, and everything found. */
    static List<Finding> other(Assessment a, boolean near) {
        if (!(a.job().antenna(near) instanceof Bought b)) {
            return List.of();
        }
        List<Finding> all = new ArrayList<>();
        Worked claim = b.workedGain();
        Worked most = SizeCeiling.worked(
                b.length().value(), a.job().brief().frequency().value());
        String lead = "‘" + claim.number() + "’ dBi";
        String rest = "claimed of " + b.name() + ".";
        all.add(
                b.length().value() <= 0
                        ? Finding.fits(lead, rest, "The line counts it as claimed.", claim)
                        : claim.value() > most.value() + SizeCeiling.ROOM
                                ? Finding.stop(
                                        lead,
                                        rest,
                                        most.shown() + " is the most for its size.",
                                        "claim not possible",
                                        most)
                                : Finding.fits(lead, rest, most.shown() + " is the most for its size.", most));
        all.addAll(of(a, near));
        return all;
    }

    /** Everything found at one end. */
    public static List<Finding> of(Assessment a, boolean near) {
        if (!(a.job().antenna(near) instanceof Bought b) || b.inspection().isEmpty()) {
            return List.of();
        }
        Inspection in = b.inspection().get();
        String name = b.name();
        double frequency = a.job().brief().frequency().value();
        List<Finding> all = new ArrayList<>();
        parts(in, name).ifPresent(all::add);
        elements(in, name).ifPresent(all::add);
        size(b, in).ifPresent(all::add);
        ceiling(b, in, frequency).ifPresent(all::add);
        sweep(in, name, frequency).ifPresent(all::add);
        tooGood(in).ifPresent(all::add);
        order(in, name).ifPresent(all::add);
        return all;
    }

    private static Optional<Finding> parts(Inspection in, String name) {
        List<Inspection.Part> lacking =
                in.parts().stream().filter(p -> !p.whole()).toList();
        if (in.parts().isEmpty()) {
            return Optional.empty();
        }
        return Optional.of(
                lacking.isEmpty()
                        ? Finding.plain(
                                Finding.Level.FITS,
                                in.parts().size() + " kinds of part",
                                "all counted and there, for " + name + ".",
                                "",
                                "")
                        : Finding.plain(
                                Finding.Level.STOP,
                                lacking.stream()
                                        .map(p -> p.counted() + " of " + p.listed() + " " + p.name())
                                        .reduce((x, y) -> x + ", " + y)
                                        .orElseThrow(),
                                "came with " + name + ".",
                                "Ask for the rest before it goes up; a substitute changes it.",
                                "part missing"));
    }

    private static Optional<Finding> elements(Inspection in, String name) {
        if (in.elements().isEmpty()) {
            return Optional.empty();
        }
        List<Integer> open = which(in, Inspection.Contact.OPEN);
        List<Integer> untested = which(in, Inspection.Contact.UNTESTED);
        if (!open.isEmpty()) {
            return Optional.of(Finding.plain(
                    Finding.Level.STOP,
                    (open.size() == 1 ? "Element " : "Elements ") + numbers(open),
                    "of " + name + " " + (open.size() == 1 ? "is" : "are") + " not joined to the feed.",
                    "What is not joined does not work, however it looks; solder it or send it back.",
                    "not joined"));
        }
        return Optional.of(
                untested.isEmpty()
                        ? Finding.plain(
                                Finding.Level.FITS,
                                "All " + in.elements().size() + " elements",
                                "of " + name + " are joined.",
                                "By ohmmeter; it says nothing of how well they are cut.",
                                "")
                        : Finding.plain(
                                Finding.Level.UNKNOWN,
                                untested.size() + " of " + in.elements().size() + " elements",
                                "of " + name + " are not tested.",
                                "An ohmmeter from the connector to each; some come with elements for show.",
                                "not tested"));
    }

    private static List<Integer> which(Inspection in, Inspection.Contact contact) {
        return IntStream.range(0, in.elements().size())
                .filter(i -> in.elements().get(i) == contact)
                .boxed()
                .toList();
    }

    private static String numbers(List<Integer> elements) {
        return elements.stream()
                .map(i -> Integer.toString(i + 1))
                .reduce((x, y) -> x + ", " + y)
                .orElse("");
    }

    private static Optional<Finding> size(Bought b, Inspection in) {
        if (in.measured().isEmpty() || b.length().value() <= 0) {
            return Optional.empty();
        }
        double m = in.measured().get().value();
        double c = b.length().value();
        Worked off = Worked.of(SIZE)
                .measured("m", "greatest measure by rule", 1000 * m, "mm", 1)
                .claimed("c", "as advertised", 1000 * c, "mm", 1)
                .gives(100 * (m - c) / c, "%", 1, 1);
        boolean same = Math.abs(m - c) <= SIZE_ROOM * c;
        return Optional.of(
                same
                        ? Finding.fits(in.measured().get().toString(), "long, as advertised.", "", off)
                        : Finding.watch(
                                in.measured().get().toString(),
                                "long; " + b.length() + " was advertised.",
                                m < c ? "Less size, less gain." : "Wind and room are for the size it has.",
                                "other size",
                                off));
    }

    /** What its own measured size allows at most. */
    private static Optional<Finding> ceiling(Bought b, Inspection in, double frequency) {
        return in.measured().flatMap(m -> {
            Worked most = SizeCeiling.worked(m.value(), frequency);
            return b.gain().value() <= most.value() + SizeCeiling.ROOM
                    ? Optional.empty()
                    : Optional.of(Finding.stop(
                            "‘" + b.workedGain().number() + "’ dBi",
                            "cannot be: " + most.number() + " is the most for " + m + ".",
                            "By what was measured, not by the advert.",
                            "claim cannot be",
                            most));
        });
    }

    private static Optional<Finding> sweep(Inspection in, String name, double frequency) {
        if (in.sweep().isEmpty()) {
            return Optional.empty();
        }
        Optional<Double> at = in.swrAt(frequency);
        if (at.isEmpty()) {
            return Optional.of(Finding.plain(
                    Finding.Level.UNKNOWN,
                    NumberText.shown(frequency / 1e6, 1) + " MHz",
                    "lies outside what was swept.",
                    "Sweep it at the channel it is for.",
                    "not swept"));
        }
        Worked swr = Worked.of(SWR)
                .measured("a", "SWR at " + NumberText.shown(frequency / 1e6, 1) + " MHz", at.get(), "", 2)
                .gives(at.get(), "", 2, 0.1);
        String rest = "by sweep of " + name + "; 2.0 is usable.";
        return Optional.of(
                at.get() <= ShapeRules.SWR_USABLE
                        ? Finding.fits("SWR " + swr.number(), rest, "A gate only: a dummy load is perfect too.", swr)
                        : Finding.stop(
                                "SWR " + swr.number(),
                                rest,
                                "A fault on the bench is a fault on the mast: open it, or send it back.",
                                "fails its sweep",
                                swr));
    }

    private static Optional<Finding> tooGood(Inspection in) {
        if (in.sweep().size() < 3) {
            return Optional.empty();
        }
        double from = in.sweep().get(0).frequency().value();
        double to = in.sweep().get(in.sweep().size() - 1).frequency().value();
        boolean flat = in.sweep().stream().allMatch(s -> s.swr().value() <= TOO_GOOD);
        return flat && 2 * (to - from) / (to + from) >= WIDE
                ? Optional.of(Finding.plain(
                        Finding.Level.WATCH,
                        "SWR under " + NumberText.shown(TOO_GOOD, 2),
                        "over " + NumberText.shown(100 * 2 * (to - from) / (to + from), 0) + " % of band.",
                        "So flat is a resistor, or a lossy cable; only field strength tells.",
                        "too good"))
                : Optional.empty();
    }

    private static Optional<Finding> order(Inspection in, String name) {
        if (in.early().contains(AssemblyStep.TORQUED)) {
            return Optional.of(Finding.plain(
                    Finding.Level.WATCH,
                    name,
                    "is tightened for good, and not aimed.",
                    "Hand-tight until both edges of the beam are found.",
                    "not aimed"));
        }
        return in.early().stream()
                .findFirst()
                .flatMap(s -> s.before()
                        .map(before -> Finding.plain(
                                Finding.Level.WATCH,
                                "“" + s.title() + "”",
                                "is ticked, the step before it is not.",
                                "“" + before.title() + "” comes first.",
                                "out of order")));
    }
}
