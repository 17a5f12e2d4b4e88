package veldline.calc;

import static veldline.calc.Topic.asks;
import static veldline.calc.Topic.is;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import veldline.antenna.SectorClaim;
import veldline.coverage.SectorRing;
import veldline.link.HtRates;
import veldline.link.Noise;
import veldline.path.FreeSpace;
import veldline.raise.WindLoad;

/** Whole sums that join several: the link from end to end, an advert's claim, the wind on a mast. */
final class BudgetTopics {
    static final List<Topic> ALL = List.of(
            new Topic(
                    "link budget, end to end",
                    asks(
                            "tx_power:dBm",
                            "tx_cable:dB",
                            "tx_gain:dBi",
                            "frequency:Hz",
                            "distance:m",
                            "extra_loss:dB",
                            "polarization_loss:dB",
                            "rx_gain:dBi",
                            "rx_cable:dB",
                            "bandwidth:Hz",
                            "noise_figure:dB",
                            "required_snr:dB"),
                    "P = p − c + g − L − x − s + G − C; N = 10·log10(k·T·B) + F; margin = P − N − S",
                    "Friis, Proc. IRE 34 (1946); ITU-R P.525-4",
                    "As good as its parts; the bounce and the weather are not in it",
                    BudgetTopics::budget),
            new Topic(
                    "advert claim plausibility (gain and azimuth width)",
                    asks("claimed_gain:dBi", "azimuth_beamwidth:deg", "frequency:Hz"),
                    "upright = K ÷ (G·level); height = 0.4429·λ ÷ sin(upright ÷ 2), K = 41253, 32400, 26000",
                    "Kraus, Antennas, §2.9; Balanis, Antenna Theory (uniform line source)",
                    "The first K is the kindest reading a claim can have; 360° all round needs another sum",
                    BudgetTopics::claim),
            new Topic(
                    "802.11n 20 MHz one stream rate from level",
                    asks("rssi:dBm", "fade_margin:dB"),
                    "The fastest scheme whose least sensitivity the level less the margin still reaches",
                    "IEEE Std 802.11, HT PHY, 19.3.19.2",
                    "What the standard asks for; receivers are 5 to 12 dB better, and traffic gets about half",
                    BudgetTopics::rate),
            new Topic(
                    "sector ring ripple",
                    asks("sectors", "beamwidth:deg"),
                    "A = 12·(angle ÷ width)²; the strongest, and the sum by power, all round",
                    "Parabolic beam, −3 dB at half the width",
                    "Sectors with signals of their own; one signal on all makes deep nulls instead",
                    BudgetTopics::ring),
            new Topic(
                    "wind load and mast bending",
                    asks(
                            "wind_speed:m/s",
                            "air_density:kg/m3",
                            "tube_diameter:mm",
                            "tube_wall:mm",
                            "tube_length:m",
                            "cd_tube",
                            "panel_area:m2",
                            "solidity",
                            "cd_panel",
                            "panel_height:m"),
                    "q = ρ·v² ÷ 2; F = q·Cd·A; M = Ft·L ÷ 2 + Fp·h; W = π·(D⁴ − d⁴) ÷ (32·D); σ = M ÷ W",
                    "Fluid mechanics; beam theory",
                    "Steady wind; gusts, ice and the lie of the place come on top. Local codes decide",
                    BudgetTopics::wind));

    private BudgetTopics() {}

    private static List<Topic.Answer> rate(Given in) {
        Optional<HtRates> r = HtRates.at(in.n("rssi") - in.n("fade_margin"));
        List<Topic.Answer> out = new ArrayList<>(List.of(
                new Topic.Answer("mcs", r.map(HtRates::ordinal).orElse(-1), ""),
                is("rate_long_gi", r.map(x -> x.rate(false) / 1e6).orElse(0.0), "Mbit/s"),
                is("rate_short_gi", r.map(x -> x.rate(true) / 1e6).orElse(0.0), "Mbit/s")));
        r.ifPresent(x -> out.add(is("required_snr", x.snrDb(), "dB")));
        return out;
    }

    private static List<Topic.Answer> ring(Given in) {
        SectorRing ring = new SectorRing((int) in.over0("sectors"), in.over0("beamwidth"));
        return List.of(
                is("crossover_loss", ring.seamDb(), "dB"),
                is("best_server_ripple", ring.seamDb(), "dB"),
                is("power_sum_ripple", ring.rippleDb(), "dB"),
                is("power_sum_at_crossover", ring.sumDb(180.0 / ring.sectors()), "dB"),
                is("power_sum_at_boresight", ring.sumDb(0), "dB"));
    }

    private static List<Topic.Answer> budget(Given in) {
        double eirp = in.n("tx_power") - in.n("tx_cable") + in.n("tx_gain");
        double loss = FreeSpace.lossDb(in.over0("distance"), in.over0("frequency"));
        double received =
                eirp - loss - in.n("extra_loss") - in.n("polarization_loss") + in.n("rx_gain") - in.n("rx_cable");
        double noise = Noise.dbm(Noise.T0, in.over0("bandwidth")) + in.n("noise_figure");
        return List.of(
                is("eirp", eirp, "dBm"),
                is("path_loss", loss, "dB"),
                is("received", received, "dBm"),
                is("noise_floor", noise, "dBm"),
                is("snr", received - noise, "dB"),
                is("margin", received - noise - in.n("required_snr"), "dB"));
    }

    private static List<Topic.Answer> claim(Given in) {
        List<Topic.Answer> answers = new ArrayList<>();
        for (double product : new double[] {SectorClaim.KINDEST, SectorClaim.USUAL, SectorClaim.POOR}) {
            double upright = SectorClaim.uprightWidth(in.n("claimed_gain"), in.over0("azimuth_beamwidth"), product);
            String name = Integer.toString((int) product);
            answers.add(is("elevation_beamwidth_" + name, upright, "deg"));
            answers.add(is("min_height_" + name, SectorClaim.leastHeight(upright, in.over0("frequency")), "m"));
        }
        return answers;
    }

    private static List<Topic.Answer> wind(Given in) {
        WindLoad load = WindLoad.of(
                in.n("wind_speed"),
                in.over0("air_density"),
                new WindLoad.Tube(
                        in.over0("tube_diameter") / 1000,
                        in.over0("tube_wall") / 1000,
                        in.over0("tube_length"),
                        in.n("cd_tube")),
                new WindLoad.Panel(in.n("panel_area"), in.n("solidity"), in.n("cd_panel"), in.n("panel_height")));
        return List.of(
                is("pressure", load.pressure(), "Pa"),
                is("tube_force", load.tubeForce(), "N"),
                is("panel_force", load.panelForce(), "N"),
                is("total_force", load.force(), "N"),
                is("moment_at_clamp", load.moment(), "N m"),
                is("section_modulus", load.sectionModulus() * 1e6, "cm3"),
                is("bending_stress", load.stress() / 1e6, "MPa"));
    }
}
