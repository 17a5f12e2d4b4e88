package veldline.picture;

import java.util.ArrayList;
import java.util.List;

/** Sets words in lines. */
public final class Paragraph {
    private Paragraph() {}

    /** As a sentence begins. */
    public static String capital(String words) {
        return words.isEmpty() ? words : Character.toUpperCase(words.charAt(0)) + words.substring(1);
    }

    /** Lines of at most so many letters; a word that is longer stands alone. */
    public static List<String> lines(String text, int letters) {
        List<String> lines = new ArrayList<>();
        StringBuilder line = new StringBuilder();
        for (String word : text.split(" ")) {
            if (line.length() > 0 && line.length() + 1 + word.length() > letters) {
                lines.add(line.toString());
                line.setLength(0);
            }
            line.append(line.length() == 0 ? "" : " ").append(word);
        }
        lines.add(line.toString());
        return lines;
    }
}
