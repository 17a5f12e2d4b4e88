package veldline.assess;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import java.util.stream.Stream;
import veldline.explain.Finding;
import veldline.link.LevelLine;

/** Every rule of judgement, by step. To add one, write it in its own class and list it here. */
final class Findings {
    /** A rule looks at a whole assessment and says what it finds. */
    interface Rule extends Function<Assessment, List<Finding>> {}

    private static final Map<Step, List<Rule>> RULES = Map.of(
            Step.BRIEF,
                    List.of(
                            BriefRules::margin,
                            AirRules::back,
                            AirRules::unwanted,
                            HopRules::hops,
                            NeedsRules::stations,
                            NeedsRules::moving,
                            NeedsRules::radios,
                            NeedsRules::rate,
                            AirRules::carries,
                            NeedsRules::outage,
                            NeedsRules::height,
                            WayRules::uncounted,
                            WayRules::clearance,
                            BriefRules::tide,
                            WayRules::weather,
                            BriefRules::window,
                            NeedsRules::doubt,
                            BriefRules::power),
            Step.CHOOSE, List.of(OfferRules::offer),
            Step.SHAPE,
                    List.of(
                            ShapeRules::gain,
                            ShapeRules::power,
                            ShapeRules::swr,
                            ShapeRules::polarization,
                            ShapeRules::fits,
                            InspectionRules::here,
                            EngineRules::ends,
                            EngineRules::cableOutside,
                            ShapeRules::windows,
                            ShapeRules::kind,
                            ShapeRules::schools,
                            OpeningRules::watch,
                            OpeningRules::net,
                            OpeningRules::kind,
                            OpeningRules::schools),
            Step.MATCH,
                    List.of(
                            MatchRules::inUse,
                            MatchRules::better,
                            MatchRules::widest,
                            MatchRules::choke,
                            MatchRules::wound,
                            TunerRules::of),
            Step.FEED_RUN,
                    List.of(
                            FeedRules::joints,
                            FeedRules::supply,
                            FeedRules::overload,
                            FeedRules::loss,
                            PartRules::of,
                            OutletRules::of,
                            NoiseRules::merit,
                            NeedsRules::ports,
                            FeedRules::power),
            Step.RAISE,
                    List.of(
                            SiteRules::served,
                            SiteRules::several,
                            InspectionRules::before,
                            RaiseRules::bearing,
                            RaiseRules::senders,
                            RaiseRules::lines,
                            MountRules::of,
                            MountRules::compass,
                            MountRules::swung,
                            NeedsRules::height,
                            RaiseRules::exposure,
                            RaiseRules::distance,
                            RaiseRules::schedule,
                            DayRules::of,
                            RouteRules::of,
                            FixingRules::of,
                            NeighbourRules::of,
                            RaiseRules::height),
            Step.PROVE,
                    Stream.concat(
                                    ProvePage.all(),
                                    Stream.of(
                                            ProveRules::margin,
                                            ProveRules::gap,
                                            ProveRules::spread,
                                            ProveRules::dropouts,
                                            ProveRules::means,
                                            ProveRules::power))
                            .toList(),
            Step.LOG, List.of(ReworkRules::of));

    private Findings() {}

    /** The assessment with every finding and the line's stops marked by them. */
    static Assessment judge(Assessment bare) {
        Map<Step, List<Finding>> found = new EnumMap<>(Step.class);
        for (Step step : Step.values()) {
            List<Finding> list = new ArrayList<>();
            RULES.getOrDefault(step, List.of()).forEach(rule -> list.addAll(rule.apply(bare)));
            // The bench's own answer stays first; after it stop, watch, the rest.
            if (list.size() > 2) {
                list.subList(1, list.size())
                        .sort(Comparator.comparing(Finding::level).reversed());
            }
            found.put(step, list);
        }
        return bare.judged(marked(bare, found), found);
    }

    private static LevelLine marked(Assessment a, Map<Step, List<Finding>> found) {
        List<LevelLine.Stop> stops = new ArrayList<>();
        boolean near = a.job().madeNear();
        String made = near ? "near-antenna" : "far-antenna";
        String other = near ? "far-antenna" : "near-antenna";
        List<Finding> unpacked = InspectionRules.of(a, !near);
        for (LevelLine.Stop s : a.line().stops()) {
            stops.add(
                    s.id().equals(made)
                            ? antennaStop(s, found.get(Step.SHAPE))
                            : s.id().equals(other) ? antennaStop(s, unpacked) : s);
        }
        return a.line().withStops(stops);
    }

    private static LevelLine.Stop antennaStop(LevelLine.Stop s, List<Finding> shape) {
        return shape.stream()
                .max(Comparator.comparing(Finding::level))
                .map(worst -> new LevelLine.Stop(
                        s.id(),
                        s.kind(),
                        s.name(),
                        s.verb(),
                        s.step(),
                        s.before(),
                        s.level(),
                        worst.level(),
                        worst.tag()))
                .orElse(s);
    }
}
