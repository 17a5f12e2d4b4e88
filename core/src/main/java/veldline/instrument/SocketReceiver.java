package veldline.instrument;

import java.io.IOException;
import java.util.Optional;
import veldline.measure.Reading;

/**
 * A receiver at the other end of a socket. {@code READ? n} is answered by {@code seconds,dBm,tide,°C} of its reading number n, so that a
 * reading that was lost on the way is asked for again; {@code NOIS?} by the level where nobody sends.
 */
public final class SocketReceiver extends SocketInstrument implements Receiver {
    private long count;

    private SocketReceiver(LineSocket socket) {
        super(socket);
    }

    /** Connects to a port of this machine. */
    public static SocketReceiver onLoopback(int port) throws IOException {
        return new SocketReceiver(new LineSocket("receiver", port));
    }

    @Override
    public Reading next() throws IOException {
        double[] n = socket.numbers("READ? " + count, 4);
        count++;
        return new Reading(n[0], number(n[1]), number(n[2]), number(n[3]));
    }

    @Override
    public double noise() throws IOException {
        return socket.numbers("NOIS?", 1)[0];
    }

    private static Optional<Double> number(double n) {
        return n == LineSocket.NONE ? Optional.empty() : Optional.of(n);
    }
}
