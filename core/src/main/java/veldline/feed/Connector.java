package veldline.feed;

/**
 * One half of a joint, as separate facts; the trade's names are made from them, never the other way.
 *
 * @param family the series: SMA, N, TNC, …
 * @param thread where the body's thread or latch is
 * @param contact what the centre holds
 * @param ohms impedance it is made for
 */
public record Connector(Series family, Thread thread, Contact contact, int ohms) {
    /** Where the thread is cut. */
    public enum Thread {
        OUTSIDE,
        INSIDE;

        public Thread mate() {
            return this == OUTSIDE ? INSIDE : OUTSIDE;
        }

        public String words() {
            return this == OUTSIDE ? "outside" : "inside";
        }
    }

    /** What the centre of the connector is. */
    public enum Contact {
        PIN,
        SOCKET;

        public Contact mate() {
            return this == PIN ? SOCKET : PIN;
        }

        public String words() {
            return this == PIN ? "pin" : "socket";
        }
    }

    /**
     * Series of connectors with their coupling and the frequency their standard goes up to (IEC 61169 parts; MIL-STD-348).
     */
    public enum Series {
        SMA("SMA", "1/4-36 thread", 18e9),
        N("N", "5/8-24 thread", 11e9),
        TNC("TNC", "7/16-28 thread", 11e9),
        BNC("BNC", "bayonet, 2 studs", 4e9),
        UHF("UHF", "5/8-24 thread, no sleeve", 300e6),
        SEVEN_SIXTEEN("7-16", "M29 thread", 7.5e9),
        F("F", "3/8-32 thread", 2e9),
        MCX("MCX", "snap", 6e9),
        FOUR_THREE_TEN("4.3-10", "M20 thread", 6e9),
        FOUR_ONE_NINE_FIVE("4.1-9.5", "M22 thread", 14e9),
        TELEVISION("television", "push, 9.5 mm", 1e9),
        MMCX("MMCX", "snap, turns", 6e9),
        MICRO_BOARD("micro board", "snap, on the board", 6e9),
        SMB("SMB", "snap, larger", 4e9),
        SMC("SMC", "10-32 thread", 10e9),
        MINI_UHF("mini-UHF", "3/8-24 thread", 2.5e9),
        QMA("QMA", "snap with a lock", 6e9),
        /** An antenna that belongs to its radio and does not come off. */
        BUILT_IN("built in", "soldered joint", 300e9);

        private final String words;
        private final String coupling;
        private final double ceiling;

        Series(String words, String coupling, double ceiling) {
            this.words = words;
            this.coupling = coupling;
            this.ceiling = ceiling;
        }

        public String words() {
            return words;
        }

        public String coupling() {
            return coupling;
        }

        /** Highest frequency in hertz. */
        public double ceiling() {
            return ceiling;
        }

        /** What holds it, in a word: a thread, or a body that snaps or is pushed. */
        public String body() {
            return InHand.Coupling.of(this) == InHand.Coupling.THREAD ? "thread" : "body";
        }

        /** Whether what the trade calls a plug holds the pin: not where the fixed half, called jack, carries it. */
        public boolean plugHasPin() {
            return this != SMB && this != SMC && this != MICRO_BOARD;
        }
    }

    /** What this would screw onto with nothing wrong. */
    public Connector mate() {
        return new Connector(family, thread.mate(), contact.mate(), ohms);
    }

    /** The trade's name: a plug has its thread inside; “RP” where the centre is the other way about. */
    public String tradeName() {
        if (family == Series.BUILT_IN) {
            return family.words();
        }
        boolean plug = thread == Thread.INSIDE;
        boolean usual = (plug == (contact == Contact.PIN)) == family.plugHasPin();
        return (usual ? "" : "RP-") + family.words() + (plug ? " plug" : " jack");
    }

    /** The two facts in words. */
    public String facts() {
        return thread.words() + " " + family.body() + ", " + contact.words();
    }
}
