package veldline.format;

/** A file could not be read; the message says where, what is wrong and what would be right. */
public final class FormatException extends Exception {
    private static final long serialVersionUID = 1L;

    public FormatException(String message) {
        super(message);
    }
}
