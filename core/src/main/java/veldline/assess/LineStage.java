package veldline.assess;

import java.util.Optional;
import veldline.antenna.NotChosen;
import veldline.explain.Formula;
import veldline.explain.Worked;
import veldline.feed.FeedRun;
import veldline.job.Job;
import veldline.link.Brief;
import veldline.link.Floor;
import veldline.link.GainWindow;
import veldline.link.LevelLine;
import veldline.link.LevelLineBuilder;
import veldline.link.PolarizationMatch;
import veldline.path.Incidence;

/** Sums the line of a job, and what it leaves to be asked of the antenna that is made. */
final class LineStage {
    static final Formula EIRP = new Formula(
            "EIRP",
            "What an isotropic antenna would need to do as much straight ahead: power less losses plus gain.",
            "E",
            "p − c + g",
            "IEEE Std 145",
            "As good as the radio's power and the gain");
    static final Formula TAKEN = new Formula(
            "Taken before the antenna",
            "What unlike polarizations and what stands in the way take.",
            "L",
            "p + o",
            "Sum of decibels",
            "As good as its parts");

    private LineStage() {}

    /** Polarization loss between the antennas; none while one of them is not chosen. */
    static Worked polarization(Job job) {
        return job.nearAntenna()
                .polarized()
                .flatMap(n -> job.farAntenna().polarized().map(f -> PolarizationMatch.loss(n, f)))
                .orElseGet(() -> PolarizationMatch.loss(job.polarized(), job.polarized()));
    }

    /** How the two antennas stand to what the wave bounces off; like the one that is known while the other is not chosen. */
    static Incidence incidence(Job job) {
        return Incidence.of(
                job.nearAntenna().polarized().orElse(job.polarized()),
                job.farAntenna().polarized().orElse(job.polarized()));
    }

    static Worked eirp(Brief brief, Worked loss, Worked gain) {
        double power = brief.near().radio().power().value();
        return Worked.of(EIRP)
                .typed("p", "power sent", power, "dBm", 3)
                .from("c", "chain takes", loss)
                .from("g", "antenna adds", gain)
                .gives(power - loss.value() + gain.value(), "dBm", 1, 1);
    }

    /** Gain asked of the antenna that is made, its match counted. */
    static Worked needed(Job job, PathFigures path, Worked chains, Optional<Worked> other) {
        Brief brief = job.brief();
        return brief.field()
                .map(f -> GainWindow.neededFromField(
                        brief,
                        hears(job),
                        veldline.link.FieldStrength.isotropic(
                                f, brief.frequency().value()),
                        chains.value() + taken(job).value()))
                .orElseGet(() -> GainWindow.needed(
                        brief,
                        hears(job),
                        chains.value(),
                        other.map(Worked::value).orElse(0.0),
                        path.typical(),
                        path.worstBelow()));
    }

    /** Where the far radio goes deaf, with the noise from outside where it is counted. */
    static Worked hears(Job job) {
        return Floor.of(job.brief(), job.farRun());
    }

    private static Worked taken(Job job) {
        Worked polarization = job.brief().field().isPresent() && job.nearAntenna() instanceof NotChosen
                ? PolarizationMatch.loss(job.polarized(), job.polarized())
                : polarization(job);
        double obstacles = job.brief().obstacleLossDb();
        return Worked.of(TAKEN)
                .from("p", "polarization", polarization)
                .typed("o", "obstacles", obstacles, "dB", 2)
                .gives(polarization.value() + obstacles, "dB", 1, 0.5);
    }

    static LevelLine line(
            Job job, PathFigures path, Optional<Worked> nearGain, Optional<Worked> farGain, Optional<Worked> most) {
        Brief brief = job.brief();
        double frequency = brief.frequency().value();
        FeedRun far = job.farRun();
        boolean fromField = brief.field().isPresent();
        LevelLineBuilder builder = fromField
                ? LevelLineBuilder.fromField(frequency, brief.field().get(), taken(job))
                : LevelLineBuilder.from(frequency, brief.near())
                        .chain(job.nearRun(), true)
                        .antenna("near-antenna", brief.near().shortName() + " antenna", nearGain)
                        .path("The way, " + brief.distance(), path.typical());
        return builder.antenna("far-antenna", brief.far().shortName() + " antenna", farGain)
                .chain(far, false)
                .end(
                        brief.far(),
                        hears(job),
                        brief.marginWanted().value(),
                        fromField ? Optional.empty() : most.map(Worked::value),
                        fromField ? 0 : path.worstBelow());
    }
}
