package veldline.learn;

import java.util.List;
import java.util.Optional;

/** Every experiment, in the order they are best made. */
public final class Experiments {
    private static final List<Experiment> ALL = List.of(
            new RodBeside(),
            new RodNear(),
            new TwoSteps(),
            new Stacked(),
            new NoMore(),
            new Crossed(),
            new HandBack(),
            new OverGround(),
            new ToldApart(),
            new FlatteredSwr());

    private Experiments() {}

    public static List<Experiment> all() {
        return ALL;
    }

    public static Optional<Experiment> named(String id) {
        return ALL.stream().filter(e -> e.id().equals(id)).findFirst();
    }
}
