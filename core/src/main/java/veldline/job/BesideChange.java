package veldline.job;

import java.util.Optional;
import veldline.antenna.Antenna;
import veldline.antenna.ApertureDesign;
import veldline.antenna.Design;
import veldline.antenna.DesignChange;
import veldline.antenna.OpeningChange;
import veldline.antenna.YagiChange;
import veldline.antenna.YagiShape;
import veldline.explain.Change;

/** Every edit of what stands beside the antenna to be compared. */
public sealed interface BesideChange extends Change<Optional<Beside>> {
    /** Sets one aside, as it is or to be measured. */
    record Keep(boolean built, Antenna made) implements BesideChange {
        @Override
        public Optional<Beside> applyTo(Optional<Beside> before) {
            return Optional.of(new Beside(built, made));
        }

        @Override
        public String label() {
            return built ? "measure it as built" : "keep this one to compare";
        }
    }

    record Clear() implements BesideChange {
        @Override
        public Optional<Beside> applyTo(Optional<Beside> before) {
            return Optional.empty();
        }

        @Override
        public String label() {
            return "compare with nothing";
        }
    }

    /** What was measured of a design; left as it is where something else stands there. */
    record OfDesign(DesignChange change) implements BesideChange {
        @Override
        public Optional<Beside> applyTo(Optional<Beside> before) {
            return before.map(b -> b.made() instanceof Design d ? new Beside(b.built(), change.applyTo(d)) : b);
        }

        @Override
        public String label() {
            return "as built: " + change.label();
        }
    }

    /** What was measured of what has an opening; likewise. */
    record OfOpening(OpeningChange change) implements BesideChange {
        @Override
        public Optional<Beside> applyTo(Optional<Beside> before) {
            return before.map(b -> b.made() instanceof ApertureDesign d ? new Beside(b.built(), change.applyTo(d)) : b);
        }

        @Override
        public String label() {
            return "as built: " + change.label();
        }
    }

    /** What was measured of a Yagi; likewise. */
    record OfYagi(YagiChange change) implements BesideChange {
        @Override
        public Optional<Beside> applyTo(Optional<Beside> before) {
            return before.map(b -> b.made() instanceof YagiShape y ? new Beside(b.built(), change.applyTo(y)) : b);
        }

        @Override
        public String label() {
            return "as built: " + change.label();
        }
    }
}
