package veldline.link;

import veldline.explain.Change;
import veldline.path.Surface;
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
}
