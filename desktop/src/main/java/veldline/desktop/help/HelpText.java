package veldline.desktop.help;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;

/** The help: the very text of {@code docs/help.md}, cut at its second-level headings. */
final class HelpText {
    /**
     * One chapter.
     *
     * @param title its heading
     * @param blocks paragraphs and list items, in order
     */
    record Chapter(String title, List<Block> blocks) {}

    /**
     * @param text without its marks
     * @param item whether it is one of a list
     */
    record Block(String text, boolean item) {}

    private HelpText() {}

    static List<Chapter> chapters() {
        try (InputStream in = HelpText.class.getResourceAsStream("help.md")) {
            return chapters(new String(in.readAllBytes(), StandardCharsets.UTF_8));
        } catch (IOException e) {
            throw new UncheckedIOException("The help that ships with the program cannot be read", e);
        }
    }

    static List<Chapter> chapters(String markdown) {
        List<Chapter> chapters = new ArrayList<>();
        for (String part : markdown.split("(?m)^## ")) {
            String[] lines = part.split("\n", 2);
            if (!part.startsWith("# ") && lines.length == 2) {
                chapters.add(new Chapter(lines[0].strip(), blocks(lines[1])));
            }
        }
        return List.copyOf(chapters);
    }

    private static List<Block> blocks(String text) {
        List<Block> blocks = new ArrayList<>();
        for (String paragraph : text.strip().split("\n(?=- )|\n\\s*\n")) {
            String plain = paragraph
                    .replaceAll("\\s*\n\\s*", " ")
                    .replaceAll("[*`]", "")
                    .strip();
            if (!plain.isEmpty()) {
                boolean item = plain.startsWith("- ");
                blocks.add(new Block(item ? plain.substring(2) : plain, item));
            }
        }
        return List.copyOf(blocks);
    }
}
