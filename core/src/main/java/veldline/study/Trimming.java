package veldline.study;

import java.util.List;
import java.util.Optional;
import org.hipparchus.complex.Complex;
import veldline.antenna.Made;
import veldline.assess.AntennaFigures;
import veldline.assess.Assessment;
import veldline.assess.MatchFigures;
import veldline.explain.Worked;
import veldline.job.Job;
import veldline.trim.Between;
import veldline.trim.SweepPoint;
import veldline.trim.SweepQuality;
import veldline.trim.TrimAdvice;
import veldline.trim.TrimAdviser;
import veldline.trim.TrimLog;

/** Which measure of the antenna that is made here explains its last sweep. */
public final class Trimming {
    /** The line SWR is counted on, ohms. */
    public static final double LINE = 50;

    private Trimming() {}

    /**
     * @throws IllegalArgumentException where there is no sweep, none that is good enough to cut by, or no antenna with measures to trim
     */
    public static TrimAdvice of(Assessment a, Progress progress) {
        Job job = a.job();
        TrimLog log = job.trim();
        TrimLog.Pass pass = log.last()
                .orElseThrow(() -> new IllegalArgumentException(
                        "There is no sweep to explain; type one, read a Touchstone file or measure"));
        if (!SweepQuality.steady(pass)) {
            throw new IllegalArgumentException("The two sweeps of this pass differ by more than " + SweepQuality.MOVES
                    + " in SWR; nothing is cut by what moves. Sweep again, clear of hands");
        }
        if (!SweepQuality.good(log, pass)) {
            throw new IllegalArgumentException("The analyser was calibrated "
                    + SweepQuality.age(log, pass).map(Worked::shown).orElse("long")
                    + " before this pass; nothing is cut by that. Open, short and load, then sweep again");
        }
        if (!(job.antenna(job.madeNear()) instanceof Made made)) {
            throw new IllegalArgumentException(job.antenna(job.madeNear()).title()
                    + " is not made of wires here; only what was drawn here can be trimmed");
        }
        progress.step(0, 0, "");
        List<Double> swept =
                pass.sweep().stream().map(p -> p.frequency().value()).toList();
        TrimAdviser adviser =
                new TrimAdviser(made, swept, between(a, pass.sweep()), LINE, () -> progress.step(0, 0, ""));
        return adviser.advice(pass.sweep(), SweepQuality.noise(log, pass));
    }

    /** With its phase a sweep is taken to be at the antenna's end of the cable. */
    private static Between between(Assessment a, List<SweepPoint> sweep) {
        boolean phase = sweep.stream().allMatch(p -> p.ohms().isPresent());
        double loss = a.job().trim().cableLoss().value();
        return phase || loss == 0 ? parts(a) : new Between.Cable(parts(a), loss, LINE);
    }

    /** What matches the antenna to its cable, as the job has it. */
    public static Between parts(Assessment a) {
        Optional<Complex> drawn = a.antenna().value().map(AntennaFigures::impedance);
        return a.match()
                .value()
                .flatMap(MatchFigures::inUse)
                .flatMap(MatchFigures.Option::plan)
                .flatMap(plan -> drawn.<Between>map(z -> new Between.Parts(plan, z)))
                .orElse(new Between.Straight());
    }
}
