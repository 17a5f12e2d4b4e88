package veldline.study;

import java.util.Optional;
import java.util.Set;
import veldline.antenna.ApertureDesign;
import veldline.antenna.ClaimedBeam;
import veldline.antenna.Family;
import veldline.antenna.OnShelf;
import veldline.explain.Formula;
import veldline.explain.Worked;
import veldline.field.pattern.Beam;
import veldline.field.pattern.RadiatedField;
import veldline.field.wire.Direction;
import veldline.field.wire.Vec;
import veldline.job.Job;
import veldline.link.Back;
import veldline.link.Floor;
import veldline.stock.Metal;
import veldline.stock.Tool;

/**
 * What besides its gain speaks for or against a candidate.
 *
 * @param back margin the other way at the worst tide; empty where the far end does not send or this one does not hear
 * @param beam width to half power in the level plane, degrees; empty for one that serves alike all round
 * @param band width that keeps SWR 2, in 100 of the frequency; for one that is bought as claimed, empty for one that is not solved
 * @param cut how exactly its elements are cut, millimetres; empty for one that is not made of rods
 * @param tools it cannot be made or put up without
 * @param ground level over the floor at the worst place of the job's plan, put up as the plan says; empty without a plan
 * @param off what sway and an aim three degrees beside cost, dB
 * @param kilograms it weighs
 * @param wind force on it in a storm, newtons
 * @param hours until it hangs
 * @param money it costs, in the local coin
 * @param stock how many are to hand
 */
public record Merits(
        Optional<Worked> back,
        Optional<Double> beam,
        Optional<Double> band,
        Optional<Double> cut,
        Set<Tool> tools,
        Optional<Worked> ground,
        double off,
        double kilograms,
        Worked wind,
        double hours,
        double money,
        int stock) {
    /** Sway of a pole and an aim by compass, degrees. */
    private static final double ASIDE = 3;

    /** Rod, boom, connector and clamp of an antenna that is made, in the local coin. */
    private static final double MATERIAL = 20;

    private static final double STORM = 30;

    static final Formula WIND = new Formula(
            "Wind force",
            "On its area in a storm: drag 1.2, air of 1.225 kg/m³, v metres a second.",
            "F",
            "0.5·1.225·v^2·1.2·a",
            "Fluid mechanics",
            "Steady wind, no ice; local codes decide");

    /**
     * What a candidate has, given its margin one way.
     *
     * @param ground the worst place of the plan with it
     */
    static Merits of(
            Family.Shaped s,
            Job job,
            Metal metal,
            Worked margin,
            Optional<RadiatedField> field,
            Optional<Worked> ground) {
        double frequency = job.brief().frequency().value();
        Optional<BandAndCut> made = s.model().map(m -> BandAndCut.of(m, frequency));
        Optional<OnShelf> bought = s.family() instanceof OnShelf o ? Optional.of(o) : Optional.empty();
        Optional<Double> beam = bought.isPresent()
                ? bought.get().item().antenna().width().map(w -> w.value())
                : field.map(f -> width(f))
                        .or(() -> opening(s, frequency))
                        .or(() -> s.fitted().map(g -> fitted(g.value())));
        double area = bought.map(o -> o.item().wind()).orElseGet(() -> area(s));
        return new Merits(
                Back.margin(job.brief(), margin, Floor.of(job.brief(), job.farRun())),
                beam.filter(w -> w < 180),
                made.map(b -> b.band().value())
                        .or(() -> bought.map(
                                o -> 100 * (o.item().high() - o.item().low()) / frequency)),
                made.map(BandAndCut::cut),
                s.family().tools(),
                ground,
                beam.filter(w -> w < 180)
                        .map(w -> ClaimedBeam.parabola(ASIDE, w))
                        .orElse(0.0),
                bought.map(o -> o.item().kilograms()).orElseGet(() -> Practical.kilograms(s, metal)),
                Worked.of(WIND)
                        .computed("v", "a storm", STORM, "m/s", 0)
                        .computed("a", "area", area, "m²", 5)
                        .gives(0.5 * 1.225 * STORM * STORM * 1.2 * area, "N", 0),
                bought.isPresent()
                        ? 1.5
                        : 2 + 0.25 * s.model().map(m -> m.wires().size()).orElse(8),
                bought.map(o -> o.item().stock() > 0 ? 0 : o.item().money()).orElse(MATERIAL),
                bought.map(o -> o.item().stock()).orElse(0));
    }

    /** Half-power width in the level plane; 360 where it never falls so far. */
    private static double width(RadiatedField f) {
        return new Beam(f, Direction.X, new Vec(0, 1, 0)).halfPowerWidth().orElse(360.0);
    }

    /** A round beam of a gain: 32400 square degrees. */
    private static double fitted(double dbi) {
        return Math.sqrt(32_400 / Math.pow(10, dbi / 10));
    }

    /** Width in the level plane of one with an opening. */
    private static Optional<Double> opening(Family.Shaped s, double frequency) {
        return Candidates.opening(s)
                .flatMap(d -> d.radiation(frequency).edge(10 * Math.log10(2), d.upright() ? 90 : 0).stream()
                        .mapToObj(a -> 2 * a)
                        .findFirst());
    }

    private static double area(Family.Shaped s) {
        if (s.made().orElse(null) instanceof ApertureDesign d) {
            return d.of().area(d);
        }
        double rods = s.model().stream()
                .flatMap(m -> m.wires().stream())
                .mapToDouble(w -> 2 * w.radius() * w.length())
                .sum();
        return rods + 0.015 * s.length();
    }
}
