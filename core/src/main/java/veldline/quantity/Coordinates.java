package veldline.quantity;

import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * A place on the globe as people write it: decimal degrees or degrees, minutes and seconds, north and east positive or
 * named by a letter.
 *
 * @param latitude degrees, −90 to 90
 * @param longitude degrees, −180 to 180
 */
public record Coordinates(double latitude, double longitude) {
    public Coordinates {
        if (!(Math.abs(latitude) <= 90) || !(Math.abs(longitude) <= 180)) {
            throw new IllegalArgumentException("Latitude " + latitude + " and longitude " + longitude
                    + " are off the globe; latitude goes to ±90, longitude to ±180");
        }
    }

    /** What came of reading a text. */
    public sealed interface Read {
        record Taken(Coordinates place) implements Read {}

        record Refused(String why) implements Read {}
    }

    private static final String NUMBER = "([+-]?\\d{1,3}(?:\\.\\d+)?)";
    private static final Pattern ANGLE = Pattern.compile(
            "([NSEW])?\\s*" + NUMBER
                    + "\\s*°?\\s*(?:(\\d{1,2}(?:\\.\\d+)?)\\s*['′’]\\s*(?:(\\d{1,2}(?:\\.\\d+)?)\\s*(?:\"|″|”|'')\\s*)?)?([NSEW])?");

    private static final String EXAMPLE = "write a place such as 55.20000 N 4.10000 E, or 55°12'00.0\" N 4°06'00.0\" E";

    /** Reads both coordinates, latitude first unless letters say otherwise. */
    public static Read read(String text) {
        String plain = text.strip().toUpperCase(Locale.ROOT).replace('−', '-').replace('\u00a0', ' ');
        for (int split : splits(plain)) {
            Optional<Angle> a = angle(plain.substring(0, split));
            Optional<Angle> b = angle(plain.substring(split));
            if (a.isPresent() && b.isPresent()) {
                return pair(a.get(), b.get());
            }
        }
        return new Read.Refused("“" + text.strip() + "” is no place; " + EXAMPLE);
    }

    /** Where one coordinate may end: at a comma, a semicolon, a letter or a space, the likeliest first. */
    private static int[] splits(String text) {
        java.util.List<Integer> all = new java.util.ArrayList<>();
        for (String mark : new String[] {";", ",", "N", "S", "E", "W", " "}) {
            for (int i = text.indexOf(mark); i >= 0; i = text.indexOf(mark, i + 1)) {
                all.add(i);
                all.add(i + 1);
            }
        }
        return all.stream()
                .filter(i -> i > 0 && i < text.length())
                .mapToInt(Integer::intValue)
                .distinct()
                .toArray();
    }

    private record Angle(double degrees, String letter) {}

    private static Optional<Angle> angle(String part) {
        Matcher m = ANGLE.matcher(part.strip().replaceAll("^[,;]|[,;]$", "").strip());
        if (!m.matches() || m.group(1) != null && m.group(5) != null) {
            return Optional.empty();
        }
        double minutes = m.group(3) == null ? 0 : Double.parseDouble(m.group(3));
        double seconds = m.group(4) == null ? 0 : Double.parseDouble(m.group(4));
        if (minutes >= 60 || seconds >= 60 || m.group(3) != null && m.group(2).contains(".")) {
            return Optional.empty();
        }
        double size = Math.abs(Double.parseDouble(m.group(2))) + minutes / 60 + seconds / 3600;
        String letter = m.group(1) != null ? m.group(1) : m.group(5) != null ? m.group(5) : "";
        boolean minus = m.group(2).startsWith("-") != (letter.equals("S") || letter.equals("W"));
        return Optional.of(new Angle(minus ? -size : size, letter));
    }

    private static Read pair(Angle a, Angle b) {
        boolean turned = "EW".contains(a.letter) && !a.letter.isEmpty();
        boolean straight = "NS".contains(a.letter) && !a.letter.isEmpty();
        boolean second = !b.letter.isEmpty();
        if (second && (turned && "EW".contains(b.letter) || straight && "NS".contains(b.letter))) {
            return new Read.Refused("Both coordinates run the same way; " + EXAMPLE);
        }
        boolean lonFirst = turned || a.letter.isEmpty() && second && "NS".contains(b.letter);
        double latitude = lonFirst ? b.degrees : a.degrees;
        double longitude = lonFirst ? a.degrees : b.degrees;
        try {
            return new Read.Taken(new Coordinates(latitude, longitude));
        } catch (IllegalArgumentException e) {
            return new Read.Refused(e.getMessage());
        }
    }

    /** In degrees, minutes and seconds: {@code 55°12'22.9" N 4°08'21.5" E}. */
    public String sexagesimal() {
        return sexagesimal(latitude, "N", "S") + " " + sexagesimal(longitude, "E", "W");
    }

    private static String sexagesimal(double degrees, String plus, String minus) {
        long tenths = Math.round(Math.abs(degrees) * 36_000);
        return String.format(
                Locale.ROOT,
                "%d°%02d'%04.1f\" %s",
                tenths / 36_000,
                tenths / 600 % 60,
                tenths % 600 / 10.0,
                degrees < 0 ? minus : plus);
    }

    /** In decimal degrees to a metre: {@code 55.20637, 4.13930}. */
    public String decimal() {
        return String.format(Locale.ROOT, "%.5f, %.5f", latitude, longitude);
    }
}
