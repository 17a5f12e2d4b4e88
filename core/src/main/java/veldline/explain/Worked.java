package veldline.explain;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.regex.Pattern;
import veldline.quantity.NumberText;

/**
 * One computed value with all that is needed to follow it: the formula, the numbers that went in, and what it is good
 * to. Text is made when asked for.
 *
 * @param formula how it is worked out
 * @param inputs the numbers that went in, in the order of the formula
 * @param value the result in {@code unit}
 * @param unit printed after the value; may be empty
 * @param decimals how many decimals are worth printing
 * @param doubt what it is good to, plus or minus in {@code unit}; empty where the formula's own words say it better
 */
public record Worked(
        Formula formula, List<Input> inputs, double value, String unit, int decimals, Optional<Double> doubt) {

    /**
     * A number that went in.
     *
     * @param symbol as it stands in the formula
     * @param value in {@code unit}
     * @param decimals as many as make the printed sum come out
     * @param from how it was worked out itself, when it was
     */
    public record Input(
            String symbol,
            String what,
            double value,
            String unit,
            int decimals,
            NumberKind kind,
            Optional<Worked> from) {
        String shown() {
            return NumberText.shown(value, decimals);
        }
    }

    public static Builder of(Formula formula) {
        return new Builder(formula);
    }

    /** The value as printed, with its unit. */
    public String shown() {
        return number() + (unit.isEmpty() ? "" : " " + unit);
    }

    /** The value as printed, without its unit. */
    public String number() {
        return NumberText.shown(value, decimals);
    }

    /** {@code L = 20·log10(…)} in symbols. */
    public String symbols() {
        return formula.result() + " = " + formula.expression();
    }

    /** The right-hand side with this job's numbers in place of the symbols. */
    public String numbers() {
        String text = formula.expression();
        for (Input input : inputs) {
            String number = input.value < 0 ? "(" + input.shown() + ")" : input.shown();
            text = Pattern.compile("(?<![\\p{L}\\d_])" + Pattern.quote(input.symbol) + "(?![\\p{L}\\d_])")
                    .matcher(text)
                    .replaceAll(number);
        }
        return text;
    }

    /** Plain signs as they are set in print. */
    private static String pretty(String plain) {
        return plain.replace("sqrt", "√")
                .replace("log10", "log₁₀")
                .replaceAll("\\bpi\\b", "π")
                .replace("^2", "²");
    }

    /** What it is good to, in words. */
    public String trust() {
        return doubt.map(d -> "±" + NumberText.shown(d, Math.max(decimals, 1)) + (unit.isEmpty() ? "" : " " + unit)
                        + ". " + formula.goodTo())
                .orElse(formula.goodTo());
    }

    /** In words: what it is. */
    public String words() {
        return formula.words();
    }

    /** As a formula: in symbols, with this job's numbers, and what each symbol stands for; a line each. */
    public List<String> formulaLines() {
        List<String> lines = new ArrayList<>();
        lines.add(pretty(symbols()));
        lines.add("= " + pretty(numbers()));
        lines.add("= " + shown());
        return lines;
    }

    /** What went in, a line each. */
    public List<String> inputLines() {
        return inputs.stream()
                .map(input -> input.symbol + "  " + input.what + ", " + input.shown()
                        + (input.unit.isEmpty() ? "" : " " + input.unit) + kindName(input))
                .toList();
    }

    /** Where it is from and what it is good to. */
    public String standing() {
        return formula.source() + ". " + trust();
    }

    /** The whole explanation, a paragraph a line. */
    public List<String> lines() {
        List<String> lines = new ArrayList<>();
        lines.add(words());
        lines.addAll(formulaLines());
        lines.addAll(inputLines());
        lines.add(standing());
        return lines;
    }

    /** As everywhere, what is worked out is plain. */
    private static String kindName(Input input) {
        return switch (input.kind) {
            case TYPED -> ", typed";
            case WORKED -> "";
            case MEASURED -> ", measured";
            case CLAIMED -> ", claimed";
        };
    }

    /** Gathers the inputs of a worked value. */
    public static final class Builder {
        private final Formula formula;
        private final List<Input> inputs = new ArrayList<>();

        private Builder(Formula formula) {
            this.formula = formula;
        }

        public Builder typed(String symbol, String what, double value, String unit, int decimals) {
            return add(symbol, what, value, unit, decimals, NumberKind.TYPED, Optional.empty());
        }

        public Builder measured(String symbol, String what, double value, String unit, int decimals) {
            return add(symbol, what, value, unit, decimals, NumberKind.MEASURED, Optional.empty());
        }

        public Builder claimed(String symbol, String what, double value, String unit, int decimals) {
            return add(symbol, what, value, unit, decimals, NumberKind.CLAIMED, Optional.empty());
        }

        /** An intermediate number that the formula's own stage computed. */
        public Builder computed(String symbol, String what, double value, String unit, int decimals) {
            return add(symbol, what, value, unit, decimals, NumberKind.WORKED, Optional.empty());
        }

        /** A value that has an explanation of its own. */
        public Builder from(String symbol, String what, Worked worked) {
            return add(
                    symbol,
                    what,
                    worked.value,
                    worked.unit,
                    Math.max(worked.decimals + 1, 2),
                    NumberKind.WORKED,
                    Optional.of(worked));
        }

        private Builder add(
                String symbol,
                String what,
                double value,
                String unit,
                int decimals,
                NumberKind kind,
                Optional<Worked> from) {
            inputs.add(new Input(symbol, what, value, unit, decimals, kind, from));
            return this;
        }

        public Worked gives(double value, String unit, int decimals) {
            return new Worked(formula, List.copyOf(inputs), value, unit, decimals, Optional.empty());
        }

        public Worked gives(double value, String unit, int decimals, double doubt) {
            return new Worked(formula, List.copyOf(inputs), value, unit, decimals, Optional.of(doubt));
        }
    }
}
