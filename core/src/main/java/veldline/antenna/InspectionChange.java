package veldline.antenna;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import veldline.explain.Change;
import veldline.quantity.Quantity;

/** Every edit of what was found of a bought antenna; each works on what is known by then, so that a quick hand loses nothing. */
public sealed interface InspectionChange extends Change<Inspection> {
    /** How many elements should be fed; those tested already are kept. */
    record Fed(int count) implements InspectionChange {
        @Override
        public Inspection applyTo(Inspection in) {
            return in.withCount(count);
        }

        @Override
        public String label() {
            return count + " fed elements";
        }
    }

    /** The ohmmeter on one element: its reading moves on. */
    record Tested(int element) implements InspectionChange {
        @Override
        public Inspection applyTo(Inspection in) {
            return element < in.elements().size() ? in.withNext(element) : in;
        }

        @Override
        public String label() {
            return "element " + (element + 1) + " tested";
        }
    }

    record Done(AssemblyStep step, boolean ticked) implements InspectionChange {
        @Override
        public Inspection applyTo(Inspection in) {
            return in.withStep(step, ticked);
        }

        @Override
        public String label() {
            return step.title().toLowerCase(Locale.ROOT) + (ticked ? ": done" : ": not done");
        }
    }

    record Counted(List<Inspection.Part> parts) implements InspectionChange {
        public Counted {
            parts = List.copyOf(parts);
        }

        @Override
        public Inspection applyTo(Inspection in) {
            return in.withParts(parts);
        }

        @Override
        public String label() {
            return "parts counted";
        }
    }

    /** Its greatest measure by rule. */
    record Measured(Quantity to) implements InspectionChange {
        @Override
        public Inspection applyTo(Inspection in) {
            return in.withMeasured(Optional.of(to));
        }

        @Override
        public String label() {
            return "measured " + to;
        }
    }

    record Sweep(List<Inspection.Swept> points) implements InspectionChange {
        public Sweep {
            points = List.copyOf(points);
        }

        @Override
        public Inspection applyTo(Inspection in) {
            return in.withSweep(points);
        }

        @Override
        public String label() {
            return "sweep typed";
        }
    }
}
