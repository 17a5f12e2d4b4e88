package veldline.job;

import java.time.Instant;
import veldline.antenna.Bought;
import veldline.antenna.YagiChange;
import veldline.explain.Change;
import veldline.feed.Connector;
import veldline.feed.FeedChange;
import veldline.feed.FeedRun;
import veldline.link.BriefChange;
import veldline.link.End;
import veldline.prove.ProveChange;
import veldline.quantity.Quantity;
import veldline.raise.RaiseChange;

/** A change of one part, lifted to the whole job. */
public sealed interface JobChange extends Change<Job> {
    record OfBrief(BriefChange change) implements JobChange {
        @Override
        public Job applyTo(Job job) {
            return job.withBrief(change.applyTo(job.brief()));
        }

        @Override
        public String label() {
            return change.label();
        }
    }

    record OfYagi(YagiChange change) implements JobChange {
        @Override
        public Job applyTo(Job job) {
            return job.withYagi(change.applyTo(job.yagi()));
        }

        @Override
        public String label() {
            return change.label();
        }
    }

    /** A change of the near or the far chain. */
    record OfRun(boolean near, FeedChange change) implements JobChange {
        @Override
        public Job applyTo(Job job) {
            return near ? job.withNearRun(change.applyTo(job.nearRun())) : job.withFarRun(change.applyTo(job.farRun()));
        }

        @Override
        public String label() {
            return change.label();
        }
    }

    record OfRaise(RaiseChange change) implements JobChange {
        @Override
        public Job applyTo(Job job) {
            return job.withRaise(change.applyTo(job.raise()));
        }

        @Override
        public String label() {
            return change.label();
        }
    }

    record OfProve(ProveChange change) implements JobChange {
        @Override
        public Job applyTo(Job job) {
            return job.withProve(change.applyTo(job.prove()));
        }

        @Override
        public String label() {
            return change.label();
        }
    }

    record Match(Job.Matching to) implements JobChange {
        @Override
        public Job applyTo(Job job) {
            return job.withMatch(to);
        }

        @Override
        public String label() {
            return "match: " + to.name().toLowerCase(java.util.Locale.ROOT).replace('_', ' ');
        }
    }

    record FarGain(Quantity to) implements JobChange {
        @Override
        public Job applyTo(Job job) {
            Bought far = job.farAntenna();
            return job.withFarAntenna(far.withGain(to));
        }

        @Override
        public String label() {
            return "far antenna ‘" + to + "’";
        }
    }

    /** Says what the near radio's socket really is; the chain begins there. */
    record Socket(Connector to) implements JobChange {
        @Override
        public Job applyTo(Job job) {
            End near = job.brief().near();
            return job.withBrief(
                            job.brief().withNear(near.withRadio(near.radio().withSocket(to))))
                    .withNearRun(
                            new FeedRun(to, job.nearRun().parts(), job.nearRun().antenna()));
        }

        @Override
        public String label() {
            return "radio socket " + to.tradeName();
        }
    }

    record Note(Instant at, String text) implements JobChange {
        @Override
        public Job applyTo(Job job) {
            return job.logging(at, text);
        }

        @Override
        public String label() {
            return "log line";
        }
    }

    /** Lifts a change found by a rule that only knows its own part. */
    static JobChange lift(Change<?> change, boolean near) {
        if (change instanceof BriefChange c) {
            return new OfBrief(c);
        } else if (change instanceof YagiChange c) {
            return new OfYagi(c);
        } else if (change instanceof FeedChange c) {
            return new OfRun(near, c);
        } else if (change instanceof RaiseChange c) {
            return new OfRaise(c);
        } else if (change instanceof ProveChange c) {
            return new OfProve(c);
        } else if (change instanceof JobChange c) {
            return c;
        }
        throw new IllegalArgumentException("No part of a job takes " + change.getClass());
    }
}
