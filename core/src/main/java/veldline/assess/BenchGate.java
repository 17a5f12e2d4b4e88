package veldline.assess;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import veldline.build.DcPath;
import veldline.explain.Caution;
import veldline.explain.Finding;
import veldline.explain.Formula;
import veldline.explain.Worked;
import veldline.line.Mismatch;
import veldline.raise.Cautions;
import veldline.trim.SweepPoint;
import veldline.trim.TrimLog;

/**
 * What must be right on the ground before anybody climbs: a good sweep is a gate and no proof, for a resistor has one, too.
 *
 * @param items in the order in which they are looked at
 */
public record BenchGate(List<Item> items) {
    private static final Formula SWR = new Formula(
            "SWR on the bench",
            "As the last sweep read it at the point nearest to the frequency in use, what the cable between hides counted out.",
            "S",
            "(1 + (s − 1) ÷ (s + 1)·10^(a ÷ 10)) ÷ (1 − (s − 1) ÷ (s + 1)·10^(a ÷ 10))",
            "Pozar, Microwave Engineering, 4th ed., §2.7",
            "With the antenna clear of ground, people and walls, and the cable's loss as it was typed");

    /** Up to here nobody need think of it, and up to here it may go up. */
    private static final double GOOD = 1.5;

    private static final double USABLE = 2;

    /**
     * One gate.
     *
     * @param what is looked at
     * @param level how it stands
     * @param says why, a sentence
     * @param worked the number it hangs on
     * @param step the bench where it is put right
     */
    public record Item(String what, Finding.Level level, String says, Optional<Worked> worked, Step step) {}

    public BenchGate {
        items = List.copyOf(items);
    }

    public static BenchGate of(Assessment a) {
        return new BenchGate(List.of(
                of(a, Step.FEED_RUN, "Joints, supply and cable", "Every joint holds and what needs a supply has it."),
                swept(a),
                metal(a),
                unpacked(a),
                of(a, Step.RAISE, "Mast, lines, wind and the day", "Nothing found stands against it."),
                ticked(a)));
    }

    /** Gates that are shut. */
    public long shut() {
        return items.stream().filter(i -> i.level() == Finding.Level.STOP).count();
    }

    /** Gates nobody looked at. */
    public long open() {
        return items.stream().filter(i -> i.level() == Finding.Level.UNKNOWN).count();
    }

    /** The worst that a bench has found, or that it found nothing. */
    private static Item of(Assessment a, Step step, String what, String well) {
        return a.of(step).stream()
                .filter(f -> f.level() == Finding.Level.STOP)
                .findFirst()
                .map(f -> new Item(what, f.level(), f.sentence() + " " + f.reason(), f.worked(), step))
                .orElse(new Item(what, Finding.Level.FITS, well, Optional.empty(), step));
    }

    private static Item swept(Assessment a) {
        String what = "Sweep, low and clear";
        List<TrimLog.Pass> passes = a.job().trim().passes();
        if (passes.isEmpty()) {
            return new Item(
                    what,
                    Finding.Level.UNKNOWN,
                    "Nobody swept it. Up to 1.5 is good, to 2 usable; a dummy load is perfect too, so it proves no antenna.",
                    Optional.empty(),
                    Step.MATCH);
        }
        double frequency = a.job().brief().frequency().value();
        List<SweepPoint> sweep = passes.get(passes.size() - 1).sweep();
        if (sweep.isEmpty()
                || frequency < sweep.get(0).frequency().value()
                || frequency > sweep.get(sweep.size() - 1).frequency().value()) {
            return new Item(
                    what,
                    Finding.Level.UNKNOWN,
                    "The last sweep does not reach " + a.job().brief().frequency() + ".",
                    Optional.empty(),
                    Step.MATCH);
        }
        SweepPoint nearest = sweep.stream()
                .min(Comparator.comparingDouble(p -> Math.abs(p.frequency().value() - frequency)))
                .orElseThrow();
        double cable = a.job().trim().cableLoss().value();
        double seen = nearest.swr().value();
        double rho = (seen - 1) / (seen + 1) * Math.pow(10, cable / 10);
        if (rho >= 1) {
            return new Item(
                    what,
                    Finding.Level.STOP,
                    "So much comes back through a cable that takes so much of it: one of the two was misread.",
                    Optional.empty(),
                    Step.MATCH);
        }
        double swr = Mismatch.swrOf(rho);
        Worked read = Worked.of(SWR)
                .measured("s", "at " + nearest.frequency(), seen, "", 3)
                .typed("a", "cable between", cable, "dB", 3)
                .gives(swr, "", 2);
        return new Item(
                what,
                swr <= GOOD ? Finding.Level.FITS : swr <= USABLE ? Finding.Level.WATCH : Finding.Level.STOP,
                swr <= USABLE
                        ? "It passes; what it does up there is proved up there."
                        : "Trimmed low it stays trimmed; up there every cut is a climb.",
                Optional.of(read),
                Step.MATCH);
    }

    private static Item metal(Assessment a) {
        String what = "Ohmmeter across the feed";
        Set<String> ticked = a.job().raise().ticked();
        Optional<Boolean> shorted = a.job().made().map(m -> DcPath.shorted(m.model()));
        if (shorted.isEmpty()) {
            return new Item(
                    what,
                    Finding.Level.UNKNOWN,
                    "What it should show is told of an antenna that is made of wires here.",
                    Optional.empty(),
                    Step.SHAPE);
        }
        String should = shorted.get() ? "It shows a short, and that is right." : "It shows nothing joined.";
        boolean seen = ticked.contains(TICK_METAL);
        return new Item(
                what,
                seen ? Finding.Level.FITS : Finding.Level.UNKNOWN,
                should + (seen ? " Seen." : " Look, and tick it."),
                Optional.empty(),
                Step.SHAPE);
    }

    /** Under which it is kept that the ohmmeter was looked at. */
    public static final String TICK_METAL = "gate:metal";

    private static Item unpacked(Assessment a) {
        return InspectionRules.before(a).stream()
                .findFirst()
                .map(f ->
                        new Item("What was bought", f.level(), f.sentence() + " " + f.reason(), f.worked(), Step.SHAPE))
                .orElse(new Item(
                        "What was bought",
                        Finding.Level.FITS,
                        "Nothing of it stands against going up.",
                        Optional.empty(),
                        Step.SHAPE));
    }

    private static Item ticked(Assessment a) {
        List<String> left = new ArrayList<>();
        for (Caution c : Cautions.raising()) {
            if (c.blocking() && !a.job().raise().ticked().contains(c.id())) {
                left.add(c.hazard().toLowerCase(Locale.ROOT));
            }
        }
        return new Item(
                "Cautions",
                left.isEmpty() ? Finding.Level.FITS : Finding.Level.STOP,
                left.isEmpty()
                        ? "Read and ticked; local codes and licensed practice decide all the same."
                        : "Not ticked yet: " + String.join(", ", left) + ".",
                Optional.empty(),
                Step.RAISE);
    }
}
