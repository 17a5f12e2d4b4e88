package veldline.assess;

import java.util.List;
import java.util.Optional;
import veldline.explain.Finding;
import veldline.explain.Worked;
import veldline.quantity.NumberText;

/** Judgements on how it is put up. */
final class RaiseRules {
    private RaiseRules() {}

    static List<Finding> bearing(Assessment a) {
        RaiseFigures r = a.raise();
        String reason = r.aimError()
                .map(e -> "Off by " + e.number()
                        + "° either way costs 1 dB; set it by the middle of both half-power edges.")
                .orElse("");
        return List.of(Finding.fits(
                r.nearBearing().shown(),
                "from true north at " + a.job().brief().near().name() + "; "
                        + r.farBearing().shown() + " at "
                        + a.job().brief().far().name() + ".",
                reason,
                r.nearBearing()));
    }

    static List<Finding> lines(Assessment a) {
        Worked least = a.raise().clearOfLines();
        double away = a.job().raise().lineDistance().value();
        String rest = "at least to any overhead line; here " + NumberText.shown(away, 1) + " m.";
        Finding f = away >= least.value()
                ? Finding.fits(least.shown(), rest, "Local code may ask for more.", least)
                : Finding.stop(
                        least.shown(),
                        rest,
                        "If it falls it reaches the line. Choose another place.",
                        "power line near",
                        least);
        return List.of(f.withRuler(away, Optional.of(least.value()), Optional.empty(), 1));
    }

    static List<Finding> exposure(Assessment a) {
        Worked keep = a.raise().exposure();
        double people = a.job().raise().peopleDistance().value();
        String rest = "to keep in front of the antenna; people come to " + NumberText.shown(people, 1) + " m.";
        Finding f = people >= keep.value()
                ? Finding.fits(keep.shown(), rest, "Radio off while hands are on it. Local limits decide.", keep)
                : Finding.stop(
                        keep.shown(),
                        rest,
                        "Move it, or turn the radio down. Local limits decide.",
                        "people too near",
                        keep);
        return List.of(f.withRuler(people, Optional.of(keep.value()), Optional.empty(), 1));
    }

    static List<Finding> distance(Assessment a) {
        double map = a.raise().distance().value();
        double typed = a.job().brief().distance().value();
        if (Math.abs(map - typed) <= 0.01 * typed) {
            return List.of(Finding.fits(
                    a.raise().distance().shown(),
                    "by the coordinates, as in Brief.",
                    "",
                    a.raise().distance()));
        }
        return List.of(Finding.watch(
                a.raise().distance().shown(),
                "by the coordinates; " + NumberText.shown(typed, 0) + " m in Brief.",
                "One of the two is wrong.",
                "distances differ",
                a.raise().distance()));
    }

    static List<Finding> height(Assessment a) {
        return BriefRules.tide(a);
    }
}
