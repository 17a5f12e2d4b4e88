package veldline.assess;

import java.util.List;
import java.util.Optional;
import veldline.explain.Worked;
import veldline.job.JobChange;

/**
 * Ways to bring the antenna to the cable's impedance, the one in use among them.
 *
 * @param options in a fixed order
 */
public record MatchFigures(List<Option> options) {
    /**
     * One way.
     *
     * @param id stable
     * @param title what it is
     * @param parts what it is made of, with sizes
     * @param resistance seen by the cable
     * @param reactance seen by the cable
     * @param swr on the cable
     * @param loss in its parts and by what is still sent back, dB
     * @param inUse whether the job has it
     * @param take the edit that takes it
     */
    public record Option(
            String id,
            String title,
            String parts,
            Worked resistance,
            Worked reactance,
            Worked swr,
            Worked loss,
            boolean inUse,
            JobChange take) {}

    public Optional<Option> inUse() {
        return options.stream().filter(Option::inUse).findFirst();
    }
}
