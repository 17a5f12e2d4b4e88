package veldline.instrument;

import java.io.Closeable;
import java.io.IOException;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import veldline.raise.Aim;

/** A stand-in for a rotator: turns a link by a few degrees each time it is asked where it points, the shorter way round. */
public final class SimulatedRotator implements Closeable {
    /** Degrees it gets on from one question to the next. */
    private static final double SPEED = 4;

    private final LineServer server;
    private final SwungLink link;
    private double target;

    public SimulatedRotator(SwungLink link) throws IOException {
        this.link = link;
        this.target = link.bearing();
        this.server = new LineServer("simulated rotator", Map.of("TURN", this::turn, "BEAR?", n -> pointing()));
    }

    public int port() {
        return server.port();
    }

    private String turn(List<Double> numbers) {
        if (numbers.size() != 1 || !(numbers.get(0) >= 0) || !(numbers.get(0) <= 360)) {
            throw new IllegalArgumentException("a bearing is 0 to 360");
        }
        target = numbers.get(0);
        return "";
    }

    private String pointing() {
        double left = Aim.off(target, link.bearing());
        link.turnBy(Math.max(-SPEED, Math.min(SPEED, left)));
        return String.format(Locale.ROOT, "%.2f,%d", link.bearing(), Math.abs(left) > SPEED ? 1 : 0);
    }

    @Override
    public void close() throws IOException {
        server.close();
    }
}
