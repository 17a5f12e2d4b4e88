package veldline.desktop.shape;

import java.util.ArrayList;
import java.util.List;
import veldline.antenna.Design;
import veldline.antenna.DesignChange;
import veldline.antenna.Measure;
import veldline.antenna.OwnWires;
import veldline.desktop.bench.Input;
import veldline.desktop.bench.Limits;
import veldline.desktop.bench.Showing;
import veldline.job.JobChange;
import veldline.path.FreeSpace;
import veldline.quantity.InchFraction;
import veldline.quantity.NumberText;

/** What can be set of a design: a box for each of its family's measures, and the conductor. */
final class DesignInputs {
    private DesignInputs() {}

    static List<Input> of(Showing s, Design d) {
        double wave = FreeSpace.wavelength(s.job().brief().frequency().value());
        List<Input> in = new ArrayList<>();
        in.add(OwnWiresInputs.view(s));
        for (int i = 0; i < d.sizes().size(); i++) {
            in.add(box(d, i, wave));
        }
        in.add(new Input.Value(
                "conductor",
                "Conductor",
                d.diameter(),
                "",
                Limits.within(1e-4, 0.03 * wave, "0.1 mm", mm(0.03 * wave), q -> lift(new DesignChange.Conductor(q)))));
        in.add(new Input.Choice(
                "lies",
                "Its field",
                List.of(
                        new Input.Option("flat", !d.upright(), lift(new DesignChange.Upright(false))),
                        new Input.Option("upright", d.upright(), lift(new DesignChange.Upright(true))))));
        in.add(new Input.Action("tune", "Cut to resonance", "", Input.Command.TUNE));
        in.add(ShapeBench.walked(s));
        in.add(new Input.Choice(
                "own",
                "Bend any wire",
                List.of(
                        new Input.Option(
                                "by measures", true, new JobChange.Fit(s.job().madeNear(), d)),
                        new Input.Option(
                                "own wires",
                                false,
                                new JobChange.Fit(
                                        s.job().madeNear(), OwnWires.of(d.model(), d.metal(), d.upright()))))));
        in.add(new Input.Note(
                "cutting",
                "Any unit works: 14 5/8 in, 37 cm. Cutting and drilling: eyes, ears, sharp edges; hot tips and fumes when"
                        + " soldering."));
        return in;
    }

    private static Input box(Design d, int i, double wave) {
        Measure m = d.of().measures().get(i);
        String least = m.isLength() ? mm(m.least(wave)) : m.of(m.least()).toString();
        String most = m.isLength() ? mm(m.most(wave)) : m.of(m.most()).toString();
        return new Input.Value(
                "measure-" + i,
                m.name(),
                d.sizes().get(i),
                m.isLength() ? InchFraction.ofMetres(d.size(i), 32).text() + " in" : "",
                q -> m.unit() == veldline.quantity.Unit.ONE && q.value() != Math.rint(q.value())
                        ? new Input.Outcome.Refused(
                                q + " is no whole number; give one from " + least + " to " + most + ".")
                        : Limits.within(
                                        m.least(wave),
                                        m.most(wave),
                                        least,
                                        most,
                                        v -> lift(new DesignChange.Size(i, v)))
                                .apply(q));
    }

    private static String mm(double metres) {
        return NumberText.shown(metres * 1000, 1) + " mm";
    }

    private static JobChange lift(DesignChange change) {
        return new JobChange.OfDesign(change);
    }
}
