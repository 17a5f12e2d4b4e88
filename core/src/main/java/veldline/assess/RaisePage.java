package veldline.assess;

import java.util.List;
import java.util.stream.Stream;
import veldline.explain.Finding;

/** Pages of Raise with findings of their own, which come first there. */
public enum RaisePage {
    MOUNT("mount", List.of(MountRules::of)),
    SWING("swing", List.of(MountRules::swung)),
    ROUTE("route", List.of(RouteRules::judged)),
    NEAR("near", List.of(NeighbourRules::of)),
    TOUCH("touch", List.of(FixingRules::judged)),
    DAY("day", List.of(DayRules::judged, RaiseRules::schedule));

    private final String id;
    private final List<Findings.Rule> rules;

    RaisePage(String id, List<Findings.Rule> rules) {
        this.id = id;
        this.rules = rules;
    }

    /** All findings of Raise, those of the page with this id first. */
    public static List<Finding> findings(Assessment a, String id) {
        List<Finding> own = Stream.of(values())
                .filter(p -> p.id.equals(id))
                .flatMap(p -> p.rules.stream())
                .flatMap(r -> r.apply(a).stream())
                .toList();
        return Stream.concat(own.stream(), a.of(Step.RAISE).stream().filter(f -> !own.contains(f)))
                .toList();
    }
}
