package veldline.desktop.brief;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import veldline.desktop.bench.Input;
import veldline.desktop.bench.Limits;
import veldline.desktop.bench.Showing;
import veldline.job.JobChange;
import veldline.link.Needs;
import veldline.link.NeedsChange;
import veldline.quantity.Quantity;
import veldline.quantity.QuantityReader;
import veldline.quantity.Unit;
import veldline.stock.Metal;
import veldline.stock.Piece;
import veldline.stock.Tool;

/** What the link must carry, and what and who there is to make it with. */
final class NeedsInputs {
    /** For example {@code 6 mm aluminium 2 m}. */
    private static final Pattern PIECE = Pattern.compile("(.+?)\\s+(" + metals() + ")(?: steel)?[, ]+([0-9].*)");

    private static String metals() {
        return java.util.Arrays.stream(Metal.values())
                .map(m -> m.words().split(" ")[0])
                .collect(java.util.stream.Collectors.joining("|"));
    }

    private NeedsInputs() {}

    static List<Input> of(Showing s) {
        Needs n = s.job().needs();
        List<Input> in = new ArrayList<>();
        in.add(new Input.Note("zero", "0 asks for nothing and limits nothing."));
        in.add(new Input.Pair(
                value(n, NeedsChange.Kind.RATE, 1e10, "10 Gbit/s"), value(n, NeedsChange.Kind.DELAY, 60, "1 min")));
        in.add(new Input.Pair(
                value(n, NeedsChange.Kind.OUTAGE, 43_199, "12 h"), value(n, NeedsChange.Kind.BUDGET, 1e9, "1e9")));
        in.add(new Input.Pair(
                value(n, NeedsChange.Kind.WEIGHT, 1000, "1000 kg"), value(n, NeedsChange.Kind.PACKED, 100, "100 m")));
        in.add(new Input.Pair(
                value(n, NeedsChange.Kind.SET_UP, 864_000, "10 d"), value(n, NeedsChange.Kind.HOURS, 864_000, "10 d")));
        in.add(new Input.Pair(
                value(n, NeedsChange.Kind.PEOPLE, 100, "100"), value(n, NeedsChange.Kind.HIGHEST, 1000, "1000 m")));
        in.add(new Input.Choice(
                "unseen",
                "May it be seen?",
                List.of(
                        new Input.Option("yes", !n.unseen(), lift(new NeedsChange.Unseen(false))),
                        new Input.Option("rather not", n.unseen(), lift(new NeedsChange.Unseen(true))))));
        for (Tool t : Tool.values()) {
            boolean on = n.tools().contains(t);
            in.add(new Input.Tick("tool-" + t.name(), t.words(), "", false, on, lift(new NeedsChange.Have(t, !on))));
        }
        in.add(Input.Words.asking("stock", "Rod in stock: diameter, metal, length", NeedsInputs::piece));
        for (int i = 0; i < n.stock().size(); i++) {
            in.add(new Input.Tick(
                    "stock-" + i, n.stock().get(i).words(), "", false, true, lift(new NeedsChange.DropPiece(i))));
        }
        return in;
    }

    private static Input.Value value(Needs n, NeedsChange.Kind kind, double most, String mostText) {
        String words = kind.words();
        return new Input.Value(
                "need-" + kind.name().toLowerCase(Locale.ROOT),
                Character.toUpperCase(words.charAt(0)) + words.substring(1),
                kind.of(n),
                "",
                Limits.within(0, most, "0", mostText, q -> lift(new NeedsChange.Amount(kind, q))));
    }

    /** Rod as a person would write it down; what cannot be read so is left in its line. */
    static Optional<JobChange> piece(String text) {
        Matcher m = PIECE.matcher(text.strip().toLowerCase(Locale.ROOT));
        if (!m.matches()) {
            return Optional.empty();
        }
        Optional<Quantity> diameter = length(m.group(1), Unit.MM);
        Optional<Quantity> length = length(m.group(3), Unit.M);
        return java.util.Arrays.stream(Metal.values())
                .filter(x -> x.words().startsWith(m.group(2)))
                .findFirst()
                .filter(x -> diameter.isPresent() && length.isPresent())
                .map(x -> lift(new NeedsChange.AddPiece(new Piece(x, diameter.get(), length.get()))));
    }

    private static Optional<Quantity> length(String text, Unit usual) {
        return new QuantityReader(usual).read(text, Optional.empty()) instanceof QuantityReader.Reading.Taken t
                        && t.quantity().value() > 0
                ? Optional.of(t.quantity())
                : Optional.empty();
    }

    private static JobChange lift(NeedsChange change) {
        return new JobChange.OfNeeds(change);
    }
}
