package veldline.feed;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import veldline.explain.Formula;
import veldline.explain.Worked;

/**
 * A branch with what it costs to get there from the antenna.
 *
 * @param path which branch of the run, which branch of that, and so on
 * @param trunk what everything from the antenna to the part it hangs on takes, dB; less than nothing behind an amplifier
 * @param split the part it hangs on
 */
public record Outlet(List<Integer> path, Branch branch, double trunk, FeedPart split) {
    static final Formula LOSS = new Formula(
            "Loss from the antenna to an outlet",
            "The trunk t before the part that splits, the part s itself to this outlet, and the branch b.",
            "L",
            "t + s + b",
            "Sum of the parts' losses, all ports matched",
            "As good as the parts' figures; some 0.5 dB for each that splits");

    static final Formula RIPPLE = new Formula(
            "Ripple from an open outlet",
            "What runs down the branch is thrown back, takes its loss b twice and gets to the other outlets past the isolation i.",
            "R",
            "20·log10(1 + 10^(−(i + 2·b) ÷ 20))",
            "Two waves in and out of phase; isolation as the part's sheet has it",
            "±50 %: isolation is given for ports that are matched");

    public Outlet {
        path = List.copyOf(path);
        if (split.outlets().isEmpty()) {
            throw new IllegalArgumentException(
                    "“" + split.name() + "” has no other outlets; a branch hangs on a splitter or a tap");
        }
    }

    /** Every branch of a run and of its branches, in the order they leave the antenna's side last. */
    public static List<Outlet> of(FeedRun run, double frequency) {
        List<Outlet> all = new ArrayList<>();
        gather(run, frequency, 0, List.of(), all);
        return List.copyOf(all);
    }

    /** @param before what it takes to get from the antenna to the run's antenna side */
    private static void gather(FeedRun run, double frequency, double before, List<Integer> path, List<Outlet> all) {
        for (int i = 0; i < run.branches().size(); i++) {
            Branch branch = run.branches().get(i);
            FeedPart split = run.parts().get(branch.part());
            double trunk = before
                    + IntStream.range(branch.part() + 1, run.parts().size())
                            .mapToDouble(p ->
                                    run.parts().get(p).workedLoss(frequency).value())
                            .sum();
            List<Integer> here = new ArrayList<>(path);
            here.add(i);
            Outlet outlet = new Outlet(here, branch, trunk, split);
            all.add(outlet);
            gather(branch.run(), frequency, trunk + outlet.side(), here, all);
        }
    }

    /** The way to the run it hangs on. */
    public List<Integer> holder() {
        return path.subList(0, path.size() - 1);
    }

    /** Which branch of that run it is. */
    public int place() {
        return path.get(path.size() - 1);
    }

    private FeedPart.Outlets outlets() {
        return split.outlets().orElseThrow();
    }

    private double side() {
        return outlets().loss().value();
    }

    /** From the antenna to the radio here. */
    public Worked loss(double frequency) {
        double b = branch.run().lossDb(frequency);
        return Worked.of(LOSS)
                .computed("t", "trunk", trunk, "dB", 2)
                .typed("s", split.name(), side(), "dB", 2)
                .computed("b", "branch", b, "dB", 2)
                .gives(trunk + side() + b, "dB", 1);
    }

    /** What it does to the others while nothing closes it; empty where something does. */
    public Optional<Worked> ripple(double frequency) {
        if (branch.ending() != Branch.Ending.OPEN) {
            return Optional.empty();
        }
        double b = branch.run().lossDb(frequency);
        double i = outlets().isolation().value();
        return Optional.of(Worked.of(RIPPLE)
                .typed("i", "isolation", i, "dB", 0)
                .computed("b", "branch", b, "dB", 2)
                .gives(20 * Math.log10(1 + Math.pow(10, -(i + 2 * b) / 20)), "dB", 2));
    }
}
