package veldline.assess;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import veldline.antenna.Polarized;
import veldline.explain.Finding;
import veldline.explain.Worked;
import veldline.job.Job;
import veldline.prove.Heard;
import veldline.prove.HeightTurn;
import veldline.prove.PatternTurn;
import veldline.prove.PolarTurn;
import veldline.prove.Substitution;
import veldline.prove.Survey;
import veldline.prove.Turned;
import veldline.quantity.NumberText;
import veldline.raise.Aim;

/** Judgements on the tests at the place: what was turned, who was heard, what stood beside. */
final class TestRules {
    /** Both sides of a beam that differ by more are not one antenna's doing, dB. */
    private static final double LOPSIDED = 2;
    /** A beam whose width is off by more than this share is not the one that was solved. */
    private static final double WIDTH = 0.15;
    /** A back that is so much stronger than solved has something behind it, dB. */
    private static final double BACK = 4;
    /** A field is turned where it should be when it is no farther off, degrees. */
    private static final double CROOKED = 20;
    /** A law with less between most and least has a turning field at one end, or bounces alone, dB. */
    private static final double ROUND = 3;
    /** Another height is worth the climb from here, dB. */
    private static final double WORTH = 1.5;
    /** A channel carries from here on, dB over the strongest other. */
    private static final double CARRIES = 10;
    /** What drifts more between first and last was not the antennas, dB. */
    private static final double DRIFT = 1;
    /** Off the beam so far or more, degrees, an antenna is meant to hear less. */
    private static final double OFF = 60;

    private TestRules() {}

    static List<Finding> pattern(Assessment a) {
        if (a.job().prove().turned(Turned.BEARING).isEmpty()
                || a.tests().value().isEmpty()) {
            return List.of();
        }
        Optional<PatternTurn> turn = a.tests().value().flatMap(TestFigures::pattern);
        if (turn.isEmpty()) {
            return List.of(Finding.plain(
                    Finding.Level.UNKNOWN,
                    "No pattern yet:",
                    "too few readings, or this antenna is not solved.",
                    "Five bearings or more, all around, with an antenna that is shaped here.",
                    "pattern?"));
        }
        List<Finding> all = new ArrayList<>();
        all.add(beam(a, turn.get()));
        near(a).ifPresent(all::add);
        return all;
    }

    private static Finding beam(Assessment a, PatternTurn t) {
        Worked mark = t.aim().mark();
        double solved = t.aim().high() - t.aim().low();
        double width = solved < 0 ? solved + 360 : solved;
        String rest =
                "is the middle of its beam, " + t.width().map(Worked::shown).orElse("an unknown angle")
                        + " wide as read and " + NumberText.shown(width, 0) + "° as solved.";
        if (t.lopsided().filter(d -> d > LOPSIDED).isPresent()) {
            return Finding.watch(
                    mark.shown(),
                    rest,
                    "Its two sides differ by " + NumberText.shown(t.lopsided().get(), 1)
                            + " dB: something bounces there. Move some wavelengths, or stand in the open, and turn it again.",
                    "bounce seen",
                    t.width().orElse(mark));
        }
        if (t.strange().isPresent()) {
            PatternTurn.Strange x = t.strange().get();
            return Finding.watch(
                    mark.shown(),
                    rest,
                    "At " + NumberText.shown(x.bearing(), 0) + "° it hears " + NumberText.shown(x.over(), 0)
                            + " dB more than its cut says: a bounce comes from there. It must not be taken for the beam.",
                    "bounce seen",
                    t.width().orElse(mark));
        }
        Optional<Worked> weak = t.ahead().filter(f -> f.value() < t.solved() - BACK);
        if (weak.isPresent()) {
            return Finding.watch(
                    mark.shown(),
                    rest,
                    "Ahead less back is " + weak.get().shown() + " as read, " + NumberText.shown(t.solved(), 1)
                            + " dB as solved: what stands behind it, its mast or its cable fills the back.",
                    "back is filled",
                    weak.get());
        }
        boolean wide = t.width()
                .filter(w -> Math.abs(w.value() - width) > WIDTH * width)
                .isPresent();
        return wide
                ? Finding.watch(
                        mark.shown(),
                        rest,
                        "That is not the beam that was solved: look at its lengths.",
                        "beam differs",
                        t.width().get())
                : Finding.fits(
                        mark.shown(),
                        rest,
                        "Readings differ by " + NumberText.shown(t.aim().misfit(), 1) + " dB from its cut.",
                        t.width().orElse(mark));
    }

