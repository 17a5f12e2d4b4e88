package veldline.field.solve;

/** Whether a matrix fits into the memory there is, asked before any of it is taken. */
final class Room {
    private static final long BYTES_AN_ELEMENT = 2L * Double.BYTES;
    /** Of what is free: the rest is for tables, and for whoever else is at work. */
    private static final double SHARE = 0.7;

    private static final double MB = 1e6;

    private Room() {}

    static void check(int unknowns) {
        Runtime run = Runtime.getRuntime();
        check(unknowns, run.maxMemory() - (run.totalMemory() - run.freeMemory()));
    }

    /**
     * @param free bytes
     * @throws SolveFailure if that is not enough
     */
    static void check(int unknowns, long free) {
        double bytes = (double) BYTES_AN_ELEMENT * unknowns * unknowns;
        if (bytes > SHARE * free) {
            throw new SolveFailure(String.format(
                    "The model needs %d unknowns, which take %.0f MB; %.0f MB may be used. Shorten the wires or lower the"
                            + " frequency",
                    unknowns, bytes / MB, SHARE * free / MB));
        }
    }
}
