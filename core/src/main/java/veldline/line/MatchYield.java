package veldline.line;

import java.util.List;
import org.hipparchus.random.RandomGenerator;
import org.hipparchus.random.Well19937c;

/** How many of many networks, each part off by chance, still serve. The same numbers come every time. */
public final class MatchYield {
    /** Enough for the share to be good to three in a hundred. */
    public static final int DRAWN = 1000;

    private static final long SEED = 0x3A7C;

    private MatchYield() {}

    /**
     * Of {@link #DRAWN}, how many keep an SWR.
     *
     * @param within share by which every part may be off, any amount as likely as any other
     */
    public static int keeping(MatchWay.Plan plan, double z0, double frequency, double within, double swr) {
        RandomGenerator random = new Well19937c(SEED);
        int kept = 0;
        for (int i = 0; i < DRAWN; i++) {
            List<Piece> drawn = plan.ladder().pieces().stream()
                    .map(p -> p.scaled(1 + within * (2 * random.nextDouble() - 1)))
                    .toList();
            if (Mismatch.swr(new Ladder(drawn).seen(plan.load(), frequency), z0) <= swr) {
                kept++;
            }
        }
        return kept;
    }
}
