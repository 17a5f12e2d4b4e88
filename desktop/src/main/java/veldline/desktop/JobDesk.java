package veldline.desktop;

import java.io.IOException;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.RejectedExecutionException;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicReference;
import java.util.function.BooleanSupplier;
import java.util.function.Consumer;
import veldline.assess.Assessment;
import veldline.assess.Assessor;
import veldline.field.solve.SolveFailure;
import veldline.job.History;
import veldline.job.Job;
import veldline.job.JobChange;
import veldline.link.LevelLine;
import veldline.store.JobStore;

/**
 * The job on the desk: what was done to it, what follows from it, and that it is saved. Edits come in on the interface
 * thread; everything that takes time runs on threads of its own and is handed back through {@code toInterface}.
 */
public final class JobDesk implements AutoCloseable {
    /** A solution older than this is called off when a newer job waits. */
    private static final long PATIENCE_NANOS = 150_000_000L;

    /** So long after the last edit the antenna is solved once more, on a finer mesh. */
    private static final long SETTLED_MS = 300;

    /** An edit after a quiet spell is written so soon after it; a busy hand is written this often. */
    private static final long AUTOSAVE_MS = 150;

    private static final long BUSY_AUTOSAVE_MS = 300;
    /** How long a closing window waits for the last save. */
    private static final long CLOSING_SECONDS = 10;

    /** An edit and the file it belongs to: by the time it is written, another job may lie on the desk. */
    private record Unsaved(Job job, JobStore where) {}

    private final Assessor assessor = new Assessor();
    private final Consumer<Runnable> toInterface;
    private final ExecutorService live = Executors.newSingleThreadExecutor(r -> daemon(r, "live edits"));
    private final ScheduledExecutorService timed =
            Executors.newSingleThreadScheduledExecutor(r -> daemon(r, "autosave and clock"));
    private final AtomicReference<Optional<Unsaved>> latest = new AtomicReference<>(Optional.empty());
    private final AtomicReference<Job> wanted = new AtomicReference<>();
    private final List<Consumer<Assessment>> watchers = new java.util.concurrent.CopyOnWriteArrayList<>();
    private History history;
    private volatile Optional<JobStore> store;
    /** What the store holds; a job that is there already is not written again. */
    private volatile Optional<Job> written;

    /** When what waited was last taken to be written, of the machine's own clock. */
    private volatile long saveBegun = System.nanoTime() - TimeUnit.MILLISECONDS.toNanos(BUSY_AUTOSAVE_MS);

    private Optional<Instant> savedAt;
    private String saveTrouble = "";
    private Runnable onSaved = () -> {};
    private Runnable onLate = () -> {};
    private Consumer<String> onNews = n -> {};
    private boolean late;
    /** Nothing was shown of the job yet, so that anything is better than nothing. */
    private volatile boolean unseen = true;

    private boolean settled = true;

    public JobDesk(Job job, Optional<JobStore> store, Consumer<Runnable> toInterface) {
        this.history = History.of(job);
        this.store = store;
        this.written = Optional.of(job);
        this.savedAt = store.flatMap(JobStore::lastSaved);
        this.toInterface = toInterface;
        store.ifPresent(s -> timed.execute(() -> s.prepare(job)));
    }

    private static Thread daemon(Runnable r, String name) {
        Thread t = new Thread(r, name);
        t.setDaemon(true);
        return t;
    }

    public void watch(Consumer<Assessment> watcher) {
        watchers.add(watcher);
    }

    public void onSaved(Runnable action) {
        onSaved = action;
    }

    /** Called with a sentence when a save had something to tell. */
    public void onNews(Consumer<String> action) {
        onNews = action;
    }

    /** Called when what follows from an edit takes longer than a glance. */
    public void onLate(Runnable action) {
        onLate = action;
    }

    public boolean late() {
        return late;
    }

    public Job job() {
        return history.job();
    }

    public History history() {
        return history;
    }

    public void edit(JobChange change) {
        go(history.after(change));
    }

    /** Goes on with a gesture whose first change is the last edit. */
    public void goOn(JobChange change) {
        go(history.going(change));
    }

    /** Goes to the job as it was after so many of the edits. */
    public void goTo(int step) {
        go(history.to(step));
    }

    /** Works out the line as it would be after a change that is not made; the edits under way come first. */
    public void whatIf(JobChange change, Consumer<LevelLine> then) {
        Job job = change.applyTo(history.job());
        onLive(() -> {
            LevelLine line =
                    assessor.assess(job, Assessor.Depth.QUICK, () -> true).line();
            toInterface.accept(() -> then.accept(line));
        });
    }

    public void undo() {
        go(history.undo());
    }

    public void redo() {
        go(history.redo());
    }

    private void go(History next) {
        if (next != history) {
            history = next;
            assess();
            scheduleSave();
        }
    }

    /**
     * Another job takes the desk; the one before is saved.
     *
     * @param saved when the other one was last saved
     */
    public void lay(Job job, Optional<JobStore> where, Optional<Instant> saved) {
        saveNow();
        history = History.of(job);
        unseen = true;
        store = where;
        timed.execute(() -> written = Optional.of(job));
        savedAt = saved;
        saveTrouble = "";
        assess();
    }

    /** Works out only what needs no field solution, so that a window about to open has the processors to itself. */
    void assessLine() {
        Job job = history.job();
        wanted.set(job);
        settled = false;
        onLive(() -> first(job));
    }

