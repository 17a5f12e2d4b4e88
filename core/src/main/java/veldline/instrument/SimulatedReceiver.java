package veldline.instrument;

import java.io.BufferedReader;
import java.io.Closeable;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.OutputStreamWriter;
import java.io.Writer;
import java.net.InetAddress;
import java.net.ServerSocket;
import java.net.Socket;
import java.nio.charset.StandardCharsets;
import java.util.Locale;
import veldline.measure.Reading;

/** A stand-in for a receiver: answers on a loopback port of its own from a world, as fast as it is asked. */
public final class SimulatedReceiver implements Closeable {
    private final ServerSocket server;
    private final World world;
    private final double interval;
    private final double step;

    /**
     * @param interval seconds between readings, in the world's time
     * @param step it reads in steps of so many dB
     */
    public SimulatedReceiver(World world, double interval, double step) throws IOException {
        this.world = world;
        this.interval = interval;
        this.step = step;
        this.server = new ServerSocket(0, 1, InetAddress.getLoopbackAddress());
        Thread thread = new Thread(this::serve, "simulated receiver");
        thread.setDaemon(true);
        thread.start();
    }

    public int port() {
        return server.getLocalPort();
    }

    private void serve() {
        while (!server.isClosed()) {
            try (Socket socket = server.accept();
                    BufferedReader in =
                            new BufferedReader(new InputStreamReader(socket.getInputStream(), StandardCharsets.UTF_8));
                    Writer out = new OutputStreamWriter(socket.getOutputStream(), StandardCharsets.UTF_8)) {
                socket.setTcpNoDelay(true);
                String line;
                while ((line = in.readLine()) != null) {
                    out.write(answer(line.strip()) + "\n");
                    out.flush();
                }
            } catch (IOException e) {
                // The other side went away or the server was closed; the loop decides which.
                continue;
            }
        }
    }

    private String answer(String line) {
        return switch (line) {
            case "NAME" -> "NAME simulated receiver";
            case "READ" -> {
                Reading r = world.next(interval, step);
                yield String.format(
                        Locale.ROOT,
                        "LEVEL %.1f %s %s",
                        r.seconds(),
                        r.levelDbm()
                                .map(v -> String.format(Locale.ROOT, "%.2f", v))
                                .orElse("-"),
                        r.tide().map(v -> String.format(Locale.ROOT, "%.2f", v)).orElse("-"));
            }
            default -> "ERROR unknown word “" + line + "”; NAME and READ are known";
        };
    }

    @Override
    public void close() throws IOException {
        server.close();
    }
}
