package veldline.instrument;

import java.io.IOException;
import java.util.Optional;
import veldline.measure.Reading;

/**
 * A receiver at the other end of a socket. The protocol is lines of text: {@code NAME} is answered by {@code NAME …},
 * {@code READ} by {@code LEVEL seconds dBm tide}, with {@code -} for what there is none of; anything else is {@code
 * ERROR …}.
 */
public final class SocketReceiver implements Receiver {
    private final LineSocket socket;

    private SocketReceiver(LineSocket socket) {
        this.socket = socket;
    }

    /** Connects to a port of this machine. */
    public static SocketReceiver onLoopback(int port) throws IOException {
        return new SocketReceiver(new LineSocket("receiver", port));
    }

    @Override
    public String name() throws IOException {
        return socket.name();
    }

    @Override
    public Reading next() throws IOException {
        String answer = socket.ask("READ");
        String[] words = answer.split(" ");
        try {
            if (words.length == 4 && words[0].equals("LEVEL")) {
                return new Reading(Double.parseDouble(words[1]), number(words[2]), number(words[3]));
            }
        } catch (NumberFormatException e) {
            throw socket.odd(answer, "reading", e);
        }
        throw socket.odd(answer, "reading", null);
    }

    private static Optional<Double> number(String word) {
        return word.equals("-") ? Optional.empty() : Optional.of(Double.parseDouble(word));
    }

    @Override
    public void close() throws IOException {
        socket.close();
    }
}
