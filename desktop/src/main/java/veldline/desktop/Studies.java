package veldline.desktop;

import java.util.Optional;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.function.Consumer;
import veldline.desktop.bench.Showing;
import veldline.study.Progress;

/** Runs what was asked for, one at a time, off the interface thread; the one that runs can be stopped. */
final class Studies implements AutoCloseable {
    /** A study with a watcher. */
    interface Work<T> {
        T run(Progress progress) throws Exception;
    }

    /** What takes no longer than this is not worth telling. */
    private static final long GLANCE_NANOS = 150_000_000L;

    private final ExecutorService worker = Executors.newSingleThreadExecutor(r -> {
        Thread t = new Thread(r, "studies");
        t.setDaemon(true);
        return t;
    });
    private final Consumer<Runnable> toInterface;
    private final Consumer<Optional<Showing.Busy>> told;
    private AtomicBoolean running = new AtomicBoolean();

    Studies(Consumer<Runnable> toInterface, Consumer<Optional<Showing.Busy>> told) {
        this.toInterface = toInterface;
        this.told = told;
    }

    /**
     * @param stopped whether the work was stopped before its end
     */
    record Outcome<T>(T result, boolean stopped) {}

    <T> void ask(String what, Work<T> work, Consumer<Outcome<T>> done, Consumer<Exception> failed) {
        stop();
        AtomicBoolean on = new AtomicBoolean(true);
        running = on;
        // What was under way when the window closed may still tell it something; nobody is left to ask more.
        if (!worker.isShutdown()) {
            worker.execute(() -> run(what, work, on, done, failed));
        }
    }

    private <T> void run(
            String what, Work<T> work, AtomicBoolean on, Consumer<Outcome<T>> done, Consumer<Exception> failed) {
        long begun = System.nanoTime();
        long[] lastTold = {begun};
        // Several threads may ask whether to go on, and one of them after the work has come to its end.
        AtomicBoolean over = new AtomicBoolean();
        Progress progress = (step, of, best) -> {
            long now = System.nanoTime();
            if (now - lastTold[0] > GLANCE_NANOS) {
                lastTold[0] = now;
                double seconds = (now - begun) / 1e9;
                toInterface.accept(() -> {
                    if (!over.get()) {
                        told.accept(Optional.of(new Showing.Busy(what, step, of, best, seconds)));
                    }
                });
            }
            return on.get();
        };
        Callable<T> job = () -> work.run(progress);
        try {
            T result = job.call();
            tell(() -> {
                over.set(true);
                told.accept(Optional.empty());
                done.accept(new Outcome<>(result, !on.get()));
            });
        } catch (Exception e) {
            tell(() -> {
                over.set(true);
                told.accept(Optional.empty());
                failed.accept(e);
            });
        }
    }

    /** On the interface's thread, unless the window has closed meanwhile. */
    private void tell(Runnable what) {
        toInterface.accept(() -> {
            if (!worker.isShutdown()) {
                what.run();
            }
        });
    }

    void stop() {
        running.set(false);
    }

    @Override
    public void close() {
        stop();
        worker.shutdownNow();
    }
}
