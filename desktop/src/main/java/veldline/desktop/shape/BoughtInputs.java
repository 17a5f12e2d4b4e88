package veldline.desktop.shape;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import veldline.antenna.Bought;
import veldline.antenna.Inspection;
import veldline.antenna.InspectionChange;
import veldline.antenna.InspectionText;
import veldline.antenna.Polarized;
import veldline.desktop.bench.Input;
import veldline.desktop.bench.Limits;
import veldline.job.JobChange;
import veldline.quantity.Quantity;
import veldline.quantity.Unit;

/** What is claimed of a bought antenna, and what was found when it was unpacked. */
final class BoughtInputs {
    private static final double MOST_LENGTH = 100;

    private BoughtInputs() {}

    static List<Input> of(Bought b, boolean near) {
        List<Input> in = new ArrayList<>();
        in.add(new Input.Value(
                "claim",
                "Gain, as claimed",
                b.gain(),
                "",
                Limits.within(-30, 60, "−30", "60 dBi", q -> new JobChange.Claim(near, q))));
        in.add(new Input.Value(
                "measure",
                "Greatest measure",
                b.length(),
                "",
                Limits.within(0, MOST_LENGTH, "0", "100 m", q -> new JobChange.Fit(near, b.withLength(q)))));
        in.add(new Input.Value(
                "width",
                "Width to half power; 360 all round",
                b.width().orElse(Quantity.of("360", Unit.DEG)),
                "",
                Limits.within(
                        1,
                        360,
                        "1",
                        "360 °",
                        q -> new JobChange.Fit(
                                near, b.withWidth(q.value() >= 360 ? Optional.empty() : Optional.of(q))))));
        in.add(new Input.Pick(
                "field",
                "Its field",
                Arrays.stream(Polarized.values())
                        .map(p -> new Input.Option(
                                p.words(), p == b.polarization(), new JobChange.Fit(near, b.withPolarization(p))))
                        .toList()));
        in.add(new Input.Note("claims", "Bought: all of this is its maker's word until it is unpacked and proved."));
        in.addAll(unpacked(b, near));
        return in;
    }

    private static List<Input> unpacked(Bought b, boolean near) {
        Inspection now = b.inspection().orElse(Inspection.NONE);
        return List.of(
                new Input.Value(
                        "fed",
                        "Fed elements",
                        Quantity.of(Integer.toString(now.elements().size()), Unit.ONE),
                        "to test by ohmmeter",
                        q -> q.value() != Math.rint(q.value()) || q.value() < 0 || q.value() > Inspection.MOST_ELEMENTS
                                ? new Input.Outcome.Refused(
                                        q + " is not a whole number from 0 to " + Inspection.MOST_ELEMENTS + ".")
                                : Input.Outcome.of(lift(near, new InspectionChange.Fed((int) q.value())))),
                new Input.Value(
                        "by-rule",
                        "Greatest measure, by rule",
                        now.measured().orElse(b.length()),
                        now.measured().isPresent() ? "" : "not measured",
                        Limits.within(
                                0.001,
                                MOST_LENGTH,
                                "1 mm",
                                "100 m",
                                q -> lift(near, new InspectionChange.Measured(q)))),
                new Input.Text(
                        "parts",
                        "Parts: boom 1, clamp 1/2",
                        InspectionText.of(now.parts()),
                        text -> InspectionText.parts(text)
                                .map(p -> Input.Outcome.of(lift(near, new InspectionChange.Counted(p))))
                                .orElseGet(
                                        () -> new Input.Outcome.Refused(
                                                "“" + text
                                                        + "” was not understood: name and number of each, “1/2” where one of two came."))),
                new Input.Text(
                        "swept",
                        "Sweep: 2400 1.8, 2437 1.4",
                        InspectionText.ofSweep(now.sweep()),
                        text -> InspectionText.sweep(text)
                                .map(p -> Input.Outcome.of(lift(near, new InspectionChange.Sweep(p))))
                                .orElseGet(() -> new Input.Outcome.Refused("“" + text
                                        + "” was not understood: megahertz and SWR of each point, SWR 1 to 1000."))),
                new Input.Action("read-sweep", "Read a Touchstone file", "", Input.Command.READ_SWEEP));
    }

    private static JobChange lift(boolean near, InspectionChange change) {
        return new JobChange.Inspected(near, change);
    }
}
