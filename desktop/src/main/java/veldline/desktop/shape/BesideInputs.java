package veldline.desktop.shape;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.BiFunction;
import java.util.function.IntPredicate;
import java.util.stream.IntStream;
import veldline.antenna.Antenna;
import veldline.antenna.ApertureDesign;
import veldline.antenna.Design;
import veldline.antenna.DesignChange;
import veldline.antenna.Measure;
import veldline.antenna.OpeningChange;
import veldline.antenna.YagiChange;
import veldline.antenna.YagiShape;
import veldline.desktop.bench.Input;
import veldline.desktop.bench.Limits;
import veldline.desktop.bench.Showing;
import veldline.job.Beside;
import veldline.job.BesideChange;
import veldline.job.JobChange;
import veldline.path.FreeSpace;
import veldline.quantity.NumberText;
import veldline.quantity.Quantity;

/** What stands beside the antenna: kept from before, or measured after building; with a box for every measure that was measured. */
final class BesideInputs {
    private BesideInputs() {}

    static List<Input> of(Showing s, Antenna made) {
        if (Below.chosen(s) != Below.BESIDE) {
            return List.of();
        }
        Optional<Beside> beside = s.job().beside();
        List<Input> in = new ArrayList<>();
        in.add(new Input.Pick(
                "beside",
                "Beside it stands",
                List.of(
                        new Input.Option("nothing", beside.isEmpty(), lift(new BesideChange.Clear())),
                        new Input.Option(
                                "this one, kept",
                                beside.filter(b -> !b.built()).isPresent(),
                                lift(new BesideChange.Keep(false, made))),
                        new Input.Option(
                                "this one, as built",
                                beside.filter(Beside::built).isPresent(),
                                lift(new BesideChange.Keep(true, made))))));
        double wave = FreeSpace.wavelength(s.job().brief().frequency().value());
        beside.filter(Beside::built).ifPresent(b -> in.addAll(measured(s, b.made(), wave)));
        return in;
    }

    /** One box for each measure of a design; of a Yagi, those of the element that is chosen. */
    private static List<Input> measured(Showing s, Antenna built, double wave) {
        if (built instanceof ApertureDesign d) {
            return boxes(
                    d.of().measures(),
                    d.sizes(),
                    i -> d.of().uses(d, i),
                    wave,
                    (i, q) -> new BesideChange.OfOpening(new OpeningChange.Size(i, q)));
        }
        if (built instanceof Design d) {
            return boxes(
                    d.of().measures(),
                    d.sizes(),
                    i -> true,
                    wave,
                    (i, q) -> new BesideChange.OfDesign(new DesignChange.Size(i, q)));
        }
        // Of a Yagi beside something else no element is chosen: figures are compared, nothing is measured.
        if (!(built instanceof YagiShape y) || s.job().yagi().isEmpty()) {
            return List.of();
        }
        int i = Math.min(ShapeBench.picked(s), y.elements().size() - 1);
        String name = YagiShape.nameOf(i);
        YagiShape.Element e = y.elements().get(i);
        return List.of(
                new Input.Value(
                        "built-length",
                        name + ", length measured",
                        e.length(),
                        "",
                        Limits.within(
                                0.1 * wave,
                                0.9 * wave,
                                mm(0.1 * wave),
                                mm(0.9 * wave),
                                q -> lift(new BesideChange.OfYagi(new YagiChange.ElementLength(i, q))))),
                new Input.Value(
                        "built-place",
                        name + ", place measured",
                        e.position(),
                        "",
                        Limits.within(
                                0,
                                6 * wave,
                                "0",
                                mm(6 * wave),
                                q -> lift(new BesideChange.OfYagi(new YagiChange.ElementPosition(i, q))))));
    }

    /** One for each measure that is measured and not counted or chosen. */
    private static List<Input> boxes(
            List<Measure> measures,
            List<Quantity> sizes,
            IntPredicate uses,
            double wave,
            BiFunction<Integer, Quantity, BesideChange> measured) {
        return IntStream.range(0, sizes.size())
                .filter(i -> !measures.get(i).isCount() && uses.test(i))
                .<Input>mapToObj(i -> new Input.Value(
                        "built-" + i,
                        measures.get(i).name() + ", measured",
                        sizes.get(i),
                        "",
                        DesignInputs.within(measures.get(i), wave, q -> lift(measured.apply(i, q)))))
                .toList();
    }

    private static String mm(double metres) {
        return NumberText.shown(metres * 1000, 1) + " mm";
    }

    private static JobChange lift(BesideChange change) {
        return new JobChange.OfBeside(change);
    }
}
