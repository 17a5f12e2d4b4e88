package veldline.link;

import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import veldline.antenna.ClaimedBeam;
import veldline.antenna.Polarized;
import veldline.explain.Formula;
import veldline.explain.Worked;
import veldline.path.FreeSpace;
import veldline.quantity.NumberText;

/**
 * Several links of one's own at one place: what they carry from end to end, what they do to each other, and which channel and
 * which plane or hand each should have. All have the same radio and antenna. Legs that carry the same traffic on the very same channel
 * take turns, so they cost each other time; all others do not wait for each other, so they deafen each other.
 *
 * @param power of each radio behind its chain, dBm
 * @param gain of each antenna, dBi
 * @param width of its beam, degrees; empty for one that serves alike all round
 * @param channel width of a channel, hertz
 * @param apart between the antennas at the place, metres
 * @param legs at least one
 */
public record HopPlan(double power, double gain, Optional<Double> width, double channel, double apart, List<Leg> legs) {
    public static final Formula THROUGH = new Formula(
            "From end to end",
            "Hops on one channel take turns, so their times add; t is that sum on the busiest channel, in seconds a megabit.",
            "R",
            "n ÷ t",
            "IEEE Std 802.11, one sender at a time in a channel",
            "An upper bound on the air; traffic gets about half of it");
    public static final Formula OWN = new Formula(
            "Wanted over own neighbours",
            "What this hop is meant to hear over what the others at the place make in its channel, at whichever end that is worse; s is"
                    + " their sum over the wanted.",
            "R",
            "−10·log10(s)",
            "Powers add; overlap by bandwidth, beams by 12·(angle ÷ width)², polarization by IEEE Std 145",
            "±3 dB; antennas side by side couple as they are built");

    /** What a filter leaves of a channel that does not overlap, dB. */
    private static final double FILTER = 40;

    public HopPlan {
        legs = List.copyOf(legs);
        if (legs.isEmpty() || !(apart > 0) || !(channel > 0)) {
            throw new IllegalArgumentException(
                    "A plan of hops needs a link, a channel's width and a distance between antennas");
        }
    }

    /**
     * One link at the place.
     *
     * @param bearing degrees from north
     * @param distance metres
     * @param frequency middle of its channel, hertz
     * @param rate it carries alone, bits a second
     * @param carries whether the traffic goes over it
     */
    public record Leg(
            String name,
            double bearing,
            double distance,
            double frequency,
            Polarized polarized,
            double rate,
            boolean carries) {
        Leg on(double other, Polarized turned) {
            return new Leg(name, bearing, distance, other, turned, rate, carries);
        }
    }

    public HopPlan withLegs(List<Leg> to) {
        return new HopPlan(power, gain, width, channel, apart, to);
    }

    /** Whether two legs have any of their channels in common. */
    private boolean share(Leg a, Leg b) {
        return OnAir.overlap(a.frequency, channel, b.frequency, channel) > 0;
    }

    /** Whether two legs wait for each other. */
    private static boolean takeTurns(Leg a, Leg b) {
        return a.carries && b.carries && a.frequency == b.frequency;
    }

    /** What goes from end to end over the legs that carry, bits a second. */
    public double throughput() {
        double busiest = busiest(legs);
        return busiest > 0 ? 1e6 / busiest : 0;
    }

    /** The same in Mbit/s, or in kbit/s where it is less than one. */
    public Worked through() {
        boolean slow = throughput() < 1e6;
        return Worked.of(THROUGH)
                .computed("n", slow ? "kilobits a megabit" : "megabits", slow ? 1000 : 1, "", 0)
                .computed("t", "on the busiest channel, s a megabit", busiest(legs), "", 6)
                .gives(throughput() / (slow ? 1e3 : 1e6), slow ? "kbit/s" : "Mbit/s", 1);
    }

    /** Time a megabit takes on the busiest channel, seconds. */
    double busiest(List<Leg> some) {
        double busiest = 0;
        for (Leg a : some) {
            double time = 0;
            for (Leg b : some) {
                if (a.carries && b.carries && share(a, b)) {
                    time += b.rate > 0 ? 1e6 / b.rate : Double.POSITIVE_INFINITY;
                }
            }
            busiest = Math.max(busiest, time);
        }
        return busiest;
    }

    /** How far a leg lies over what its neighbours make in its channel, dB. */
    public Worked over(int leg) {
        double sum = Math.max(1e-9, unwanted(leg, legs));
        return Worked.of(OWN)
                .computed("s", "neighbours over the wanted", sum, "", 12)
                .gives(-10 * Math.log10(sum), "dB", 1, 3);
    }

    /** Neighbours over the wanted as a ratio, at whichever end of a leg that is worse. */
    private double unwanted(int i, List<Leg> all) {
        Leg mine = all.get(i);
        double there = 0;
        double here = 0;
        double wantedHere = power + 2 * gain - FreeSpace.lossDb(mine.distance, mine.frequency);
        for (int j = 0; j < all.size(); j++) {
            Leg other = all.get(j);
            if (j != i && !takeTurns(mine, other)) {
                double rejected = rejected(mine, other);
                there += ratio(-OnAir.down(width, Optional.of(other.bearing - mine.bearing)) - rejected);
                here += ratio(power - isolation(mine, other) - rejected - wantedHere);
            }
        }
        return Math.max(there, here);
    }

    private static double ratio(double db) {
        return Math.pow(10, db / 10);
    }

    /** What channel and polarization keep out of each other, dB. */
    private double rejected(Leg a, Leg b) {
        double overlap = OnAir.overlap(a.frequency, channel, b.frequency, channel);
        double by = overlap > 0 ? Math.min(FILTER, -10 * Math.log10(overlap)) : FILTER;
        return by + PolarizationMatch.lossDb(a.polarized, b.polarized);
    }

    /** Between two antennas beside each other: both are looked at from the side. */
    private double isolation(Leg a, Leg b) {
        double side = gain - width.map(w -> ClaimedBeam.MOST_DOWN).orElse(0.0);
        return Math.max(0, FreeSpace.lossDb(Math.max(apart, 0.3), Math.min(a.frequency, b.frequency)) - 2 * side);
    }

    /** The least of all legs, dB; endless for one alone. */
    public double worst() {
        return worst(legs);
    }

    /** The least of some legs, as if there were no more. */
    double worst(List<Leg> some) {
        return IntStream.range(0, some.size())
                .mapToDouble(i -> -10 * Math.log10(Math.max(1e-9, unwanted(i, some))))
                .min()
                .orElse(Double.POSITIVE_INFINITY);
    }

    /** Over this neighbours are no matter, dB. */
    public static final double CLEAR = 10;

    /** Over this nobody asks how far, dB. */
    public static final double NO_MATTER = 40;

    /** One way to give out channels and polarizations. */
    public record Assigned(List<Leg> legs, double worst) {
        /** What each leg would have, in words. */
        public String words() {
            return String.join(
                    "; ",
                    legs.stream()
                            .map(l -> l.name + " " + NumberText.shown(l.frequency / 1e6, l.frequency % 1e6 == 0 ? 0 : 1)
                                    + " " + l.polarized.words())
                            .toList());
        }
    }

    /**
     * The channels, and planes or hands, that part the legs best and leave most from end to end. The first leg keeps its
     * polarization, since both ends of the line hang by it.
     *
     * @param channels to choose from, hertz
     */
    public Assigned assign(List<Double> channels) {
        return new HopChannels(this, channels).found();
    }
}
