package veldline.calc;

import static veldline.calc.Topic.asks;
import static veldline.calc.Topic.is;

import java.util.List;
import veldline.antenna.AxialHelix;
import veldline.antenna.Bounds;
import veldline.path.FreeSpace;

/** Antennas by formula, beside those that are solved. */
final class AntennaTopics {
    static final List<Topic> ALL = List.of(
            new Topic(
                    "axial-mode helix",
                    asks("turns", "circumference:wavelengths", "pitch_angle:deg"),
                    "S = C·tan α; 15·C²·N·S, 12·C²·N·S, and the fit to measurements",
                    "Kraus, Antennas, 2nd ed., ch. 7; King and Wong, IEEE Trans. AP-28 (1980)",
                    "The fit to 1 dB; the textbook is a ceiling 2 to 4 dB over it",
                    AntennaTopics::helix),
            new Topic(
                    "aperture limit",
                    asks("area:m2", "frequency:Hz"),
                    "G = 4·π·A ÷ λ²",
                    "Balanis, Antenna Theory, 3rd ed., §12.5",
                    "A ceiling: even light, no loss",
                    in -> List.of(
                            is("gain_limit", Bounds.apertureDbi(in.over0("area"), in.over0("frequency")), "dBi"))),
            new Topic(
                    "Harrington normal gain limit",
                    asks("radius:m", "frequency:Hz"),
                    "G = (k·a)² + 2·k·a",
                    "Harrington, IRE Trans. AP-6 (1958)",
                    "A ceiling without super-directivity; long end-fire arrays may pass it a little",
                    in -> {
                        double ka = 2 * Math.PI * in.over0("radius") / FreeSpace.wavelength(in.over0("frequency"));
                        return List.of(is("ka", ka, ""), is("gain_limit", Bounds.normalGainDbi(ka), "dBi"));
                    }),
            new Topic(
                    "directivity from two beamwidths",
                    asks("azimuth:deg", "elevation:deg"),
                    "D = K ÷ (az·el), K = 41253, 32400 or 26000; 72815 ÷ (az² + el²)",
                    "Balanis, Antenna Theory, 3rd ed., §2.7; Tai and Pereira, IEEE Trans. AP-24 (1976)",
                    "A guess to 1 or 2 dB: side lobes are not counted but by K",
                    in -> {
                        double az = in.over0("azimuth");
                        double el = in.over0("elevation");
                        return List.of(
                                is("d_41253", Bounds.fromBeamwidthsDbi(Bounds.SPHERE, az, el), "dBi"),
                                is("d_32400", Bounds.fromBeamwidthsDbi(32_400, az, el), "dBi"),
                                is("d_26000", Bounds.fromBeamwidthsDbi(26_000, az, el), "dBi"),
                                is("d_tai_pereira", Bounds.taiPereiraDbi(az, el), "dBi"));
                    }));

    private AntennaTopics() {}

    private static List<Topic.Answer> helix(Given in) {
        double n = in.over0("turns");
        double c = in.over0("circumference");
        double a = in.over0("pitch_angle");
        double s = c * Math.tan(Math.toRadians(a));
        double turn = Math.hypot(c, s);
        double axial = (2 * n + 1) / (2 * n);
        return List.of(
                is("spacing_wl", s, "wavelengths"),
                is("axial_length_wl", n * s, "wavelengths"),
                is("turn_length_wl", turn, "wavelengths"),
                is("wire_length_wl", n * turn, "wavelengths"),
                is("gain_kraus_15", AxialHelix.textbookGainDbi(15, n, c, a), "dBi"),
                is("gain_kraus_12", AxialHelix.textbookGainDbi(12, n, c, a), "dBi"),
                is("hpbw_kraus", AxialHelix.textbookWidth(n, c, a), "deg"),
                is("gain_king_wong", AxialHelix.gainDbi(n, c, a), "dBi"),
                is("hpbw_king_wong", AxialHelix.fittedWidth(n, c, a), "deg"),
                is("impedance_axial_feed", 140 * c, "ohm"),
                is("impedance_peripheral_feed", 150 / Math.sqrt(c), "ohm"),
                is("axial_ratio", axial, ""),
                is("axial_ratio_dB", 20 * Math.log10(axial), "dB"));
    }
}
