package veldline.assess;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.BooleanSupplier;
import java.util.stream.IntStream;
import org.hipparchus.complex.Complex;
import veldline.antenna.Design;
import veldline.explain.Formula;
import veldline.explain.Worked;
import veldline.field.pattern.PlaneCut;
import veldline.field.pattern.RadiatedField;
import veldline.field.solve.FieldSolution;
import veldline.field.solve.FieldSolver;
import veldline.field.solve.MeshRule;
import veldline.field.wire.Direction;
import veldline.field.wire.Source;
import veldline.field.wire.Vec;
import veldline.field.wire.WireModel;
import veldline.line.Mismatch;

/**
 * A row of fed elements by what one ampere into each does alone, the others open: since fields add, that is the pattern and every
 * impedance for any step of phase, with all coupling in it, without solving again.
 *
 * @param roll plane in which the row lies, see {@link PlaneCut}
 * @param places of the feeds, metres along that plane's own axes: ahead and square to it
 * @param amperes into each
 * @param impedances volts across the first for an ampere into the second
 * @param rays field of each towards every whole degree of the plane, for one ampere
 */
public record PhaseLook(
        int roll, List<Place> places, List<Double> amperes, List<List<Complex>> impedances, List<List<Ray>> rays) {
    static final Formula SEEN = new Formula(
            "Resistance of one dipole among the others",
            "Its own and what the others' currents put into it, the part in step with its current.",
            "R",
            "a",
            "Mutual impedances by " + AntennaStage.METHOD,
            "±5 %; another phase makes another resistance");
    static final Formula CABLE = new Formula(
            "Cable for a step of phase",
            "A wave takes so long to run through it: p the step, w the wave in the open, v the cable's velocity factor.",
            "L",
            "p ÷ 360·w·v",
            "A wave on a line, Pozar §2.1",
            "As the velocity factor is known, ±2 %; measure the cable in use");
    /** Of solid polyethylene, the usual cable. */
    private static final double VELOCITY = 0.66;

    public PhaseLook {
        places = List.copyOf(places);
        amperes = List.copyOf(amperes);
        impedances = impedances.stream().map(List::copyOf).toList();
        rays = rays.stream().map(List::copyOf).toList();
    }

    /** Where a feed lies in the plane: along the beam and across it, metres. */
    public record Place(double ahead, double across) {}

    /** Intensity's square root towards a direction by its two parts, square root of watts per steradian. */
    public record Ray(Complex theta, Complex phi) {}

    /**
     * What a step of phase makes of it.
     *
     * @param gains dBi at every whole degree of the plane
     * @param feeds impedance of each, ohms
     */
    public record Turned(List<Double> gains, List<Complex> feeds) {
        /** The strongest direction, degrees. */
        public int beam() {
            int best = PlaneCut.strongest(gains).degrees();
            return best > 180 ? best - PlaneCut.AROUND : best;
        }

        public Worked most() {
            return Readout.level(beam(), gains.get(Math.floorMod(beam(), gains.size())));
        }

        public Worked resistance(int feed) {
            double ohms = feeds.get(feed).getReal();
            return Worked.of(SEEN)
                    .computed("a", "dipole " + (feed + 1), ohms, "Ω", 2)
                    .gives(ohms, "Ω", 0);
        }

        public Worked swr(int feed) {
            return Mismatch.workedSwr(feeds.get(feed), 50, "dipole " + (feed + 1));
        }
    }

    /** How much shorter the cable of each next element is, for a step of phase. */
    public static Worked cable(double step, double frequency) {
        double wave = 1000 * 299_792_458.0 / frequency;
        return Worked.of(CABLE)
                .computed("p", "step of phase", Math.abs(step), "°", 0)
                .computed("w", "wave in the open", wave, "mm", 2)
                .computed("v", "velocity factor of solid polyethylene", VELOCITY, "", 2)
                .gives(Math.abs(step) / 360 * wave * VELOCITY, "mm", 0);
    }

    /** Of a design whose family has a phase to turn. */
    static Optional<PhaseLook> of(Design d, double frequency, BooleanSupplier goOn) {
        if (d.of().phased().isEmpty()) {
            return Optional.empty();
        }
        WireModel m = d.model();
        List<Source> sources = m.sources();
        List<Vec> at = sources.stream()
                .map(s -> m.wires().get(s.port().wire()).points())
                .map(p -> p.get(0).plus(p.get(p.size() - 1)).times(0.5))
                .toList();
        int roll = roll(m, at);
        List<List<Ray>> rays = new ArrayList<>();
        List<List<Complex>> impedances = List.of();
        for (int i = 0; i < sources.size(); i++) {
            int only = i;
            List<Source> one = IntStream.range(0, sources.size())
                    .mapToObj(s -> new Source(sources.get(s).port(), Source.Kind.CURRENT, s == only ? 1 : 0, 0))
                    .toList();
            WireModel fed = new WireModel(
                    m.name(), m.wires(), one, m.loads(), m.networks(), m.ground(), m.conductivity(), m.boresight());
            FieldSolution solved = new FieldSolver(fed, MeshRule.standard(frequency), goOn).at(frequency);
            impedances = solved.impedanceMatrix();
            RadiatedField field = RadiatedField.leaving(solved);
            rays.add(IntStream.range(0, PlaneCut.AROUND)
                    .mapToObj(deg -> ray(field, PlaneCut.direction(roll, deg)))
                    .toList());
        }
        double turn = Math.toRadians(roll);
        return Optional.of(new PhaseLook(
                roll,
                at.stream()
                        .map(v -> new Place(v.x(), v.y() * Math.cos(turn) + v.z() * Math.sin(turn)))
                        .toList(),
                sources.stream().map(s -> Math.hypot(s.re(), s.im())).toList(),
                impedances,
                rays));
    }

    /** The plane of beam and row; where the row runs along the beam, the one square to its wires. */
    private static int roll(WireModel m, List<Vec> at) {
        Vec row = at.get(at.size() - 1).minus(at.get(0));
        List<Vec> wire = m.wires().get(m.sources().get(0).port().wire()).points();
        Vec along = wire.get(wire.size() - 1).minus(wire.get(0));
        Vec across = Math.hypot(row.y(), row.z()) > 1e-6 ? row : new Vec(0, -along.z(), along.y());
        return Math.floorMod((int) Math.round(Math.toDegrees(Math.atan2(across.z(), across.y()))), 180);
    }

    private static Ray ray(RadiatedField field, Direction d) {
        RadiatedField.Components c = field.towards(d);
        double square =
                c.theta().norm() * c.theta().norm() + c.phi().norm() * c.phi().norm();
        double scale = square > 0 ? Math.sqrt(field.intensity(c) / square) : 0;
        return new Ray(c.theta().multiply(scale), c.phi().multiply(scale));
    }

    /** @param step degrees of lead from each element to the next */
    public Turned turned(double step) {
        int n = amperes.size();
        List<Complex> currents = IntStream.range(0, n)
                .mapToObj(i -> new Complex(0, Math.toRadians(i * step)).exp().multiply(amperes.get(i)))
                .toList();
        List<Complex> feeds = new ArrayList<>();
        double power = 0;
        for (int i = 0; i < n; i++) {
            Complex volts = sum(impedances.get(i), currents);
            feeds.add(volts.divide(currents.get(i)));
            power += 0.5 * volts.multiply(currents.get(i).conjugate()).getReal();
        }
        List<Double> gains = new ArrayList<>();
        for (int deg = 0; deg < PlaneCut.AROUND; deg++) {
            int here = deg;
            Complex theta = sum(rays.stream().map(r -> r.get(here).theta()).toList(), currents);
            Complex phi = sum(rays.stream().map(r -> r.get(here).phi()).toList(), currents);
            double intensity = theta.norm() * theta.norm() + phi.norm() * phi.norm();
            gains.add(10 * Math.log10(Math.max(1e-12, 4 * Math.PI * intensity / power)));
        }
        return new Turned(List.copyOf(gains), List.copyOf(feeds));
    }

    private static Complex sum(List<Complex> of, List<Complex> currents) {
        Complex all = Complex.ZERO;
        for (int i = 0; i < currents.size(); i++) {
            all = all.add(of.get(i).multiply(currents.get(i)));
        }
        return all;
    }
}