    /** A turn nearer than the far field tells of nothing but itself. */
    private static Optional<Finding> near(Assessment a) {
        double distance = a.job().brief().distance().value();
        return a.tests()
                .value()
                .flatMap(TestFigures::farField)
                .filter(far -> far.value() > distance)
                .map(far -> Finding.stop(
                        NumberText.shown(distance, 0) + " m",
                        "is nearer than its far field, from " + far.shown() + " on.",
                        "A pattern is not formed there; go farther away.",
                        "too near",
                        far));
    }

    static List<Finding> height(Assessment a) {
        Optional<HeightTurn> turn = a.tests().value().flatMap(TestFigures::height);
        if (turn.isEmpty()) {
            return List.of();
        }
        HeightTurn t = turn.get();
        String by = t.gains()
                .map(g -> "; " + NumberText.signed(g.value(), 1) + " dB over where it hangs, "
                        + a.job().brief().near().height())
                .orElse("; nobody read where it hangs");
        String tide = a.job().brief().tide().value() > 0
                ? "Over water the best height moves with the tide: read near low water, where a link is thinnest."
                : "Up is not always better: between two lobes it is down.";
        boolean worth = t.gains().filter(g -> g.value() > WORTH).isPresent();
        return List.of(
                worth
                        ? Finding.watch(
                                "At " + t.best().shown(),
                                "it hears most" + by + ".",
                                tide,
                                "another height",
                                t.gains().orElse(t.best()))
                        : Finding.fits(
                                "At " + t.best().shown(),
                                "it hears most" + by + ".",
                                tide,
                                t.gains().orElse(t.best())));
    }

    static List<Finding> polarization(Assessment a) {
        Optional<PolarTurn> turn = a.tests().value().flatMap(TestFigures::polarization);
        if (turn.isEmpty()) {
            return List.of();
        }
        PolarTurn t = turn.get();
        if (t.depth().value() < ROUND) {
            return List.of(Finding.plain(
                            Finding.Level.WATCH,
                            t.depth().shown(),
                            "between most and least over half a turn.",
                            "One end's field turns, or all that is heard was bounced about. Turning this one brings nothing.",
                            "no one angle")
                    .withWorked(t.depth()));
        }
        Job job = a.job();
        Optional<Polarized> mine = job.antenna(job.madeNear()).polarized().filter(p -> !p.circular());
        double off = mine.map(
                        p -> PolarTurn.apart(Math.toDegrees(p.tilt()), t.best().value()))
                .orElse(0.0);
        String rest = "is where it hears most; " + t.depth().shown() + " more than across.";
        return List.of(
                mine.isPresent() && off > CROOKED
                        ? Finding.watch(
                                t.best().shown() + " from flat",
                                rest,
                                "It is put up " + mine.get().words() + ", " + NumberText.shown(off, 0) + "° from that.",
                                "field is crossed",
                                t.best())
                        : Finding.fits(
                                t.best().shown() + " from flat",
                                rest,
                                mine.map(p -> "It is put up " + p.words() + ": as it should be.")
                                        .orElse("This one turns; the far end decides."),
                                t.best()));
    }

