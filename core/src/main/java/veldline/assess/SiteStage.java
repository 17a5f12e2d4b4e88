package veldline.assess;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.CancellationException;
import java.util.function.BooleanSupplier;
import java.util.function.Consumer;
import java.util.stream.Stream;
import veldline.antenna.Antenna;
import veldline.antenna.ApertureDesign;
import veldline.antenna.Bought;
import veldline.antenna.Made;
import veldline.coverage.Coverage;
import veldline.coverage.Emitter;
import veldline.coverage.LevelMap;
import veldline.coverage.Pattern;
import veldline.coverage.Point;
import veldline.coverage.SectorSearch;
import veldline.coverage.Site;
import veldline.explain.Formula;
import veldline.explain.Worked;
import veldline.field.pattern.RadiatedField;
import veldline.field.pattern.Sphere;
import veldline.field.solve.FieldSolver;
import veldline.field.solve.MeshRule;
import veldline.field.solve.SolveFailure;
import veldline.job.Job;
import veldline.link.Brief;
import veldline.path.LogDistance;

/** The level over a site, with the antenna of the near end put up wherever the plan says. */
public final class SiteStage {
    /** Cells from west to east: enough for the plan as it is drawn on the bench. */
    private static final int CELLS = 96;

    /** What decides a pattern. */
    record PatternInput(Antenna antenna, double frequency) {}

    /**
     * What decides the levels.
     *
     * @param power at the terminals of an antenna at the ground with a radio of its own, the far end counted in, dBm
     */
    record Input(
            Site site,
            PatternInput pattern,
            double power,
            double frequency,
            Optional<LogDistance> place,
            double floor,
            double wish) {}

    private SiteStage() {}

    static Optional<Input> input(Job job) {
        return input(
                job,
                farGain(new PatternInput(
                        job.farAntenna(), job.brief().frequency().value())));
    }

    /** Gain of the far end as far as it is told, dBi. */
    static double farGain(PatternInput far) {
        return far.antenna.toldGain(far.frequency).map(Worked::value).orElse(0.0);
    }

    /** @param farGain of the far end, dBi */
    static Optional<Input> input(Job job, double farGain) {
        Brief b = job.brief();
        double frequency = b.frequency().value();
        return job.site()
                .filter(s -> b.field().isEmpty())
                .map(s -> new Input(
                        s,
                        new PatternInput(job.nearAntenna(), frequency),
                        power(job, farGain),
                        frequency,
                        b.way().place(),
                        LineStage.hears(job).value(),
                        LineStage.hears(job).value() + b.marginWanted().value()));
    }

    /** Power of the radio, less its chain, with the far end's gain, chain and polarization, dBm. */
    private static double power(Job job, double farGain) {
        Brief b = job.brief();
        double f = b.frequency().value();
        return b.near().radio().power().value()
                - job.nearRun().lossDb(f)
                + farGain
                - job.farRun().lossDb(f)
                - LineStage.polarization(job).value();
    }

    static Coverage figures(Input in, Pattern pattern, BooleanSupplier goOn) {
        try {
            return Coverage.of(
                    in.site,
                    emitters(in, pattern),
                    in.frequency,
                    in.place,
                    CELLS,
                    in.floor,
                    in.wish,
                    (done, of) -> goOn.getAsBoolean());
        } catch (CancellationException e) {
            throw new SolveFailure("Called off");
        }
    }

    /**
     * The levels on finer and finer grids; the pattern is solved once for all of them.
     *
     * @param columns from west to east, of each grid
     * @param watcher false calls it off with a {@link CancellationException}
     * @param drawn takes each as it is done
     */
    public static void fine(Job job, List<Integer> columns, LevelMap.Watcher watcher, Consumer<LevelMap> drawn) {
        Input in = input(job).orElseThrow(() -> new IllegalArgumentException("The job has no plan; read one in Raise"));
        List<Emitter> emitters = emitters(in, pattern(in.pattern, () -> true));
        for (int wide : columns) {
            int rows = (int) Math.max(2, Math.round(wide * in.site.depth() / in.site.width()));
            drawn.accept(LevelMap.of(in.site, emitters, in.frequency, in.place, wide, rows, watcher));
        }
    }

    private static List<Emitter> emitters(Input in, Pattern pattern) {
        Site s = in.site;
        double split = s.oneRadio() ? 10 * Math.log10(Math.max(1, s.antennas().size())) : 0;
        return s.antennas().stream()
                .map(a -> new Emitter(
                        a.at().x(),
                        a.at().y(),
                        a.height().value(),
                        a.azimuth().value(),
                        a.tilt().value(),
                        in.power
                                - split
                                - s.feeder().value()
                                        * s.cable(a.at(), a.height().value()),
                        pattern))
                .toList();
    }

