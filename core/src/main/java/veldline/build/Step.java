package veldline.build;

import java.util.Optional;
import veldline.explain.Caution;

/**
 * One step of the work.
 *
 * @param text what is done
 * @param hold what must be seen before going on; empty where nothing has to be
 * @param caution what can hurt someone in it
 */
public record Step(String text, Optional<String> hold, Optional<Caution> caution) {
    static Step plain(String text) {
        return new Step(text, Optional.empty(), Optional.empty());
    }

    static Step hold(String text, String hold) {
        return new Step(text, Optional.of(hold), Optional.empty());
    }

    Step with(Caution c) {
        return new Step(text, hold, Optional.of(c));
    }
}
