package veldline.field.solve;

/** A model could not be solved; the message names what stands in the way and what to do. */
public final class SolveFailure extends RuntimeException {
    private static final long serialVersionUID = 1L;

    public SolveFailure(String message) {
        super(message);
    }
}
