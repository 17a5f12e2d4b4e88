package veldline.path;

import java.util.Optional;
import veldline.explain.Change;
import veldline.quantity.Quantity;

/** Every edit of what is known of a way. */
public sealed interface WayChange extends Change<Way> {
    /** A number of the way. */
    record Amount(Kind kind, Quantity to) implements WayChange {
        @Override
        public Way applyTo(Way w) {
            return kind.with(w, to);
        }

        @Override
        public String label() {
            return kind.words() + " " + to;
        }
    }

    /** The numbers there are. */
    enum Kind {
        K("earth radius factor", 0.3, 5, "0.3 to 5") {
            @Override
            public Quantity of(Way w) {
                return w.k();
            }

            @Override
            Way with(Way w, Quantity to) {
                return w.withK(to);
            }
        },
        ROUGHNESS("roughness", 0, 20, "0 to 20 m") {
            @Override
            public Quantity of(Way w) {
                return w.roughness();
            }

            @Override
            Way with(Way w, Quantity to) {
                return w.withRoughness(to);
            }
        },
        EXPONENT("exponent of the place", 0, LogDistance.MOST, "1.6 to 6, or 0 for a clear way") {
            @Override
            public boolean allows(double value) {
                return value == 0 || value >= LogDistance.LEAST && super.allows(value);
            }

            @Override
            public Quantity of(Way w) {
                return w.exponent();
            }

            @Override
            Way with(Way w, Quantity to) {
                return w.withExponent(to);
            }
        },
        SPREAD("spread", 0, 20, "0 to 20 dB") {
            @Override
            public Quantity of(Way w) {
                return w.spread();
            }

            @Override
            Way with(Way w, Quantity to) {
                return w.withSpread(to);
            }
        },
        RAIN("rain", 0, 250, "0 to 250 mm/h") {
            @Override
            public Quantity of(Way w) {
                return w.rain();
            }

            @Override
            Way with(Way w, Quantity to) {
                return w.withRain(to);
            }
        },
        SHARE("share of the year", 0.001, 1, "0.001 to 1 %") {
            @Override
            public Quantity of(Way w) {
                return w.share();
            }

            @Override
            Way with(Way w, Quantity to) {
                return w.withShare(to);
            }
        },
        GRADIENT("refractivity gradient", -1000, 0, "−1000 to 0") {
            @Override
            public Quantity of(Way w) {
                return w.gradient();
            }

            @Override
            Way with(Way w, Quantity to) {
                return w.withGradient(to);
            }
        };

        private final String words;

        private final double low;
        private final double high;
        private final String range;

        Kind(String words, double low, double high, String range) {
            this.words = words;
            this.low = low;
            this.high = high;
            this.range = range;
        }

        /** Whether the number may be this, in the unit held inside. */
        public boolean allows(double value) {
            return value >= low && value <= high;
        }

        /** Why a number is not allowed, and what is. */
        public String refusal(Quantity q) {
            return q + " is outside " + range + "; give one between.";
        }

        void check(Quantity q) {
            if (!allows(q.value())) {
                throw new IllegalArgumentException("The " + words + " " + refusal(q));
            }
        }

        public String words() {
            return words;
        }

        public abstract Quantity of(Way w);

        abstract Way with(Way w, Quantity to);
    }

    /** The ground along it; empty for even ground. */
    record Along(Optional<Profile> to) implements WayChange {
        @Override
        public Way applyTo(Way w) {
            return w.withProfile(to);
        }

        @Override
        public String label() {
            return to.map(p -> "profile, " + p.source()).orElse("no profile");
        }
    }

    record HeightsOver(boolean ground) implements WayChange {
        @Override
        public Way applyTo(Way w) {
            return w.withOverGround(ground);
        }

        @Override
        public String label() {
            return ground ? "heights over the ground" : "heights over the profile's zero";
        }
    }

    record School(Edges to) implements WayChange {
        @Override
        public Way applyTo(Way w) {
            return w.withEdges(to);
        }

        @Override
        public String label() {
            return "several edges " + to.words();
        }
    }

    record Rises(Rise to) implements WayChange {
        @Override
        public Way applyTo(Way w) {
            return w.withRise(to);
        }

        @Override
        public String label() {
            return to.words();
        }
    }
}
