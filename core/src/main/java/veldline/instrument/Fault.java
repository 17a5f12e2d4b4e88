package veldline.instrument;

/** What a stand-in is told to do wrong, to see that nothing blocks and no reading is lost. */
public enum Fault {
    /** A query gets no answer. */
    SILENT,
    /** An answer comes with its digits spoiled. */
    GARBAGE,
    /** An answer comes late, but comes. */
    SLOW,
    /** The line is dropped instead of an answer. */
    DROPS;

    /** The header that brings it on, followed by how many queries it is for. */
    String header() {
        return "SIM:" + name();
    }
}
