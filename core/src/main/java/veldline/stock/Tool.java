package veldline.stock;

/** What a person has to hand to build, measure and put up with. */
public enum Tool {
    SAW("saw", false),
    DRILL("drill", false),
    SOLDERING_IRON("soldering iron", false),
    CRIMP("crimping tool", false),
    LADDER("ladder", false),
    RULE("steel rule", true),
    COMPASS("compass", true),
    MULTIMETER("multimeter", true),
    SWR_METER("SWR meter", true),
    ANALYSER("antenna analyser", true);

    private final String words;
    private final boolean measures;

    Tool(String words, boolean measures) {
        this.words = words;
        this.measures = measures;
    }

    public String words() {
        return words;
    }

    /** Whether it measures rather than works. */
    public boolean measures() {
        return measures;
    }
}
