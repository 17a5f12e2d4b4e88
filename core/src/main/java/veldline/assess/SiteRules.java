package veldline.assess;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import veldline.coverage.Coverage;
import veldline.coverage.Site;
import veldline.coverage.SiteChange;
import veldline.explain.Finding;
import veldline.explain.Worked;
import veldline.path.Material;
import veldline.quantity.NumberText;

/** Judgements on who can connect where. */
final class SiteRules {
    private static final double SEAM_FINE = 3;
    private static final double SEAM_WATCH = 6;

    /** Over this a run is redesigned, dB. */
    private static final double MOST_CABLE = 3;

    private SiteRules() {}

    /** The worst of the places people use, then the ground as a whole. */
    static List<Finding> served(Assessment a) {
        Optional<Coverage> known = a.site().value();
        if (a.job().site().isEmpty() || known.isEmpty()) {
            return List.of();
        }
        if (a.job().site().get().antennas().isEmpty()) {
            return List.of(Finding.plain(
                    Finding.Level.STOP,
                    "No antenna",
                    "stands on the plan.",
                    "Add one, or let the search suggest how many and where.",
                    "nothing served"));
        }
        Coverage c = known.get();
        List<Finding> found = new ArrayList<>();
        double floor = a.line().floor();
        double wish = a.line().wish();
        c.spots().stream()
                .min(Comparator.comparingDouble(s -> s.level().value()))
                .ifPresent(s -> found.add(spot(s, floor, wish)));
        Worked served = c.served();
        found.add(
                served.value() >= 95
                        ? Finding.fits(served.shown(), "of the ground has the margin wanted.", rest(c), served)
                        : Finding.watch(
                                served.shown(),
                                "of the ground has the margin wanted.",
                                rest(c),
                                "ground not served",
                                served));
        return found;
    }

    private static String rest(Coverage c) {
        return "Over the floor in " + c.holds().number() + " of 100; "
                + c.wasted().number() + " in 100 of what is strong falls where nobody asked for it.";
    }

    private static Finding spot(Coverage.AtSpot s, double floor, double wish) {
        double over = s.level().value() - floor;
        String lead = s.spot().name() + ": " + NumberText.shown(over, 1) + " dB";
        String rest = "over the floor; " + NumberText.shown(wish - floor, 1) + " wanted.";
        return over < 0
                ? Finding.stop(
                        s.spot().name() + ": " + NumberText.shown(-over, 1) + " dB",
                        "under the floor.",
                        "The worst of the places people use.",
                        "place deaf",
                        s.level())
                : over < wish - floor
                        ? Finding.watch(lead, rest, "The worst of the places people use.", "place short", s.level())
                        : Finding.fits(lead, rest, "The worst of the places people use.", s.level());
    }

    /** What several antennas cost, and where they meet. */
    static List<Finding> several(Assessment a) {
        Optional<Coverage> known = a.site().value();
        if (a.job().site().isEmpty() || known.isEmpty()) {
            return List.of();
        }
        Site site = a.job().site().get();
        List<Finding> found = new ArrayList<>();
        known.get().seam().ifPresent(seam -> found.add(seam(seam)));
        int n = site.antennas().size();
        if (n > 1 && site.oneRadio()) {
            double split = 10 * Math.log10(n);
            longest(site).ifPresent(found::add);
            found.add(Finding.plain(
                            Finding.Level.WATCH,
                            NumberText.shown(split, 1) + " dB",
                            "lost to splitting one radio over " + n + " antennas, and chains of its own.",
                            "A radio for each is preferred: each then has all of its power, and a channel of its own.",
                            "radio split")
                    .withRemedies(List.of(new Finding.Remedy(
                            "A radio for each",
                            "Each antenna then has " + NumberText.shown(split, 1) + " dB more.",
                            new SiteChange.OneRadio(false)))));
        }
        double frequency = a.job().brief().frequency().value();
        if (!Material.holds(frequency)
                && site.obstacles().stream().anyMatch(o -> o.material().isPresent())) {
            found.add(Finding.plain(
                    Finding.Level.WATCH,
                    "Walls not counted",
                    "on the plan; what they take is known from 100 MHz to 100 GHz.",
                    "Dunes and banks still are.",
                    "walls not counted"));
        }
        if (known.get().shadow() > 0) {
            found.add(Finding.plain(
                    Finding.Level.FITS,
                    NumberText.shown(known.get().shadow(), 0) + " m",
                    "out from the mast the beam passes overhead by 10 dB or more.",
                    "Levels are high so close in all the same; tilt it if people sit there.",
                    ""));
        }
        return found;
    }

    /** The longest run of cable from the one radio, where it takes more than may be lost before an antenna. */
    private static Optional<Finding> longest(Site site) {
        return site.antennas().stream()
                .max(Comparator.comparingDouble(
                        m -> site.cable(m.at(), m.height().value())))
                .map(m -> {
                    double metres = site.cable(m.at(), m.height().value());
                    double loss = metres * site.feeder().value();
                    return Finding.plain(
                            loss > MOST_CABLE ? Finding.Level.WATCH : Finding.Level.FITS,
                            NumberText.shown(loss, 1) + " dB",
                            "taken by " + NumberText.shown(metres, 0) + " m of cable from the radio to " + m.name()
                                    + ", the longest run.",
                            loss > MOST_CABLE
                                    ? "Over 3: redesign the run, or give it a radio of its own."
                                    : "The radio stands at the first antenna's foot.",
                            loss > MOST_CABLE ? "run takes much" : "");
                });
    }

    private static Finding seam(Worked seam) {
        String rest = "under the beams' middles where two antennas meet.";
        return seam.value() <= SEAM_FINE
                ? Finding.fits(seam.shown(), rest, "3 dB is fine.", seam)
                : Finding.watch(
                        seam.shown(),
                        rest,
                        seam.value() <= SEAM_WATCH
                                ? "Up to 6 dB is passable."
                                : "Over 6 dB: turn them closer, or add one.",
                        "wide seam",
                        seam);
    }
}
