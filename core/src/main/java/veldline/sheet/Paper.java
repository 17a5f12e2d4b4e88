package veldline.sheet;

/** Sizes of paper in drawing units of 1/96 inch (ISO 216; ANSI/ASME Y14.1). */
public enum Paper {
    A4("A4", 210 / 25.4 * 96, 297 / 25.4 * 96),
    LETTER("Letter", 8.5 * 96, 11 * 96);

    /** Free on every side, so that no printer cuts anything off. */
    public static final double MARGIN = 56;

    private final String title;
    private final double width;
    private final double height;

    Paper(String title, double width, double height) {
        this.title = title;
        this.width = width;
        this.height = height;
    }

    public String title() {
        return title;
    }

    public double width() {
        return width;
    }

    public double height() {
        return height;
    }

    /** Between the margins. */
    public double room() {
        return width - 2 * MARGIN;
    }

    public Paper other() {
        return this == A4 ? LETTER : A4;
    }
}
