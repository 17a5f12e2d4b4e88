package veldline.assess;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import veldline.antenna.ApertureDesign;
import veldline.antenna.Bought;
import veldline.antenna.Design;
import veldline.antenna.HungWire;
import veldline.antenna.OpeningChange;
import veldline.antenna.Polarized;
import veldline.antenna.WireWindows;
import veldline.antenna.YagiChange;
import veldline.antenna.YagiShape;
import veldline.explain.Finding;
import veldline.explain.Worked;
import veldline.feed.FeedPart;
import veldline.job.JobChange;
import veldline.line.CableLoss;
import veldline.picture.Paragraph;
import veldline.quantity.NumberText;
import veldline.quantity.Quantity;
import veldline.quantity.Unit;

/** Judgements on the near antenna. */
final class ShapeRules {
    static final double SWR_USABLE = 2;
    static final double CLOSE_TO_LIMIT = 0.5;
    /** Less than that is not told, dB. */
    private static final double LITTLE = 0.05;

    private ShapeRules() {}

    static List<Finding> gain(Assessment a) {
        if (a.antenna() instanceof Stage.Absent<AntennaFigures> absent) {
            return List.of(absent(a, absent.why()));
        }
        if (a.antenna() instanceof Stage.Failed<AntennaFigures> failed) {
            String[] lines = failed.why().split("\n");
            return List.of(Finding.plain(
                    Finding.Level.STOP,
                    "This cannot be solved.",
                    lines[0] + ".",
                    "The last good figures are not shown.",
                    "cannot be solved"));
        }
        if (a.antenna().value().isEmpty()) {
            return List.of(Finding.plain(Finding.Level.UNKNOWN, "Being solved.", "", "", ""));
        }
        Worked gain = a.antenna().value().get().gain();
        double lost = a.matchLoss();
        boolean enough = gain.value() - lost >= a.needed().value();
        boolean allowed = a.allowed().map(most -> gain.value() <= most.value()).orElse(true);
        String reason = "Below " + a.needed().number() + " the worst tide leaves too little"
                + a.allowed()
                        .map(m -> "; above " + m.number() + " it radiates too much.")
                        .orElse(".")
                + (lost < LITTLE ? "" : " Its match takes " + NumberText.shown(lost, 2) + " dB of it.");
        Finding f = !allowed
                ? Finding.stop(gain.shown(), "of gain, more than may be used.", reason, "over the limit", gain)
                : enough
                        ? Finding.fits(gain.shown(), "of gain, inside your window.", reason, gain)
                        : Finding.watch(
                                gain.shown(),
                                "of gain; " + a.needed().number() + " needed.",
                                reason,
                                "gain short",
                                gain);
        return List.of(f.withRuler(
                gain.value(), Optional.of(a.needed().value()), a.allowed().map(Worked::value), 1));
    }

    /** How others work out one of its figures, beside what is solved. */
    static List<Finding> schools(Assessment a) {
        return told(a.closer().value().map(CloserLook::schools).orElse(List.of()));
    }

    /** Figures by their names and what they are good to. */
    static List<Finding> told(List<Worked> figures) {
        return figures.stream()
                .map(w -> Finding.fits(
                        w.shown(),
                        "is “" + w.formula().name() + "”.",
                        w.formula().goodTo() + ".",
                        w))
                .toList();
    }

    /** Of a wire for several bands: the lengths that keep clear of every half wave of every station. */
    static List<Finding> windows(Assessment a) {
        if (a.job().stations().size() < 2
                || !(a.job().made().orElse(null) instanceof Design d)
                || !(d.of() instanceof HungWire)) {
            return List.of();
        }
        double length = d.size(0);
        WireWindows w = StationWindows.of(a.job(), length / 2, 2 * length);
        String open = w.open().stream()
                .map(o -> NumberText.shown(o.from(), 1) + " to " + NumberText.shown(o.to(), 1))
                .reduce((x, y) -> x + ", " + y)
                .orElse("none");
        return List.of(Finding.plain(
                w.allows(length) ? Finding.Level.FITS : Finding.Level.WATCH,
                NumberText.shown(length, 2) + " m of wire",
                w.allows(length)
                        ? "keeps clear of every half wave."
                        : "is near a half wave of a band: thousands of ohms.",
                "Clear of all " + a.job().stations().size() + " stations: " + open + " m.",
                w.allows(length) ? "" : "half wave"));
    }

