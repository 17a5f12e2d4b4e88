package veldline.desktop;

import java.io.IOException;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.function.Consumer;
import veldline.assess.Assessment;
import veldline.desktop.bench.Input;
import veldline.desktop.bench.Showing;
import veldline.desktop.prove.ProveBench;
import veldline.desktop.prove.SurveyInputs;
import veldline.desktop.prove.TurnInputs;
import veldline.desktop.prove.WhyInputs;
import veldline.instrument.Trouble;
import veldline.job.JobChange;
import veldline.measure.Strip;
import veldline.prove.Heard;
import veldline.prove.ProveChange;
import veldline.prove.Recording;
import veldline.prove.Symptom;
import veldline.prove.Turned;
import veldline.quantity.NumberText;
import veldline.quantity.Quantity;
import veldline.quantity.Unit;
import veldline.raise.AimReading;
import veldline.raise.RaiseChange;
import veldline.store.JobStore;
import veldline.store.RunningRecording;

/** Measures on the link, here a simulated one: a recording of a tide, or one test. */
final class Measuring {
    private final Workbench work;
    private final Studies studies;
    private final Consumer<Runnable> toInterface;
    private Optional<Strip> live = Optional.empty();

    Measuring(Workbench work, Studies studies, Consumer<Runnable> toInterface) {
        this.toInterface = toInterface;
        this.work = work;
        this.studies = studies;
    }

    /** What is being recorded, as far as it has come. */
    Optional<Strip> live() {
        return live;
    }

    private void show(Strip strip) {
        toInterface.accept(() -> live = Optional.of(strip));
    }

    void ask(Input.Command command, Optional<Showing> showing) {
        showing.ifPresent(s -> ask(command, s));
    }

    private void ask(Input.Command command, Showing s) {
        Trouble trouble = WhyInputs.HIDDEN.equals(s.noted().get(WhyInputs.FAULT))
                ? Trouble.drawn(s.job().name().toLowerCase(Locale.ROOT).hashCode())
                : Trouble.NONE;
        if (command == Input.Command.RECORD) {
            boolean hours = ProveBench.HOURS.equals(s.noted().get(ProveBench.PACE));
            record(s.assessment(), trouble, hours ? Recorder.Pace.LONG : Recorder.Pace.TIDE);
        } else if (command == Input.Command.SWING) {
            swing(s.assessment());
        } else if (command == Input.Command.RATE) {
            rate(s.assessment(), trouble);
        } else if (command == Input.Command.TURN) {
            turn(s.assessment(), TurnInputs.turned(s));
        } else if (command == Input.Command.SCAN) {
            scan(s.assessment(), SurveyInputs.BEFORE.equals(s.noted().get(SurveyInputs.FILLS)));
        } else if (command == Input.Command.SIDES) {
            sides(s.assessment());
        } else {
            test(s.assessment(), trouble, WhyInputs.test(s));
        }
    }

    /** Records as the job stands; what has come so far is shown as it comes. */
    private void record(Assessment a, Trouble trouble, Recorder.Pace pace) {
        Optional<Path> folder = work.desk().store().map(JobStore::folder);
        studies.ask(
                "Recording",
                p -> new Recorder(a, trouble).record(folder, pace, this::show, p),
                o -> {
                    live = Optional.empty();
                    if (o.stopped()) {
                        work.desk().afterSaving(() -> forget(folder));
                        work.tell("Stopped; nothing was kept.");
                    } else {
                        Recording r = o.result();
                        work.apply(new JobChange.OfProve(new ProveChange.Add(r)));
                        work.desk().saveNow();
                        work.desk().afterSaving(() -> forget(folder));
                        work.tell("Recorded " + r.series().size() + " readings, " + r.setUp() + ".");
                    }
                },
                e -> {
                    live = Optional.empty();
                    work.tell(e.getMessage());
                });
    }

