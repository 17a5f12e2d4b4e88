package veldline.assess;

import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import veldline.explain.Finding;
import veldline.explain.Worked;
import veldline.feed.FeedChange;
import veldline.feed.FeedPart;
import veldline.feed.FeedRun;
import veldline.job.Job;
import veldline.job.JobChange;
import veldline.link.Air;
import veldline.link.LevelLine;
import veldline.link.SystemNoise;
import veldline.quantity.NumberText;

/** Judgements on what an end that only hears is worth: gain over noise, and where its amplifier belongs. */
final class NoiseRules {
    /** Moving an amplifier is worth a climb from so much on, dB. */
    private static final double WORTH_A_CLIMB = 1;

    private NoiseRules() {}

    static List<Finding> merit(Assessment a) {
        Job job = a.job();
        if (job.brief().far().radio().sends() || !a.line().answered()) {
            return List.of();
        }
        double frequency = job.brief().frequency().value();
        Air air = job.brief().air();
        LevelLine.Stop antenna = a.line().stop("far-antenna");
        Worked system = SystemNoise.system(air, job.farRun(), frequency);
        Worked merit = SystemNoise.merit(antenna.step(), system);
        Worked over = SystemNoise.over(before(a.line()), merit, air.bandwidth().value());
        double needed = air.snr().value();
        String rest = "of signal over noise; " + NumberText.shown(needed, 1) + " is needed.";
        String reason = "Gain over noise is " + merit.shown() + ": the antenna brings "
                + system.inputs().get(0).from().map(Worked::shown).orElse("") + " of " + system.shown()
                + ". No amplifier behind it can better what comes in.";
        List<Finding> found = new ArrayList<>();
        found.add(
                over.value() < needed
                        ? Finding.watch(over.shown(), rest, reason, "noisy", over)
                        : Finding.fits(over.shown(), rest, reason, over));
        amplifier(job, air, frequency).ifPresent(found::add);
        return found;
    }

    /** The level that comes to the antenna: that behind the stop before it. */
    private static Worked before(LevelLine line) {
        return line.stops().get(line.indexOf("far-antenna").orElseThrow() - 1).level();
    }

    /** Two parts changing places, and what all then makes of noise. */
    private record Swap(int first, int second, FeedRun run, Worked system) {}

    /** The two parts that would be better the other way about: as a rule a long cable before an amplifier and a short one behind it. */
    private static Optional<Finding> amplifier(Job job, Air air, double frequency) {
        FeedRun run = job.farRun();
        if (run.parts().stream().noneMatch(p -> p.amplifier().isPresent())) {
            return Optional.empty();
        }
        double now = SystemNoise.system(air, run, frequency).value();
        int n = run.parts().size();
        return IntStream.range(0, n * n)
                .filter(k -> k / n < k % n)
                .mapToObj(k -> swapped(run, k / n, k % n, air, frequency))
                .filter(s -> s.run.brokenAt(frequency).isEmpty())
                .min(Comparator.comparingDouble(s -> s.system.value()))
                .filter(s -> 10 * Math.log10(now / s.system.value()) >= WORTH_A_CLIMB)
                .map(s -> late(run, s, 10 * Math.log10(now / s.system.value())));
    }

    private static Swap swapped(FeedRun run, int first, int second, Air air, double frequency) {
        List<FeedPart> parts = new ArrayList<>(run.parts());
        Collections.swap(parts, first, second);
        FeedRun with = run.withParts(parts);
        return new Swap(first, second, with, SystemNoise.system(air, with, frequency));
    }

    private static Finding late(FeedRun run, Swap s, double won) {
        String a = run.parts().get(s.first).name();
        String b = run.parts().get(s.second).name();
        return Finding.watch(
                        NumberText.shown(won, 1) + " dB",
                        "less noise with the amplifier nearer to the antenna.",
                        "What stands before it adds its loss to the noise.",
                        "amplifier too late",
                        s.system)
                .withRemedies(List.of(new Finding.Remedy(
                        a.equals(b) ? "Let the two change places: " + a : a + " and " + b + " change places",
                        "All of it then makes " + s.system.shown() + " of noise.",
                        new JobChange.All(
                                "amplifier nearer to the antenna",
                                List.of(
                                        new JobChange.OfRun(
                                                false,
                                                new FeedChange.Replace(
                                                        s.first, s.run.parts().get(s.first))),
                                        new JobChange.OfRun(
                                                false,
                                                new FeedChange.Replace(
                                                        s.second, s.run.parts().get(s.second))))))));
    }
}
