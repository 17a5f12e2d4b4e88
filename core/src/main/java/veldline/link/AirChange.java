package veldline.link;

import java.util.ArrayList;
import java.util.List;
import veldline.explain.Change;
import veldline.quantity.Quantity;

/** Every edit of what else is on the air. */
public sealed interface AirChange extends Change<Air> {
    record BySum(boolean to) implements AirChange {
        @Override
        public Air applyTo(Air a) {
            return a.withBySum(to);
        }

        @Override
        public String label() {
            return to ? "floor by its noise" : "floor by its sheet";
        }
    }

    record Figure(Quantity to) implements AirChange {
        @Override
        public Air applyTo(Air a) {
            return a.withNoiseFigure(to);
        }

        @Override
        public String label() {
            return "noise figure " + to;
        }
    }

    record Bandwidth(Quantity to) implements AirChange {
        @Override
        public Air applyTo(Air a) {
            return a.withBandwidth(to);
        }

        @Override
        public String label() {
            return "bandwidth " + to;
        }
    }

    record Needed(Quantity to) implements AirChange {
        @Override
        public Air applyTo(Air a) {
            return a.withSnr(to);
        }

        @Override
        public String label() {
            return "signal over noise " + to;
        }
    }

    record Stands(Surroundings to) implements AirChange {
        @Override
        public Air applyTo(Air a) {
            return a.withSurroundings(to);
        }

        @Override
        public String label() {
            return "noise of people, " + to.words();
        }
    }

    record AddHeard(Air.Heard heard) implements AirChange {
        @Override
        public Air applyTo(Air a) {
            List<Air.Heard> next = new ArrayList<>(a.heard());
            next.add(heard);
            return a.withHeard(next);
        }

        @Override
        public String label() {
            return heard.name() + " is heard";
        }
    }

    record DropHeard(int index) implements AirChange {
        @Override
        public Air applyTo(Air a) {
            List<Air.Heard> next = new ArrayList<>(a.heard());
            next.remove(index);
            return a.withHeard(next);
        }

        @Override
        public String label() {
            return "one signal less";
        }
    }
}