    /** What the kind of antenna does well, and what another does better. */
    static List<Finding> kind(Assessment a) {
        return a.job().made().filter(Design.class::isInstance).map(Design.class::cast).stream()
                .map(d -> Finding.plain(Finding.Level.FITS, d.title() + ":", d.of().good(), "But: " + d.of().bad(), ""))
                .toList();
    }

    private static Finding absent(Assessment a, String why) {
        boolean near = a.job().madeNear();
        Optional<Worked> claim = a.job().antenna(near).claimedGain();
        if (claim.isEmpty()) {
            return Finding.plain(
                    Finding.Level.UNKNOWN,
                    why + ".",
                    a.needed().shown() + " of gain are needed.",
                    "Choose ranks what would do.",
                    "not chosen");
        }
        Worked gain = claim.get();
        return gain.value() >= a.needed().value()
                ? Finding.fits(
                        "‘" + gain.number() + "’ dBi", "claimed; " + a.needed().number() + " needed.", why + ".", gain)
                : Finding.watch(
                        "‘" + gain.number() + "’ dBi",
                        "claimed; " + a.needed().number() + " needed.",
                        why + ".",
                        "gain short",
                        gain);
    }

    static List<Finding> power(Assessment a) {
        if (a.eirp().isEmpty() || a.mostEirp().isEmpty()) {
            return BriefRules.power(a);
        }
        Worked eirp = a.eirp().get();
        double most = a.mostEirp().get().value();
        double room = most - eirp.value();
        String place = a.job().brief().near().name();
        String rest = "leaves " + place + "; " + NumberText.shown(most, 1) + " is the most.";
        if (room < 0) {
            return List.of(Finding.stop(
                            eirp.shown(), rest, a.powerNote() + ".", NumberText.shown(-room, 1) + " over limit", eirp)
                    .withRemedies(lowerPower(a, room)));
        }
        return List.of(
                room < CLOSE_TO_LIMIT
                        ? Finding.watch(
                                eirp.shown(),
                                rest,
                                cableNote(a, room),
                                NumberText.shown(room, 1) + " under limit",
                                eirp)
                        : Finding.fits(eirp.shown(), rest, a.powerNote() + ".", eirp));
    }

    /** How short the cable may get before the limit is passed. */
    private static String cableNote(Assessment a, double room) {
        for (FeedPart part : a.job().nearRun().parts()) {
            if (part.cable().isPresent() && part.length().isPresent()) {
                CableLoss loss = part.cable().get();
                double perMetre = loss.lossDb(1, a.job().brief().frequency().value());
                double shortest = part.length().get().value() - room / perMetre;
                return "A cable shorter than " + NumberText.shown(Math.max(0, shortest), 1) + " m puts it over.";
            }
        }
        return "Anything that takes less puts it over.";
    }

    private static List<Finding.Remedy> lowerPower(Assessment a, double room) {
        double power = a.job().brief().near().radio().power().value();
        double lower = Math.floor((power + room) * 2) / 2;
        return List.of(new Finding.Remedy(
                "Turn the radio down to " + NumberText.shown(lower, 1) + " dBm",
                "Then it keeps to the limit.",
                new veldline.link.BriefChange.Power(Quantity.shown(lower, Unit.DBM, 1))));
    }

