package veldline.explain;

import java.util.List;

/** A sum of worked values, which is worked out itself. */
public final class Sum {
    private Sum() {}

    /** Adds values of one unit; none at all make zero. */
    public static Worked of(String name, String words, String unit, int decimals, List<Worked> parts) {
        StringBuilder expression = new StringBuilder(parts.isEmpty() ? "0" : "");
        double sum = 0;
        for (int i = 0; i < parts.size(); i++) {
            expression.append(i == 0 ? "" : " + ").append(symbol(i));
            sum += parts.get(i).value();
        }
        Worked.Builder builder = Worked.of(
                new Formula(name, words, "S", expression.toString(), "Sum of decibels", "As good as its parts"));
        for (int i = 0; i < parts.size(); i++) {
            builder.from(symbol(i), parts.get(i).formula().name(), parts.get(i));
        }
        return builder.gives(sum, unit, decimals);
    }

    private static String symbol(int i) {
        return "p" + (i + 1);
    }
}
