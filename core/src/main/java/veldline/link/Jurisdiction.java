package veldline.link;

/** Where a link is used, as far as rules on radiated power go. */
public enum Jurisdiction {
    NOT_SAID("not said"),
    EUROPE("Europe"),
    USA("the USA"),
    ELSEWHERE("elsewhere");

    private final String words;

    Jurisdiction(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
