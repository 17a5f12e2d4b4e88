package veldline.instrument;

import java.io.IOException;
import veldline.prove.RateTest;
import veldline.quantity.Quantity;
import veldline.quantity.Unit;

/** A throughput tester at the other end of a socket: {@code RATE? 0} over the link and {@code RATE? 1} by wire, {@code bit/s,s,lost in 100}. */
public final class SocketRateTester extends SocketInstrument implements RateTester {
    private SocketRateTester(LineSocket socket) {
        super(socket);
    }

    /** Connects to a port of this machine. */
    public static SocketRateTester onLoopback(int port) throws IOException {
        return new SocketRateTester(new LineSocket("throughput tester", port));
    }

    @Override
    public RateTest test() throws IOException {
        double[] air = socket.numbers("RATE? 0", 3);
        double[] wired = socket.numbers("RATE? 1", 3);
        return new RateTest(
                Quantity.shown(air[0], Unit.MBIT_S, 2),
                Quantity.shown(wired[0], Unit.MBIT_S, 2),
                Quantity.shown(air[1], Unit.MILLISECOND, 1),
                Quantity.shown(air[2], Unit.ONE, 1));
    }
}
