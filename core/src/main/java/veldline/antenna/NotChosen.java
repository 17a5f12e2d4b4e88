package veldline.antenna;

import java.util.Optional;
import veldline.explain.Worked;

/** An antenna that is still to be decided on: the line can be drawn up to it and no further. */
public record NotChosen() implements Antenna {
    @Override
    public String title() {
        return "not chosen yet";
    }

    @Override
    public Optional<Polarized> polarized() {
        return Optional.empty();
    }

    @Override
    public Optional<Worked> claimedGain() {
        return Optional.empty();
    }

    @Override
    public double longest() {
        return 0;
    }
}