    /** Swings the antenna; each reading is shown as it comes, and all of them are one edit. */
    private void swing(Assessment a) {
        AtomicBoolean first = new AtomicBoolean(true);
        studies.ask(
                "Swinging",
                p -> new Swinger(a).swing((read, of) -> {
                    toInterface.accept(() -> show(read, first.getAndSet(false)));
                    return p.step(read.size(), of, "");
                }),
                o -> {
                    if (!o.result().isEmpty()) {
                        show(o.result(), first.getAndSet(false));
                    }
                    work.tell((o.stopped() ? "Stopped; " : "Swung past both edges; ")
                            + o.result().size() + " readings.");
                },
                e -> work.tell(e.getMessage()));
    }

    private void show(List<AimReading> read, boolean first) {
        JobChange change = new JobChange.OfRaise(new RaiseChange.Swung(read));
        if (first) {
            work.apply(change);
        } else {
            work.goOn(change);
        }
    }

    /** Measures what it carries, over the link and by wire. */
    private void rate(Assessment a, Trouble trouble) {
        studies.ask(
                "Measuring",
                p -> new Recorder(a, trouble).rate(),
                o -> {
                    work.apply(new JobChange.OfProve(new ProveChange.Rated(o.result())));
                    work.tell("Carried " + o.result().air() + ", by wire "
                            + o.result().wired() + ".");
                },
                e -> work.tell(e.getMessage()));
    }

    /** Turns one thing; each reading is shown as it comes, and all of them are one edit. */
    private void turn(Assessment a, Turned what) {
        AtomicBoolean first = new AtomicBoolean(true);
        studies.ask(
                "Turning",
                p -> new Turner(a).turn(what, (read, of) -> {
                    toInterface.accept(() -> show(new ProveChange.TurnedBy(what, read), first.getAndSet(false)));
                    return p.step(read.size(), of, "");
                }),
                o -> {
                    show(new ProveChange.TurnedBy(what, o.result()), first.getAndSet(false));
                    work.tell((o.stopped() ? "Stopped; " : "Turned; ")
                            + o.result().size() + " readings.");
                },
                e -> work.tell(e.getMessage()));
    }

    private void show(ProveChange change, boolean first) {
        JobChange lifted = new JobChange.OfProve(change);
        if (first) {
            work.apply(lifted);
        } else {
            work.goOn(lifted);
        }
    }

    private void scan(Assessment a, boolean before) {
        studies.ask(
                "Scanning",
                p -> new Turner(a).survey(before),
                o -> {
                    // What was scanned before may have come in since this scan began.
                    List<Heard> all = Turner.beside(work.desk().job().prove().survey(), o.result(), before);
                    work.apply(new JobChange.OfProve(new ProveChange.Surveyed(all)));
                    work.tell("Scanned " + o.result().size() + " channels.");
                },
                e -> work.tell(e.getMessage()));
    }

    private void sides(Assessment a) {
        studies.ask(
                "Reading both",
                p -> new Turner(a).sides(),
                o -> {
                    work.apply(new JobChange.OfProve(new ProveChange.Beside(o.result())));
                    work.tell("Read both, " + o.result().readings().size() + " times in all.");
                },
                e -> work.tell(e.getMessage()));
    }

    /** Makes one test and keeps what came of it. */
    private void test(Assessment a, Trouble trouble, Symptom test) {
        studies.ask(
                "Testing",
                p -> new Recorder(a, trouble).test(test),
                o -> {
                    work.apply(new JobChange.OfProve(
                            new ProveChange.Observe(test, Optional.of(Quantity.shown(o.result(), Unit.DB, 1)))));
                    work.tell(test.title() + ": " + NumberText.signed(o.result(), 1) + " dB.");
                },
                e -> work.tell(e.getMessage()));
    }

    /** The job holds the recording now, or nobody wants it; what stays behind in a fault is only read again. */
    static void forget(Optional<Path> folder) {
        folder.ifPresent(f -> {
            try {
                RunningRecording.forget(f);
            } catch (IOException e) {
                // A trace that cannot be taken away is offered again when the job is opened, which loses nothing.
                return;
            }
        });
    }
}
