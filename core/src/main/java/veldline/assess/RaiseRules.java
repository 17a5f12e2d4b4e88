package veldline.assess;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import veldline.explain.Finding;
import veldline.explain.Worked;
import veldline.field.pattern.NearOutline;
import veldline.link.BearingSearch;
import veldline.link.Exposure;
import veldline.link.Needs;
import veldline.path.Tilt;
import veldline.quantity.NumberText;
import veldline.raise.Schedule;

/** Judgements on how it is put up. */
final class RaiseRules {
    private RaiseRules() {}

    static List<Finding> bearing(Assessment a) {
        RaiseFigures r = a.raise();
        String reason = r.aimError()
                .map(e -> "Off by " + e.number()
                        + "° either way costs 1 dB; set it by the middle of both half-power edges.")
                .orElse("");
        boolean near = a.job().madeNear();
        double mine =
                (near ? a.job().brief().near() : a.job().brief().far()).height().value();
        double other =
                (near ? a.job().brief().far() : a.job().brief().near()).height().value();
        String tilt = " Tilt " + (near ? r.nearTilt() : r.farTilt()).shown() + "; were rays straight, "
                + NumberText.shown(
                        Tilt.straight(mine, other, a.job().brief().distance().value()), 2)
                + "°.";
        Worked here = near ? r.nearBearing() : r.farBearing();
        Worked there = near ? r.farBearing() : r.nearBearing();
        return List.of(Finding.fits(
                here.shown(),
                "from true north at "
                        + (near ? a.job().brief().near() : a.job().brief().far()).name() + "; "
                        + there.shown() + " at "
                        + (near ? a.job().brief().far() : a.job().brief().near()).name() + ".",
                (reason + tilt).strip(),
                here));
    }

    /** Where to point for several senders, or where a second antenna would serve more. */
    static List<Finding> senders(Assessment a) {
        List<BearingSearch.Sender> all = a.senders();
        if (all.size() < 2) {
            return List.of();
        }
        BearingSearch.Found one = BearingSearch.one(all, a.beam(false));
        String lead = one.bearings().get(0) + "°";
        String rest = "serves " + one.served().size() + " of " + all.size() + ", the weakest with "
                + one.worst().shown() + ".";
        if (one.served().size() == all.size()) {
            return List.of(Finding.fits(lead, rest, "One antenna is enough.", one.worst()));
        }
        String more = BearingSearch.two(all, a.beam(false))
                .map(t -> "A second antenna and a combiner, " + t.bearings().get(0) + "° and "
                        + t.bearings().get(1) + "°, serve " + t.served().size() + ".")
                .orElse("A second antenna on a combiner would serve no more.");
        return List.of(Finding.watch(lead, rest, more, "not all served", one.worst()));
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
        if (a.job().brief().field().isPresent()) {
            return List.of();
        }
        if (a.raise().exposure().isEmpty()) {
            return List.of(Finding.plain(
                    Finding.Level.UNKNOWN,
                    "Exposure not worked out:",
                    "under 30 MHz fields are limited, not power density.",
                    "Keep people off the wire and its ends; ask a licensed practitioner.",
                    "exposure open"));
        }
        Worked keep = keep(a).orElseThrow();
        double people = a.job().raise().peopleDistance().value();
        String rest = "to keep from the antenna; people come to " + NumberText.shown(people, 1) + " m.";
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

    /** How far people keep: by the sphere, or by the near field where the sphere does not hold; empty where fields are what is limited. */
    static Optional<Worked> keep(Assessment a) {
        return near(a).or(() -> a.raise().exposure());
    }

    /** By the solved near field, where the far field's sphere would end before the far field begins; empty while it is not known. */
    private static Optional<Worked> near(Assessment a) {
        Optional<NearOutline> about = a.mesh().value().flatMap(MeshFigures::near);
        Optional<AntennaFigures> solved = a.antenna().value();
        if (about.isEmpty()
                || solved.isEmpty()
                || a.eirp().isEmpty()
                || !a.job().madeNear()) {
            return Optional.empty();
        }
        double frequency = a.job().brief().frequency().value();
        double formed = Exposure.farField(a.job().antenna(true).longest(), frequency);
        double watts =
                Math.pow(10, (a.eirp().get().value() - solved.get().gain().value() - 30) / 10);
        return a.raise()
                .exposure()
                .filter(sphere -> sphere.value() < formed)
                .map(sphere -> Exposure.near(about.get().reaches(watts, Exposure.beforeGround(frequency)), formed));
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

    /** Whether the work fits who is there, for how long and with what. */
    static List<Finding> schedule(Assessment a) {
        Schedule plan = a.raise().schedule();
        Needs needs = a.job().needs();
        Worked total = plan.worked();
        List<String> against = new ArrayList<>();
        if (needs.setUp().value() > 0 && plan.minutes() * 60 > needs.setUp().value()) {
            against.add(needs.setUp() + " allowed");
        }
        if (needs.hours().value() > 0 && plan.minutes() * 60 > needs.hours().value()) {
            against.add(needs.hours() + " there");
        }
        if (plan.people() > needs.people().value()) {
            against.add(plan.people() + " people needed, " + needs.people() + " there");
        }
        plan.steps().stream()
                .flatMap(s -> s.tools().stream())
                .filter(t -> !needs.tools().contains(t))
                .distinct()
                .forEach(t -> against.add("no " + t.words() + " to hand"));
        String rest = "for " + plan.steps().size() + " steps, " + plan.people()
                + (plan.people() == 1 ? " person." : " people.");
        String steps = plan.steps().stream()
                .map(s -> s.what() + " " + NumberText.shown(s.minutes(), 0))
                .reduce((x, y) -> x + "; " + y)
                .orElse("");
        return List.of(
                against.isEmpty()
                        ? Finding.fits(total.shown(), rest, steps + ".", total)
                        : Finding.watch(
                                total.shown(), rest, String.join("; ", against) + ".", "plan does not fit", total));
    }

    static List<Finding> height(Assessment a) {
        return BriefRules.tide(a);
    }
}
