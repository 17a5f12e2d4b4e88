package veldline.build;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.BooleanSupplier;
import java.util.stream.Stream;
import veldline.antenna.Design;
import veldline.antenna.Families;
import veldline.antenna.Family;
import veldline.antenna.Made;
import veldline.antenna.YagiShape;
import veldline.explain.Formula;
import veldline.explain.Worked;
import veldline.field.wire.Coating;
import veldline.field.wire.ModelCheck;
import veldline.field.wire.Wire;
import veldline.field.wire.WireModel;
import veldline.path.FreeSpace;
import veldline.stock.Covering;
import veldline.stock.Insulation;
import veldline.stock.Metal;

/** Everything that shifts a dip, one by one and never folded into a constant: solved where the engine has it, said to be unknown where not. */
public final class Corrections {
    /** A shift of more of the frequency than this is none, but another antenna. */
    private static final double MOST = 0.15;

    private static final List<Layer> WEATHER = List.of(
            new Layer("Paint, 0.1 mm", Insulation.PAINT, 0.1e-3, false, "Never paint with metal in it."),
            new Layer(
                    "Heat-shrink sleeve, 0.5 mm",
                    Insulation.POLYOLEFIN,
                    0.5e-3,
                    false,
                    "All along; over a part of it, less."),
            new Layer(
                    "Rain film, 0.1 mm",
                    Insulation.RAIN,
                    0.1e-3,
                    false,
                    "Passes with the rain; leave room in the band for it."),
            new Layer("Ice, 2 mm", Insulation.ICE, 2e-3, false, "And its weight."));

    static final Formula SHIFT = new Formula(
            "Shift of the dip",
            "The reactance that the thing adds at the feed, over the reactance's slope with frequency; down where it adds.",
            "S",
            "(x − y) ÷ s",
            "Solved with and without it by the method of moments; thin layers after Richmond and Newman, Radio Science 11 (1976)",
            "A fifth of itself: layers are never even, and permittivities vary by a tenth");
    static final Formula BOOM = new Formula(
            "Boom's share",
            "What every element is cut longer for the boom it sits in or on, as a share of its length, times the frequency.",
            "S",
            "−f·e ÷ l",
            "NBS Technical Note 688, fig. 9",
            "±20 % of itself; none on wood or on insulators above the boom");
    static final Formula CAPS = new Formula(
            "Flat ends of a rod",
            "A solid rod's flat ends carry charge and act a tenth of a radius longer each than an open tube's.",
            "S",
            "−f·n·0.0988·r ÷ l",
            "Electrostatics of long cylinders",
            "A tenth of itself; rounded ends lie between");

    private Corrections() {}

    /**
     * @param dip of the antenna as it is
     * @param goOn polled in every solution
     */
    static List<Correction> of(Made made, double frequency, Dip dip, BooleanSupplier goOn) {
        WireModel model = made.model();
        List<Correction> all = new ArrayList<>();
        boom(made, frequency).ifPresent(all::add);
        all.add(caps(model, frequency));
        boolean covered = made instanceof Design d && d.covering().isPresent();
        Optional<Dip> own = made instanceof Design d && !d.of().dips()
                ? Optional.empty()
                : (covered ? Dip.of(coated(model, Optional.empty()), frequency, goOn) : dip).ifThere();
        // What has no dip of its own is shifted as a half wave of its conductor is.
        Optional<Dip> from = own.or(() -> halfWave(model, frequency).map(m -> Dip.of(m, frequency, goOn)));
        String where = own.isPresent() ? "" : " Solved on a half wave of the same rod.";
        if (made instanceof Design d && d.covering().isPresent()) {
            Covering c = d.covering().get();
            Layer covering = new Layer(
                    c.words() + " all along", c.insulation(), c.thickness().value(), true, "Solved with the lengths.");
            all.add(covering.on(from, where, frequency, goOn));
        }
        for (Layer layer : WEATHER) {
            all.add(layer.on(from, where, frequency, goOn));
        }
        all.add(unknown("Former, glue, end covers", "Cut 2 % long and trim with them in place."));
        all.add(unknown("Housing or tube around it", "Cut long and trim inside it, closed."));
        all.add(unknown("Leads at the feed's gap", "Keep them shorter than the gap is wide; trim with them on."));
        return List.copyOf(all);
    }

    private static Correction unknown(String name, String words) {
        return new Correction(name, Optional.empty(), false, "Unknown: no figure holds. " + words);
    }

