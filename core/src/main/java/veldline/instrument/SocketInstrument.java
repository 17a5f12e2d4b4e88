package veldline.instrument;

import java.io.Closeable;
import java.io.IOException;

/** What every instrument at the other end of a socket can be asked. */
public abstract class SocketInstrument implements Closeable {
    final LineSocket socket;

    SocketInstrument(LineSocket socket) {
        this.socket = socket;
    }

    /** What it calls itself. */
    public String name() throws IOException {
        return socket.name();
    }

    /** How often something had to be asked again. */
    public int again() {
        return socket.again();
    }

    /** Brings a fault on, where the other end is a stand-in. */
    public void fault(Fault fault, int queries) throws IOException {
        socket.tell(fault.header() + " " + queries);
    }

    @Override
    public void close() throws IOException {
        socket.close();
    }
}
