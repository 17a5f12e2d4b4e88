package veldline.desktop.raise;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Stream;
import veldline.desktop.bench.Input;
import veldline.desktop.bench.Showing;
import veldline.explain.Caution;
import veldline.job.JobChange;
import veldline.raise.Cautions;
import veldline.raise.Fixings;
import veldline.raise.RaiseChange;

/** What touches what, in what air, on what; and the points of earthing. */
final class FixingInputs {
    private FixingInputs() {}

    static List<Input> of(Showing s) {
        Fixings f = s.job().raise().fixings();
        List<Input> in = new ArrayList<>();
        in.add(pick("boom", "Boom", Fixings.Skin.values(), f.boom(), Fixings.Skin::words, f::withBoom));
        in.add(pick("clamp", "Clamp", Fixings.Skin.values(), f.clamp(), Fixings.Skin::words, f::withClamp));
        in.add(pick("mast-metal", "Mast", Fixings.Skin.values(), f.mast(), Fixings.Skin::words, f::withMast));
        in.add(pick("strap", "Strap to earth", Fixings.Skin.values(), f.bond(), Fixings.Skin::words, f::withBond));
        in.add(pick("air", "Air", Fixings.Air.values(), f.air(), Fixings.Air::words, f::withAir));
        in.add(pick("place", "It stands on", Fixings.Place.values(), f.place(), Fixings.Place::words, f::withPlace));
        Set<String> ticked = s.job().raise().ticked();
        for (Caution c : Cautions.earthing()) {
            boolean on = ticked.contains(c.id());
            in.add(new Input.Tick(
                    c.id(),
                    c.hazard(),
                    c.advice(),
                    c.blocking(),
                    on,
                    new JobChange.OfRaise(new RaiseChange.Tick(c.id(), !on))));
        }
        return in;
    }

    private static <T> Input.Pick pick(
            String id, String label, T[] all, T now, Function<T, String> words, Function<T, Fixings> with) {
        return new Input.Pick(
                id,
                label,
                Stream.of(all)
                        .map(t -> new Input.Option(
                                words.apply(t),
                                t.equals(now),
                                new JobChange.OfRaise(
                                        new RaiseChange.Fixed(with.apply(t), label + " " + words.apply(t)))))
                        .toList());
    }
}
