package veldline.link;

import java.util.Optional;
import veldline.explain.Formula;
import veldline.explain.Worked;

/** The other direction of a link: the way takes as much, only what is sent and what can be heard differ. */
public final class Back {
    static final Formula FORMULA = new Formula(
            "Margin the other way",
            "The way takes as much in both directions; only what is sent and what can be heard differ.",
            "B",
            "m + (q − p) + (f − g)",
            "Reciprocity (Stutzman and Thiele, Antenna Theory and Design, §9.1)",
            "As the margin; an amplifier on the way breaks it");

    private Back() {}

    /** Empty where one end never sends, or the line begins at a field. */
    public static Optional<Worked> margin(Brief brief, Worked oneWay, Worked floor) {
        Radio near = brief.near().radio();
        Radio far = brief.far().radio();
        if (brief.field().isPresent() || !near.sends() || !far.sends()) {
            return Optional.empty();
        }
        double value = oneWay.value()
                + far.power().value()
                - near.power().value()
                + floor.value()
                - near.sensitivity().value();
        return Optional.of(Worked.of(FORMULA)
                .from("m", "margin this way", oneWay)
                .typed("q", "sent by the far radio", far.power().value(), "dBm", 3)
                .typed("p", "sent by the near one", near.power().value(), "dBm", 3)
                .from("f", "floor of the far radio", floor)
                .typed("g", "floor of the near one", near.sensitivity().value(), "dBm", 2)
                .gives(value, "dB", 1, oneWay.doubt().orElse(1.0)));
    }
}
