package veldline.link;

import java.util.Optional;

/** No rule chosen, which is said and never taken for leave. */
final class NotChecked implements PowerProfile {
    @Override
    public String id() {
        return "none";
    }

    @Override
    public String title() {
        return "none chosen";
    }

    @Override
    public String jurisdiction() {
        return "not checked";
    }

    @Override
    public Optional<Band> band() {
        return Optional.empty();
    }

    @Override
    public Ruling ruling(double gainDbi, Brief brief) {
        return new Ruling(Optional.empty(), "Radiated power is not checked; choose the rule that holds at your place");
    }
}
