package veldline.link;

import java.util.List;

/** Every rule on radiated power that ships with the program. */
public final class PowerProfiles {
    private static final PowerProfile.Band BAND_2400 = new PowerProfile.Band(2.4e9, 2.4835e9);

    private PowerProfiles() {}

    public static List<PowerProfile> all() {
        return List.of(
                new NotChecked(),
                new ReceiveOnly(),
                new EirpCap("eirp-eu-2400", "EIRP cap 20 dBm", "Europe, ETSI EN 300 328", BAND_2400, 20),
                new ConductedTrade(
                        "fcc-2400-multipoint",
                        "30 dBm and 6 dBi, many clients",
                        "USA, 47 CFR 15.247(b)(4)",
                        BAND_2400,
                        30,
                        6,
                        1),
                new ConductedTrade(
                        "fcc-2400-fixed",
                        "30 dBm and 6 dBi, one fixed far end",
                        "USA, 47 CFR 15.247(c)(1)(i)",
                        BAND_2400,
                        30,
                        6,
                        3),
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
