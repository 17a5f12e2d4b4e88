package veldline.prove;

/**
 * What can be measured to find out why a link falls short. All in dB, over or under what was to be expected, so that they may be held
 * against each other.
 */
public enum Symptom {
    LEVEL("Level", "level over the one worked out", "Record at the far end as it stands.", 0, 1.5, 20),
    SHAPE("Swing over the tide", "how far that swings over the tide", "Record a whole tide.", 0, 0.8, 360),
    WARM("Cool less warm", "lost between cool and warm", "Record from a cool hour into a warm one.", 0, 0.7, 240),
    NOISE(
            "Noise",
            "noise over the radio's own",
            "Near end off, read the level the far radio hears on the channel.",
            0,
            1,
            3),
    RATE(
            "Rate on the air",
            "rate over that of the level, 10 log",
            "Measure rate over the air; hold it against the radio's table.",
            0,
            1.5,
            5),
    WIRED(
            "Rate by wire",
            "rate by wire under that wanted, 10 log",
            "Plug in by wire at the far radio and measure rate.",
            0,
            1,
            10),
    READ_BACK(
            "Power read back",
            "power set less power read back",
            "Read power, region and width back from the near radio.",
            0,
            0.7,
            5),
    TURN("One end turned", "won by turning one end a quarter", "Turn one end by a quarter and read again.", -15, 4, 15),
    SWING(
            "Set to the middle",
            "won by setting the middle",
            "Swing past both half-power edges and set the middle.",
            0,
            0.7,
            20),
    RUN("Cable swept", "run's loss over the one worked out", "Sweep the cable with its end open.", 0, 0.4, 25),
    RAISE("Another height", "won at another height", "Read at half a lobe up and down.", 0.5, 1.2, 45),
    SUBSTITUTE(
            "Known antenna",
            "known antenna over this one, less what is known",
            "Put a known antenna in its place.",
            0,
            0.8,
            60);

    private final String title;
    private final String words;
    private final String how;
    private final double usual;
    private final double doubt;
    private final double minutes;

    Symptom(String title, String words, String how, double usual, double doubt, double minutes) {
        this.title = title;
        this.words = words;
        this.how = how;
        this.usual = usual;
        this.doubt = doubt;
        this.minutes = minutes;
    }

    /** “Power read back”. */
    public String title() {
        return title;
    }

    /** What the number is, in words: “power set less power read back”. */
    public String words() {
        return words;
    }

    /** How it is measured, a sentence. */
    public String how() {
        return how;
    }

    /** What it comes to where nothing touches it, dB. */
    double usual() {
        return usual;
    }

    /** Standard deviation of it from link to link where nothing is wrong, dB. */
    double doubt() {
        return doubt;
    }

    /** What it takes two careful people, usually. */
    public double minutes() {
        return minutes;
    }
}
