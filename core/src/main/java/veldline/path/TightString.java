package veldline.path;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.List;
import veldline.explain.Formula;
import veldline.explain.Worked;

/**
 * A string drawn tight over the ground from antenna to antenna: where it touches are the edges that matter. Each is
 * worked out over its neighbours (Epstein and Peterson), with the term for two edges that see each other well
 * (ITU-R P.526-15 §4.4.1, eq. 48).
 */
final class TightString {
    private static final Formula BETWEEN = new Formula(
            "Between two edges",
            "Two edges take a little more than each alone; a, b and c are the stretches before, between and after them.",
            "C",
            "10·log10((a + b)·(b + c) ÷ (b·(a + b + c)))",
            "ITU-R P.526-15 §4.4.1, eq. 48",
            "Where each takes over 15 dB");

    private static final double BOTH_OVER = 15;

    /** Nobody follows more edges than these one by one; the lowest are left out. */
    private static final int MOST = 8;

    private final Sightline s;
    private final List<Integer> edges;

    private TightString(Sightline s, List<Integer> edges) {
        this.s = s;
        this.edges = edges;
    }

    static TightString over(Sightline s) {
        Deque<Integer> hull = new ArrayDeque<>();
        for (int i = 0; i < s.size(); i++) {
            while (hull.size() > 1 && !bends(s, hull, i)) {
                hull.pop();
            }
            hull.push(i);
        }
        List<Integer> points = new ArrayList<>(hull);
        java.util.Collections.reverse(points);
        List<Integer> inner = new ArrayList<>(points.subList(1, points.size() - 1));
        if (inner.isEmpty() && s.tightest() > 0) {
            inner.add(s.tightest());
        }
        return new TightString(s, highest(s, inner));
    }

    private static List<Integer> highest(Sightline s, List<Integer> inner) {
        return inner.stream()
                .sorted(java.util.Comparator.comparingDouble(s::v).reversed())
                .limit(MOST)
                .sorted()
                .toList();
    }

    private static double top(Sightline s, int i) {
        return i == 0 ? s.near() : i == s.size() - 1 ? s.far() : s.ground(i) + s.bulge(i);
    }

    private static boolean bends(Sightline s, Deque<Integer> hull, int next) {
        int b = hull.peek();
        var it = hull.iterator();
        it.next();
        int a = it.next();
        double before = (top(s, b) - top(s, a)) / (s.along(b) - s.along(a));
        double after = (top(s, next) - top(s, b)) / (s.along(next) - s.along(b));
        return after < before;
    }

    /** Each edge, and what lies between two that both take much. */
    List<Worked> losses() {
        List<Worked> all = new ArrayList<>();
        for (int e = 0; e < edges.size(); e++) {
            all.add(edge(e));
        }
        int count = all.size();
        for (int e = 1; e < count; e++) {
            if (all.get(e - 1).value() > BOTH_OVER && all.get(e).value() > BOTH_OVER) {
                all.add(between(e));
            }
        }
        return all;
    }

    private int point(int e) {
        return e < 0 ? 0 : e >= edges.size() ? s.size() - 1 : edges.get(e);
    }

    private Worked edge(int e) {
        int before = point(e - 1);
        int here = point(e);
        int after = point(e + 1);
        double d1 = s.along(here) - s.along(before);
        double d2 = s.along(after) - s.along(here);
        double line = (top(s, before) * d2 + top(s, after) * d1) / (d1 + d2);
        double v = KnifeEdge.v(top(s, here) - line, d1, d2, s.wavelength());
        return KnifeEdge.worked(v, "edge at " + Math.round(s.along(here)) + " m, its place among the zones");
    }

    private Worked between(int e) {
        double a = s.along(point(e - 1)) - s.along(point(e - 2));
        double b = s.along(point(e)) - s.along(point(e - 1));
        double c = s.along(point(e + 1)) - s.along(point(e));
        return Worked.of(BETWEEN)
                .computed("a", "before", a, "m", 1)
                .computed("b", "between", b, "m", 1)
                .computed("c", "after", c, "m", 1)
                .gives(10 * Math.log10((a + b) * (b + c) / (b * (a + b + c))), "dB", 1);
    }
}
