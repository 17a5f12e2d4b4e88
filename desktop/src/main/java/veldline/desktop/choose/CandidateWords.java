package veldline.desktop.choose;

import veldline.quantity.NumberText;
import veldline.study.Candidate;
import veldline.study.Merits;

/** What a candidate has besides its gain, in words, and how it stands against the one that is pinned. */
final class CandidateWords {
    private CandidateWords() {}

    static String of(Candidate c) {
        Merits m = c.merits();
        String beam = m.beam()
                .map(w ->
                        "beam " + NumberText.shown(w, 0) + "°, 3° off costs " + NumberText.shown(m.off(), 1) + " dB; ")
                .orElse("serves all round; ");
        String back = m.back().map(b -> "back " + b.shown() + "; ").orElse("");
        String money = m.stock() > 0 ? "in stock" : "about " + NumberText.shown(m.money(), 0);
        return beam + back + NumberText.shown(m.kilograms(), 2) + " kg, "
                + m.wind().shown() + " of storm; " + NumberText.shown(m.hours(), 1) + " h, " + money + ".";
    }

    static String against(Candidate c, Candidate pinned) {
        double margin = c.margin().value() - pinned.margin().value();
        double hours = c.merits().hours() - pinned.merits().hours();
        double kg = c.merits().kilograms() - pinned.merits().kilograms();
        return "Against " + pinned.shaped().title() + ": " + NumberText.signed(margin, 1) + " dB, "
                + NumberText.signed(kg, 2) + " kg, " + NumberText.signed(hours, 1) + " h.";
    }
}
