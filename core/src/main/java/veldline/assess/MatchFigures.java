package veldline.assess;

import java.util.List;
import java.util.Optional;
import veldline.explain.Worked;
import veldline.job.JobChange;
import veldline.line.MatchWay;

/**
 * Ways to bring the antenna to the cable's impedance, the one in use among them.
 *
 * @param options in a fixed order
 */
public record MatchFigures(List<Option> options) {
    public MatchFigures {
        options = List.copyOf(options);
    }

    /**
     * One way.
     *
     * @param id stable
     * @param title what it is, as it stands within a sentence
     * @param parts what it is made of, with sizes
     * @param resistance seen by the cable
     * @param reactance seen by the cable
     * @param swr on the cable
     * @param loss in its parts and by what is still sent back, dB
     * @param inUse whether the job has it
     * @param take the edit that takes it
     * @param plan its circuit; empty for a driven element alone
     * @param band over which it keeps the SWR under 2; empty where the antenna is not known over the band, or it never does
     * @param kept of a hundred built with parts of the usual tolerance, how many keep that; empty where there are no parts
     * @param strain what its parts withstand, in the order of the circuit, the one at the antenna first
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
            JobChange take,
            Optional<MatchWay.Plan> plan,
            Optional<Worked> band,
            Optional<Worked> kept,
            List<Strain> strain) {
        public Option {
            strain = List.copyOf(strain);
        }
    }

    /**
     * What one part withstands at the power there is.
     *
     * @param part what it is
     * @param volts peak across it; of a line the greater at its ends
     * @param amperes through it; likewise
     */
    public record Strain(String part, Worked volts, Worked amperes) {}

    public Optional<Option> inUse() {
        return options.stream().filter(Option::inUse).findFirst();
    }
}
