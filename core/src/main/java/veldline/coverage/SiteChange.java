package veldline.coverage;

import java.util.ArrayList;
import java.util.List;
import veldline.explain.Change;
import veldline.quantity.Quantity;
import veldline.quantity.Unit;

/** Every edit of a site. */
public sealed interface SiteChange extends Change<Site> {
    /** Another plan, with its antennas where it has any. */
    record Plan(Site to) implements SiteChange {
        @Override
        public Site applyTo(Site s) {
            return to;
        }

        @Override
        public String label() {
            return "another plan";
        }
    }

    /** One antenna set otherwise. */
    record Set(int index, Site.Mounted to) implements SiteChange {
        @Override
        public Site applyTo(Site s) {
            return s.withAntenna(index, to);
        }

        @Override
        public String label() {
            return to.name() + " set otherwise";
        }
    }

    /** One more antenna, beside the last and turned the other way. */
    record AddAntenna() implements SiteChange {
        @Override
        public Site applyTo(Site s) {
            List<Site.Mounted> next = new ArrayList<>(s.antennas());
            Site.Mounted last = next.isEmpty()
                    ? new Site.Mounted(
                            "antenna 1",
                            new Point(s.width() / 2, s.depth() / 2),
                            Quantity.of("4", Unit.M),
                            Quantity.of("0", Unit.DEG),
                            Quantity.of("0", Unit.DEG))
                    : next.get(next.size() - 1);
            next.add(
                    next.isEmpty()
                            ? last
                            : last.withName("antenna " + (next.size() + 1))
                                    .withAzimuth(Quantity.shown((last.azimuth().value() + 180) % 360, Unit.DEG, 0)));
            return s.withAntennas(next);
        }

        @Override
        public String label() {
            return "one more antenna";
        }
    }

    record DropAntenna(int index) implements SiteChange {
        @Override
        public Site applyTo(Site s) {
            List<Site.Mounted> next = new ArrayList<>(s.antennas());
            next.remove(index);
            return s.withAntennas(next);
        }

        @Override
        public String label() {
            return "one antenna less";
        }
    }

    /** Antennas as a search found them. */
    record Take(List<SectorSearch.Set> sets) implements SiteChange {
        public Take {
            sets = List.copyOf(sets);
        }

        @Override
        public Site applyTo(Site s) {
            List<Site.Mounted> next = new ArrayList<>();
            for (SectorSearch.Set f : sets) {
                next.add(new Site.Mounted(
                        "antenna " + (next.size() + 1),
                        f.at(),
                        Quantity.shown(f.height(), Unit.M, 1),
                        Quantity.shown(f.azimuth(), Unit.DEG, 0),
                        Quantity.shown(f.tilt(), Unit.DEG, 0)));
            }
            return s.withAntennas(next);
        }

        @Override
        public String label() {
            return sets.size() == 1 ? "one antenna as found" : sets.size() + " antennas as found";
        }
    }

    record AddSpot(Site.Spot spot) implements SiteChange {
        @Override
        public Site applyTo(Site s) {
            return s.adding(spot);
        }

        @Override
        public String label() {
            return "place " + spot.name();
        }
    }

    record MoveSpot(int index, Point to) implements SiteChange {
        @Override
        public Site applyTo(Site s) {
            List<Site.Spot> next = new ArrayList<>(s.spots());
            Site.Spot was = next.get(index);
            next.set(index, new Site.Spot(was.name(), to, was.height()));
            return s.withSpots(next);
        }

        @Override
        public String label() {
            return "move a place";
        }
    }

    /** A place called or held otherwise. */
    record SetSpot(int index, Site.Spot to) implements SiteChange {
        @Override
        public Site applyTo(Site s) {
            List<Site.Spot> next = new ArrayList<>(s.spots());
            next.set(index, to);
            return s.withSpots(next);
        }

        @Override
        public String label() {
            return "place " + to.name() + " at " + to.height();
        }
    }

    record DropSpot(int index) implements SiteChange {
        @Override
        public Site applyTo(Site s) {
            List<Site.Spot> next = new ArrayList<>(s.spots());
            next.remove(index);
            return s.withSpots(next);
        }

        @Override
        public String label() {
            return "one place less";
        }
    }

    record Held(Quantity to) implements SiteChange {
        @Override
        public Site applyTo(Site s) {
            return s.withHeld(to);
        }

        @Override
        public String label() {
            return "held at " + to;
        }
    }

    record Feeder(Quantity to) implements SiteChange {
        @Override
        public Site applyTo(Site s) {
            return s.withFeeder(to);
        }

        @Override
        public String label() {
            return "a metre of cable takes " + to;
        }
    }

    /** Whether one radio feeds all antennas, or each has its own. */
    record OneRadio(boolean to) implements SiteChange {
        @Override
        public Site applyTo(Site s) {
            return s.withOneRadio(to);
        }

        @Override
        public String label() {
            return to ? "one radio for all" : "a radio for each";
        }
    }

    /** What is drawn on it. */
    record OfShape(ShapeChange change) implements SiteChange {
        @Override
        public Site applyTo(Site s) {
            return change.applyTo(s);
        }

        @Override
        public String label() {
            return change.label();
        }
    }

    /** How large the plan is, from its south-west corner. */
    record Size(boolean across, Quantity to) implements SiteChange {
        @Override
        public Site applyTo(Site s) {
            return across ? s.withWidth(to.value()) : s.withDepth(to.value());
        }

        @Override
        public String label() {
            return "plan " + to + (across ? " wide" : " deep");
        }
    }

    /** How the ground rises, metres in a hundred. */
    record Slope(boolean east, Quantity percent) implements SiteChange {
        @Override
        public Site applyTo(Site s) {
            double slope = percent.value() / 100;
            return east ? s.withSlopeEast(slope) : s.withSlopeNorth(slope);
        }

        @Override
        public String label() {
            return "ground rises " + percent + " % to the " + (east ? "east" : "north");
        }
    }
}
