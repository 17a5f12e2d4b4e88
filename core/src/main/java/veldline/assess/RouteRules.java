package veldline.assess;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import veldline.explain.Finding;
import veldline.explain.Formula;
import veldline.explain.Worked;
import veldline.feed.CableClass;
import veldline.feed.FeedPart;
import veldline.job.Job;
import veldline.quantity.NumberText;
import veldline.raise.CableRoute;

/** Judgements on the way of the cable: long enough, bent no tighter than it bears, a loop that drips, clips that hold it in the wind. */
public final class RouteRules {
    private static final Formula LENGTH = new Formula(
            "Cable the way takes",
            "Down the mast, along to the wall, down and up the loop, and inside to the radio.",
            "L",
            "d + a + 2·p + i",
            "Measures of the way",
            "A hand's breadth at each end for joints is not in it");

    private static final Formula BEND = new Formula(
            "Tightest bend",
            "Radius of the tightest bend of the way, held against what the cable's class bears laid once.",
            "B",
            "r",
            "Data sheets of the class",
            "Bent to and fro it bears half as much");

    private static final Formula LOOP = new Formula(
            "Least drip loop",
            "A loop that hangs as deep as the tightest bend is wide: the water runs to its lowest place and falls off there.",
            "P",
            "2·r",
            "Usual practice",
            "Deeper does no harm");

    /** Farther apart than this a cable beats in the wind, metres. */
    private static final double CLIPS = 0.6;
    /** At each end for joints, and for doing one of them again, metres. */
    private static final double SPARE = 0.3;

    private RouteRules() {}

    /** What the way takes. */
    public static Worked length(CableRoute r) {
        double all = r.down().value()
                + r.along().value()
                + 2 * r.loop().value()
                + r.inside().value();
        return Worked.of(LENGTH)
                .typed("d", "down", r.down().value(), "m", 2)
                .typed("a", "along", r.along().value(), "m", 2)
                .typed("p", "loop", r.loop().value(), "m", 2)
                .typed("i", "inside", r.inside().value(), "m", 2)
                .gives(all, "m", 1);
    }

    /** Cable there is, from the radio to the antenna that goes up, metres. */
    public static double there(Job job) {
        return job.run(job.madeNear()).parts().stream()
                .filter(p -> p.kind() == FeedPart.Kind.CABLE)
                .flatMap(p -> p.length().stream())
                .mapToDouble(l -> l.value())
                .sum();
    }

    /** Nothing is said of what nobody looked at yet. */
    static List<Finding> of(Assessment a) {
        return a.job().raise().route().equals(CableRoute.USUAL) ? List.of() : judged(a);
    }

    static List<Finding> judged(Assessment a) {
        CableRoute r = a.job().raise().route();
        List<Finding> all = new ArrayList<>();
        all.add(length(a.job(), r));
        widest(a.job()).ifPresent(c -> all.add(bend(r, c)));
        all.add(loop(r));
        if (r.clips().value() > CLIPS) {
            all.add(Finding.plain(
                    Finding.Level.WATCH,
                    "Clips",
                    "stand " + r.clips() + " apart and let the cable beat in the wind.",
                    "Every " + NumberText.shown(CLIPS, 1) + " m or closer, snug and never squeezed flat.",
                    "clips far apart"));
        }
        return all;
    }

    private static Finding length(Job job, CableRoute r) {
        Worked needs = length(r);
        double there = there(job);
        double left = there - needs.value();
        String lead = needs.shown();
        String rest = "is what the way takes; " + NumberText.shown(there, 1) + " m of cable are in the run.";
        if (left < 0) {
            return Finding.stop(
                    lead,
                    rest,
                    "It is " + NumberText.shown(-left, 1)
                            + " m short. A longer one takes more: change it in Feed run and see what is left.",
                    "cable short",
                    needs);
        }
        return left < SPARE
                ? Finding.watch(
                        lead,
                        rest,
                        "Next to nothing is left for joints, or for making one of them again.",
                        "cable tight",
                        needs)
                : Finding.fits(
                        lead,
                        rest,
                        "It leaves " + NumberText.shown(left, 1) + " m; no coil of it behind the radio is needed.",
                        needs);
    }

    /** The cable of the run that wants the widest bend. */
    private static Optional<CableClass> widest(Job job) {
        return job.run(job.madeNear()).parts().stream()
                .flatMap(p -> CableClass.of(p).stream())
                .max(Comparator.comparingDouble(CableClass::bend));
    }

    private static Finding bend(CableRoute r, CableClass c) {
        String rest = "is the tightest bend; " + c.name() + " bears " + NumberText.shown(c.bend(), 0) + " mm.";
        Worked tightest = Worked.of(BEND)
                .typed("r", "radius of it", r.bend().value() * 1000, "mm", 1)
                .gives(r.bend().value() * 1000, "mm", 0);
        return r.bend().value() * 1000 < c.bend()
                ? Finding.stop(
                        tightest.shown(),
                        rest,
                        "Bent tighter its inner conductor wanders and it throws back from there for good.",
                        "bent too tight",
                        tightest)
                : Finding.fits(tightest.shown(), rest, "", tightest);
    }

    private static Finding loop(CableRoute r) {
        double least = 2 * r.bend().value();
        Worked worked = Worked.of(LOOP)
                .typed("r", "tightest bend", r.bend().value(), "m", 3)
                .gives(least, "m", 2);
        return r.loop().value() < least
                ? Finding.watch(
                        r.loop().toString(),
                        "of drip loop; " + worked.shown() + " or more hangs.",
                        "Without a place under the entry to fall off from, water runs along the cable into the wall and the radio.",
                        "no drip loop",
                        worked)
                : Finding.fits(
                        r.loop().toString(),
                        "of drip loop under the entry.",
                        "The entry slopes out and is sealed on the inside, too.",
                        worked);
    }
}
