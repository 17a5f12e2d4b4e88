package veldline.desktop.feedrun;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import veldline.desktop.bench.Input;
import veldline.desktop.bench.Showing;
import veldline.feed.Connector;
import veldline.feed.FeedChange;
import veldline.feed.InHand;
import veldline.feed.SeriesFacts;
import veldline.job.JobChange;
import veldline.quantity.NumberText;

/** What was seen of a connector that somebody holds; kept while the window is open, until it is taken for a side of a part. */
final class InHandInputs {
    static final String ACROSS = "hand.across";
    private static final String COUPLING = "hand.coupling";
    private static final String THREAD = "hand.thread";
    private static final String CONTACT = "hand.contact";
    private static final String SIDE = "hand.side";
    /** Where the rule stands at first, millimetres. */
    private static final double FIRST = 15.8;

    private InHandInputs() {}

    static InHand of(Showing s) {
        String across = s.noted().getOrDefault(ACROSS, "");
        return new InHand(
                across.matches("\\d{1,2}(\\.\\d)?") ? Double.parseDouble(across) : FIRST,
                Arrays.stream(InHand.Coupling.values())
                        .filter(c -> c.name().equals(s.noted().get(COUPLING)))
                        .findFirst());
    }

    static String at(double across) {
        return "set:" + ACROSS + "=" + NumberText.shown(Math.round(10 * across) / 10.0, 1);
    }

    private static Connector.Thread thread(Showing s) {
        return Connector.Thread.valueOf(s.noted().getOrDefault(THREAD, "OUTSIDE"));
    }

    private static Connector.Contact contact(Showing s) {
        return Connector.Contact.valueOf(s.noted().getOrDefault(CONTACT, "SOCKET"));
    }

    private static boolean radioSide(Showing s) {
        return s.noted().getOrDefault(SIDE, "radio").equals("radio");
    }

    static Connector connector(Showing s, SeriesFacts facts) {
        return new Connector(facts.series(), thread(s), contact(s), facts.ohms().get(0));
    }

    /** Takes it for the side of the part that was named. */
    static Optional<JobChange> taken(Showing s, SeriesFacts facts) {
        int part = FeedRunBench.part(s);
        return part < 0
                ? Optional.empty()
                : Optional.of(new JobChange.OfRun(
                        FeedRunBench.near(s), new FeedChange.Side(part, radioSide(s), connector(s, facts))));
    }

    static List<Input> inputs(Showing s) {
        InHand hand = of(s);
        List<Input> in = new ArrayList<>();
        in.add(new Input.Pick(
                "hand-coupling",
                "How it holds",
                Stream.concat(
                                Stream.of(
                                        option("not looked at", hand.coupling().isEmpty(), COUPLING, "")),
                                Arrays.stream(InHand.Coupling.values())
                                        .map(c -> option(
                                                c.words(), hand.coupling().equals(Optional.of(c)), COUPLING, c.name())))
                        .toList()));
        in.add(new Input.Choice(
                "hand-thread",
                "Thread or body",
                Arrays.stream(Connector.Thread.values())
                        .map(t -> option(t.words(), t == thread(s), THREAD, t.name()))
                        .toList()));
        in.add(new Input.Choice(
                "hand-contact",
                "In its centre",
                Arrays.stream(Connector.Contact.values())
                        .map(c -> option(c.words(), c == contact(s), CONTACT, c.name()))
                        .toList()));
        in.add(new Input.Choice(
                "hand-side",
                "It is this part's",
                List.of(
                        option("radio side", radioSide(s), SIDE, "radio"),
                        option("antenna side", !radioSide(s), SIDE, "antenna"))));
        in.add(
                new Input.Note(
                        "hand-how",
                        "Measure over an outside thread, or inside a nut, with a rule; draw the jaw to that. Enter takes what is chosen for the side of the part."));
        return in;
    }

    private static Input.Option option(String words, boolean chosen, String name, String value) {
        return new Input.Option(words, chosen, new Input.Outcome.Picked("set:" + name + "=" + value));
    }
}
