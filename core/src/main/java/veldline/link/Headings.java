package veldline.link;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.DoubleUnaryOperator;
import veldline.antenna.Antenna;
import veldline.antenna.Bought;
import veldline.antenna.ClaimedBeam;
import veldline.antenna.Polarized;
import veldline.explain.Formula;
import veldline.explain.Worked;

/**
 * An end that moves points anywhere and leans: the share of headings and leans at which the link still holds. A body
 * beside the antenna takes most when it stands between; a narrow antenna loses what its pattern says, or its claimed width.
 */
public final class Headings {
    private static final int EVERY = 5;
    private static final int LEANS = 13;

    public static final Formula SHARE = new Formula(
            "Headings that hold",
            "Headings every 5° all round, each at 13 leans: in how many of them the margin is left.",
            "S",
            "100·n ÷ m",
            "Counted; polarization by IEEE Std 145, the body as a raised cosine, a beam as 12·(angle ÷ width)² dB",
            "To 5 in 100 where the body's loss and the leans are right");

    private Headings() {}

    /**
     * What moving costs.
     *
     * @param holds share of headings and leans with any margin left, in 100
     * @param wanted share with the margin wanted, in 100
     */
    public record Share(Worked holds, Worked wanted) {}

    /**
     * How an end hears to its sides.
     *
     * @param down by how much less than ahead so many degrees off in the level plane, dB
     */
    public record Facing(Polarized polarized, DoubleUnaryOperator down) {
        /** By its maker's claims alone; what claims no width hears alike all round. */
        public static Facing claimed(Antenna a) {
            Optional<Double> width = a instanceof Bought b ? b.width().map(w -> w.value()) : Optional.empty();
            return new Facing(
                    a.polarized().orElse(Polarized.FLAT),
                    off -> width.map(w -> ClaimedBeam.downDb(off, w)).orElse(0.0));
        }

        /** @param cut its gain at each whole degree off the beam in the level plane, 0 to 180 */
        public static Facing worked(Antenna a, List<Double> cut) {
            return new Facing(
                    a.polarized().orElse(Polarized.FLAT),
                    off -> cut.get(0) - cut.get((int) Math.round(Math.abs(Math.IEEEremainder(off, 360)))));
        }
    }

    /**
     * @param margin with both ends upright and pointing at each other, dB
     * @param wish margin wanted, dB
     * @return empty where neither end moves
     */
    public static Optional<Share> of(double margin, double wish, End near, Facing nearHas, End far, Facing farHas) {
        if (!near.carrier().moves() && !far.carrier().moves()) {
            return Optional.empty();
        }
        Polarized n = nearHas.polarized();
        Polarized f = farHas.polarized();
        List<Double> nearTurns = turns(near, nearHas);
        List<Double> farTurns = turns(far, farHas);
        List<Double> leans = leans(near, far, n, f);
        int all = 0;
        int holds = 0;
        int wanted = 0;
        for (double a : nearTurns) {
            for (double b : farTurns) {
                for (double c : leans) {
                    double left = margin - a - b - c;
                    all++;
                    holds += left >= 0 ? 1 : 0;
                    wanted += left >= wish ? 1 : 0;
                }
            }
        }
        return Optional.of(new Share(share(holds, all, "any margin"), share(wanted, all, "the margin wanted")));
    }

    private static Worked share(int held, int all, String what) {
        return Worked.of(SHARE)
                .computed("n", "cases with " + what, held, "", 0)
                .computed("m", "cases in all", all, "", 0)
                .gives(100.0 * held / all, "in 100", 0);
    }

    /** What an end loses at each of its headings, dB; nothing where it stays put. */
    private static List<Double> turns(End end, Facing antenna) {
        if (!end.carrier().moves()) {
            return List.of(0.0);
        }
        List<Double> lost = new ArrayList<>();
        for (int heading = 0; heading < 360; heading += EVERY) {
            double beam = antenna.down.applyAsDouble(heading);
            double body = end.bodyLoss().value() * (1 - Math.cos(Math.toRadians(heading))) / 2;
            lost.add(beam + body);
        }
        return lost;
    }

    /** What leaning to either side adds to the polarization loss, dB. */
    private static List<Double> leans(End near, End far, Polarized n, Polarized f) {
        double most = (near.carrier().moves() ? near.carrier().lean() : 0)
                + (far.carrier().moves() ? far.carrier().lean() : 0);
        double straight = loss(n, f, 0);
        List<Double> more = new ArrayList<>();
        for (int i = 0; i < LEANS; i++) {
            more.add(loss(n, f, most * (2.0 * i / (LEANS - 1) - 1)) - straight);
        }
        return more;
    }

    private static double loss(Polarized n, Polarized f, double leanDegrees) {
        double between = n.circular() || f.circular() ? Math.PI / 4 : n.tilt() - f.tilt() + Math.toRadians(leanDegrees);
        return -10 * Math.log10(PolarizationMatch.share(n, f, between));
    }
}
