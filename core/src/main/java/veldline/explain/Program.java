package veldline.explain;

/** The program itself, as it signs what it writes. */
public final class Program {
    public static final String VERSION = "0.1.0";
    public static final String NAME = "Veldline " + VERSION;

    private Program() {}
}
