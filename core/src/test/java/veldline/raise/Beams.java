package veldline.raise;

import java.util.List;
import java.util.stream.IntStream;

/** A beam to aim with in tests. */
public final class Beams {
    public static final double WIDTH = 33;

    /** 33° wide, with a side lobe 13 dB under it at 50° and a back lobe: gain at each whole degree off it. */
    public static final List<Double> CUT = IntStream.rangeClosed(0, 180)
            .mapToObj(d -> 12
                    + Math.max(
                            Math.max(-12 * Math.pow(d / WIDTH, 2), -13 - 12 * Math.pow((d - 50) / 22.0, 2)),
                            Math.max(-16 - 12 * Math.pow((d - 180) / 40.0, 2), -30)))
            .toList();

    private Beams() {}
}
