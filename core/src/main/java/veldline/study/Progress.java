package veldline.study;

/** Hears how a study gets on and may call it off. */
public interface Progress {
    /** A study that nobody watches. */
    Progress NONE = (done, of, best) -> true;

    /**
     * @param done steps so far
     * @param of steps in all, 0 when not known
     * @param best the best result so far in words
     * @return false to call it off; what was found so far is kept
     */
    boolean step(int done, int of, String best);
}
