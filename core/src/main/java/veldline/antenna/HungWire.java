package veldline.antenna;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.BooleanSupplier;
import veldline.explain.Formula;
import veldline.explain.Worked;
import veldline.field.pattern.RadiatedField;
import veldline.field.pattern.Sphere;
import veldline.field.solve.FieldSolution;
import veldline.field.solve.FieldSolver;
import veldline.field.solve.MeshRule;
import veldline.field.wire.Direction;
import veldline.field.wire.Ground;
import veldline.field.wire.Load;
import veldline.field.wire.ModelCheck;
import veldline.field.wire.Port;
import veldline.field.wire.Vec;
import veldline.field.wire.WireModel;
import veldline.quantity.Quantity;
import veldline.quantity.Unit;
import veldline.stock.Tool;

/**
 * A wire for several bands as it hangs: from the feed's support to another, sagging between them, with a counterpoise down from the feed,
 * a link that may be opened and a trap that ends it for one band. It is solved as it hangs, over average earth: what that takes is out of its
 * gain, and what it throws on is the way's.
 */
public final class HungWire implements WireFamily {
    private static final List<Measure> MEASURES = List.of(
            Measure.length("Wire", 0.1, 3),
            Measure.length("Counterpoise", 0.005, 0.3),
            Measure.length("Feed's support, height", 0.02, 1.5),
            Measure.length("Far support, height", 0.02, 1.5),
            Measure.number("Sag, % of the way", Unit.ONE, 0, 20),
            Measure.length("Link open at, 0 for closed", 0, 3),
            Measure.length("Trap at, 0 for none", 0, 3),
            Measure.number("Trap tuned to", Unit.MHZ, 1, 60));
    private static final int PIECES = 8;
    /** An opened link hangs so far apart, metres. */
    private static final double OPEN = 0.1;
    /** Reactance of a trap's coil where it is tuned, and its loss there. */
    private static final double TRAP_OHMS = 300;

    private static final double TRAP_Q = 150;
    /** Average earth at short wave (ITU-R P.527). */
    private static final Ground EARTH = Ground.real(13, 0.005);

    private static final String METHOD =
            "Thin-wire currents by the method of moments with reflection coefficients (ITU-R P.527)";
    private static final String GOOD_TO =
            "A tenth with all of it a fifth of a wave up, a guess below a tenth of a wave";

    private static final Formula TAKEN = new Formula(
            "Taken by the earth",
            "What the earth under the wire keeps of the power at the feed, which the gain has lost: p at the feed, h heat in the wire, s sent.",
            "L",
            "−10·log10((s + h) ÷ p)",
            METHOD,
            GOOD_TO);
    private static final Formula IN_THE_OPEN = new Formula(
            "Feed, were there no earth",
            "Resistance of the same wire in the open, beside the one that is matched, which is solved over average earth (13, 5 mS/m).",
            "R",
            "r",
            METHOD,
            "What the two differ by is what earth of another kind may move the feed by");

    private static final Formula DIRECT = new Formula(
            "Gain, were there no earth",
            "Of the same wire in the open, u straight ahead. Over the earth its gain is of what leaves the wire itself: a low wire's image"
                    + " lets more current run, and the bounce that undoes it is counted on the way.",
            "G",
            "10·log10(4·pi·u ÷ p)",
            METHOD,
            GOOD_TO);

    @Override
    public String name() {
        return "hung wire";
    }

    @Override
    public List<Measure> measures() {
        return MEASURES;
    }

    @Override
    public Set<Tool> tools() {
        return EnumSet.of(Tool.RULE, Tool.SOLDERING_IRON, Tool.LADDER);
    }

    @Override
    public String good() {
        return "Several bands from one wire and a tuner, hung from whatever stands there.";
    }

    @Override
    public String bad() {
        return "Every band another pattern and another impedance; what the tuner takes is not radiated, and a half wave of any band is to be"
                + " kept clear of.";
    }

    @Override
    public boolean serves(Wish wish) {
        return wish.wavelength() > 5;
    }

    /** A little over three eighths of a wave, which is no half wave of its octaves. */
    @Override
    public List<Quantity> begin(Wish wish) {
        double wave = wish.wavelength();
        return List.of(
                MEASURES.get(0).of(0.39 * wave),
                MEASURES.get(1).of(0.06 * wave),
                MEASURES.get(2).of(0.1 * wave),
                MEASURES.get(3).of(0.15 * wave),
                Quantity.of("4", Unit.ONE),
                MEASURES.get(5).of(0),
                MEASURES.get(6).of(0),
                Quantity.shown(wish.frequency() * 2, Unit.MHZ, 2));
    }

    @Override
    public Design begun(Wish wish) {
        return WireFamily.super.begun(wish).withUpright(false);
    }

    /** It is tuned by its tuner. */
    @Override
    public Design tuned(Design d, double frequency) {
        return d;
    }

    @Override
    public boolean balanced() {
        return false;
    }

    @Override
    public Polarized polarized(Design d) {
        return Polarized.FLAT;
    }

    @Override
    public boolean dips() {
        return false;
    }

    @Override
    public boolean hangs() {
        return true;
    }

    @Override
    public String title(Design d) {
        return d.size(6) > 0 ? "Hung wire with a trap" : d.size(5) > 0 ? "Linked hung wire" : "Hung wire";
    }

    @Override
    public String part(Design d, int wire) {
        return wire == 0 ? "counterpoise" : wire == 1 ? "wire" : "beyond the link";
    }

    @Override
    public List<String> extras(Design d) {
        List<String> all = new ArrayList<>(
                List.of("two insulators, cord, a weight or spring that keeps the sag", "tuner or transformer"));
        if (d.size(6) > 0) {
            all.add("trap tuned to " + d.sizes().get(7));
        }
        return all;
    }

