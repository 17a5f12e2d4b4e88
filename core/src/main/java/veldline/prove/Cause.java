package veldline.prove;

import java.util.List;
import java.util.Map;

/**
 * Why a link may hear less, or carry less, than was worked out. Each lists how much it may take and what of that each symptom shows; the
 * order is that in which causes are looked at, and so are their weights before anything was measured: interference, aim, polarization,
 * feeder, height, then gain. They are a first figure to judge by, not a count of any workshop's.
 */
public enum Cause {
    NOTHING("nothing is wrong", "", 25, List.of(0.0), Map.of()),
    INTERFERENCE(
            "another sender on the channel",
            "Look for a free channel, or turn the beam so that it stands in a null.",
            14,
            List.of(3.0, 6.0, 10.0, 18.0),
            Map.of(Symptom.NOISE, 1.0, Symptom.RATE, -0.6)),
    AIM(
            "the beam points past",
            "Swing it past both half-power edges and set the middle.",
            14,
            List.of(1.0, 2.0, 3.0, 6.0, 10.0),
            Map.of(Symptom.LEVEL, -1.0, Symptom.SWING, 1.0)),
    POLARIZATION(
            "polarization stands across",
            "Turn one end by a quarter; check the hand where both are circular.",
            11,
            List.of(6.0, 10.0, 15.0, 20.0, 25.0),
            Map.of(Symptom.LEVEL, -1.0, Symptom.TURN, 1.0)),
    FEEDER(
            "the cable takes more than its class",
            "Measure the run with its end open; look for water, crushed places and joints.",
            12,
            List.of(1.0, 2.0, 3.0, 5.0, 8.0),
            Map.of(Symptom.LEVEL, -1.0, Symptom.RUN, 1.0)),
    HEIGHT(
            "its height lies in a null of the bounce",
            "Search up and down by one lobe and keep the height that hears best at its worst.",
            10,
            List.of(3.0, 6.0, 10.0, 15.0),
            Map.of(Symptom.LEVEL, -1.0, Symptom.RAISE, 1.0, Symptom.SHAPE, 0.4)),
    POWER(
            "the radio sends less than was set down",
            "Read power, region and width back from the radio, and set them anew.",
            7,
            List.of(3.0, 6.0, 10.0, 14.0),
            Map.of(Symptom.LEVEL, -1.0, Symptom.READ_BACK, 1.0)),
    HEAT(
            "it loses when it gets warm",
            "Shade and air for what is powered; look at its supply under load.",
            5,
            List.of(2.0, 4.0, 7.0),
            Map.of(Symptom.LEVEL, -0.5, Symptom.WARM, 1.0)),
    BACKHAUL(
            "the line behind it is slow",
            "Measure it by wire at the far radio; no antenna mends it.",
            6,
            List.of(3.0, 6.0, 10.0, 15.0),
            Map.of(Symptom.RATE, -1.0, Symptom.WIRED, 1.0)),
    GAIN(
            "the antenna gains less than was claimed",
            "Put a known antenna in its place and read again.",
            6,
            List.of(1.0, 2.0, 3.0, 5.0),
            Map.of(Symptom.LEVEL, -1.0, Symptom.SUBSTITUTE, 1.0));

    private final String words;
    private final String remedy;
    private final double weight;
    private final List<Double> sizes;
    private final Map<Symptom, Double> shares;

    Cause(String words, String remedy, double weight, List<Double> sizes, Map<Symptom, Double> shares) {
        this.words = words;
        this.remedy = remedy;
        this.weight = weight;
        this.sizes = sizes;
        this.shares = shares;
    }

    /** As the second half of a sentence that begins “perhaps”. */
    public String words() {
        return words;
    }

    public String remedy() {
        return remedy;
    }

    /** Of a hundred links that disappoint, before anything was measured. */
    double weight() {
        return weight;
    }

    /** How much it may take, dB. */
    List<Double> sizes() {
        return sizes;
    }

    /** What a symptom shows of it where it takes so much, dB; what does not depend on it is as if nothing were wrong. */
    public double shown(Symptom symptom, double size) {
        return shares.containsKey(symptom) ? shares.get(symptom) * size : symptom.usual();
    }
}
