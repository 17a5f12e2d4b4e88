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

/**
 * Lines of text to an instrument and back, in the manner of IEEE 488.2. Every query here may be asked again and gets the same answer, so
 * what did not come, or came spoiled, is asked for once more on a fresh line: nothing that was read is lost to a bad line.
 */
final class LineSocket implements Closeable {
    /** What stands for no number (SCPI-1999 §7.2.1.5). */
    static final double NONE = 9.91e37;

    private static final int PATIENCE_MS = 1000;
    private static final int TRIES = 3;
    private static final int PAUSE_MS = 50;

    private final String what;
    private final int port;
    private Socket socket;
    private BufferedReader in;
    private Writer out;
    private int again;

    /**
     * Connects to a port of this machine.
     *
     * @param what it is, for what is said when it fails
     */
    LineSocket(String what, int port) throws IOException {
        this.what = what;
        this.port = port;
        connect();
    }

    private void connect() throws IOException {
        socket = new Socket();
        try {
            socket.connect(new InetSocketAddress(InetAddress.getLoopbackAddress(), port), PATIENCE_MS);
        } catch (IOException e) {
            throw new IOException(
                    "The " + what + " cannot be reached: " + e.getMessage() + "; see that it is on and go on", e);
        }
        socket.setSoTimeout(PATIENCE_MS);
        socket.setTcpNoDelay(true);
        in = new BufferedReader(new InputStreamReader(socket.getInputStream(), StandardCharsets.US_ASCII));
        out = new OutputStreamWriter(socket.getOutputStream(), StandardCharsets.US_ASCII);
    }

    /** Sends what is not answered. */
    void tell(String message) throws IOException {
        out.write(message + "\n");
        out.flush();
    }

    /** Sends a query and waits for its line. */
    private String ask(String query) throws IOException {
        tell(query);
        try {
            String answer = in.readLine();
            if (answer == null) {
                throw new IOException("The " + what + " hung up; connect again and go on");
            }
            return answer;
        } catch (SocketTimeoutException e) {
            throw new IOException("The " + what + " was silent for a second; check its cable and go on", e);
        }
    }

    /**
     * Asks for so many numbers, {@link #NONE} among them where there is none.
     *
     * @throws IOException when it fails three times over, in words for a person
     */
    double[] numbers(String query, int count) throws IOException {
        for (int i = 1; ; i++) {
            try {
                return parsed(ask(query), count);
            } catch (IOException e) {
                if (i == TRIES) {
                    throw new IOException(e.getMessage() + why(), e);
                }
                again++;
                reconnect();
            }
        }
    }

    private double[] parsed(String answer, int count) throws IOException {
        String[] parts = answer.split(",");
        double[] numbers = new double[parts.length];
        try {
            for (int i = 0; i < parts.length; i++) {
                numbers[i] = Double.parseDouble(parts[i]);
            }
        } catch (NumberFormatException e) {
            throw new IOException(odd(answer, count), e);
        }
        if (numbers.length != count) {
            throw new IOException(odd(answer, count));
        }
        return numbers;
    }

    private String odd(String answer, int count) {
        return "The " + what + " answered “" + answer + "” where " + count
                + " numbers belong; check its baud rate and go on";
    }

    /** What it has in its queue of errors, as far as it says so. */
    private String why() {
        try {
            reconnect();
            String error = ask("SYST:ERR?");
            return error.startsWith("0,") ? "" : ". It says " + error;
        } catch (IOException e) {
            return "";
        }
    }

    private void reconnect() throws IOException {
        socket.close();
        try {
            Thread.sleep(PAUSE_MS);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new IOException("The " + what + " was given up", e);
        }
        connect();
    }

    /** How often something had to be asked again. */
    int again() {
        return again;
    }

    /** What it calls itself: its model, by {@code *IDN?}. */
    String name() throws IOException {
        String[] parts = ask("*IDN?").split(",");
        return parts.length == 4 ? parts[1] : "unnamed " + what;
    }

    @Override
    public void close() throws IOException {
        socket.close();
    }
}
