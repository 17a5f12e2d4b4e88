package veldline.desktop.raise;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Function;
import veldline.desktop.bench.Input;
import veldline.desktop.bench.Limits;
import veldline.desktop.bench.Showing;
import veldline.job.Job;
import veldline.job.JobChange;
import veldline.path.FreeSpace;
import veldline.quantity.Quantity;
import veldline.quantity.Unit;
import veldline.raise.Neighbour;
import veldline.raise.RaiseChange;

/** Something of metal near the antenna: what it is, where, how long. */
final class NearInputs {
    private static final double FAR = 50;

    private NearInputs() {}

    static List<Input> of(Showing s) {
        Optional<Neighbour> now = s.job().raise().neighbour();
        List<Input> in = new ArrayList<>();
        in.add(new Input.Choice(
                "near-kind",
                "Near it stands",
                List.of(
                        new Input.Option("nothing", now.isEmpty(), change(Optional.empty(), "nothing near")),
                        option(s.job(), now, Neighbour.Kind.MAST, "a mast"),
                        option(s.job(), now, Neighbour.Kind.SAME, "its like"))));
        now.ifPresent(n -> {
            in.add(new Input.Pair(
                    length("ahead", "Ahead", n.ahead(), -FAR, n::withAhead),
                    length("aside", "To its left", n.aside(), -FAR, n::withAside)));
            in.add(length("over", "Higher by", n.over(), -FAR, n::withOver));
            if (n.kind() == Neighbour.Kind.MAST) {
                in.add(new Input.Pair(
                        length("near-length", "Long", n.length(), 0.01, n::withLength),
                        length("near-across", "Across", n.across(), 0.001, n::withAcross)));
            }
        });
        in.add(
                new Input.Note(
                        "near-how",
                        "Drag it about the antenna, seen from above; both are solved together. A mast bites where it stands along the field: hardly a flat one, hard an upright one."));
        return in;
    }

    private static Input.Option option(Job job, Optional<Neighbour> now, Neighbour.Kind kind, String word) {
        Neighbour begun =
                Neighbour.mast(FreeSpace.wavelength(job.brief().frequency().value()));
        return new Input.Option(
                word,
                now.filter(n -> n.kind() == kind).isPresent(),
                change(Optional.of(now.orElse(begun).withKind(kind)), kind.words() + " near"));
    }

    private static Input.Value length(
            String id, String label, Quantity now, double least, Function<Quantity, Neighbour> with) {
        return new Input.Value(
                id,
                label,
                now,
                "",
                Limits.within(
                        least,
                        FAR,
                        Quantity.shown(least, Unit.M, least < 0 ? 0 : 3).toString(),
                        "50 m",
                        q -> change(Optional.of(with.apply(q)), label.toLowerCase(Locale.ROOT) + " " + q)));
    }

    static JobChange change(Optional<Neighbour> to, String what) {
        return new JobChange.OfRaise(new RaiseChange.Near(to, what));
    }
}
