package veldline.desktop.bench;

/** What can lie over a bench for a while; Esc leaves it, and so does going to another step. */
public enum Overlay {
    PRINT,
    SUMS,
    HELP,
    LEARN,
    CHANGES,
    IMPROVE,
    NEW_JOB
}
