package veldline.desktop.choose;

import java.util.stream.Collectors;
import veldline.quantity.NumberText;
import veldline.stock.Tool;
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
        String ground = m.ground()
                .map(g -> "worst place " + g.shown() + " over the floor; ")
                .orElse("");
        String band = m.band()
                .map(b -> "band " + NumberText.shown(b, b < 10 ? 1 : 0) + " %"
                        + m.cut()
                                .map(x -> ", cut to ±" + NumberText.shown(x, x < 10 ? 1 : 0) + " mm")
                                .orElse("")
                        + "; ")
                .orElse("");
        String tools = m.tools().isEmpty()
                ? ""
                : "takes " + m.tools().stream().map(Tool::words).sorted().collect(Collectors.joining(", ")) + "; ";
        return beam + back + ground + band + tools + NumberText.shown(m.kilograms(), 2) + " kg, "
                + m.wind().shown() + " of storm; " + NumberText.shown(m.hours(), 1) + " h, " + money + ".";
    }

    static String against(Candidate c, Candidate pinned) {
        double margin = c.margin().value() - pinned.margin().value();
        double hours = c.merits().hours() - pinned.merits().hours();
        String ground = c.merits()
                .ground()
                .flatMap(g -> pinned.merits()
                        .ground()
                        .map(p -> NumberText.signed(g.value() - p.value(), 1) + " dB at the worst place, "))
                .orElse("");
        double kg = c.merits().kilograms() - pinned.merits().kilograms();
        return "Against " + pinned.shaped().title() + ": " + NumberText.signed(margin, 1) + " dB, "
                + ground
                + NumberText.signed(kg, 2) + " kg, " + NumberText.signed(hours, 1) + " h.";
    }
}
