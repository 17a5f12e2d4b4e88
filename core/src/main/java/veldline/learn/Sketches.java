package veldline.learn;

import java.util.List;

/** What many experiments begin their drawing with. */
final class Sketches {
    private Sketches() {}

    /** A rod seen from the side, upright, at a place ahead. */
    static Scene fromSide(double x, double length, boolean fed) {
        return new Scene(1.1, 0.6, "from the side, in waves", List.of())
                .with(fed ? Scene.Kind.FED : Scene.Kind.ROD, x, -length / 2, x, length / 2);
    }
}
