package veldline.link;

import java.util.Optional;
import veldline.explain.Formula;
import veldline.explain.Worked;

/** An end that never sends. */
final class ReceiveOnly implements PowerProfile {
    private static final Formula NOTHING = new Formula(
            "Nothing may be sent",
            "This end only hears.",
            "E",
            "a",
            "The chosen profile",
            "−100 dBm stands for nothing at all");

    @Override
    public String id() {
        return "receive-only";
    }

    @Override
    public String title() {
        return "receive only";
    }

    @Override
    public String jurisdiction() {
        return "anywhere";
    }

    @Override
    public Optional<Band> band() {
        return Optional.empty();
    }

    @Override
    public Ruling ruling(double gainDbi, Brief brief) {
        return new Ruling(
                Optional.of(
                        Worked.of(NOTHING).typed("a", "allowed", -100, "dBm", 0).gives(-100, "dBm", 1)),
                "This end is to hear only; it must not send");
    }
}
