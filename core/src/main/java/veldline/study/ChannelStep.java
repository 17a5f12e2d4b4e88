package veldline.study;

import java.util.List;
import java.util.Optional;
import veldline.assess.Assessment;
import veldline.explain.Formula;
import veldline.explain.Worked;
import veldline.job.JobChange;
import veldline.link.Air;
import veldline.link.BriefChange;
import veldline.link.OnAir;
import veldline.quantity.NumberText;
import veldline.quantity.Quantity;
import veldline.quantity.Unit;

/** What going to the quietest channel of the band buys, where a survey heard something. */
final class ChannelStep {
    static final Formula FORMULA = new Formula(
            "What a quieter channel buys",
            "Noise and what else is heard add as powers under the signal: n is the radio's noise, u what is in the channel in use, v what"
                    + " is in the quietest.",
            "G",
            "10·log10((n + u) ÷ (n + v))",
            "Powers add; the radio's noise is its floor less the signal over noise it needs",
            "±3 dB for signals that stay; others come and go");

    /** Both radios retuned and the survey read once more. */
    private static final double HOURS = 0.3;

    private ChannelStep() {}

    static Optional<NextStep> of(Assessment a) {
        List<OnAir.Channel> ranked = a.channels();
        double now = a.job().brief().frequency().value();
        if (ranked.isEmpty() || ranked.get(0).frequency() == now) {
            return Optional.empty();
        }
        Air air = a.job().brief().air();
        double noise = picowatts(a.line().floor() - air.snr().value());
        double here = ranked.stream()
                .filter(c -> c.frequency() == now)
                .mapToDouble(c -> picowatts(c.unwanted().value()))
                .findFirst()
                .orElse(0);
        OnAir.Channel best = ranked.get(0);
        double there = picowatts(best.unwanted().value());
        Worked won = Worked.of(FORMULA)
                .computed("n", "noise", noise, "pW", 9)
                .computed("u", "what else is heard now", here, "pW", 9)
                .computed("v", "what else would be", there, "pW", 9)
                .gives(10 * Math.log10((noise + here) / (noise + there)), "dB", 1, 3);
        String to = NumberText.shown(best.frequency() / 1e6, best.frequency() % 1e6 == 0 ? 0 : 1) + " MHz";
        return Optional.of(NextStep.of(
                NextStep.Cause.CHANNEL,
                "go to " + to,
                won,
                HOURS,
                0,
                List.of(new JobChange.OfBrief(
                        new BriefChange.Frequency(Quantity.shown(best.frequency(), Unit.MHZ, 1))))));
    }

    private static double picowatts(double dbm) {
        return Math.pow(10, (dbm + 90) / 10);
    }
}
