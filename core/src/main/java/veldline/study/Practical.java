package veldline.study;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import veldline.antenna.ApertureDesign;
import veldline.antenna.Design;
import veldline.antenna.Family;
import veldline.antenna.OnShelf;
import veldline.explain.Finding;
import veldline.field.wire.Wire;
import veldline.link.Needs;
import veldline.quantity.NumberText;
import veldline.stock.Metal;
import veldline.stock.Piece;
import veldline.stock.Tool;

/** Whether an antenna can be made and carried with what there is. */
final class Practical {
    /** Boom or former, a metre of it, kg: wood of 15 mm square. */
    private static final double BOOM = 0.12;

    /** Longer than this it is seen from afar, metres. */
    private static final double SEEN = 1;

    /**
     * Something that stands against it.
     *
     * @param level stop where it cannot be done at all
     */
    record Objection(Finding.Level level, String why) {}

    private Practical() {}

    /** What stands against it, the worst first. */
    static List<Objection> against(Family.Shaped s, Needs needs, Metal metal, double diameter) {
        List<Objection> all = new ArrayList<>();
        weight(s, needs, metal, all);
        if (needs.packed().value() > 0 && longestPiece(s) > needs.packed().value()) {
            all.add(new Objection(
                    Finding.Level.STOP,
                    NumberText.shown(longestPiece(s), 2) + " m in one piece; " + needs.packed() + " can be carried"));
        }
        Set<Tool> missing = EnumSet.noneOf(Tool.class);
        missing.addAll(s.family().tools());
        missing.removeAll(needs.tools());
        if (!missing.isEmpty()) {
            all.add(new Objection(
                    Finding.Level.WATCH,
                    "no "
                            + missing.stream()
                                    .map(Tool::words)
                                    .reduce((a, b) -> a + ", no " + b)
                                    .orElseThrow() + " to hand"));
        }
        stock(s, needs, metal, diameter, all);
        money(s, needs, all);
        if (needs.unseen() && Math.max(s.length(), widest(s)) > SEEN) {
            all.add(new Objection(Finding.Level.WATCH, "it will be seen"));
        }
        all.sort(Comparator.comparing(Objection::level).reversed());
        return all;
    }

    private static void weight(Family.Shaped s, Needs needs, Metal metal, List<Objection> all) {
        double most = needs.weight().value();
        double kg = kilograms(s, metal);
        if (most > 0 && kg > most) {
            all.add(new Objection(Finding.Level.STOP, NumberText.shown(kg, 2) + " kg; " + needs.weight() + " at most"));
        }
    }

    /** Conductor and boom, kg. */
    static double kilograms(Family.Shaped s, Metal metal) {
        if (s.family() instanceof OnShelf o) {
            return o.item().kilograms();
        }
        if (s.made().orElse(null) instanceof ApertureDesign d) {
            return d.of().kilograms(d);
        }
        double conductor = s.model().stream()
                .flatMap(m -> m.wires().stream())
                .mapToDouble(w -> w.length() * Math.PI * w.radius() * w.radius() * metal.density())
                .sum();
        return conductor + BOOM * s.length();
    }

    private static void money(Family.Shaped s, Needs needs, List<Objection> all) {
        double most = needs.budget().value();
        if (most > 0
                && s.family() instanceof OnShelf o
                && o.item().stock() == 0
                && o.item().money() > most) {
            all.add(new Objection(
                    Finding.Level.STOP,
                    "costs " + NumberText.shown(o.item().money(), 0) + "; there is " + needs.budget()));
        }
    }

    /** What is cut of the conductor: nets that stand for sheet metal are not. */
    private static Stream<Wire> cut(Family.Shaped s) {
        if (s.made().orElse(null) instanceof Design d) {
            List<Wire> wires = d.model().wires();
            return IntStream.range(0, wires.size())
                    .filter(i -> !d.of().isSheet(d, i))
                    .mapToObj(wires::get);
        }
        return s.model().stream().flatMap(m -> m.wires().stream());
    }

    private static double widest(Family.Shaped s) {
        return s.made().orElse(null) instanceof ApertureDesign d
                ? d.longest()
                : cut(s).mapToDouble(Wire::length).max().orElse(0);
    }

    /** Booms come apart in the middle; elements do not. */
    private static double longestPiece(Family.Shaped s) {
        return Math.max(s.length() / 2, widest(s));
    }

    private static void stock(Family.Shaped s, Needs needs, Metal metal, double diameter, List<Objection> all) {
        if (needs.stock().isEmpty() || s.model().isEmpty()) {
            return;
        }
        List<Piece> fit =
                needs.stock().stream().filter(p -> p.serves(metal, diameter)).toList();
        String what = NumberText.shown(diameter * 1000, 1) + " mm " + metal.words();
        double total = cut(s).mapToDouble(Wire::length).sum();
        double there = fit.stream().mapToDouble(p -> p.length().value()).sum();
        if (fit.isEmpty()) {
            all.add(new Objection(Finding.Level.WATCH, what + " is not in stock"));
        } else if (total > there) {
            all.add(new Objection(
                    Finding.Level.WATCH,
                    NumberText.shown(total, 2) + " m of " + what + ", " + NumberText.shown(there, 2) + " m in stock"));
        } else if (fit.stream().allMatch(p -> p.length().value() < widest(s))) {
            all.add(new Objection(Finding.Level.WATCH, "no piece of " + what + " is long enough"));
        }
    }
}