    static final Formula WORST = new Formula(
            "Worst place over the floor",
            "The lesser of the level at the worst of the places people use, and of what 95 in 100 of the ground to be served have, over the"
                    + " floor.",
            "W",
            "p − f",
            "The plan, with this antenna wherever one stands",
            "±6 dB from spot to spot; one antenna against another to 2 dB");

    /**
     * The worst place of a job's plan over the floor, with another antenna in place of each that stands there.
     *
     * @param turning what it loses more to unlike polarization than the one there is, dB
     * @return empty where the job has no plan, no antenna on it, or nobody to serve
     */
    public static Optional<Worked> worst(Job job, Pattern pattern, double turning) {
        return input(job).flatMap(in -> {
            Coverage c = Coverage.of(
                    in.site,
                    emitters(in, pattern),
                    in.frequency,
                    in.place,
                    CELLS / 2,
                    in.floor,
                    in.wish,
                    (done, of) -> true);
            return Stream.concat(c.spots().stream().map(Coverage.AtSpot::level), c.worst().stream())
                    .min(Comparator.comparingDouble(Worked::value))
                    .map(level -> Worked.of(WORST)
                            .computed("p", "level there", level.value() - turning, "dBm", 2)
                            .computed("f", "the floor", in.floor, "dBm", 2)
                            .gives(level.value() - turning - in.floor, "dB", 1, 6));
        });
    }

    /** The pattern of a field that is solved, its beam along x. */
    public static Pattern pattern(RadiatedField field) {
        double[][] rings = Sphere.grid(field, 2);
        return Pattern.of((azimuth, elevation) -> read(rings, 90 - elevation, -azimuth));
    }

    /** Of an antenna with an opening, by the field over it. */
    public static Pattern pattern(ApertureDesign d, double frequency) {
        return ApertureStage.pattern(new ApertureStage.Input(d, frequency));
    }

    /** Solved where the antenna is made here, by its claims where it was bought. */
    static Pattern pattern(PatternInput in, BooleanSupplier goOn) {
        if (in.antenna instanceof Made m) {
            return pattern(RadiatedField.leaving(
                    new FieldSolver(m.model(), MeshRule.standard(in.frequency), goOn).at(in.frequency)));
        }
        if (in.antenna instanceof ApertureDesign d) {
            return ApertureStage.pattern(new ApertureStage.Input(d, in.frequency));
        }
        Optional<Double> width = in.antenna instanceof Bought b ? b.width().map(w -> w.value()) : Optional.empty();
        double gain = in.antenna.claimedGain().map(w -> w.value()).orElse(0.0);
        return Pattern.claimed(gain, width.orElse(360.0));
    }

    /** Gain between the rings of a grid, degrees from the zenith and around. */
    private static double read(double[][] rings, double theta, double phi) {
        double r = Math.max(0, Math.min(rings.length - 1.000001, theta / 180 * (rings.length - 1)));
        int i = (int) r;
        int n = rings[i].length;
        double c = ((phi % 360 + 360) % 360) / 360 * n;
        int j = (int) c % n;
        double low = between(rings[i], j, c - (int) c);
        double high = between(rings[i + 1], j, c - (int) c);
        return low + (r - i) * (high - low);
    }

    /** A null has no end in decibels, and nothing can be put between with that. */
    private static double between(double[] ring, int j, double share) {
        double a = Math.max(DEEP, ring[j]);
        double b = Math.max(DEEP, ring[(j + 1) % ring.length]);
        return a + share * (b - a);
    }

    private static final double DEEP = -60;

    /** More places for a mast than this are not tried. */
    private static final int MASTS = 8;

    private static final double USUAL_HEIGHT = 4;

    /**
     * A search over how to set antennas up on a job's site: where antennas stand, and at the corners of what stands there; at
     * the heights there are, and half as much again.
     *
     * @throws IllegalArgumentException where the job has no site
     */
    public static SectorSearch search(Job job) {
        Input in = input(job).orElseThrow(() -> new IllegalArgumentException("The job has no plan; read one in Raise"));
        Site s = in.site;
        List<Point> masts = Stream.concat(
                        s.antennas().stream().map(Site.Mounted::at),
                        s.obstacles().stream()
                                .flatMap(o -> o.line().stream().skip(1).limit(2)))
                .distinct()
                .limit(MASTS)
                .toList();
        List<Double> heights = Stream.concat(
                        s.antennas().stream().map(a -> a.height().value()), Stream.of(USUAL_HEIGHT))
                .limit(1)
                .flatMap(h -> Stream.of(h, 1.5 * h))
                .toList();
        Emitter kind = new Emitter(0, 0, 1, 0, 0, in.power, pattern(in.pattern, () -> true));
        return new SectorSearch(s, kind, in.frequency, in.place, masts, SectorSearch.Choices.usual(heights, CELLS));
    }
}