    private static Optional<Correction> boom(Made made, double frequency) {
        if (!(made instanceof YagiShape y)) {
            return Optional.empty();
        }
        double extra = y.boom().correction(y.boomDiameter().value(), FreeSpace.wavelength(frequency));
        double length = y.elements().get(1).length().value();
        return Optional.of(new Correction(
                "Boom: " + y.boom().words(),
                Optional.of(Worked.of(BOOM)
                        .typed("f", "frequency", frequency / 1e6, "MHz", 4)
                        .computed("e", "added to each", extra * 1000, "mm", 3)
                        .computed("l", "driven element", length * 1000, "mm", 2)
                        .gives(-frequency / 1e6 * extra / length, "MHz", 2)),
                true,
                extra > 0 ? "Added to every length." : "Nothing is added."));
    }

    /** Of the fed wire, or of the longest that ends in the open. */
    private static Correction caps(WireModel model, double frequency) {
        Wire fed = model.wires().get(model.sources().get(0).port().wire());
        Wire open = freeEnds(fed, model) > 0
                ? fed
                : model.wires().stream()
                        .filter(w -> freeEnds(w, model) > 0)
                        .max(Comparator.comparingDouble(Wire::length))
                        .orElse(fed);
        int ends = freeEnds(open, model);
        return new Correction(
                "Flat ends of solid rod",
                Optional.of(Worked.of(CAPS)
                        .typed("f", "frequency", frequency / 1e6, "MHz", 4)
                        .computed("n", "ends in the open", ends, "", 0)
                        .computed("r", "radius", open.radius() * 1000, "mm", 3)
                        .computed("l", "its length", open.length() * 1000, "mm", 2)
                        .gives(-frequency / 1e6 * ends * Wire.CAP_RADII * open.radius() / open.length(), "MHz", 2)),
                false,
                ends == 0 ? "It has no open ends." : "Tubes are solved; rods lie so much lower.");
    }

    private static int freeEnds(Wire w, WireModel m) {
        return w.closed()
                ? 0
                : (int) Stream.of(w.points().get(0), w.points().get(w.points().size() - 1))
                        .filter(end -> m.wires().stream()
                                .filter(o -> o != w)
                                .flatMap(o -> o.points().stream())
                                .noneMatch(p -> p.minus(end).length() < w.radius() / 100))
                        .count();
    }

    /**
     * Something thin all over the metal.
     *
     * @param thickness metres
     */
    private record Layer(String name, Insulation of, double thickness, boolean included, String words) {
        Correction on(Optional<Dip> from, String where, double frequency, BooleanSupplier goOn) {
            if (from.isEmpty()) {
                return unknown(name, "This antenna has no single dip.");
            }
            Dip dip = from.get();
            Coating coating = new Coating(thickness, of.permittivity(), of.lossTangent());
            double after = Dip.impedance(coated(dip.model(), Optional.of(coating)), frequency, goOn)
                    .getImaginary();
            double shift = -(after - dip.reactance()) / dip.slope();
            if (Math.abs(shift) > MOST * frequency / 1e6) {
                return unknown(name, "So thick on so thin a rod it is another antenna.");
            }
            return new Correction(
                    name,
                    Optional.of(Worked.of(SHIFT)
                            .computed("x", "reactance bare", dip.reactance(), "Ω", 4)
                            .computed("y", "with " + of.words(), after, "Ω", 4)
                            .computed("s", "slope for a megahertz", dip.slope(), "Ω/MHz", 6)
                            .gives(shift, "MHz", 2, Math.abs(shift) / 5)),
                    included,
                    words + where);
        }
    }

    private static Optional<WireModel> halfWave(WireModel model, double frequency) {
        Wire fed = model.wires().get(model.sources().get(0).port().wire());
        Design alone = Families.wires("dipole")
                .begun(new Family.Wish(frequency, 1, 2 * fed.radius(), Metal.COPPER, false))
                .tuned(frequency);
        return ModelCheck.faults(alone.model(), frequency).isEmpty() ? Optional.of(alone.model()) : Optional.empty();
    }

    private static WireModel coated(WireModel m, Optional<Coating> coating) {
        return new WireModel(
                m.name(),
                m.wires().stream()
                        .map(w -> new Wire(
                                w.points(), w.radius(), w.closed(), w.conductivity(), w.ends(), coating, w.fineness()))
                        .toList(),
                m.sources(),
                m.loads(),
                m.networks(),
                m.ground(),
                m.conductivity(),
                m.boresight());
    }
}
