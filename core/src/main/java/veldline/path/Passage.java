package veldline.path;

import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import veldline.explain.Worked;

/**
 * A wave on its way between two antennas: its length, the ground under it and what it goes through.
 *
 * @param frequency hertz
 * @param distance metres
 * @param near height of the near antenna over the zero that heights are counted from, metres
 * @param far height of the far one
 * @param range of the tide, flood or snow, metres
 * @param surface what lies between
 * @param upright whether the field stands upright
 * @param incidence how the antennas stand to what the wave bounces off
 * @param way what else is known
 * @param obstructions what it goes through
 */
public record Passage(
        double frequency,
        double distance,
        double near,
        double far,
        double range,
        Surface surface,
        boolean upright,
        Incidence incidence,
        Way way,
        List<Obstruction> obstructions) {
    private static final int STEPS = 64;

    public Passage {
        obstructions = List.copyOf(obstructions);
    }

    /** Between straight antennas, alike. */
    public Passage(
            double frequency,
            double distance,
            double near,
            double far,
            double range,
            Surface surface,
            boolean upright,
            Way way,
            List<Obstruction> obstructions) {
        this(frequency, distance, near, far, range, surface, upright, Incidence.of(upright), way, obstructions);
    }

    public Passage withNear(double height) {
        return new Passage(frequency, distance, height, far, range, surface, upright, incidence, way, obstructions);
    }

    /** The same with another range of what rises: none is when it has run out. */
    public Passage withRange(double other) {
        return new Passage(frequency, distance, near, far, other, surface, upright, incidence, way, obstructions);
    }

    /** The bounce over the range of what rises. */
    public TideCurve tide() {
        return new TideCurve(
                new TwoRay(
                        frequency,
                        distance,
                        surface,
                        incidence,
                        way.earth(),
                        way.roughness().value()),
                near,
                far,
                range,
                way.rise(),
                ground());
    }

    /** The profile, stretched to the distance typed; empty where none is known. */
    private Optional<Profile> ground() {
        return way.profile().map(p -> p.length() == distance ? p : p.stretched(distance));
    }

    /** The line from antenna to antenna, the water at its middle stand; over even ground where no profile is known. */
    public Sightline sightline() {
        return new Sightline(
                ground().orElseGet(this::even),
                near,
                far,
                range / 2,
                FreeSpace.wavelength(frequency),
                way.k().value());
    }

    private Profile even() {
        List<Double> along = IntStream.rangeClosed(0, STEPS)
                .mapToObj(i -> distance * i / STEPS)
                .toList();
        return new Profile("even ground", along, along.stream().map(x -> 0.0).toList());
    }

    /** What decides on the ground between: one of the two that describe it, or neither. */
    public enum Ground {
        /** Both ends see the place it bounces off, and that place is a mirror. */
        BOUNCE("the bounce counts: the line is clear and the ground under it throws back"),
        /** Something stands over the line, or the earth does, or the ground is too rough to mirror. */
        EDGES("the edges count: the line is not clear, or the ground under it is too rough to throw back"),
        /** Both ends see a mirror, and beside it something stands in the first zone. */
        BOTH("both count: the ground under the line throws back, and something stands up out of it into the zone"),
        /** The exponent of the place has all of it in it. */
        NEITHER("neither counts: the exponent of the place has both in it");

        private final String words;

        Ground(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }

        /** Whether the bounce is part of it. */
        public boolean bounces() {
            return this == BOUNCE || this == BOTH;
        }
    }

    /** Which of the two counts: the same ground is never counted twice. */
    public Ground ground(Sightline line) {
        if (way.place().isPresent()) {
            return Ground.NEITHER;
        }
        boolean known = way.profile().isPresent();
        boolean beyond = distance >= SphericalEarth.horizon(near - range / 2, far - range / 2, way.earth());
        boolean blocked = known ? !line.clear() : beyond;
        if (blocked || known && !tide().mirrors(range / 2)) {
            return Ground.EDGES;
        }
        return known && standsOut(line) ? Ground.BOTH : Ground.BOUNCE;
    }

    /** Whether the tightest point reaches into the zones and is not the mirror itself. */
    private boolean standsOut(Sightline line) {
        int i = line.tightest();
        return i > 0
                && line.v(i) > KnifeEdge.CLEAR
                && line.ground(i) > tide().bouncesOff(range / 2) + OUT * (1 - line.clearance(i)) * line.zone(i);
    }

    /** So much of what reaches into the first zone has to stand up out of the mirror. */
    private static final double OUT = 0.3;

    /** What stands in the way, by the school chosen. */
    public Worked edges(Sightline line) {
        return way.edges().loss(line, frequency, surface, upright);
    }

    /** What the ground takes at the worst stand, dB; below zero where it gives. */
    public double worstDb() {
        Sightline line = sightline();
        return switch (ground(line)) {
            case NEITHER -> 0;
            case EDGES -> edges(line).value();
            case BOUNCE -> -tide().worst().bounceDb();
            case BOTH -> edges(line).value() - tide().worst().bounceDb();
        };
    }
}
