package veldline.desktop.shape;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import veldline.antenna.ApertureDesign;
import veldline.antenna.Measure;
import veldline.antenna.OpeningChange;
import veldline.assess.Stage;
import veldline.assess.Step;
import veldline.desktop.bench.Input;
import veldline.desktop.bench.Showing;
import veldline.job.JobChange;
import veldline.path.FreeSpace;
import veldline.quantity.InchFraction;
import veldline.quantity.Quantity;
import veldline.quantity.Unit;
import veldline.stock.Metal;

/** What can be set of an antenna with an opening: a box or a choice for each of its family's measures. */
final class OpeningInputs {
    private OpeningInputs() {}

    static List<Input> of(Showing s, ApertureDesign d) {
        boolean near = !s.atFar();
        double wave = FreeSpace.wavelength(s.job().brief().frequency().value());
        List<Input> in = new ArrayList<>();
        in.add(Below.input(s));
        if (Below.chosen(s) == Below.BAND
                && s.assessment().sweep() instanceof Stage.Absent
                && s.assessment().grid().value().flatMap(g -> g).isPresent()) {
            in.add(new Input.Action("net-band", "Solve its net over the band", "", Input.Command.NET_BAND));
        }
        in.addAll(BesideInputs.of(s, d));
        gain(s, d, near).ifPresent(in::add);
        for (int i = 0; i < d.sizes().size(); i++) {
            if (!d.of().uses(d, i)) {
                continue;
            }
            in.add(d.of().measures().get(i).isChoice() ? choice(d, i, near) : box(d, i, near, wave));
        }
        lock(s, d, near).ifPresent(in::add);
        in.add(new Input.Pick(
                "metal",
                "Metal",
                Arrays.stream(Metal.values())
                        .map(m -> new Input.Option(
                                m.words(), m == d.metal(), new JobChange.OfOpening(near, new OpeningChange.Made(m))))
                        .toList()));
        in.add(new Input.Choice(
                "lies",
                "Its field",
                List.of(
                        new Input.Option(
                                "flat", !d.upright(), new JobChange.OfOpening(near, new OpeningChange.Stands(false))),
                        new Input.Option(
                                "upright",
                                d.upright(),
                                new JobChange.OfOpening(near, new OpeningChange.Stands(true))))));
        if (near == s.job().madeNear() && d.of().tunes()) {
            in.add(new Input.Action("tune", "Cut it for this frequency", "", Input.Command.TUNE));
        }
        in.add(new Input.Note(
                "cutting",
                "Any unit works: 14 5/8 in, 37 cm. Sheet cuts like knives: gloves, glasses; fumes when soldering."));
        return in;
    }

    /** Of the measure whose handle is chosen, or the first that has one. */
    private static Optional<Input> lock(Showing s, ApertureDesign d, boolean near) {
        List<OpeningHandle> handles = OpeningHandle.of(d);
        String picked = s.picked().getOrDefault(Step.SHAPE, "");
        return handles.stream()
                .filter(h -> h.zone().equals(picked))
                .findFirst()
                .or(() -> handles.stream().findFirst())
                .map(h -> {
                    boolean on = d.locked().contains(h.measure());
                    return new Input.Choice(
                            "lock",
                            d.of().measures().get(h.measure()).name() + " is",
                            List.of(
                                    new Input.Option(
                                            "free",
                                            !on,
                                            new JobChange.OfOpening(near, new OpeningChange.Lock(h.measure(), false))),
                                    new Input.Option(
                                            "locked",
                                            on,
                                            new JobChange.OfOpening(near, new OpeningChange.Lock(h.measure(), true)))));
                });
    }

    /** Made anew for a gain, where its family has one way to that. */
    private static Optional<Input> gain(Showing s, ApertureDesign d, boolean near) {
        double f = s.job().brief().frequency().value();
        return s.assessment()
                .figures(near)
                .map(a -> Quantity.shown(a.gain().value(), Unit.DBI, 1))
                .filter(now -> d.of().madeForGain())
                .map(now -> new Input.Value(
                        "gain",
                        "Make it for a gain of",
                        now,
                        "",
                        q -> new Input.Outcome.Remade(
                                "Making it for " + q,
                                near,
                                a -> a instanceof ApertureDesign o ? o.of().forGain(o, f, q.value()) : a)));
    }

    private static Input choice(ApertureDesign d, int i, boolean near) {
        Measure m = d.of().measures().get(i);
        List<Input.Option> options = IntStream.range(0, m.words().size())
                .mapToObj(k -> new Input.Option(
                        m.words().get(k),
                        k == d.count(i),
                        new JobChange.OfOpening(
                                near, new OpeningChange.Size(i, Quantity.of(Integer.toString(k), Unit.ONE)))))
                .toList();
        return new Input.Pick("measure-" + i, m.name(), options);
    }

    private static Input box(ApertureDesign d, int i, boolean near, double wave) {
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
                        : DesignInputs.within(
                                m, wave, q -> new JobChange.OfOpening(near, new OpeningChange.Size(i, q))));
    }
}
