package veldline.desktop;

import java.time.Instant;
import java.util.Map;
import java.util.Optional;
import java.util.function.Consumer;
import veldline.antenna.YagiShape;
import veldline.assess.Stage;
import veldline.desktop.improve.ImproveBench;
import veldline.study.Improvement;

/** What the antenna could be, as far as it was looked for. */
final class Improver {
    private final Studies studies;
    private final Consumer<String> tell;
    private final Runnable changed;
    private Stage<Improvement.Result> found = new Stage.Running<>();

    Improver(Studies studies, Consumer<String> tell, Runnable changed) {
        this.studies = studies;
        this.tell = tell;
        this.changed = changed;
    }

    Stage<Improvement.Result> found() {
        return found;
    }

    void forget() {
        found = new Stage.Running<>();
    }

    /** Stopped, it gives what it found so far; what was found before stays until then. */
    void ask(Improvement.Ask ask) {
        found = found.value()
                .<Stage<Improvement.Result>>map(v -> new Stage.Stale<>(v, Instant.now()))
                .orElse(new Stage.Running<>());
        studies.ask(
                "Trying shapes",
                p -> Improvement.of(ask, p),
                o -> {
                    settle(new Stage.Fresh<>(o.result()));
                    tell.accept(
                            o.stopped()
                                    ? "Stopped; the best so far are shown."
                                    : "Walk the curve with left and right; Enter takes one.");
                },
                e -> settle(new Stage.Failed<>(e.getMessage())));
    }

    private void settle(Stage<Improvement.Result> result) {
        found = result;
        changed.run();
    }

    /** The Yagi that is walked to. */
    Optional<YagiShape> picked(Map<String, String> noted) {
        return found.value().flatMap(r -> ImproveBench.picked(noted, r)).map(Improvement.Design::yagi);
    }
}
