package veldline.raise;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import veldline.explain.Formula;
import veldline.explain.Worked;
import veldline.stock.Tool;

/**
 * The work at the place, in its order, with what each step takes. Times are those of two careful people on dry ground;
 * they are a first figure to plan with, and each is shown so that it can be doubted.
 *
 * @param steps in order; each comes after those it waits for
 */
public record Schedule(List<Step> steps) {
    /** From this height of mast on two people are needed, metres. */
    private static final double TWO_FROM = 3;

    /** Antennas longer than this are not handled alone, metres. */
    private static final double LONG = 2;

    public static final Formula TOTAL = new Formula(
            "Time at the place",
            "The steps one after the other.",
            "T",
            "t",
            "Sum of the steps; each a usual time, not one measured here",
            "To half as much again; wind and mud are not in it");

    static final Formula TIME = new Formula(
            "Time of a step",
            "What it takes by itself, and what each metre adds.",
            "t",
            "a + b·m",
            "Usual times of two careful people on dry ground",
            "To half as much again");

    private static Worked time(double itself, double each, double metres) {
        return Worked.of(TIME)
                .computed("a", "by itself", itself, "min", 0)
                .computed("b", "for each metre", each, "min", 0)
                .typed("m", "of mast, or of antenna", metres, "m", 2)
                .gives(itself + each * metres, "min", 0);
    }

    /** That takes as long whatever the size. */
    private static Worked time(double itself) {
        return time(itself, 0, 0);
    }

    /**
     * One step.
     *
     * @param what is done
     * @param time it takes, minutes
     * @param people it needs
     * @param tools it cannot be done without
     * @param after steps that must be done, by their places
     * @param waitsFor what is waited for when it is done; empty where nothing is
     * @param waitMinutes minutes of that
     * @param high whether somebody is off the ground, which wind forbids
     */
    public record Step(
            String what,
            Worked time,
            int people,
            List<Tool> tools,
            List<Integer> after,
            String waitsFor,
            double waitMinutes,
            boolean high) {
        public Step {
            tools = List.copyOf(tools);
            after = List.copyOf(after);
        }

        /** Minutes it takes. */
        public double minutes() {
            return time.value();
        }
    }

    /**
     * When a step is done.
     *
     * @param from minutes after the work begins
     * @param to minutes after it begins
     */
    public record Slot(int step, double from, double to) {}

    public Schedule {
        steps = List.copyOf(steps);
    }

    /**
     * @param mast height over its foot, metres
     * @param longest measure of the antenna, metres
     */
    public static Schedule of(double mast, double longest) {
        boolean tall = mast > TWO_FROM;
        int hands = tall || longest > LONG ? 2 : 1;
        List<Step> steps = new ArrayList<>();
        steps.add(step("Walk the place: lines, people, ground", time(15), 1, List.of(), List.of(), false));
        steps.add(step("Check the antenna low: SWR, joints", time(10), 1, List.of(Tool.SWR_METER), List.of(0), false));
        steps.add(new Step(
                "Joints made up and sealed", time(15), 1, List.of(), List.of(1), "the seal to skin over", 30, false));
        steps.add(step(
                "Mast up and stayed",
                time(10, 6, mast),
                hands,
                tall ? List.of(Tool.LADDER) : List.of(),
                List.of(0),
                tall));
        steps.add(step("Antenna and cable on", time(10, 5, longest), hands, List.of(), List.of(2, 3), tall));
        steps.add(step("Bond mast and shield, arrestor", time(20), 1, List.of(), List.of(3), false));
        steps.add(new Step(
                "Cable clipped, loop hung, entry sealed",
                time(20),
                1,
                List.of(),
                List.of(4, 5),
                "the radio to come up warm",
                10,
                false));
        steps.add(step("Aim by both half-power edges", time(15), 1, List.of(Tool.COMPASS), List.of(6), tall));
        steps.add(step("Tools counted, bolts torqued", time(10), 1, List.of(), List.of(7), false));
        return new Schedule(steps);
    }

    private static Step step(
            String what, Worked time, int people, List<Tool> tools, List<Integer> after, boolean high) {
        return new Step(what, time, people, tools, after, "", 0, high);
    }

    public double minutes() {
        return steps.stream().mapToDouble(Step::minutes).sum();
    }

    public int people() {
        return steps.stream().mapToInt(Step::people).max().orElse(1);
    }

    public List<Tool> tools() {
        return steps.stream().flatMap(s -> s.tools().stream()).distinct().toList();
    }

    /**
     * Each step as soon as what it waits for is done and hands are free, earlier ones first. A step for which there are too few people is
     * put where all of them are free.
     *
     * @param there people who come, one or more
     */
    public List<Slot> slots(int there) {
        List<Slot> slots = new ArrayList<>();
        for (int i = 0; i < steps.size(); i++) {
            Step step = steps.get(i);
            double ready = step.after().stream()
                    .mapToDouble(a -> slots.get(a).to() + steps.get(a).waitMinutes())
                    .max()
                    .orElse(0);
            double from = Stream.concat(Stream.of(ready), slots.stream().map(Slot::to))
                    .filter(t -> t >= ready)
                    .sorted()
                    .filter(t -> free(slots, t, t + step.minutes(), Math.min(step.people(), there), there))
                    .findFirst()
                    .orElseThrow();
            slots.add(new Slot(i, from, from + step.minutes()));
        }
        return List.copyOf(slots);
    }

    /** Whether so many hands are free all the time: looked at where something begins, for only there it changes to less. */
    private boolean free(List<Slot> slots, double from, double to, int hands, int there) {
        return Stream.concat(Stream.of(from), slots.stream().map(Slot::from).filter(t -> t > from && t < to))
                .allMatch(t -> hands
                                + slots.stream()
                                        .filter(s -> s.from() <= t && t < s.to())
                                        .mapToInt(s -> Math.min(
                                                there, steps.get(s.step()).people()))
                                        .sum()
                        <= there);
    }

    /** Minutes from the beginning to the end of the last step. */
    public double ends(int there) {
        return slots(there).stream().mapToDouble(Slot::to).max().orElse(0);
    }

    public Worked worked() {
        return Worked.of(TOTAL)
                .computed("t", "minutes of " + steps.size() + " steps", minutes(), "min", 1)
                .gives(minutes(), "min", 0);
    }
}
