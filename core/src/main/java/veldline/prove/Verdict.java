package veldline.prove;

import java.util.List;
import java.util.stream.IntStream;

/** How much a comparison shows. */
public enum Verdict {
    /** The interval clears zero and 1.5 dB, in at least two rounds there and back. */
    SHOWN("shown"),
    /** It clears them, but with a single before and after. */
    PROVISIONAL("provisional"),
    /** The interval holds zero or less than 1.5 dB. */
    NOT_SHOWN("not shown"),
    /** The interval lies below zero. */
    WORSE("worse");

    /** An improvement under this is not called one, dB. */
    public static final double LEAST = 1.5;

    private final String word;

    Verdict(String word) {
        this.word = word;
    }

    public String word() {
        return word;
    }

    /** @param rounds how many times the set-ups were gone through there and back */
    public static Verdict of(double low, double difference, double high, int rounds) {
        if (high < 0) {
            return WORSE;
        }
        if (low <= 0 || difference < LEAST) {
            return NOT_SHOWN;
        }
        return rounds >= 2 ? SHOWN : PROVISIONAL;
    }

    /**
     * Rounds A-B-A: how often, in order of recording, the first set-up is followed by the second and the first again. The
     * last A of one round may begin the next.
     */
    public static int rounds(List<Recording> recordings, String a, String b) {
        List<String> order = recordings.stream()
                .map(Recording::setUp)
                .filter(s -> s.equals(a) || s.equals(b))
                .toList();
        List<String> turns = IntStream.range(0, order.size())
                .filter(i -> i == 0 || !order.get(i).equals(order.get(i - 1)))
                .mapToObj(order::get)
                .toList();
        int rounds = 0;
        for (int i = 0; i + 2 < turns.size(); i++) {
            if (turns.get(i).equals(a)
                    && turns.get(i + 1).equals(b)
                    && turns.get(i + 2).equals(a)) {
                rounds++;
            }
        }
        return rounds;
    }
}
