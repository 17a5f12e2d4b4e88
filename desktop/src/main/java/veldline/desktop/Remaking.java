package veldline.desktop;

import veldline.antenna.Antenna;
import veldline.antenna.ApertureDesign;
import veldline.antenna.Design;
import veldline.desktop.bench.Input;
import veldline.job.Job;
import veldline.job.JobChange;

/** Antennas that are cut, made anew or solved more closely, which takes a moment. */
final class Remaking {
    private final Workbench work;
    private final Studies studies;

    Remaking(Workbench work, Studies studies) {
        this.work = work;
        this.studies = studies;
    }

    /** Cuts the design that is shaped here to resonance. */
    void ask(Input.Command command, Job job) {
        if (command == Input.Command.TUNE) {
            tune(job);
        } else {
            netBand(job);
        }
    }

    private void tune(Job job) {
        double frequency = job.brief().frequency().value();
        if (job.antenna(job.madeNear()) instanceof Design d) {
            remake(
                    new Input.Outcome.Remade("Cutting to resonance", job.madeNear(), a -> d.tuned(frequency)),
                    "No size near this one is resonant; change a measure first.",
                    "It could not be cut to resonance: ");
        } else if (job.antenna(job.madeNear()) instanceof ApertureDesign d) {
            remake(new Input.Outcome.Remade("Cutting it for here", job.madeNear(), a -> d.of().tuned(d, frequency)));
        }
    }

    /** Solves the net of wires of what has an opening over the band. */
    private void netBand(Job job) {
        studies.ask(
                "Solving its net of wires over the band",
                p -> {
                    work.desk().solveBand(job, () -> p.step(0, 0, ""));
                    return job;
                },
                o -> work.desk().assess(),
                e -> work.tell(e.getMessage() + "."));
    }

    /** Makes an antenna anew as an input asks. */
    void remake(Input.Outcome.Remade r) {
        remake(r, "It is so already.", "");
    }

    /** What was made anew takes the place of what it was made from; one that was edited meanwhile is left as it is. */
    private void remake(Input.Outcome.Remade r, String nothing, String failed) {
        Antenna before = work.desk().job().antenna(r.near());
        studies.ask(
                r.what(),
                p -> r.made().apply(before),
                o -> {
                    if (o.result().equals(before)) {
                        work.tell(nothing);
                    } else if (work.desk().job().antenna(r.near()).equals(before)) {
                        work.apply(new JobChange.Fit(r.near(), o.result()));
                    }
                },
                // What families and solver throw names the value, the limit and what to do.
                e -> work.tell(failed + e.getMessage() + "."));
    }
}
