package veldline.calc;

import static veldline.calc.Topic.asks;
import static veldline.calc.Topic.is;

import java.util.List;
import java.util.Locale;
import java.util.Map;
import veldline.link.ConductedTrade;
import veldline.link.Exposure;
import veldline.link.FieldStrength;
import veldline.link.Noise;
import veldline.path.FreeSpace;
import veldline.quantity.Unit;

/** Power, levels, limits and noise. */
final class PowerTopics {
    static final List<Topic> ALL = List.of(
            new Topic(
                    "EIRP and ERP",
                    asks("tx_power:dBm", "cable_loss:dB", "gain", "gain_unit"),
                    "EIRP = P − L + G; G in dBi = G in dBd + 2.15; ERP = EIRP − 2.15",
                    "IEEE Std 145; ITU-R BS.561-2",
                    "As good as the radio's power and the gain",
                    PowerTopics::eirp),
            new Topic(
                    "power and voltage units",
                    asks("value", "unit", "resistance:ohm"),
                    "P = V² ÷ R; dBµV = dBm + 90 + 10·log10(R)",
                    "Definitions of the units",
                    "Exact for a sine into a matched load",
                    PowerTopics::units),
            new Topic(
                    "power against gain trade rule",
                    asks("gain:dBi", "conducted_limit:dBm", "gain_threshold:dBi", "db_gain_per_db_power"),
                    "P = P0 − max(0, G − G0) ÷ r; EIRP = P + G",
                    "The rule of the profile in use",
                    "As the rule says; r = 3 is for one fixed far end only",
                    PowerTopics::trade),
            new Topic(
                    "RF exposure compliance distance",
                    asks("frequency:MHz", "power:W", "cable_loss:dB", "gain:dBi", "duty", "field_factor"),
                    "d = F·√(EIRP·duty ÷ (4·π·S))",
                    "ICNIRP 2020, table 5, whole body, general public",
                    "In the main beam, far field; local limits decide",
                    PowerTopics::exposure),
            new Topic(
                    "field strength from EIRP",
                    asks("eirp:dBm", "distance:m"),
                    "S = EIRP ÷ (4·π·d²); E = √(S·376.73)",
                    "ITU-R P.525-4",
                    "Free space, far field",
                    in -> {
                        double s = FieldStrength.density(in.n("eirp"), in.over0("distance"));
                        double e = FieldStrength.field(s);
                        return List.of(
                                is("power_density", s, "W/m2"),
                                is("field", e, "V/m"),
                                is("field_dBuVm", 20 * Math.log10(e * 1e6), "dBuV/m"));
                    }),
            new Topic(
                    "field strength to received power (antenna factor)",
                    asks("field:dBuV/m", "frequency:Hz", "gain:dBi", "resistance:ohm", "cable_loss:dB"),
                    "AF = 10·log10(4·π·η ÷ (R·λ²·G)); V = E − AF; P = V − L − 90 − 10·log10(R)",
                    "ITU-R SM.2093; Balanis, Antenna Theory, 3rd ed., §17.7",
                    "Matched antenna in the wave's own polarization",
                    in -> {
                        double r = in.over0("resistance");
                        double factor = FieldStrength.antennaFactorDb(
                                FreeSpace.wavelength(in.over0("frequency")), in.n("gain"), r);
                        double terminals = in.n("field") - factor;
                        double received = terminals - in.n("cable_loss");
                        return List.of(
                                is("antenna_factor", factor, "dB(1/m)"),
                                is("terminal_level", terminals, "dBuV"),
                                is("received_level", received, "dBuV"),
                                is("received_power", received - 90 - 10 * Math.log10(r), "dBm"));
                    }),
            new Topic(
                    "thermal noise floor",
                    asks("bandwidth:Hz", "temperature:K", "noise_figure:dB", "required_snr:dB"),
                    "N = 10·log10(k·T·B); floor = N + NF; sensitivity = floor + SNR",
                    "ITU-R P.372-16 §2",
                    "Exact where the source is at 290 K",
                    in -> {
                        double ktb = Noise.dbm(in.over0("temperature"), in.over0("bandwidth"));
                        double floor = ktb + in.n("noise_figure");
                        return List.of(
                                is("ktb", ktb, "dBm"),
                                is("noise_floor", floor, "dBm"),
                                is("sensitivity", floor + in.n("required_snr"), "dBm"));
                    }),
            new Topic(
                    "cascade noise figure",
                    asks("stages", "antenna_temperature:K", "bandwidth:Hz"),
                    "T = T1 + T2 ÷ G1 + T3 ÷ (G1·G2) + …; a loss L at Tp makes Tp·(L − 1)",
                    "Friis, Proc. IRE 32 (1944)",
                    "Matched stages",
                    PowerTopics::cascade),
            new Topic(
                    "power splitter loss",
                    asks("input_level:dBm", "ways", "excess:dB", "second_ways", "second_excess:dB"),
                    "10·log10(N) and the excess, for each splitter",
                    "Conservation of power",
                    "As good as the data sheet's excess; matched ports",
                    in -> {
                        double ideal = 10 * Math.log10(in.over0("ways") * in.over0("second_ways"));
                        double excess = in.n("excess") + in.n("second_excess");
                        return List.of(
                                is("ideal_loss", ideal, "dB"),
                                is("total_loss", ideal + excess, "dB"),
                                is("output_level", in.n("input_level") - ideal - excess, "dBm"),
                                is("efficiency", Math.pow(10, -excess / 10), ""));
                    }));

