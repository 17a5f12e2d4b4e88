package veldline.desktop.bench;

import java.util.Map;

/** What of a bench is looked at: a page, kept by name while the window is open. */
public final class Pages {
    private Pages() {}

    /**
     * The list to pick one from.
     *
     * @param note under which it is kept
     * @param words of each page, in order
     * @param now the page that is looked at
     */
    public static Input.Pick pick(String note, Map<String, String> words, String now) {
        return new Input.Pick(
                "page",
                "What is looked at",
                words.entrySet().stream()
                        .map(w -> new Input.Option(
                                w.getValue(),
                                w.getKey().equals(now),
                                new Input.Outcome.Picked("set:" + note + "=" + w.getKey())))
                        .toList());
    }
}