    static List<Finding> sides(Assessment a) {
        int read = a.job().prove().sides().readings().size();
        if (read == 0 || a.tests().value().isEmpty()) {
            return List.of();
        }
        Optional<Substitution> found = a.tests().value().flatMap(TestFigures::sides);
        if (found.isEmpty()) {
            return List.of(Finding.plain(
                    Finding.Level.UNKNOWN,
                    "No gain yet:",
                    "three readings or more of each antenna are wanted.",
                    "With two receivers, each antenna on each of them.",
                    "gain?"));
        }
        Substitution s = found.get();
        String half = NumberText.shown(s.gain().doubt().orElse(0.0), 1);
        String rest = "is the gain of the unknown one, ±" + half + " dB in "
                + NumberText.shown(a.job().prove().confidence().value(), 0) + " of 100.";
        if (s.drift().isEmpty()) {
            return List.of(Finding.watch(
                    s.gain().shown(),
                    rest,
                    "The known one was not read before and after: what drifted meanwhile counts as gain.",
                    "no control",
                    s.gain()));
        }
        String drift = "From first to last the level drifted by "
                + NumberText.signed(s.drift().get(), 1) + " dB, counted out."
                + s.receivers()
                        .map(r -> " The second receiver reads " + NumberText.signed(r, 1)
                                + " dB over the first, counted out.")
                        .orElse("");
        return List.of(
                Math.abs(s.drift().get()) > DRIFT
                        ? Finding.watch(
                                s.gain().shown(),
                                rest,
                                drift + " Read again when it is calmer.",
                                "it drifted",
                                s.gain())
                        : Finding.fits(s.gain().shown(), rest, drift, s.gain()));
    }

    /** Counting stations proves nothing; what the wanted one came up by does, and what it stands over. */
    static List<Finding> survey(Assessment a) {
        Optional<Survey> found = a.tests().value().flatMap(TestFigures::survey);
        if (found.isEmpty()) {
            return List.of();
        }
        Survey s = found.get();
        List<Finding> all = new ArrayList<>();
        all.add(wanted(a, s));
        s.paired()
                .ifPresent(p -> all.add(Finding.fits(
                        NumberText.signed(p.value(), 1) + " dB",
                        "is the mean of " + NumberText.shown(p.inputs().get(1).value(), 0) + " heard both times, ±"
                                + NumberText.shown(p.doubt().orElse(0.0), 1) + " in "
                                + NumberText.shown(a.job().prove().confidence().value(), 0) + " of 100.",
                        "",
                        p)));
        return all;
    }

    private static Finding wanted(Assessment a, Survey s) {
        String count =
                s.after() + " of " + a.job().prove().survey().size() + " are heard, " + s.before() + " were before.";
        String why = s.after() < s.before() ? fewer(a) : "A count is no measure of gain.";
        if (s.wanted().isEmpty()) {
            return Finding.plain(
                    Finding.Level.UNKNOWN,
                    "The wanted one",
                    "was not heard both times. " + count,
                    why,
                    "not both times");
        }
        String over = s.over()
                .map(o -> " It stands " + o.shown() + " over the strongest other"
                        + s.overBefore()
                                .map(b -> ", " + NumberText.shown(b, 1) + " before")
                                .orElse("") + ".")
                .orElse("");
        String lead = NumberText.signed(s.wanted().get().value(), 1) + " dB";
        String rest = "for the wanted one. " + count;
        boolean drowned = s.over().filter(o -> o.value() < CARRIES).isPresent();
        return s.wanted().get().value() <= 0 || drowned
                ? Finding.watch(
                        lead,
                        rest,
                        why + over,
                        drowned ? "others are strong" : "wanted is weaker",
                        s.wanted().get())
                : Finding.fits(lead, rest, why + over, s.wanted().get());
    }

    /** Why a beam hears fewer: those that are gone lie beside it. */
    private static String fewer(Assessment a) {
        double aim = a.raise().bearing(a.job().madeNear()).value();
        List<Heard> gone = a.job().prove().survey().stream()
                .filter(h -> h.before().isPresent() && h.after().isEmpty())
                .toList();
        long aside = gone.stream()
                .filter(h -> h.bearing()
                        .filter(b -> Math.abs(Aim.off(b.value(), aim)) >= OFF)
                        .isPresent())
                .count();
        return aside > 0
                ? aside + " of " + gone.size() + " that are gone lie " + NumberText.shown(OFF, 0)
                        + "° and more off the beam: that is what a beam is for."
                : "A narrow beam hears fewer: what lies beside it is taken off.";
    }
}
