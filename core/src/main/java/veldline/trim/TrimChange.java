package veldline.trim;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import veldline.explain.Change;
import veldline.quantity.NumberText;
import veldline.quantity.Quantity;

/** Every edit of what was measured while trimming. */
public sealed interface TrimChange extends Change<TrimLog> {
    /** A sweep of the pass under way, or the first of a next one; no points take it away. */
    record Measured(Instant at, List<SweepPoint> sweep) implements TrimChange {
        public Measured {
            sweep = List.copyOf(sweep);
        }

        @Override
        public TrimLog applyTo(TrimLog log) {
            return log.measured(at, sweep);
        }

        @Override
        public String label() {
            return "sweep of " + sweep.size() + " points";
        }
    }

    /** The same once more, with a hand or the cable moved. */
    record Again(List<SweepPoint> sweep) implements TrimChange {
        public Again {
            sweep = List.copyOf(sweep);
        }

        @Override
        public TrimLog applyTo(TrimLog log) {
            return log.underway(p -> new TrimLog.Pass(p.at(), p.sweep(), sweep, p.done()));
        }

        @Override
        public String label() {
            return "sweep repeated";
        }
    }

    /** What was cut or moved: the pass is at its end. */
    record Done(TrimLog.Cut cut) implements TrimChange {
        @Override
        public TrimLog applyTo(TrimLog log) {
            return log.underway(p -> new TrimLog.Pass(p.at(), p.sweep(), p.again(), Optional.of(cut)));
        }

        @Override
        public String label() {
            return cut.measure() + " " + (cut.by().value() < 0 ? "less" : "more") + " by "
                    + NumberText.shown(1000 * Math.abs(cut.by().value()), 1) + " mm";
        }
    }

    record Noise(Quantity to) implements TrimChange {
        @Override
        public TrimLog applyTo(TrimLog log) {
            return log.withNoise(to);
        }

        @Override
        public String label() {
            return "noise " + to;
        }
    }

    record CableLoss(Quantity to) implements TrimChange {
        @Override
        public TrimLog applyTo(TrimLog log) {
            return log.withCableLoss(to);
        }

        @Override
        public String label() {
            return "cable between takes " + to;
        }
    }

    /** Says when the analyser was calibrated; empty where nobody knows. */
    record Calibrated(Optional<Instant> at) implements TrimChange {
        @Override
        public TrimLog applyTo(TrimLog log) {
            return log.withCalibrated(at);
        }

        @Override
        public String label() {
            return "analyser calibrated";
        }
    }
}
