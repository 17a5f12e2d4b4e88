package veldline.explain;

/**
 * An edit as data: a small record that applies to the part it changes. Undo labels, remedies and the log are all made
 * of these.
 *
 * @param <P> the part of the job it changes
 */
public interface Change<P> {
    /** The part after the edit; the part given is left as it was. */
    P applyTo(P part);

    /** A few words for the undo list: “frequency 2437 MHz”. */
    String label();
}