    private void first(Job job) {
        if (unseen) {
            unseen = false;
            publish(assessor.assess(job, Assessor.Depth.FIRST, () -> true), job);
        }
    }

    /** Solves the net of what has an opening over the band, on the thread it is called on; {@link #assess} then shows it. */
    public void solveBand(Job job, BooleanSupplier goOn) {
        assessor.solveBand(job, goOn);
    }

    /** Works out what follows from the job as it is. Jobs that were never looked at are skipped. */
    public void assess() {
        Job job = history.job();
        wanted.set(job);
        settled = false;
        onLive(() -> work(job));
        later(() -> toInterface.accept(() -> noticeLate(job)), PATIENCE_NANOS);
    }

    private void noticeLate(Job job) {
        if (history.job() == job && !settled && !late) {
            late = true;
            onLate.run();
        }
    }

    private void work(Job job) {
        if (wanted.get() != job) {
            return;
        }
        long begun = System.nanoTime();
        java.util.function.BooleanSupplier goOn =
                () -> wanted.get() == job || System.nanoTime() - begun < PATIENCE_NANOS;
        try {
            first(job);
            publish(assessor.assess(job, Assessor.Depth.QUICK, goOn), job);
            for (Assessor.Depth depth : List.of(Assessor.Depth.SWEEP, Assessor.Depth.ALL)) {
                if (wanted.get() == job) {
                    publish(assessor.assess(job, depth, () -> wanted.get() == job), job);
                }
            }
            later(() -> onLive(() -> check(job)), TimeUnit.MILLISECONDS.toNanos(SETTLED_MS));
        } catch (SolveFailure e) {
            // Called off for a newer job, which is next in the queue.
            return;
        }
    }

    /** On the thread of live edits; a window that has closed meanwhile asks for nothing. */
    private void onLive(Runnable work) {
        unlessClosed(() -> live.execute(work));
    }

    private void later(Runnable work, long nanos) {
        unlessClosed(() -> timed.schedule(work, nanos, TimeUnit.NANOSECONDS));
    }

    private static void unlessClosed(Runnable hand) {
        try {
            hand.run();
        } catch (RejectedExecutionException e) {
            // The threads are gone with the window, and nobody waits for the answer.
            return;
        }
    }

    private void check(Job job) {
        try {
            if (wanted.get() == job) {
                publish(assessor.assess(job, Assessor.Depth.CHECKED, () -> wanted.get() == job), job);
            }
        } catch (SolveFailure e) {
            // Called off for a newer job, which will be looked at itself.
            return;
        }
    }

    private void publish(Assessment a, Job job) {
        toInterface.accept(() -> {
            if (history.job() == job) {
                settled = a.whole();
                late &= !settled;
                watchers.forEach(w -> w.accept(a));
            }
        });
    }

    /** A save that is on its way takes later edits with it; putting it off for each would never save a busy hand. */
    private void scheduleSave() {
        Job job = history.job();
        store.ifPresent(s -> {
            if (latest.getAndSet(Optional.of(new Unsaved(job, s))).isEmpty()) {
                long since = TimeUnit.NANOSECONDS.toMillis(System.nanoTime() - saveBegun);
                later(this::saveLatest, TimeUnit.MILLISECONDS.toNanos(Math.max(AUTOSAVE_MS, BUSY_AUTOSAVE_MS - since)));
            }
        });
    }

    /** Takes what waits, so that an edit made while this is being written asks for a save of its own. */
    private void saveLatest() {
        saveBegun = System.nanoTime();
        latest.getAndSet(Optional.empty()).ifPresent(edit -> write(edit.where, edit.job));
    }

    private synchronized void write(JobStore s, Job job) {
        if (written.filter(job::equals).isPresent()) {
            return;
        }
        String trouble = "";
        try {
            s.save(job).ifPresent(news -> toInterface.accept(() -> onNews.accept(news + ".")));
            written = Optional.of(job);
        } catch (IOException e) {
            trouble = "Not saved: " + e.getMessage() + ". The job is whole in this window; save it elsewhere";
        }
        String told = trouble;
        toInterface.accept(() -> {
            saveTrouble = told;
            if (told.isEmpty()) {
                savedAt = Optional.of(Instant.now());
            }
            onSaved.run();
        });
    }

    /** Writes the job as it is, on the thread that saves. */
    public void saveNow() {
        latest.set(Optional.empty());
        Job job = history.job();
        store.ifPresent(s -> timed.execute(() -> write(s, job)));
    }

    /** Runs something once the job as it is now is on disk, on the thread that saves; never where it could not be. */
    void afterSaving(Runnable action) {
        Job job = history.job();
        timed.execute(() -> {
            if (written.filter(job::equals).isPresent()) {
                action.run();
            }
        });
    }

    /** Waits until everything that was to be written is; for threads that are about to read what was written. */
    void awaitSaved() throws InterruptedException, ExecutionException {
        timed.submit(() -> {}).get();
    }

    public void saveAs(JobStore where) {
        store = Optional.of(store.map(s -> s.as(where.file())).orElse(where));
        timed.execute(() -> written = Optional.empty());
        saveNow();
    }

    public Optional<JobStore> store() {
        return store;
    }

    public Optional<Instant> savedAt() {
        return savedAt;
    }

    public String saveTrouble() {
        return saveTrouble;
    }

    @Override
    public void close() {
        if (timed.isShutdown()) {
            return;
        }
        saveNow();
        live.shutdownNow();
        timed.shutdown();
        try {
            timed.awaitTermination(CLOSING_SECONDS, TimeUnit.SECONDS);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
    }
}
