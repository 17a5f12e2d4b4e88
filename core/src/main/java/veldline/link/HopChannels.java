package veldline.link;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.List;
import veldline.antenna.Polarized;
import veldline.link.HopPlan.Leg;

/**
 * Gives out channels, planes and hands to the legs of one place. Every way is tried but those that can no longer be better than
 * one already found; of many legs one after the other is set, until none can be set better.
 */
final class HopChannels {
    /** With more legs than this, not every way is tried. */
    private static final int ALL_WAYS = 5;

    private final HopPlan plan;
    private final List<Double> channels;
    private List<Leg> best;
    private Score score;

    /** @param channels to choose from, hertz */
    HopChannels(HopPlan plan, List<Double> channels) {
        this.plan = plan;
        this.channels = spaced(channels);
        this.best = plan.legs();
        this.score = score(plan.legs());
    }

    /**
     * What a way of giving out channels is worth: first that neighbours are no matter, then what goes through, then how far they
     * lie down.
     */
    private record Score(double clear, double busiest, double worst) {
        boolean over(Score o) {
            boolean asClear = clear > o.clear - 0.05;
            boolean asFast = busiest <= 1.001 * o.busiest;
            return clear > o.clear + 0.05
                    || asClear && busiest < 0.999 * o.busiest
                    || asClear && asFast && worst > o.worst + 0.05;
        }
    }

    HopPlan.Assigned found() {
        if (plan.legs().size() <= ALL_WAYS) {
            go(0, new ArrayList<>(plan.legs()));
        } else {
            descend();
        }
        return new HopPlan.Assigned(best, score.worst);
    }

    private Score score(List<Leg> some) {
        double worst = Math.min(HopPlan.NO_MATTER, plan.worst(some));
        return new Score(Math.min(HopPlan.CLEAR, worst), plan.busiest(some), worst);
    }

    private boolean better(List<Leg> so) {
        Score s = score(so);
        boolean over = s.over(score);
        if (over) {
            score = s;
            best = List.copyOf(so);
        }
        return over;
    }

    /** Every way from one leg on. */
    private void go(int leg, List<Leg> so) {
        if (leg == so.size()) {
            better(so);
            return;
        }
        Leg was = plan.legs().get(leg);
        for (Polarized p : kinds(leg, was.polarized())) {
            boolean fresh = false;
            for (double f : channels) {
                // Channels nobody has yet are all alike; one of them stands for all.
                boolean unused = leg > 0
                        && f != was.frequency()
                        && so.subList(0, leg).stream().noneMatch(l -> l.frequency() == f);
                if (unused && fresh) {
                    continue;
                }
                fresh |= unused;
                so.set(leg, was.on(f, p));
                // More neighbours only make it worse.
                if (leg == 0 || score(so.subList(0, leg + 1)).over(score)) {
                    go(leg + 1, so);
                }
            }
        }
        so.set(leg, was);
    }

    /** One leg at a time is set for the better, until none can be. */
    private void descend() {
        boolean moved = true;
        while (moved) {
            moved = false;
            for (int leg = 0; leg < best.size(); leg++) {
                moved |= set(leg);
            }
        }
    }

    private boolean set(int leg) {
        boolean moved = false;
        for (Polarized p : kinds(leg, best.get(leg).polarized())) {
            for (double f : channels) {
                List<Leg> so = new ArrayList<>(best);
                so.set(leg, so.get(leg).on(f, p));
                moved |= better(so);
            }
        }
        return moved;
    }

    /** A straight antenna can be turned across, a turning one changed for the other hand; as it is comes first. */
    private static List<Polarized> kinds(int leg, Polarized p) {
        return leg == 0
                ? List.of(p)
                : Arrays.stream(Polarized.values())
                        .filter(o -> o.circular() == p.circular() && o.slant() == p.slant())
                        .sorted((a, b) -> Boolean.compare(b == p, a == p))
                        .toList();
    }

    /** Channels that do not overlap, beginning with those in use. */
    private List<Double> spaced(List<Double> all) {
        List<Double> kept = new ArrayList<>();
        plan.legs().stream()
                .map(Leg::frequency)
                .distinct()
                .filter(f -> clear(kept, f))
                .forEach(kept::add);
        all.stream().filter(f -> clear(kept, f)).forEach(kept::add);
        Collections.sort(kept);
        return kept;
    }

    private boolean clear(List<Double> kept, double f) {
        return kept.stream().allMatch(k -> OnAir.overlap(k, plan.channel(), f, plan.channel()) == 0);
    }
}
