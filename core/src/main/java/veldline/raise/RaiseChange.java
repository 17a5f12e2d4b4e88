package veldline.raise;

import java.util.List;
import java.util.Optional;
import veldline.explain.Change;
import veldline.quantity.Quantity;

/** Every edit of a plan for raising. */
public sealed interface RaiseChange extends Change<RaisePlan> {
    record Mast(Quantity to) implements RaiseChange {
        @Override
        public RaisePlan applyTo(RaisePlan p) {
            return p.withMast(to);
        }

        @Override
        public String label() {
            return "mast " + to;
        }
    }

    record LineDistance(Quantity to) implements RaiseChange {
        @Override
        public RaisePlan applyTo(RaisePlan p) {
            return p.withLineDistance(to);
        }

        @Override
        public String label() {
            return "overhead line " + to + " away";
        }
    }

    record PeopleDistance(Quantity to) implements RaiseChange {
        @Override
        public RaisePlan applyTo(RaisePlan p) {
            return p.withPeopleDistance(to);
        }

        @Override
        public String label() {
            return "people " + to + " away";
        }
    }

    record Tick(String caution, boolean on) implements RaiseChange {
        @Override
        public RaisePlan applyTo(RaisePlan p) {
            return p.ticking(caution, on);
        }

        @Override
        public String label() {
            return (on ? "tick " : "untick ") + caution;
        }
    }

    /** What a compass is off by at the near end; empty where nobody looked it up. */
    record Compass(Optional<Declination> to) implements RaiseChange {
        @Override
        public RaisePlan applyTo(RaisePlan p) {
            return p.withDeclination(to);
        }

        @Override
        public String label() {
            return "declination " + to.map(d -> d.east().toString()).orElse("not known");
        }
    }

    record OnMount(Mount to, String what) implements RaiseChange {
        @Override
        public RaisePlan applyTo(RaisePlan p) {
            return p.withMount(to);
        }

        @Override
        public String label() {
            return what;
        }
    }

    /** What was read while the antenna was swung. */
    record Swung(List<AimReading> readings) implements RaiseChange {
        public Swung {
            readings = List.copyOf(readings);
        }

        @Override
        public RaisePlan applyTo(RaisePlan p) {
            return p.withSwung(readings);
        }

        @Override
        public String label() {
            return readings.size() + " readings while aiming";
        }
    }

    /** The way of the cable. */
    record Route(CableRoute to, String what) implements RaiseChange {
        @Override
        public RaisePlan applyTo(RaisePlan p) {
            return p.withRoute(to);
        }

        @Override
        public String label() {
            return what;
        }
    }

    /** What touches what. */
    record Fixed(Fixings to, String what) implements RaiseChange {
        @Override
        public RaisePlan applyTo(RaisePlan p) {
            return p.withFixings(to);
        }

        @Override
        public String label() {
            return what;
        }
    }

    /** When and with whom. */
    record Day(WorkDay to) implements RaiseChange {
        @Override
        public RaisePlan applyTo(RaisePlan p) {
            return p.withDay(to);
        }

        @Override
        public String label() {
            return "day of the work";
        }
    }

    /** Something near the antenna, or no longer. */
    record Near(Optional<Neighbour> to, String what) implements RaiseChange {
        @Override
        public RaisePlan applyTo(RaisePlan p) {
            return p.withNeighbour(to);
        }

        @Override
        public String label() {
            return what;
        }
    }
}
