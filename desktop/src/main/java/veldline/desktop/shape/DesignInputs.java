package veldline.desktop.shape;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.IntStream;
import java.util.stream.Stream;
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
import veldline.quantity.Quantity;
import veldline.quantity.Unit;
import veldline.stock.Covering;
import veldline.stock.Form;
import veldline.stock.Insulation;
import veldline.stock.Metal;

/** What can be set of a design: a box for each of its family's measures, and the conductor. */
final class DesignInputs {
    private DesignInputs() {}

    static List<Input> of(Showing s, Design d) {
        double wave = FreeSpace.wavelength(s.job().brief().frequency().value());
        List<Input> in = new ArrayList<>();
        in.add(OwnWiresInputs.view(s));
        in.add(Below.input(s));
        in.addAll(BesideInputs.of(s, d));
        for (int i = 0; i < d.sizes().size(); i++) {
            in.add(d.of().measures().get(i).isChoice() ? choice(d, i) : box(d, i, wave));
        }
        in.add(lock(s, d));
        in.add(new Input.Value(
                "conductor",
                "Conductor, or width of a strip",
                d.diameter(),
                "",
                Limits.within(1e-4, 0.03 * wave, "0.1 mm", mm(0.03 * wave), q -> lift(new DesignChange.Conductor(q)))));
        in.add(new Input.Pick(
                "form",
                "It is",
                Arrays.stream(Form.values())
                        .map(f -> new Input.Option(f.words(), f == d.form(), lift(new DesignChange.Formed(f))))
                        .toList()));
        in.add(new Input.Pick(
                "metal",
                "Metal",
                Arrays.stream(Metal.values())
                        .map(m -> new Input.Option(m.words(), m == d.metal(), lift(new DesignChange.Made(m))))
                        .toList()));
        in.add(covering(d));
        d.covering()
                .ifPresent(c -> in.add(new Input.Value(
                        "covering-thickness",
                        "How thick it lies",
                        c.thickness(),
                        "",
                        Limits.within(
                                1e-5,
                                0.01 * wave,
                                "0.01 mm",
                                mm(0.01 * wave),
                                q -> lift(new DesignChange.Covered(Optional.of(new Covering(c.insulation(), q))))))));
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

    /** Of the measure whose handle is chosen, or the first. */
    private static Input lock(Showing s, Design d) {
        int i = DesignHandle.chosen(s, d);
        boolean on = d.locked().contains(i);
        return new Input.Choice(
                "lock",
                d.of().measures().get(i).name() + " is",
                List.of(
                        new Input.Option("free", !on, lift(new DesignChange.Lock(i, false))),
                        new Input.Option("locked", on, lift(new DesignChange.Lock(i, true)))));
    }

    private static Input choice(Design d, int i) {
        Measure m = d.of().measures().get(i);
        List<Input.Option> options = IntStream.range(0, m.words().size())
                .mapToObj(k -> new Input.Option(
                        m.words().get(k),
                        k == d.count(i),
                        lift(new DesignChange.Size(i, Quantity.of(Integer.toString(k), Unit.ONE)))))
                .toList();
        return new Input.Choice("measure-" + i, m.name(), options);
    }

    private static Input covering(Design d) {
        Quantity usual = Quantity.of("0.5", Unit.MM);
        return new Input.Pick(
                "covering",
                "Around it",
                Stream.concat(
                                Stream.of(new Input.Option(
                                        "nothing",
                                        d.covering().isEmpty(),
                                        lift(new DesignChange.Covered(Optional.empty())))),
                                Arrays.stream(Insulation.values())
                                        .map(k -> new Input.Option(
                                                k.words(),
                                                d.covering()
                                                        .filter(c -> c.insulation() == k)
                                                        .isPresent(),
                                                lift(new DesignChange.Covered(Optional.of(new Covering(
                                                        k,
                                                        d.covering()
                                                                .map(Covering::thickness)
                                                                .orElse(usual))))))))
                        .toList());
    }

    private static Input box(Design d, int i, double wave) {
        Measure m = d.of().measures().get(i);
        String inches = m.isLength() ? InchFraction.ofMetres(d.size(i), 32).text() + " in" : "";
        return new Input.Value(
                "measure-" + i,
                m.name(),
                d.sizes().get(i),
                inches,
                d.locked().contains(i)
                        ? q -> new Input.Outcome.Refused(m.name() + " is locked at "
                                + d.sizes().get(i) + "; choose its handle and set it free first.")
                        : within(m, wave, q -> lift(new DesignChange.Size(i, q))));
    }

    /** An edit of a measure, kept within its range and to whole numbers where it counts. */
    static Function<Quantity, Input.Outcome> within(Measure m, double wave, Function<Quantity, JobChange> edit) {
        String least = m.of(m.least(wave)).toString();
        String most = m.of(m.most(wave)).toString();
        Function<Quantity, Input.Outcome> kept = Limits.within(m.least(wave), m.most(wave), least, most, edit);
        return q -> m.isCount() && q.value() != Math.rint(q.value())
                ? new Input.Outcome.Refused(q + " is no whole number; give one from " + least + " to " + most + ".")
                : kept.apply(q);
    }

    private static String mm(double metres) {
        return NumberText.shown(metres * 1000, 1) + " mm";
    }

    private static JobChange lift(DesignChange change) {
        return new JobChange.OfDesign(change);
    }
}
