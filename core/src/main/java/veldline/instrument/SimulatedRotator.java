package veldline.instrument;

import java.io.Closeable;
import java.io.IOException;
import java.util.List;
import java.util.Locale;
import java.util.Map;

/** A stand-in for a rotator, or a hoist: moves a link by a few degrees or metres each time it is asked where it stands. */
public final class SimulatedRotator implements Closeable {
    /** Degrees it gets on from one question to the next. */
    private static final double SPEED = 4;

    private final LineServer server;
    private final Turnable link;
    private double target;

    public SimulatedRotator(Turnable link) throws IOException {
        this.link = link;
        this.target = link.stands();
        this.server = new LineServer("simulated rotator", Map.of("TURN", this::turn, "BEAR?", n -> pointing()));
    }

    public int port() {
        return server.port();
    }

    private String turn(List<Double> numbers) {
        if (numbers.size() != 1 || !(numbers.get(0) >= 0) || !(numbers.get(0) <= 360)) {
            throw new IllegalArgumentException("a bearing is 0 to 360, a height 0 to 360 m");
        }
        target = numbers.get(0);
        return "";
    }

    private String pointing() {
        double left = link.left(target);
        link.moveBy(Math.max(-SPEED, Math.min(SPEED, left)));
        return String.format(Locale.ROOT, "%.2f,%d", link.stands(), Math.abs(left) > SPEED ? 1 : 0);
    }

    @Override
    public void close() throws IOException {
        server.close();
    }
}
