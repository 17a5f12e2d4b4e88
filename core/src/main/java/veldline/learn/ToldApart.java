package veldline.learn;

import java.util.List;
import java.util.Optional;
import java.util.function.BooleanSupplier;
import java.util.stream.Collectors;
import veldline.explain.Finding;
import veldline.explain.Formula;
import veldline.explain.Worked;
import veldline.feed.Drawer;
import veldline.feed.Joint;
import veldline.picture.Paragraph;

/** Pairs of connectors, some that look as if they fitted. */
final class ToldApart implements Experiment {
    private static final double MHZ_2437 = 2.437e9;

    /** Left and right half of each pair. */
    private static final List<List<String>> PAIRS = List.of(
            List.of("SMA inside pin 50", "SMA outside socket 50"),
            List.of("SMA inside pin 50", "SMA outside pin 50"),
            List.of("SMA inside socket 50", "SMA outside socket 50"),
            List.of("SMA inside socket 50", "SMA outside pin 50"),
            List.of("N inside pin 50", "N outside socket 50"),
            List.of("N inside pin 50", "N outside socket 75"),
            List.of("SMA inside pin 50", "N outside socket 50"),
            List.of("UHF inside pin 50", "UHF outside socket 50"));

    private static final Formula STOPS = new Formula(
            "Facts against it",
            "Of size, body thread, centre contact, impedance and how high it goes, those that stop the joint.",
            "N",
            "n",
            "Facts of both halves; IEC 61169 series",
            "A count; one is enough");

    @Override
    public String id() {
        return "connectors";
    }

    @Override
    public String title() {
        return "Connectors told apart";
    }

    @Override
    public String question() {
        return "Do these two fit? Look at the thread and at the contact, each for itself, before you read on.";
    }

    @Override
    public Slide slide() {
        return new Slide("Pair", "", 0, 1, 1, PAIRS.size(), 0);
    }

    @Override
    public Look at(double setting, BooleanSupplier goOn) {
        List<String> pair = PAIRS.get((int) Math.round(setting) - 1);
        Joint joint = new Joint(Drawer.connector(pair.get(0)), Drawer.connector(pair.get(1)));
        List<Joint.Fact> against = joint.facts(MHZ_2437).stream()
                .filter(f -> f.level() == Finding.Level.STOP)
                .toList();
        String says = against.isEmpty()
                ? "They fit, and carry 2437 MHz."
                : Paragraph.capital(against.stream().map(Joint.Fact::outcome).collect(Collectors.joining("; "))) + ".";
        return new Look(
                setting,
                Worked.of(STOPS)
                        .computed("n", "of five facts", against.size(), "", 0)
                        .gives(against.size(), "of 5", 0),
                List.of(),
                Scene.NONE,
                List.of(),
                Optional.of(joint),
                says);
    }

    @Override
    public String answer() {
        return "The body's thread says nothing about the contact. Two halves that screw together may have two pins, or two sockets and"
                + " no contact at all; names in shops tell one of the two facts, and not always which.";
    }

    @Override
    public String bench() {
        return "FEED_RUN";
    }
}
