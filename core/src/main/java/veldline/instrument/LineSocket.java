package veldline.instrument;

import java.io.BufferedReader;
import java.io.Closeable;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.OutputStreamWriter;
import java.io.Writer;
import java.net.InetAddress;
import java.net.InetSocketAddress;
import java.net.Socket;
import java.net.SocketTimeoutException;
import java.nio.charset.StandardCharsets;

/** Lines of text to an instrument and back. */
final class LineSocket implements Closeable {
    private static final int PATIENCE_MS = 5000;

    private final String what;
    private final Socket socket;
    private final BufferedReader in;
    private final Writer out;

    /**
     * Connects to a port of this machine.
     *
     * @param what it is, for what is said when it fails
     */
    LineSocket(String what, int port) throws IOException {
        this.what = what;
        this.socket = new Socket();
        socket.connect(new InetSocketAddress(InetAddress.getLoopbackAddress(), port), PATIENCE_MS);
        socket.setSoTimeout(PATIENCE_MS);
        socket.setTcpNoDelay(true);
        this.in = new BufferedReader(new InputStreamReader(socket.getInputStream(), StandardCharsets.UTF_8));
        this.out = new OutputStreamWriter(socket.getOutputStream(), StandardCharsets.UTF_8);
    }

    /** Sends a line and waits for the next one. */
    String ask(String line) throws IOException {
        out.write(line + "\n");
        out.flush();
        return next();
    }

    /** Waits for one more line. */
    String next() throws IOException {
        try {
            String answer = in.readLine();
            if (answer == null) {
                throw new IOException("The " + what + " hung up; connect again and go on");
            }
            return answer;
        } catch (SocketTimeoutException e) {
            throw new IOException("The " + what + " was silent for 5 s; check its cable and go on", e);
        }
    }

    /** What it calls itself. */
    String name() throws IOException {
        String answer = ask("NAME");
        return answer.startsWith("NAME ") ? answer.substring(5) : "unnamed " + what;
    }

    IOException odd(String answer, String wanted, Exception cause) {
        return new IOException("The " + what + " answered “" + answer + "”, which is no " + wanted, cause);
    }

    @Override
    public void close() throws IOException {
        socket.close();
    }
}
