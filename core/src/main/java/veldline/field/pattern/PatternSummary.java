package veldline.field.pattern;

import java.util.Optional;
import veldline.field.solve.FieldSolution;
import veldline.field.wire.Direction;
import veldline.field.wire.Ground;

/**
 * What a pattern comes to in the terms of IEEE Std 145.
 *
 * @param boresight the direction the gains are quoted in
 * @param gainDbi total gain there, efficiency included
 * @param gainThetaDbi the theta component's share, minus infinity when there is none
 * @param gainPhiDbi the phi component's share
 * @param maxGainDbi the greatest gain in any direction
 * @param maxDirection where that is
 * @param maxDirectivityDbi greatest gain over the efficiency
 * @param efficiency radiated over accepted power; what a real ground takes is not radiated
 * @param frontToBackDb boresight over exactly opposite; empty over ground
 * @param backGainDbi gain exactly opposite; empty over ground
 * @param halfPowerE full width to half power in the E plane, degrees
 * @param halfPowerH full width to half power in the H plane, degrees
 * @param polarization at boresight
 * @param powerBalance radiated, integrated over the sphere, plus lost, over accepted
 */
public record PatternSummary(
        Direction boresight,
        double gainDbi,
        double gainThetaDbi,
        double gainPhiDbi,
        double maxGainDbi,
        Direction maxDirection,
        double maxDirectivityDbi,
        double efficiency,
        Optional<Double> frontToBackDb,
        Optional<Double> backGainDbi,
        Optional<Double> halfPowerE,
        Optional<Double> halfPowerH,
        Polarization polarization,
        double powerBalance) {

    public static PatternSummary of(FieldSolution solution) {
        RadiatedField field = new RadiatedField(solution);
        double reach = solution.model().wires().stream()
                .flatMap(w -> w.points().stream())
                .mapToDouble(p -> p.length())
                .max()
                .orElseThrow();
        Direction strongest = Sphere.strongest(field, reach);
        Direction d = solution.model().boresight().orElse(strongest);
        double gain = field.gainDbi(d);
        double most = Math.max(field.gainDbi(strongest), gain);
        Optional<Double> back = field.overGround() ? Optional.empty() : Optional.of(field.gainDbi(d.opposite()));
        double radiated = Sphere.radiatedPower(field, reach);
        // What a real ground takes is neither heat in the antenna nor radiated.
        double efficiency = solution.model().ground().kind() == Ground.Kind.REAL
                ? radiated / solution.inputPower()
                : field.efficiency();
        return new PatternSummary(
                d,
                gain,
                field.componentGainDbi(d, true),
                field.componentGainDbi(d, false),
                most,
                strongest,
                most - 10 * Math.log10(efficiency),
                efficiency,
                back.map(b -> gain - b),
                back,
                Beam.ePlane(field, d).halfPowerWidth(),
                Beam.hPlane(field, d).halfPowerWidth(),
                Polarization.of(field, d),
                (radiated + solution.lostPower()) / solution.inputPower());
    }
}