    static List<Finding> swr(Assessment a) {
        if (a.antenna().value().isEmpty()) {
            return List.of();
        }
        Worked swr = a.antenna().value().get().swr();
        String rest = "on channel; " + NumberText.shown(SWR_USABLE, 1) + " is usable, 1.5 good.";
        return List.of(
                swr.value() <= SWR_USABLE
                        ? Finding.fits("SWR " + swr.number(), rest, "A gate only: a dummy load is perfect too.", swr)
                        : Finding.watch("SWR " + swr.number(), rest, "Match brings it down.", "SWR high", swr));
    }

    /** Beyond this a mismatch of polarizations is called crossed, dB. */
    private static final double CROSSED = 10;

    static List<Finding> polarization(Assessment a) {
        Optional<Polarized> near = a.job().nearAntenna().polarized();
        Optional<Polarized> far = a.job().farAntenna().polarized();
        if (near.isEmpty() || far.isEmpty()) {
            return List.of();
        }
        Worked loss = a.path().polarization();
        String pair =
                Paragraph.capital(near.get().words()) + " here, " + far.get().words() + " there:";
        if (loss.value() < 0.5) {
            return List.of(Finding.fits(
                    pair, "no loss.", "Crossed they would lose nearly everything, twenty decibels or more.", loss));
        }
        if (loss.value() < CROSSED) {
            return List.of(Finding.watch(
                    pair, loss.shown() + " lost.", "One kind at both ends loses nothing.", "half lost", loss));
        }
        return List.of(Finding.stop(
                        pair,
                        loss.shown() + " lost.",
                        "Crossed; built ones part no further than this, and a bounce may turn the hand.",
                        "crossed",
                        loss)
                .withRemedies(turning(a, near.get(), far.get())));
    }

    private static List<Finding.Remedy> turning(Assessment a, Polarized near, Polarized far) {
        boolean made = a.job().yagi().isPresent();
        if (made && !near.circular() && !far.circular()) {
            boolean up = (a.job().madeNear() ? far : near).upright();
            return List.of(new Finding.Remedy(
                    up ? "Stand the elements up" : "Lay the elements flat",
                    "Then both match.",
                    new YagiChange.Upright(up)));
        }
        boolean shaped = a.job().madeNear();
        if (a.job().antenna(shaped) instanceof ApertureDesign && !near.circular() && !far.circular()) {
            boolean up = (shaped ? far : near).upright();
            return List.of(new Finding.Remedy(
                    up ? "Turn the feed upright" : "Turn the feed level",
                    "Then both match.",
                    new JobChange.OfOpening(shaped, new OpeningChange.Stands(up))));
        }
        return a.job().antenna(true) instanceof Bought b
                ? List.of(new Finding.Remedy(
                        "Make this end " + far.words(),
                        "Another antenna, or the same built the other way about.",
                        new JobChange.Fit(true, b.withPolarization(far))))
                : List.of();
    }

    static List<Finding> fits(Assessment a) {
        List<Finding> found = new ArrayList<>();
        if (a.job().yagi().isEmpty()) {
            return found;
        }
        YagiShape y = a.job().yagi().get();
        double allowed = a.job().brief().sizeAllowed().value();
        if (y.boomLength() > allowed * (1 + 1e-9)) {
            found.add(Finding.plain(
                    Finding.Level.STOP,
                    NumberText.shown(y.boomLength() * 1000, 0) + " mm of boom;",
                    NumberText.shown(allowed * 1000, 0) + " allowed.",
                    "Shorten the boom or allow more in Brief.",
                    "too long"));
        }
        for (int i = 1; i < y.elements().size(); i++) {
            if (y.elements().get(i).position().value()
                    <= y.elements().get(i - 1).position().value()) {
                found.add(Finding.plain(
                        Finding.Level.STOP,
                        "Element " + YagiShape.nameOf(i),
                        "does not stand ahead of " + YagiShape.nameOf(i - 1) + ".",
                        "Elements go forward along the boom.",
                        "order wrong"));
            }
        }
        return found;
    }
}
