package veldline.learn;

import java.util.ArrayList;
import java.util.List;
import java.util.function.DoubleFunction;
import veldline.study.Progress;

/** An experiment walked from one end to the other, so that moving it draws what is known. */
public record Lesson(Experiment experiment, List<Look> looks) {
    public Lesson {
        looks = List.copyOf(looks);
    }

    /** Every setting in order; called off, those that were done. */
    public static Lesson of(Experiment e, Progress progress) {
        List<Double> settings = e.slide().settings();
        List<Look> looks = new ArrayList<>();
        // A setting takes some milliseconds: it is stopped between them.
        DoubleFunction<Look> walk = e.walk(() -> true);
        while (looks.size() < settings.size() && progress.step(looks.size(), settings.size(), "")) {
            looks.add(walk.apply(settings.get(looks.size())));
        }
        return new Lesson(e, looks);
    }

    /** Where it begins, as far as it was walked. */
    public int begin() {
        return Math.max(0, Math.min(experiment.slide().begin(), looks.size() - 1));
    }
}
