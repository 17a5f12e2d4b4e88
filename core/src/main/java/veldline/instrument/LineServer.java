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
import java.util.function.Function;
import java.util.stream.Stream;

/** A stand-in for an instrument: answers each line on a loopback port of its own. */
final class LineServer implements Closeable {
    private final ServerSocket server;
    private final Function<String, Stream<String>> answers;

    /** @param answers to each line, sent line by line as they come */
    LineServer(String name, Function<String, Stream<String>> answers) throws IOException {
        this.answers = answers;
        this.server = new ServerSocket(0, 1, InetAddress.getLoopbackAddress());
        Thread thread = new Thread(this::serve, name);
        thread.setDaemon(true);
        thread.start();
    }

    int port() {
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
                    for (String answer : (Iterable<String>) answers.apply(line.strip())::iterator) {
                        out.write(answer + "\n");
                        out.flush();
                    }
                }
            } catch (IOException e) {
                // The other side went away or the server was closed; the loop decides which.
                continue;
            }
        }
    }

    @Override
    public void close() throws IOException {
        server.close();
    }
}
