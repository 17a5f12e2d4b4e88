package veldline.job;

/**
 * A photograph that lies in the folder beside the job.
 *
 * @param file its name there, made from what it holds
 * @param bytes its length
 * @param sha256 of all of it, lower-case hexadecimal
 */
public record Photograph(String file, long bytes, String sha256) {
    /** What such a file may be called; leads nowhere but the folder. */
    public static final String NAME = "photo-[0-9a-f]{12}\\.(jpg|png)";

    public Photograph {
        if (!file.matches(NAME)) {
            throw new IllegalArgumentException(
                    "The photograph “" + file + "” is not a plain file name; it must be like photo-0123456789ab.jpg");
        }
    }
}
