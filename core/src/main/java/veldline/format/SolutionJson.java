package veldline.format;

import com.fasterxml.jackson.databind.json.JsonMapper;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.List;
import org.hipparchus.complex.Complex;
import veldline.field.pattern.Lobes;
import veldline.field.pattern.MeshDoubt;
import veldline.field.pattern.PatternSummary;
import veldline.field.pattern.RadiatedField;
import veldline.field.solve.FieldSolution;
import veldline.field.wire.Direction;

/** A field solution as the JSON object that {@code solve} prints. What has no value is null. */
public final class SolutionJson {
    private static final JsonMapper MAPPER = JsonMapper.builder().build();

    private SolutionJson() {}

    /**
     * @param finer the same model on a mesh {@link MeshDoubt#FINER} times as fine, from which the error is estimated
     * @param warnings sentences for the person who asked
     */
    public static ObjectNode of(FieldSolution solution, FieldSolution finer, List<String> warnings) {
        PatternSummary p = PatternSummary.of(solution);
        ObjectNode json = MAPPER.createObjectNode();
        json.put("name", solution.model().name());
        json.put("frequency_mhz", solution.frequency() / 1e6);
        json.set("impedance", pairs(solution.impedances()));
        ArrayNode matrix = json.putArray("impedance_matrix");
        solution.impedanceMatrix().forEach(row -> matrix.add(pairs(row)));
        json.put("gain_dbi", p.gainDbi());
        number(json, "gain_theta_dbi", p.gainThetaDbi());
        number(json, "gain_phi_dbi", p.gainPhiDbi());
        json.put("max_gain_dbi", p.maxGainDbi());
        json.put("max_directivity_dbi", p.maxDirectivityDbi());
        json.set("max_direction_theta_phi_deg", angles(p.maxDirection()));
        json.set("boresight_theta_phi_deg", angles(p.boresight()));
        json.put("efficiency", p.efficiency());
        json.put("front_to_back_db", p.frontToBackDb().orElse(null));
        json.put("back_gain_dbi", p.backGainDbi().orElse(null));
        json.put("hpbw_e_deg", p.halfPowerE().orElse(null));
        json.put("hpbw_h_deg", p.halfPowerH().orElse(null));
        json.put("axial_ratio_db", p.polarization().axialRatioDb().orElse(null));
        json.put("sense", p.polarization().sense().name());
        json.put("tilt_deg", tilt(p));
        Lobes lobes = Lobes.of(new RadiatedField(solution), p.boresight());
        json.put("side_lobe_db", lobes.sideLobeDb().orElse(null));
        json.put("front_to_rear_db", lobes.rearDb().orElse(null));
        json.put("unknowns", solution.unknowns());
        json.put("power_balance", p.powerBalance());
        json.set("estimated_error", error(MeshDoubt.of(solution, p, finer)));
        ArrayNode notes = json.putArray("warnings");
        warnings.forEach(notes::add);
        return json;
    }

    /** Of the major axis of polarization at boresight, from growing theta towards growing phi, −90 to 90. */
    private static double tilt(PatternSummary p) {
        double theta = p.polarization().majorAxis().dot(p.boresight().thetaHat());
        double phi = p.polarization().majorAxis().dot(p.boresight().phiHat());
        double degrees = Math.toDegrees(Math.atan2(phi, theta));
        return degrees > 90 ? degrees - 180 : degrees <= -90 ? degrees + 180 : degrees;
    }

    private static ObjectNode error(MeshDoubt d) {
        ObjectNode json = MAPPER.createObjectNode();
        ArrayNode impedance = json.putArray("impedance");
        d.impedance().forEach(ohms -> impedance.addArray().add(ohms).add(ohms));
        json.put("gain_dbi", d.gainDb());
        json.put("gain_theta_dbi", d.gainThetaDb().orElse(null));
        json.put("gain_phi_dbi", d.gainPhiDb().orElse(null));
        json.put("max_gain_dbi", d.maxGainDb());
        json.put("max_directivity_dbi", d.maxDirectivityDb());
        json.put("efficiency", d.efficiency());
        json.put("front_to_back_db", d.frontToBackDb().orElse(null));
        json.put("back_gain_dbi", d.backGainDb().orElse(null));
        json.put("hpbw_e_deg", d.halfPowerE().orElse(null));
        json.put("hpbw_h_deg", d.halfPowerH().orElse(null));
        json.put("axial_ratio_db", d.axialRatioDb().orElse(null));
        return json;
    }

    private static void number(ObjectNode json, String name, double value) {
        if (Double.isFinite(value) && value > -150) {
            json.put(name, value);
        } else {
            json.putNull(name);
        }
    }

    private static ArrayNode pairs(List<Complex> values) {
        ArrayNode array = MAPPER.createArrayNode();
        values.forEach(z -> array.addArray().add(z.getReal()).add(z.getImaginary()));
        return array;
    }

    private static ArrayNode angles(Direction d) {
        return MAPPER.createArrayNode().add(d.theta()).add(d.phi());
    }
}
