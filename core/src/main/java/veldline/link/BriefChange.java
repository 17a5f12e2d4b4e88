package veldline.link;

import veldline.explain.Change;
import veldline.path.Obstruction;
import veldline.path.Surface;
import veldline.path.WayChange;
import veldline.quantity.Quantity;

/** Every edit of a brief. */
public sealed interface BriefChange extends Change<Brief> {
    record Frequency(Quantity to) implements BriefChange {
        @Override
        public Brief applyTo(Brief b) {
            return b.withFrequency(to);
        }

        @Override
        public String label() {
            return "frequency " + to;
        }
    }

    record Distance(Quantity to) implements BriefChange {
        @Override
        public Brief applyTo(Brief b) {
            return b.withDistance(to);
        }

        @Override
        public String label() {
            return "distance " + to;
        }
    }

    /** Height of an antenna, at the near end or the far. */
    record Height(boolean near, Quantity to) implements BriefChange {
        @Override
        public Brief applyTo(Brief b) {
            return near
                    ? b.withNear(b.near().withHeight(to))
                    : b.withFar(b.far().withHeight(to));
        }

        @Override
        public String label() {
            return (near ? "near" : "far") + " height " + to;
        }
    }

    record Place(boolean near, Quantity latitude, Quantity longitude) implements BriefChange {
        @Override
        public Brief applyTo(Brief b) {
            return near
                    ? b.withNear(b.near().withLatitude(latitude).withLongitude(longitude))
                    : b.withFar(b.far().withLatitude(latitude).withLongitude(longitude));
        }

        @Override
        public String label() {
            return (near ? "near" : "far") + " place";
        }
    }

    record Tide(Quantity to) implements BriefChange {
        @Override
        public Brief applyTo(Brief b) {
            return b.withTide(to);
        }

        @Override
        public String label() {
            return "tide " + to;
        }
    }

    record Ground(Surface to) implements BriefChange {
        @Override
        public Brief applyTo(Brief b) {
            return b.withSurface(to);
        }

        @Override
        public String label() {
            return to.words() + " between";
        }
    }

    record Power(Quantity to) implements BriefChange {
        @Override
        public Brief applyTo(Brief b) {
            return b.withNear(b.near().withRadio(b.near().radio().withPower(to)));
        }

        @Override
        public String label() {
            return "radio power " + to;
        }
    }

    record Sensitivity(Quantity to) implements BriefChange {
        @Override
        public Brief applyTo(Brief b) {
            return b.withFar(b.far().withRadio(b.far().radio().withSensitivity(to)));
        }

        @Override
        public String label() {
            return "sensitivity " + to;
        }
    }

    record MarginWanted(Quantity to) implements BriefChange {
        @Override
        public Brief applyTo(Brief b) {
            return b.withMarginWanted(to);
        }

        @Override
        public String label() {
            return "margin wanted " + to;
        }
    }

    record SizeAllowed(Quantity to) implements BriefChange {
        @Override
        public Brief applyTo(Brief b) {
            return b.withSizeAllowed(to);
        }

        @Override
        public String label() {
            return "size allowed " + to;
        }
    }

    record Profile(String id) implements BriefChange {
        @Override
        public Brief applyTo(Brief b) {
            return b.withProfile(id);
        }

        @Override
        public String label() {
            return "power rule " + PowerProfiles.byId(id).title();
        }
    }

    record Where(Jurisdiction to) implements BriefChange {
        @Override
        public Brief applyTo(Brief b) {
            return b.withWhere(to);
        }

        @Override
        public String label() {
            return "used in " + to.words();
        }
    }

    /** What a radio's meter shows; empty for dBm. */
    record Meter(boolean near, java.util.Optional<veldline.quantity.MeterScale> to) implements BriefChange {
        @Override
        public Brief applyTo(Brief b) {
            return near
                    ? b.withNear(b.near().withRadio(b.near().radio().withMeter(to)))
                    : b.withFar(b.far().withRadio(b.far().radio().withMeter(to)));
        }

        @Override
        public String label() {
            return (near ? "near" : "far") + " meter: " + to.map(m -> m.words()).orElse("dBm");
        }
    }

