package veldline.link;

import java.util.List;
import java.util.Optional;

/** Every rule on radiated power that ships with the program. */
public final class PowerProfiles {
    private static final PowerProfile.Band BAND_2400 = new PowerProfile.Band(2.4e9, 2.4835e9);

    /** What is ERP counts so much more as EIRP, dB (ITU-R BS.561). */
    private static final double ERP = 2.15;

    private PowerProfiles() {}

    public static List<PowerProfile> all() {
        return List.of(
                new NotChecked(),
                new ReceiveOnly(),
                new EirpCap(
                        "eirp-eu-2400",
                        "EIRP cap 20 dBm",
                        Jurisdiction.EUROPE,
                        "Europe, ETSI EN 300 328",
                        BAND_2400,
                        20),
                new ConductedTrade(
                        "fcc-2400-multipoint",
                        "30 dBm and 6 dBi, many clients",
                        Jurisdiction.USA,
                        "USA, 47 CFR 15.247(b)(4)",
                        BAND_2400,
                        30,
                        6,
                        1),
                new ConductedTrade(
                        "fcc-2400-fixed",
                        "30 dBm and 6 dBi, one fixed far end",
                        Jurisdiction.USA,
                        "USA, 47 CFR 15.247(c)(1)(i)",
                        BAND_2400,
                        30,
                        6,
                        3),
                new BandRule(
                        "eu-5150",
                        "23 dBm and 10 dBm a MHz, indoors",
                        Jurisdiction.EUROPE,
                        "Europe, ETSI EN 301 893",
                        new PowerProfile.Band(5.15e9, 5.35e9),
                        23,
                        Optional.of(10.0),
                        1,
                        true),
                new BandRule(
                        "eu-5470",
                        "30 dBm and 17 dBm a MHz",
                        Jurisdiction.EUROPE,
                        "Europe, ETSI EN 301 893",
                        new PowerProfile.Band(5.47e9, 5.725e9),
                        30,
                        Optional.of(17.0),
                        1,
                        false),
                new BandRule(
                        "eu-868-one",
                        "14 dBm ERP, 1 % of an hour",
                        Jurisdiction.EUROPE,
                        "Europe, ETSI EN 300 220",
                        new PowerProfile.Band(868.0e6, 868.6e6),
                        ERP + 14,
                        Optional.empty(),
                        0.01,
                        false),
                new BandRule(
                        "eu-869-ten",
                        "27 dBm ERP, 10 % of an hour",
                        Jurisdiction.EUROPE,
                        "Europe, ETSI EN 300 220",
                        new PowerProfile.Band(869.4e6, 869.65e6),
                        ERP + 27,
                        Optional.empty(),
                        0.1,
                        false),
                new LicencePower());
    }

    /** @throws IllegalArgumentException naming the ids there are */
    public static PowerProfile byId(String id) {
        return all().stream()
                .filter(p -> p.id().equals(id))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException("No power rule is called “" + id + "”; known are "
                        + String.join(", ", all().stream().map(PowerProfile::id).toList())));
    }
}
