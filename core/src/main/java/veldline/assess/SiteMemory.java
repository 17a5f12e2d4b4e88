package veldline.assess;

import java.util.Optional;
import java.util.function.BooleanSupplier;
import veldline.coverage.Coverage;
import veldline.coverage.Pattern;
import veldline.job.Job;

/** The level over a job's site, with the patterns and maps of late kept. */
final class SiteMemory {
    private final Memory<SiteStage.PatternInput, Pattern> patterns = new Memory<>();
    private final Memory<SiteStage.Input, Coverage> sites = new Memory<>();
    private final Memory<SiteStage.PatternInput, Double> farGains = new Memory<>();

    /**
     * It waits for nothing but the pattern, which a bought antenna has by its claims.
     *
     * @param later whether what is not known yet is left for another time
     */
    Stage<Coverage> of(Job job, boolean later, BooleanSupplier goOn) {
        if (job.site().isEmpty()) {
            return new Stage.Absent<>("The job has no plan");
        }
        double farGain = farGains.of(
                new SiteStage.PatternInput(
                        job.farAntenna(), job.brief().frequency().value()),
                SiteStage::farGain);
        Optional<SiteStage.Input> input = SiteStage.input(job, farGain);
        if (input.isEmpty()) {
            return new Stage.Absent<>("The job has no plan");
        }
        SiteStage.Input in = input.get();
        return later && !sites.knows(in)
                ? new Stage.Running<>()
                : Stage.of(
                        () -> sites.of(
                                in,
                                i -> SiteStage.figures(
                                        i, patterns.of(i.pattern(), p -> SiteStage.pattern(p, goOn)), goOn)),
                        goOn);
    }
}
