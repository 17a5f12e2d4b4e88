package veldline.build;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import veldline.antenna.Design;
import veldline.antenna.Made;
import veldline.antenna.YagiShape;
import veldline.explain.Caution;
import veldline.explain.Worked;
import veldline.quantity.NumberText;
import veldline.raise.Cautions;

/** The work in its order, with what must be seen before going on. */
final class Steps {
    private static final Caution CUT = caution("cut");
    private static final Caution SOLDER = caution("solder");
    private static final Caution TRANSMIT = Cautions.sending();

    private Steps() {}

    private static Caution caution(String id) {
        return Cautions.building().stream()
                .filter(c -> c.id().equals(id))
                .findFirst()
                .orElseThrow();
    }

    static List<Step> of(Made made, List<Cut> cuts, Marks marks, Optional<Worked> plane, Optional<Trim> trim) {
        List<Step> all = new ArrayList<>();
        Optional<Design> design =
                Optional.of(made).filter(Design.class::isInstance).map(Design.class::cast);
        all.add(Step.plain("Lay out the stock and measure it with a calliper: lengths hold for this diameter only."));
        all.add(Step.hold(
                        "Mark every cut from one end, saw on the waste side, file ends square.",
                        "every length measured again and ticked")
                .with(CUT));
        if (cuts.stream().anyMatch(c -> !c.bends().isEmpty() && !c.curved())) {
            all.add(Step.hold(
                    "Bend at the marks, which are the middles of the bends, over a round of twice the conductor.",
                    "laid on its true-size drawing it matches"));
        }
        if (cuts.stream().anyMatch(Cut::curved)) {
            all.add(Step.hold("Wind or bend what is curved around its former, evenly.", "turns and leans all alike"));
        }
        if (!marks.marks().isEmpty()) {
            all.add(Step.hold(
                            "Mark the boom from one end, never from hole to hole; centre punch, drill, file.",
                            "every mark measured from the same end")
                    .with(CUT));
            plane.ifPresent(p -> all.add(Step.hold(
                    "Set the elements in one plane and parallel: a tip " + p.shown() + " out costs 0.1 dB.",
                    "seen from the end, all lie over one another")));
        }
        if (made instanceof YagiShape y && y.feed() != YagiShape.Feed.FOLDED) {
            all.add(Step.plain("Part the driven element in its middle; the feed's gap comes off both halves alike."));
        }
        design.ifPresent(d -> d.of().notes(d).forEach(n -> all.add(Step.plain(n))));
        all.add(Step.plain("Onto the cable before anything is soldered: "
                + String.join(", ", FeedPoint.first(design.map(Design::balanced).orElse(true))) + "."));
        boolean shorted = DcPath.shorted(made.model());
        all.add(Step.hold(
                        "Strip the cable as drawn and join it at the feed point.",
                        shorted
                                ? "a short from inner conductor to shield, as is right for this antenna"
                                : "continuity to both sides, and no short between them")
                .with(SOLDER));
        all.add(Step.hold(
                "Seal the feed point against water, a drain left open below.", "cured for as long as its maker says"));
        all.add(Step.hold(
                        "Sweep it where it will stand, or a wave clear of everything; "
                                + trim.map(Steps::trimmed).orElse("there is nothing to trim: compare with the curve."),
                        "SWR under 2 over the channel")
                .with(TRANSMIT));
        all.add(Step.plain("Bond boom and mast, and write date and figures into the log."));
        return List.copyOf(all);
    }

    private static String trimmed(Trim t) {
        return "trim long to short: a millimetre off the " + t.part() + " lifts the dip by "
                + t.perMillimetre().shown().replace("/mm", "")
                + "; a tenth of what is missing at a time, both sides alike"
                + (t.perMillimetre().value() > 0
                        ? " (" + NumberText.shown(1 / t.perMillimetre().value(), 2) + " mm a megahertz)."
                        : ".");
    }
}
