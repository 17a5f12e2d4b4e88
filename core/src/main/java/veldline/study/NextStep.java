package veldline.study;

import java.util.List;
import veldline.explain.Formula;
import veldline.explain.Worked;
import veldline.job.JobChange;

/**
 * A change that would better a link, with what it takes to make it.
 *
 * @param cause what it mends, in the order causes are checked
 * @param title what to do, “hang it at 8.5 m”
 * @param gain by how much the worst case gets better
 * @param hours of work
 * @param money in the local coin
 * @param worth decibels for an hour, money counted as hours
 * @param changes the edits that make it, in order; none for work that changes nothing in the job
 */
public record NextStep(
        Cause cause, String title, Worked gain, double hours, double money, Worked worth, List<JobChange> changes) {
    /** What an hour of work is worth, in the local coin: so that money and time can be added. */
    public static final double HOUR = 25;

    /** Causes in the order they are checked; the remedies themselves are ranked by worth. */
    public enum Cause {
        CHANNEL("channel"),
        AIM("aim"),
        POLARIZATION("polarization"),
        FEEDER("feeder"),
        HEIGHT("height"),
        RATE("rate"),
        POWER("power"),
        ANTENNA("gain");

        private final String words;

        Cause(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    static final Formula GAIN = new Formula(
            "What it buys",
            "The margin in the worst case with the change, less the margin without it.",
            "G",
            "a − b",
            "The line, worked out both ways",
            "As good as the line; what both share falls out");
    static final Formula WORTH = new Formula(
            "Worth",
            "Decibels for an hour of work; money counts as hours.",
            "W",
            "g ÷ (h + m ÷ 25)",
            "The hours and the money are usual ones, to be judged by whoever does it",
            "To a factor of two");

    public NextStep {
        changes = List.copyOf(changes);
    }

    /** A step whose worth follows from the rest. */
    static NextStep of(Cause cause, String title, Worked gain, double hours, double money, List<JobChange> changes) {
        Worked worth = Worked.of(WORTH)
                .from("g", "what it buys", gain)
                .computed("h", "hours", hours, "h", 2)
                .computed("m", "money", money, "", 1)
                .gives(gain.value() / (hours + money / HOUR), "dB/h", 1);
        return new NextStep(cause, title, gain, hours, money, worth, changes);
    }
}
