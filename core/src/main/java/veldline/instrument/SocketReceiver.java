package veldline.instrument;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.OutputStreamWriter;
import java.io.Writer;
import java.net.InetAddress;
import java.net.InetSocketAddress;
import java.net.Socket;
import java.net.SocketTimeoutException;
import java.nio.charset.StandardCharsets;
import java.util.Optional;
import veldline.measure.Reading;

/**
 * A receiver at the other end of a socket. The protocol is lines of text: {@code NAME} is answered by {@code NAME …},
 * {@code READ} by {@code LEVEL seconds dBm tide}, with {@code -} for what there is none of; anything else is {@code
 * ERROR …}.
 */
public final class SocketReceiver implements Receiver {
    private static final int PATIENCE_MS = 5000;

    private final Socket socket;
    private final BufferedReader in;
    private final Writer out;

    private SocketReceiver(Socket socket) throws IOException {
        this.socket = socket;
        this.in = new BufferedReader(new InputStreamReader(socket.getInputStream(), StandardCharsets.UTF_8));
        this.out = new OutputStreamWriter(socket.getOutputStream(), StandardCharsets.UTF_8);
    }

    /** Connects to a port of this machine. */
    public static SocketReceiver onLoopback(int port) throws IOException {
        Socket socket = new Socket();
        socket.connect(new InetSocketAddress(InetAddress.getLoopbackAddress(), port), PATIENCE_MS);
        socket.setSoTimeout(PATIENCE_MS);
        socket.setTcpNoDelay(true);
        return new SocketReceiver(socket);
    }

    @Override
    public String name() throws IOException {
        String answer = ask("NAME");
        return answer.startsWith("NAME ") ? answer.substring(5) : "unnamed receiver";
    }

    @Override
    public Reading next() throws IOException {
        String answer = ask("READ");
        String[] words = answer.split(" ");
        try {
            if (words.length == 4 && words[0].equals("LEVEL")) {
                return new Reading(Double.parseDouble(words[1]), number(words[2]), number(words[3]));
            }
        } catch (NumberFormatException e) {
            throw new IOException("The receiver answered “" + answer + "”, which is no reading", e);
        }
        throw new IOException("The receiver answered “" + answer + "”, which is no reading");
    }

    private static Optional<Double> number(String word) {
        return word.equals("-") ? Optional.empty() : Optional.of(Double.parseDouble(word));
    }

    private String ask(String line) throws IOException {
        out.write(line + "\n");
        out.flush();
        try {
            String answer = in.readLine();
            if (answer == null) {
                throw new IOException("The receiver hung up; connect again and record on");
            }
            return answer;
        } catch (SocketTimeoutException e) {
            throw new IOException("The receiver was silent for 5 s; check its cable and record on", e);
        }
    }

    @Override
    public void close() throws IOException {
        socket.close();
    }
}
