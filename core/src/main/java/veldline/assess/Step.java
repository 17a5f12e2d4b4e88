package veldline.assess;

/** The eight steps of the work, in the order a person usually takes them. */
public enum Step {
    BRIEF("Brief"),
    CHOOSE("Choose"),
    SHAPE("Shape"),
    MATCH("Match"),
    FEED_RUN("Feed run"),
    RAISE("Raise"),
    PROVE("Prove"),
    LOG("Log");

    private final String title;

    Step(String title) {
        this.title = title;
    }

    public String title() {
        return title;
    }
}
