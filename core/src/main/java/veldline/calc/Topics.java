package veldline.calc;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/** Every topic. To add one, write it where its kind is and list it there. */
public final class Topics {
    private static final List<Topic> ALL = Stream.of(
                    PathTopics.ALL,
                    TerrainTopics.ALL,
                    PowerTopics.ALL,
                    LineTopics.ALL,
                    CableTopics.ALL,
                    MatchTopics.ALL,
                    NetworkTopics.ALL,
                    AntennaTopics.ALL,
                    ArrayTopics.ALL,
                    GuideTopics.ALL,
                    DishTopics.ALL,
                    PolarizationTopics.ALL,
                    ReadingTopics.ALL,
                    LengthTopics.ALL,
                    BudgetTopics.ALL)
            .flatMap(List::stream)
            .toList();

    private Topics() {}

    public static List<Topic> all() {
        return ALL;
    }

    /** The topic of a name, whatever its capitals. */
    public static Optional<Topic> named(String name) {
        return ALL.stream().filter(t -> t.name().equalsIgnoreCase(name.strip())).findFirst();
    }
}