    private PowerTopics() {}

    private static List<Topic.Answer> eirp(Given in) {
        double gain = in.text("gain_unit").equalsIgnoreCase("dBd") ? Unit.DBD.toInside(in.n("gain")) : in.n("gain");
        double eirp = in.n("tx_power") - in.n("cable_loss") + gain;
        double erp = Unit.DBD.fromInside(eirp);
        return List.of(
                is("gain_dBi", gain, "dBi"),
                is("eirp_dBm", eirp, "dBm"),
                is("eirp_W", Unit.WATT.fromInside(eirp), "W"),
                is("erp_dBm", erp, "dBm"),
                is("erp_W", Unit.WATT.fromInside(erp), "W"));
    }

    private static List<Topic.Answer> units(Given in) {
        double r = in.over0("resistance");
        double v = in.n("value");
        double watts = switch (in.text("unit").toLowerCase(Locale.ROOT)) {
            case "dbm" -> Unit.WATT.fromInside(v);
            case "dbw" -> Math.pow(10, v / 10);
            case "w" -> v;
            case "mw" -> v / 1e3;
            case "uw" -> v / 1e6;
            case "dbuv" -> Math.pow(10, v / 10) * 1e-12 / r;
            case "v" -> v * v / r;
            case "mv" -> v * v * 1e-6 / r;
            case "uv" -> v * v * 1e-12 / r;
            default ->
                throw new IllegalArgumentException("No unit of power or voltage is called “" + in.text("unit")
                        + "”; give dBm, dBW, W, mW, uW, dBuV, V, mV or uV");
        };
        double volts = Math.sqrt(watts * r);
        return List.of(
                is("power_dBm", Unit.WATT.toInside(watts), "dBm"),
                is("power_W", watts, "W"),
                is("level_dBuV", 20 * Math.log10(volts * 1e6), "dBuV"),
                is("volts_rms", volts, "V"),
                is("volts_peak", volts * Math.sqrt(2), "V"));
    }

    private static List<Topic.Answer> trade(Given in) {
        double most = ConductedTrade.conducted(
                in.n("conducted_limit"), in.n("gain_threshold"), in.over0("db_gain_per_db_power"), in.n("gain"));
        return List.of(
                is("max_power_dBm", most, "dBm"),
                is("max_power_mW", Math.pow(10, most / 10), "mW"),
                is("max_eirp_dBm", most + in.n("gain"), "dBm"));
    }

    private static List<Topic.Answer> exposure(Given in) {
        double hertz = in.over0("frequency") * 1e6;
        double peak = Unit.WATT.toInside(in.over0("power")) - in.n("cable_loss") + in.n("gain");
        double average = peak + 10 * Math.log10(in.over0("duty"));
        double limit = Exposure.publicLevel(hertz);
        return List.of(
                is("limit", limit, "W/m2"),
                is("eirp_peak", Unit.WATT.fromInside(peak), "W"),
                is("eirp_average", Unit.WATT.fromInside(average), "W"),
                is("compliance_distance", Exposure.distance(average, hertz, in.over0("field_factor")), "m"),
                is("field_at_limit", FieldStrength.field(limit), "V/m"));
    }

    private static List<Topic.Answer> cascade(Given in) {
        List<Noise.Stage> stages =
                in.parts("stages").stream().map(PowerTopics::stage).toList();
        double own = Noise.cascade(stages);
        double system = own + in.n("antenna_temperature");
        return List.of(
                is("noise_figure", Noise.figure(own), "dB"),
                is("noise_temperature", own, "K"),
                is(
                        "total_gain",
                        stages.stream().mapToDouble(Noise.Stage::gainDb).sum(),
                        "dB"),
                is("system_temperature", system, "K"),
                is("noise_at_antenna_port", Noise.dbm(system, in.over0("bandwidth")), "dBm"));
    }

    private static Noise.Stage stage(Map<String, Object> s) {
        double kelvin = number(s, "temp_K", Noise.T0);
        return switch (String.valueOf(s.get("kind"))) {
            case "amp" -> Noise.Stage.amplifier(number(s, "gain_dB", 0), number(s, "nf_dB", 0));
            case "loss" -> Noise.Stage.loss(number(s, "loss_dB", 0), kelvin);
            case "splitter" ->
                Noise.Stage.loss(10 * Math.log10(number(s, "ways", 2)) + number(s, "excess_dB", 0), kelvin);
            default ->
                throw new IllegalArgumentException(
                        "No stage is called “" + s.get("kind") + "”; give amp, loss or splitter");
        };
    }

    private static double number(Map<String, Object> s, String name, double otherwise) {
        return s.get(name) instanceof Number n ? n.doubleValue() : otherwise;
    }
}
