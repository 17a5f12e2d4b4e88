package veldline.feed;

import java.time.LocalDate;
import veldline.explain.Change;

/** Every edit of the workshop's own drawer. */
public sealed interface HoldingsChange extends Change<Holdings> {
    /** Puts a part down, or what is known better of one. */
    record Keep(FeedPart part, String source, LocalDate date) implements HoldingsChange {
        @Override
        public Holdings applyTo(Holdings holdings) {
            return holdings.with(new Holdings.Own(part, source, date));
        }

        @Override
        public String label() {
            return "drawer: " + part.name();
        }
    }

    /** A part is again as it ships, or gone. */
    record Drop(String id) implements HoldingsChange {
        @Override
        public Holdings applyTo(Holdings holdings) {
            return holdings.without(id);
        }

        @Override
        public String label() {
            return "drawer: own figures dropped";
        }
    }

    record Count(String id, int count) implements HoldingsChange {
        @Override
        public Holdings applyTo(Holdings holdings) {
            return holdings.with(new Holdings.Held(id, count));
        }

        @Override
        public String label() {
            return "in stock: " + count;
        }
    }

    /** Takes in what another drawer has. */
    record Take(Holdings other) implements HoldingsChange {
        @Override
        public Holdings applyTo(Holdings holdings) {
            return holdings.with(other);
        }

        @Override
        public String label() {
            return "drawer taken in";
        }
    }
}
