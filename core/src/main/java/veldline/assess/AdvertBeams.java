package veldline.assess;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import veldline.antenna.Bounds;
import veldline.antenna.SectorClaim;
import veldline.explain.Finding;
import veldline.explain.Formula;
import veldline.explain.Worked;
import veldline.link.Offer;
import veldline.quantity.NumberText;

/** What an advert says of its size and its beams, held against what it says of its gain. */
final class AdvertBeams {
    private static final double C = 299_792_458.0;
    /** What a claim may go beyond before it is called impossible, dB. */
    private static final double ROOM = 1;
    /** What rounding of widths may do, dB. */
    private static final double SLACK = 0.5;
    /** An opening counts as one from so many waves on. */
    private static final double OPENING = 0.7;

    private static final Formula SURFACE = new Formula(
            "Most gain for its surface",
            "Its two greatest measures a and b as an opening evenly lit, looking out of it; w the wave.",
            "G",
            "10·log10(4·pi·a·b ÷ w^2)",
            "Balanis, Antenna Theory, 3rd ed., §12.9",
            "A ceiling for what is flat; a long antenna that looks along itself is judged by its length");
    private static final Formula ALONG = new Formula(
            "Most gain for its length",
            "Looking along its length l, each part in the best phase after the one before; w the wave.",
            "G",
            "10·log10(7.2·l ÷ w)",
            "Hansen and Woodyard, Proc. IRE 26 (1938); Balanis, §6.6",
            "A ceiling for long antennas from a wave on, ±1 dB; short ones of few elements may pass it a little");

    /** One school of what both widths leave of a ball. */
    private record School(double squareDegrees, Formula formula) {
        static School of(String name, double squareDegrees, String why) {
            return new School(
                    squareDegrees,
                    new Formula(
                            name,
                            "Both widths to half power as a share of the ball's square degrees k.",
                            "G",
                            "10·log10(k ÷ (a·b))",
                            "Kraus, Antennas, 3rd ed., §2-7; Stutzman and Thiele, §1.6",
                            why));
        }

        Worked gain(double level, double upright) {
            return Worked.of(formula)
                    .claimed("a", "level", level, "°", 1)
                    .claimed("b", "upright", upright, "°", 1)
                    .computed("k", "square degrees", squareDegrees, "", 0)
                    .gives(Bounds.fromBeamwidthsDbi(squareDegrees, level, upright), "dBi", 1, 1);
        }
    }

    private static final School KINDEST = School.of(
            "Gain by its beams, kindest", SectorClaim.KINDEST, "Nothing is lost beside the beam: no antenna does that");
    private static final School USUAL = School.of(
            "Gain by its beams, usual", SectorClaim.USUAL, "What most antennas reach; the one that is judged by");
    private static final School POOR =
            School.of("Gain by its beams, with losses", SectorClaim.POOR, "What lossy ones with side lobes reach");

    private AdvertBeams() {}

    static List<Finding> of(Assessment a, Offer o) {
        double frequency = a.job().brief().frequency().value();
        List<Finding> found = new ArrayList<>();
        surface(o, frequency).ifPresent(found::add);
        if (o.level().isPresent() && o.upright().isPresent()) {
            found.addAll(both(o));
        } else {
            o.level().ifPresent(w -> found.add(oneBeam(o, w.value(), frequency)));
        }
        return found;
    }

    private static Optional<Finding> surface(Offer o, double frequency) {
        double wave = C / frequency;
        if (o.across().isEmpty()) {
            return Optional.empty();
        }
        double a = o.length().value();
        double b = o.across().get().value();
        boolean flat = b > OPENING * wave;
        Worked most = flat
                ? Worked.of(SURFACE)
                        .claimed("a", "longest", a, "m", 4)
                        .claimed("b", "next", b, "m", 4)
                        .computed("w", "wave", wave, "m", 5)
                        .gives(Bounds.apertureDbi(a * b, frequency), "dBi", 1, ROOM)
                : Worked.of(ALONG)
                        .computed("l", "longest, a wave at least", Math.max(a, wave), "m", 4)
                        .computed("w", "wave", wave, "m", 5)
                        .gives(10 * Math.log10(7.2 * Math.max(a, wave) / wave), "dBi", 1, ROOM);
        String lead = o.length() + " by " + o.across().get() + ":";
        String rest = most.shown() + " is the most " + (flat ? "such a surface" : "along such a length") + " can have.";
        return Optional.of(
                o.gain().value() > most.value() + ROOM
                        ? Finding.stop(
                                lead, rest, "Its own measures speak against its gain.", "claim not possible", most)
                        : Finding.fits(lead, rest, "", most));
    }

    private static List<Finding> both(Offer o) {
        double claimed = o.gain().value();
        double level = o.level().orElseThrow().value();
        double upright = o.upright().orElseThrow().value();
        List<Finding> found = new ArrayList<>();
        for (School s : List.of(KINDEST, USUAL, POOR)) {
            Worked gain = s.gain(level, upright);
            String lead = gain.shown();
            String rest = "is “" + s.formula.name() + "”; ‘" + NumberText.shown(claimed, 1) + "’ claimed.";
            if (s == KINDEST && claimed > gain.value() + SLACK) {
                found.add(Finding.stop(lead, rest, "Gain and beams cannot both be so.", "beams deny gain", gain));
            } else if (s == USUAL && claimed > gain.value() + ROOM) {
                found.add(Finding.watch(lead, rest, "Its beams say less than its gain.", "claim is high", gain));
            } else {
                found.add(Finding.fits(lead, rest, s.formula.goodTo() + ".", gain));
            }
        }
        return found;
    }

    private static final Formula UPRIGHT = new Formula(
            "Upright beam its claim must have",
            "What its gain g and level width a leave of the ball, k square degrees.",
            "W",
            "k ÷ (10^(g ÷ 10)·a)",
            "Kraus, Antennas, 3rd ed., §2-7, solved for one width",
            "A claim without the upright beam is half a claim");

    private static Finding oneBeam(Offer o, double level, double frequency) {
        double width = SectorClaim.uprightWidth(o.gain().value(), level, SectorClaim.USUAL);
        Worked w = Worked.of(UPRIGHT)
                .computed("k", "square degrees", SectorClaim.USUAL, "", 0)
                .claimed("g", "gain", o.gain().value(), "dBi", 2)
                .claimed("a", "level", level, "°", 1)
                .gives(Math.min(180, width), "°", 1, 0.2 * Math.min(180, width));
        double tall = SectorClaim.leastHeight(Math.min(179, width), frequency);
        String lead = w.number() + "° upright";
        String rest = "is what ‘" + NumberText.shown(o.gain().value(), 1) + "’ dBi and " + NumberText.shown(level, 0)
                + "° level leave.";
        String needs = "So it stands at least " + NumberText.shown(tall * 1000, 0) + " mm tall";
        return tall > 1.1 * o.length().value()
                ? Finding.stop(lead, rest, needs + ", and it is " + o.length() + ".", "claim not possible", w)
                : Finding.fits(lead, rest, needs + ".", w);
    }
}