    /** Which port of a radio the line's antenna hangs on. */
    record OnPort(boolean near, int to) implements BriefChange {
        @Override
        public Brief applyTo(Brief b) {
            return near ? b.withNear(b.near().withPort(to)) : b.withFar(b.far().withPort(to));
        }

        @Override
        public String label() {
            return (near ? "near" : "far") + " antenna on port " + (to + 1);
        }
    }

    /** Other links at the ends. */
    record Hops(java.util.List<Hop> to, String label) implements BriefChange {
        public Hops {
            to = java.util.List.copyOf(to);
        }

        @Override
        public Brief applyTo(Brief b) {
            return b.withHops(to);
        }
    }

    record Licence(Quantity to) implements BriefChange {
        @Override
        public Brief applyTo(Brief b) {
            return b.withLicence(to);
        }

        @Override
        public String label() {
            return "licence " + to;
        }
    }

    /** Sets a radio as its sheet says for a rate. */
    record SetRadio(boolean near, RadioSheet sheet, RadioSheet.Rate rate) implements BriefChange {
        @Override
        public Brief applyTo(Brief b) {
            End end = near ? b.near() : b.far();
            boolean same = end.radio().sheet().filter(sheet::equals).isPresent();
            // Another radio has another meter, and its first port is the one in use.
            End set = end.withRadio(sheet.set(rate).withMeter(same ? end.radio().meter() : java.util.Optional.empty()))
                    .withPort(same ? end.port() : 0);
            return near ? b.withNear(set) : b.withFar(set);
        }

        @Override
        public String label() {
            return sheet.name() + " at " + rate.rate();
        }
    }

    record CarriedBy(boolean near, Carrier to) implements BriefChange {
        @Override
        public Brief applyTo(Brief b) {
            return near
                    ? b.withNear(b.near().withCarrier(to))
                    : b.withFar(b.far().withCarrier(to));
        }

        @Override
        public String label() {
            return (near ? "near" : "far") + " end " + to.words();
        }
    }

    record BodyLoss(boolean near, Quantity to) implements BriefChange {
        @Override
        public Brief applyTo(Brief b) {
            return near
                    ? b.withNear(b.near().withBodyLoss(to))
                    : b.withFar(b.far().withBodyLoss(to));
        }

        @Override
        public String label() {
            return "body takes " + to;
        }
    }

    record InTheWay(java.util.List<Obstruction> to) implements BriefChange {
        @Override
        public Brief applyTo(Brief b) {
            return b.withObstacles(to);
        }

        @Override
        public String label() {
            return to.isEmpty() ? "nothing in the way" : to.get(to.size() - 1).name() + " in the way";
        }
    }

    record Field(Quantity to) implements BriefChange {
        @Override
        public Brief applyTo(Brief b) {
            return b.withField(java.util.Optional.of(to));
        }

        @Override
        public String label() {
            return "field " + to;
        }
    }

    /** Another profile, k, rain and the like. */
    record OfWay(WayChange change) implements BriefChange {
        @Override
        public Brief applyTo(Brief b) {
            return b.withWay(change.applyTo(b.way()));
        }

        @Override
        public String label() {
            return change.label();
        }
    }

    /** The ground along the way from outside, and the distance with it. */
    record Terrain(veldline.path.Profile profile) implements BriefChange {
        @Override
        public Brief applyTo(Brief b) {
            return b.withWay(b.way().withProfile(java.util.Optional.of(profile)))
                    .withDistance(Quantity.shown(profile.length(), veldline.quantity.Unit.KM, 3));
        }

        @Override
        public String label() {
            return "profile, " + profile.source();
        }
    }

    /** What else is on the air. */
    record OfAir(AirChange change) implements BriefChange {
        @Override
        public Brief applyTo(Brief b) {
            return b.withAir(change.applyTo(b.air()));
        }

        @Override
        public String label() {
            return change.label();
        }
    }

    /** What hangs on the other ports of a radio. */
    record OtherPorts(boolean near, java.util.List<Diversity.Port> to) implements BriefChange {
        @Override
        public Brief applyTo(Brief b) {
            return near
                    ? b.withNear(b.near().withOthers(to))
                    : b.withFar(b.far().withOthers(to));
        }

        @Override
        public String label() {
            return (near ? "near" : "far") + " radio's other ports";
        }
    }
}
