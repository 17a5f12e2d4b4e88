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
        K("earth radius factor") {
            @Override
            public Quantity of(Way w) {
                return w.k();
            }

            @Override
            Way with(Way w, Quantity to) {
                return w.withK(to);
            }
        },
        ROUGHNESS("roughness") {
            @Override
            public Quantity of(Way w) {
                return w.roughness();
            }

            @Override
            Way with(Way w, Quantity to) {
                return w.withRoughness(to);
            }
        },
        EXPONENT("exponent of the place") {
            @Override
            public Quantity of(Way w) {
                return w.exponent();
            }

            @Override
            Way with(Way w, Quantity to) {
                return w.withExponent(to);
            }
        },
        SPREAD("spread") {
            @Override
            public Quantity of(Way w) {
                return w.spread();
            }

            @Override
            Way with(Way w, Quantity to) {
                return w.withSpread(to);
            }
        },
        RAIN("rain") {
            @Override
            public Quantity of(Way w) {
                return w.rain();
            }

            @Override
            Way with(Way w, Quantity to) {
                return w.withRain(to);
            }
        },
        SHARE("share of the year") {
            @Override
            public Quantity of(Way w) {
                return w.share();
            }

            @Override
            Way with(Way w, Quantity to) {
                return w.withShare(to);
            }
        },
        GRADIENT("refractivity gradient") {
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

        Kind(String words) {
            this.words = words;
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

    /** One more point of the profile, or another height where one stands already. */
    record Point(double along, double height) implements WayChange {
        @Override
        public Way applyTo(Way w) {
            return w.withProfile(w.profile().map(p -> p.withPoint(along, height)));
        }

        @Override
        public String label() {
            return "ground at " + Math.round(along) + " m";
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
