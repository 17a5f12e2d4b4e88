package veldline.assess;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import veldline.explain.Worked;
import veldline.link.Brief;
import veldline.link.PathLoss;
import veldline.path.Edges;
import veldline.path.FreeSpace;
import veldline.path.Fresnel;
import veldline.path.HeightSearch;
import veldline.path.Incidence;
import veldline.path.Multipath;
import veldline.path.Passage;
import veldline.path.PathEffects;
import veldline.path.Rain;
import veldline.path.Sightline;
import veldline.path.TideCurve;
import veldline.path.Way;

/** Works out what lies between the ends. */
final class PathStage {
    /** Lowest an antenna may hang over low water and the tide, metres. */
    private static final double DRY = 3;

    /** Lowest an antenna may hang over dry ground, metres. */
    private static final double OVER_GROUND = 1;

    private static final double LOW = 0.5;
    private static final double HIGH = 10;
    private static final int HEIGHTS = 121;

    /** The bounce depends on how the field stands, and the field stands as the antennas do. */
    record Input(Brief brief, boolean upright, Incidence incidence, Worked polarization, double highest) {}

    private PathStage() {}

    static PathFigures figures(Input in) {
        Brief brief = in.brief;
        Passage passage = brief.passage(in.upright, in.incidence);
        TideCurve tide = passage.tide();
        List<TideCurve.Point> points = tide.points();
        Comparator<TideCurve.Point> level = Comparator.comparingDouble(TideCurve.Point::bounceDb);
        TideCurve.Point worst = points.stream().min(level).orElseThrow();
        TideCurve.Point best = points.stream().max(level).orElseThrow();
        Worked middle = tide.workedMiddle();
        PathFigures.Over over = over(passage);
        List<PathEffects.Line> lines = PathLoss.lines(passage, in.polarization);
        return new PathFigures(
                passage,
                lines,
                FreeSpace.worked(brief.distance().value(), brief.frequency().value()),
                PathLoss.sum(lines),
                in.polarization,
                Fresnel.halfWay(brief.distance().value(), brief.frequency().value()),
                over,
                tide,
                points,
                worst,
                tide.workedAt(worst.tide()),
                best,
                tide.workedAt(best.tide()),
                middle,
                over.counts().bounces() ? Math.max(0, middle.value() - worst.bounceDb()) : 0,
                better(passage, in.highest),
                byHeight(passage),
                weather(brief, passage));
    }

    private static PathFigures.Over over(Passage p) {
        Sightline line = p.sightline();
        int tightest = line.tightest();
        Worked edges = p.edges(line);
        return new PathFigures.Over(
                line,
                p.ground(line),
                tightest,
                tightest < 0 ? Optional.empty() : Optional.of(line.workedClearance(tightest)),
                edges,
                Stream.of(Edges.values())
                        .filter(e -> e != p.way().edges())
                        .map(e -> e.loss(line, p.frequency(), p.surface(), p.upright()))
                        .toList());
    }

    /** A better height, counted as the brief counts heights. */
    private static Optional<HeightSearch.Found> better(Passage p, double highest) {
        double zero = p.way().standing(true, 0);
        double least = zero + (p.range() > 0 ? p.range() + DRY : OVER_GROUND);
        return HeightSearch.forNearEnd(p, least, highest > 0 ? zero + highest : 0)
                .map(f -> new HeightSearch.Found(f.height() - zero, f.worstDb()));
    }

    private static List<HeightSearch.Found> byHeight(Passage p) {
        double zero = p.way().standing(true, 0);
        double most = Math.max(HIGH, 2 * (p.near() - zero));
        return p.range() > 0
                ? List.of()
                : HeightSearch.curve(p, zero + LOW, zero + most, HEIGHTS).stream()
                        .map(f -> new HeightSearch.Found(f.height() - zero, f.worstDb()))
                        .toList();
    }

    private static PathFigures.Weather weather(Brief brief, Passage p) {
        Way way = brief.way();
        double rate = way.rain().value();
        boolean wet = rate > 0 && p.frequency() >= Rain.FROM;
        Optional<Worked> rain = wet
                ? Optional.of(Rain.fade(
                        p.frequency(), p.distance(), rate, way.share().value(), Rain.law(p.frequency(), p.upright())))
                : Optional.empty();
        boolean fixed =
                Stream.of(brief.near(), brief.far()).noneMatch(e -> e.carrier().moves());
        Optional<Multipath> fading =
                fixed && p.distance() >= Multipath.SHORTEST && way.place().isEmpty()
                        ? Optional.of(new Multipath(
                                p.frequency(),
                                p.distance(),
                                p.near(),
                                p.far(),
                                way.gradient().value()))
                        : Optional.empty();
        return new PathFigures.Weather(rain, fading);
    }
}
