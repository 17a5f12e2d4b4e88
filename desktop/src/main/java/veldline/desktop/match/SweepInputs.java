package veldline.desktop.match;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import veldline.desktop.bench.Input;
import veldline.desktop.bench.Limits;
import veldline.desktop.bench.Showing;
import veldline.explain.Finding;
import veldline.job.JobChange;
import veldline.trim.SweepQuality;
import veldline.trim.SweepText;
import veldline.trim.TrimChange;
import veldline.trim.TrimLog;
import veldline.trim.TrimStop;
import veldline.trim.TrimWords;

/** A sweep of the antenna that was built: measured, typed or read, twice if it is to be trusted. */
final class SweepInputs {
    private static final double MOST_NOISE = 2;
    private static final double MOST_LOSS = 20;

    private SweepInputs() {}

    static List<Input> of(Showing s) {
        TrimLog log = s.job().trim();
        Optional<TrimLog.Pass> open = log.open();
        List<Input> in = new ArrayList<>();
        in.add(new Input.Action("sweep", open.isEmpty() ? "Measure it" : "Measure it anew", "", Input.Command.SWEEP));
        open.ifPresent(
                p -> in.add(new Input.Action("sweep-again", "Again, cable moved", "", Input.Command.SWEEP_AGAIN)));
        if (log.last().isPresent()) {
            in.add(new Input.Action("explain", "What explains it?", "", Input.Command.EXPLAIN));
        }
        in.add(new Input.Text(
                "points",
                "Sweep: 150 1.8, 151 1.4 43+j12",
                open.map(p -> SweepText.of(p.sweep())).orElse(""),
                text -> SweepText.read(text)
                        .map(p -> lift(new TrimChange.Measured(Instant.now(), p)))
                        .orElseGet(() -> refused(text))));
        if (open.isPresent()) {
            in.add(new Input.Text(
                    "points-again",
                    "The same, swept again",
                    SweepText.of(open.get().again()),
                    text -> SweepText.read(text)
                            .map(p -> lift(new TrimChange.Again(p)))
                            .orElseGet(() -> refused(text))));
        }
        in.add(new Input.Action("read-sweep", "Read a Touchstone file", "", Input.Command.READ_SWEEP));
        in.add(Input.Words.asking(
                "calibrated",
                "Calibrated, minutes ago: 0",
                text -> text.strip().matches("\\d{1,5}")
                        ? Optional.of(new JobChange.OfTrim(new TrimChange.Calibrated(
                                Optional.of(Instant.now().minus(Duration.ofMinutes(Long.parseLong(text.strip())))))))
                        : Optional.empty()));
        in.add(new Input.Value(
                "noise",
                "Noise of a reading, SWR",
                log.noise(),
                "",
                Limits.within(0.001, MOST_NOISE, "0.001", "2", q -> new JobChange.OfTrim(new TrimChange.Noise(q)))));
        in.add(new Input.Value(
                "cable-loss",
                "Cable between takes, one way",
                log.cableLoss(),
                "",
                Limits.within(0, MOST_LOSS, "0", "20 dB", q -> new JobChange.OfTrim(new TrimChange.CableLoss(q)))));
        in.add(
                new Input.Note(
                        "bench",
                        "Lowest power, antenna or load always on, hands and eyes clear of its ends. SWR alone has no sign: with resistance and reactance more can be told, taken as at the antenna's end of the cable."));
        return in;
    }

    private static Input.Outcome lift(TrimChange change) {
        return Input.Outcome.of(new JobChange.OfTrim(change));
    }

    private static Input.Outcome refused(String text) {
        return new Input.Outcome.Refused(
                "“" + text
                        + "” was not understood: megahertz and SWR of each point, SWR 1 to 1000, then 43+j12 where it was shown.");
    }

    static List<Finding> findings(Showing s) {
        List<Finding> all = new ArrayList<>();
        s.job().trim().last().ifPresent(pass -> {
            s.advice().trim().ifPresent(a -> all.add(TrimWords.answer(a)));
            all.addAll(TrimStop.findings(
                    pass.sweep(),
                    s.job().brief().frequency().value(),
                    s.advice().trim()));
            all.addAll(SweepQuality.findings(s.job().trim(), pass));
        });
        return all;
    }
}
