package veldline.desktop;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import veldline.assess.Assessment;
import veldline.assess.Stage;
import veldline.study.Candidate;
import veldline.study.Candidates;

/** The candidates of Choose, asked for anew when what they depend on has changed. */
final class Ranking {
    private final Studies studies;
    private final Runnable changed;
    private Stage<List<Candidate>> found = new Stage.Running<>();
    private Optional<CandidateKey> asked = Optional.empty();

    Ranking(Studies studies, Runnable changed) {
        this.studies = studies;
        this.changed = changed;
    }

    Stage<List<Candidate>> found() {
        return found;
    }

    void forget() {
        asked = Optional.empty();
        found = new Stage.Running<>();
    }

    void ask(Assessment a) {
        CandidateKey key = CandidateKey.of(a.job());
        if (asked.filter(key::equals).isPresent()) {
            return;
        }
        asked = Optional.of(key);
        found = found.value()
                .<Stage<List<Candidate>>>map(v -> new Stage.Stale<>(v, Instant.now()))
                .orElse(new Stage.Running<>());
        studies.ask(
                "Solving candidates",
                p -> Candidates.of(a, p),
                o -> {
                    if (!o.stopped()) {
                        found = new Stage.Fresh<>(o.result());
                    }
                    changed.run();
                },
                e -> {
                    found = new Stage.Failed<>(e.getMessage());
                    changed.run();
                });
    }
}
