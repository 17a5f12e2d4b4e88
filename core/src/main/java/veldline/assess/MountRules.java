package veldline.assess;

import java.util.List;
import java.util.Optional;
import veldline.explain.Finding;
import veldline.explain.Worked;
import veldline.job.Job;
import veldline.quantity.NumberText;
import veldline.raise.Aim;
import veldline.raise.Mount;
import veldline.raise.MountLoad;

/** Judgements on what an antenna stands on, and on the compass it is aimed by. */
final class MountRules {
    /** A beam half as wide as it is should be so many times as wide as its mount sways. */
    private static final double SWAYS = 2;

    private MountRules() {}

    static List<Finding> of(Assessment a) {
        if (a.raise().mount().isEmpty()) {
            return List.of(Finding.plain(
                    Finding.Level.UNKNOWN,
                    "Wind on it not worked out:",
                    "its maker's sheet says what area it shows.",
                    "What structure it stands on and what that bears is for local codes and licensed practice.",
                    "wind open"));
        }
        MountLoad load = a.raise().mount().get();
        return List.of(holds(a.job(), load), sways(a, load));
    }

    private static Finding holds(Job job, MountLoad load) {
        Mount m = job.raise().mount();
        String rest = "in the " + m.tube().words() + " tube at " + m.wind() + "; it bears "
                + load.allowed().shown() + ".";
        String reason = load.moment().shown()
                + " at the clamp. Only a sound structure with its load checked; a chimney seldom is."
                + " Local code decides.";
        Finding f = load.holds()
                ? Finding.fits(load.stress().shown(), rest, reason, load.stress())
                : Finding.stop(
                        load.stress().shown(),
                        rest,
                        "Less free length, a thicker tube, or guys. " + reason,
                        "mount too weak",
                        load.stress());
        return f.withRuler(
                load.stress().value(),
                Optional.empty(),
                Optional.of(load.allowed().value()),
                0);
    }

    private static Finding sways(Assessment a, MountLoad load) {
        Optional<Worked> aim = a.raise().aimError();
        Optional<Double> half = a.beam(a.job().madeNear()).map(w -> w / 2);
        if (half.isEmpty()) {
            return Finding.fits(load.sway().shown(), "of sway.", "It has no beam that could miss.", load.sway());
        }
        String rest = "of sway; half the beam is " + NumberText.shown(half.get(), 1) + "°.";
        return half.get() >= SWAYS * load.sway().value()
                ? Finding.fits(
                        load.sway().shown(),
                        rest,
                        aim.map(e -> "1 dB is lost " + e.shown() + " off.").orElse(""),
                        load.sway())
                : Finding.watch(
                        load.sway().shown(),
                        rest,
                        "The beam leaves the mark in gusts: stiffer, shorter, or a wider beam.",
                        "sways off its aim",
                        load.sway());
    }

    static List<Finding> compass(Assessment a) {
        if (a.job().brief().field().isPresent()) {
            return List.of();
        }
        return List.of(a.raise()
                .compass()
                .map(c -> Finding.fits(
                        c.shown(),
                        "by compass towards " + towards(a) + ".",
                        "Clear of steel by two metres; a mast turns a needle.",
                        c))
                .orElseGet(() -> Finding.plain(
                        Finding.Level.UNKNOWN,
                        "Compass not set:",
                        "the declination of the place is not known.",
                        "Look it up for the day, on a chart or in a geomagnetic model, and type it with its sign: east counts.",
                        "declination?")));
    }

    /** What was read while it was swung, and where that says the far end is. */
    static List<Finding> swung(Assessment a) {
        int read = a.job().raise().swung().size();
        if (read == 0) {
            return List.of();
        }
        return List.of(a.raise()
                .aim()
                .map(aim -> swung(a, aim))
                .orElseGet(() -> Finding.plain(
                        Finding.Level.UNKNOWN,
                        "Aim not found:",
                        read < Aim.FEWEST ? "too few readings." : "the pattern of this antenna is not worked out.",
                        "Swing past both half-power edges, a reading every third of the beam or closer.",
                        "aim?")));
    }

    private static Finding swung(Assessment a, Aim aim) {
        String rest = "is the middle between both half-power edges, " + NumberText.shown(aim.low(), 1) + " and "
                + NumberText.shown(aim.high(), 1) + "°.";
        if (!aim.edges()) {
            return Finding.watch(
                    aim.mark().shown(),
                    rest,
                    "Readings pass one edge only: swing on, until it has fallen by half on the other side, too.",
                    "one edge only",
                    aim.mark());
        }
        if (aim.other().isPresent()) {
            return Finding.watch(
                    aim.mark().shown(),
                    rest,
                    "At " + NumberText.shown(aim.other().get(), 0)
                            + "° it fits nearly as well: a side lobe or a bounce. Swing wider, all around if there is room.",
                    "two places fit",
                    aim.mark());
        }
        double away = Math.abs(Aim.off(
                aim.mark().value(), a.raise().bearing(a.job().madeNear()).value()));
        return Finding.fits(
                aim.mark().shown(),
                rest,
                "The map says " + a.raise().bearing(a.job().madeNear()).shown() + ", " + NumberText.shown(away, 1)
                        + "° from it; readings differ by " + NumberText.shown(aim.misfit(), 1)
                        + " dB from its pattern.",
                aim.mark());
    }

    /** The end that the antenna which goes up looks to. */
    private static String towards(Assessment a) {
        return (a.job().madeNear() ? a.job().brief().far() : a.job().brief().near()).name();
    }
}