    @Override
    public List<String> notes(Design d) {
        return List.of(
                "Throw no line into trees over power lines; nobody stands under a wire that is being pulled up.",
                "The far end and the feed are at high voltage when it sends: out of reach, insulated.");
    }

    /** What the earth takes, and the feed without it; takes two solutions. */
    @Override
    public List<Worked> schools(Design d, double frequency, BooleanSupplier goOn) {
        WireModel over = model(d);
        if (!ModelCheck.faults(over, frequency).isEmpty()) {
            return List.of();
        }
        FieldSolution hung = solved(over, frequency, goOn);
        double sent = Sphere.radiatedPower(new RadiatedField(hung), over.extent());
        double heat = hung.lostPower();
        double taken = hung.inputPower();
        FieldSolution alone = solved(model(d, Ground.FREE), frequency, goOn);
        double open = alone.impedances().get(0).getReal();
        RadiatedField field = new RadiatedField(alone);
        return List.of(
                Worked.of(TAKEN)
                        .computed("s", "sent over the whole sky", sent * 1e6, "µW", 4)
                        .computed("h", "heat in wire and trap", heat * 1e6, "µW", 4)
                        .computed("p", "taken at the feed", taken * 1e6, "µW", 4)
                        .gives(-10 * Math.log10((sent + heat) / taken), "dB", 1, 1),
                Worked.of(IN_THE_OPEN)
                        .computed("r", "of the solved impedance", open, "Ω", 1)
                        .gives(open, "Ω", 0),
                Worked.of(DIRECT)
                        .computed("u", "straight ahead", field.intensity(Direction.X) * 1e6, "µW/sr", 4)
                        .computed("p", "taken at the feed", alone.inputPower() * 1e6, "µW", 4)
                        .gives(field.gainDbi(Direction.X), "dBi", 1));
    }

    private static FieldSolution solved(WireModel model, double frequency, BooleanSupplier goOn) {
        return new FieldSolver(model, MeshRule.standard(frequency), goOn).at(frequency);
    }

    @Override
    public WireModel model(Design d) {
        return model(d, EARTH);
    }

    private static WireModel model(Design d, Ground ground) {
        List<Vec> hung = hung(d);
        Vec feed = hung.get(0);
        Wiring w = Wiring.fixed(d);
        double down = Math.min(d.size(1), 0.9 * feed.z());
        w.wire(feed, new Vec(0, feed.y(), feed.z() - down));
        List<Vec> first = new ArrayList<>();
        List<Vec> rest = new ArrayList<>();
        split(hung, d.size(5), d.size(0), first, rest);
        w.wire(first, d.round(), false);
        if (rest.size() > 1) {
            w.wire(rest, d.round(), false);
        }
        double trap = d.size(6);
        if (trap > 0.02 * d.size(0) && trap < 0.98 * length(first)) {
            w.load(trap(new Port(1, new Port.Place.Distance(trap)), d.size(7)));
        }
        return w.feed(1, new Port.Place.Vertex(0)).model("Hung wire", ground);
    }

    private static Load trap(Port at, double hertz) {
        double omega = 2 * Math.PI * hertz;
        return new Load.Lumped(
                at,
                true,
                Optional.of(TRAP_OHMS * TRAP_Q),
                Optional.of(TRAP_OHMS / omega),
                Optional.of(1 / (omega * TRAP_OHMS)));
    }

    /** From the feed to the far support along a parabola as long as the wire. */
    private static List<Vec> hung(Design d) {
        double length = d.size(0);
        double rise = d.size(3) - d.size(2);
        // No support is higher over the other than the wire is long.
        double up = Math.max(-0.95 * length, Math.min(0.95 * length, rise));
        double sag = d.size(4) / 100;
        double low = 0.1 * length;
        double high = length;
        for (int i = 0; i < 60; i++) {
            double across = (low + high) / 2;
            if (length(curve(d.size(2), up, across, sag)) < length) {
                low = across;
            } else {
                high = across;
            }
        }
        return curve(d.size(2), up, low, sag);
    }

    private static List<Vec> curve(double from, double up, double across, double sag) {
        List<Vec> points = new ArrayList<>();
        for (int i = 0; i <= PIECES; i++) {
            double t = (double) i / PIECES;
            double z = from + up * t - 4 * sag * across * t * (1 - t);
            points.add(new Vec(0, across * (t - 0.5), Math.max(z, 0.02 * from)));
        }
        return points;
    }

    private static double length(List<Vec> points) {
        double sum = 0;
        for (int i = 1; i < points.size(); i++) {
            sum += points.get(i).minus(points.get(i - 1)).length();
        }
        return sum;
    }

    /** Cut at the open link, where there is one. */
    private static void split(List<Vec> hung, double link, double length, List<Vec> first, List<Vec> rest) {
        if (!(link > 0.05 * length) || link > 0.95 * length) {
            first.addAll(hung);
            return;
        }
        double walked = 0;
        first.add(hung.get(0));
        for (int i = 1; i < hung.size(); i++) {
            double edge = hung.get(i).minus(hung.get(i - 1)).length();
            if (rest.isEmpty() && walked + edge >= link) {
                Vec at = hung.get(i - 1).towards(hung.get(i), (link - walked) / edge);
                if (at.minus(first.get(first.size() - 1)).length() > OPEN) {
                    first.add(at);
                }
                double past = Math.min(0.99, (link - walked + OPEN) / edge);
                rest.add(hung.get(i - 1).towards(hung.get(i), past));
            }
            if (rest.isEmpty()) {
                first.add(hung.get(i));
            } else if (hung.get(i).minus(rest.get(rest.size() - 1)).length() > OPEN) {
                rest.add(hung.get(i));
            }
            walked += edge;
        }
    }
}
