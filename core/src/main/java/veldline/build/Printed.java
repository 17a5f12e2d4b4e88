package veldline.build;

import java.util.List;
import veldline.antenna.Design;
import veldline.antenna.Fixture;
import veldline.antenna.Made;
import veldline.antenna.YagiShape;
import veldline.field.wire.Vec;

/** Holders, hubs and formers to be printed, their holes as wide as the stock was measured and a little play more. */
public final class Printed {
    /** Between a hole and what goes in, metres: what a printer of plastic takes off a hole. */
    public static final double PLAY = 0.2e-3;

    private static final double WALL = 3e-3;
    private static final double LONG = 14e-3;
    /** Longer formers are printed in parts and pushed onto one rod. */
    private static final double MOST_FORMER = 0.18;

    private Printed() {}

    /**
     * @param element diameter of the conductor as measured, metres
     * @param boom diameter of the boom as measured
     */
    public static List<Solid> of(Made made, double element, double boom) {
        Fixture fixture = made instanceof YagiShape
                ? new Fixture.Clamped()
                : made instanceof Design d ? d.of().fixture(d) : new Fixture.None();
        if (fixture instanceof Fixture.Clamped) {
            return List.of(holder(element, boom));
        }
        if (fixture instanceof Fixture.Hubs h) {
            return List.of(hub(h.arms(), element, boom));
        }
        return fixture instanceof Fixture.Former f ? List.of(former(f, element + PLAY)) : List.of();
    }

    /** Of whole turns where it is printed in parts, so that the groove runs on from one to the next. */
    private static Solid former(Fixture.Former f, double groove) {
        double most = Math.max(f.pitch(), f.pitch() * Math.floor(MOST_FORMER / f.pitch()));
        double wall = groove / 2 + 2 * WALL;
        return GroovedFormer.of(
                "former",
                Math.max(0.3 * f.middle(), f.middle() - 2 * wall),
                f.middle(),
                Math.min(most, f.length()),
                f.pitch(),
                f.right(),
                groove);
    }

    /** A ring for the boom and a block over it with a hole for the element. */
    static Solid holder(double element, double boom) {
        double hole = element + PLAY;
        double round = boom + PLAY;
        Solid ring = Solid.tube("element holder", round, round + 2 * WALL, LONG);
        // The block's hole lies across the boom, just over the ring.
        double over = round / 2 + WALL + hole / 2;
        Solid block = Solid.block("element holder", hole, hole + 2 * WALL, LONG, round + 2 * WALL)
                .moved(new Vec(-(round + 2 * WALL) / 2, 0, 0))
                .across()
                .moved(new Vec(LONG / 2, 0, over));
        return ring.with(block);
    }

    /** A ring for the boom with sockets for the arms of a cross. */
    static Solid hub(int arms, double arm, double boom) {
        double round = boom + PLAY;
        double deep = 4 * LONG;
        double from = round / 2 + 0.5 * WALL;
        Solid hub = Solid.tube("hub", round, round + 2 * WALL, arm + PLAY + 2 * WALL);
        for (int i = 0; i < arms; i++) {
            Solid socket = Solid.tube("hub", arm + PLAY, arm + PLAY + 2 * WALL, deep)
                    .across()
                    .moved(new Vec((arm + PLAY) / 2 + WALL, from, 0))
                    .turned(2 * Math.PI * i / arms);
            hub = hub.with(socket);
        }
        return hub;
    }
}
