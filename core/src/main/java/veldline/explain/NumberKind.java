package veldline.explain;

/** Where a number comes from. Each kind looks different everywhere it is shown, print included. */
public enum NumberKind {
    TYPED,
    WORKED,
    MEASURED,
    CLAIMED
}
