package veldline.desktop.shape;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.stream.IntStream;
import veldline.antenna.OwnWire;
import veldline.antenna.OwnWires;
import veldline.antenna.OwnWiresChange;
import veldline.antenna.YagiShape;
import veldline.desktop.bench.Input;
import veldline.desktop.bench.Limits;
import veldline.desktop.bench.Showing;
import veldline.job.JobChange;
import veldline.quantity.Quantity;
import veldline.quantity.Unit;

/** What can be set of one's own wires: each as a line of corners, where it is fed, which way it is looked at. */
final class OwnWiresInputs {
    /** How far beside the last wire the next one begins. */
    private static final double ASIDE = 0.01;

    private OwnWiresInputs() {}

    static List<Input> of(Showing s, OwnWires w) {
        List<Input> in = new ArrayList<>();
        in.add(view(s));
        for (int i = 0; i < w.wires().size(); i++) {
            int index = i;
            in.add(new Input.Text(
                    "wire-" + i,
                    "Wire " + (i + 1) + ": x y z; … mm",
                    w.wires().get(i).text(),
                    typed -> typed(index, typed)));
        }
        in.add(new Input.Choice(
                "wires",
                "Wires",
                List.of(
                        new Input.Option("one more", false, lift(new OwnWiresChange.Added(next(w)))),
                        new Input.Option(
                                "last away",
                                false,
                                lift(new OwnWiresChange.Removed(w.wires().size() - 1))))));
        in.add(new Input.Pick(
                "fed",
                "Fed on",
                IntStream.range(0, w.wires().size())
                        .mapToObj(i -> new Input.Option(
                                "wire " + (i + 1), i == w.fed(), lift(new OwnWiresChange.Fed(i, w.feedAt()))))
                        .toList()));
        in.add(new Input.Value(
                "feed-at",
                "Percent along it",
                w.feedAt(),
                "",
                Limits.within(0, 100, "0", "100", q -> lift(new OwnWiresChange.Fed(w.fed(), q)))));
        in.add(new Input.Choice(
                "field",
                "Its field",
                List.of(
                        new Input.Option("flat", !w.upright(), lift(new OwnWiresChange.Upright(false))),
                        new Input.Option("upright", w.upright(), lift(new OwnWiresChange.Upright(true))))));
        in.add(Below.input(s));
        in.addAll(BesideInputs.of(s, w));
        in.add(ShapeBench.walked(s));
        in.add(new Input.Action("import", "Read wires from a file", "", Input.Command.READ_WIRES));
        in.add(new Input.Note(
                "axes",
                "The beam is looked for along x; y is to its left, z up. Wires join where corners meet; a loop ends in"
                        + " “closed”, d is the diameter. Cutting and drilling: eyes, ears, sharp edges."));
        return in;
    }

    /** Which way wires are looked at. */
    static Input view(Showing s) {
        return new Input.Choice(
                "view",
                "Seen from",
                Arrays.stream(WiresPicture.View.values())
                        .map(v -> new Input.Option(
                                v.word(),
                                v == WiresPicture.View.chosen(s, WiresPicture.View.ABOVE),
                                new Input.Outcome.Picked("set:" + WiresPicture.VIEW + "=" + v.name())))
                        .toList());
    }

    private static Input.Outcome typed(int index, String text) {
        try {
            return Input.Outcome.of(lift(new OwnWiresChange.Typed(index, OwnWire.read(text))));
        } catch (IllegalArgumentException e) {
            return new Input.Outcome.Refused(e.getMessage() + ".");
        }
    }

    /** The last wire again, a little farther along the beam. */
    private static OwnWire next(OwnWires w) {
        OwnWire last = w.wires().get(w.wires().size() - 1);
        double aside = Math.max(ASIDE, 0.2 * w.longest());
        return new OwnWire(
                last.corners().stream()
                        .map(c -> new OwnWire.Corner(Quantity.shown(c.x().value() + aside, Unit.MM, 1), c.y(), c.z()))
                        .toList(),
                last.diameter(),
                last.closed());
    }

    /** A way to begin where nothing is chosen. */
    static Input start(Showing s, boolean near) {
        double f = s.job().brief().frequency().value();
        return new Input.Choice(
                "own",
                "Or draw it yourself",
                List.of(new Input.Option(
                        "a half wave to begin with", false, new JobChange.Fit(near, OwnWires.dipole(f, false)))));
    }

    /** The same wires, free to be bent. */
    static Input from(YagiShape y, boolean near) {
        return new Input.Choice(
                "own",
                "Bend any wire",
                List.of(
                        new Input.Option("a Yagi", true, new JobChange.Fit(near, y)),
                        new Input.Option(
                                "own wires",
                                false,
                                new JobChange.Fit(near, OwnWires.of(y.model(), y.metal(), y.upright())))));
    }

    private static JobChange lift(OwnWiresChange change) {
        return new JobChange.OfOwnWires(change);
    }
}
