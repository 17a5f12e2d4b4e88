package veldline.antenna;

import java.util.Arrays;
import java.util.List;
import java.util.Set;
import veldline.antenna.Sketch.Kind;
import veldline.antenna.Sketch.Line;
import veldline.field.aperture.FeedPattern;
import veldline.picture.Mark.At;

/** What a dish is lit by: its word, which measures of a {@link Dish} are its own, how it lights and looks. */
enum DishFeed {
    TUBE("open tube", Set.of(Dish.TUBE, Dish.RETURN_LOSS)) {
        @Override
        Source source(ApertureDesign d, double frequency) {
            return Source.typed(d, new FeedPattern.Tube(d.size(Dish.TUBE), frequency));
        }

        @Override
        String part(ApertureDesign d) {
            return "Feed: tube " + d.sizes().get(Dish.TUBE) + " inside, with its probe and socket";
        }

        @Override
        List<Line> side(ApertureDesign d, double x, double y) {
            double tube = d.size(Dish.TUBE);
            return List.of(horn(x, y, tube, tube, tube));
        }
    },
    LEVEL("by its level at the rim", Set.of(Dish.RIM, Dish.RETURN_LOSS)) {
        @Override
        Source source(ApertureDesign d, double frequency) {
            return Source.typed(
                    d,
                    FeedPattern.Cosine.falling(
                            d.size(Dish.RIM), Math.min(1.5, Dish.paraboloid(d).halfAngle())));
        }

        @Override
        String part(ApertureDesign d) {
            return "Feed that is " + d.sizes().get(Dish.RIM) + " down at the rim, " + Dish.degrees(d) + " off its axis";
        }

        @Override
        List<Line> side(ApertureDesign d, double x, double y) {
            double any = 0.1 * d.size(Dish.DIAMETER);
            return List.of(horn(x, y, any, any, any));
        }
    },
    HORN("small horn", Set.of(Dish.MOUTH_ALONG, Dish.MOUTH_ACROSS, Dish.HORN_LONG, Dish.RETURN_LOSS)) {
        @Override
        Source source(ApertureDesign d, double frequency) {
            return Source.typed(
                    d,
                    new FeedPattern.Mouth(
                            d.size(Dish.MOUTH_ALONG),
                            d.size(Dish.MOUTH_ACROSS),
                            d.size(Dish.HORN_LONG),
                            C / frequency));
        }

        @Override
        String part(ApertureDesign d) {
            return "Feed: horn, its mouth " + d.sizes().get(Dish.MOUTH_ALONG) + " along the field and "
                    + d.sizes().get(Dish.MOUTH_ACROSS) + " across, " + d.sizes().get(Dish.HORN_LONG)
                    + " from apex to mouth";
        }

        @Override
        List<Line> side(ApertureDesign d, double x, double y) {
            double mouth = d.size(Dish.MOUTH_ALONG);
            return List.of(horn(x, y, mouth, 0.4 * mouth, d.size(Dish.HORN_LONG)));
        }
    },
    DIPOLE("dipole before a plate, solved", Set.of(Dish.MOUTH_ALONG, Dish.MOUTH_ACROSS, Dish.TIP, Dish.BEFORE)) {
        @Override
        Source source(ApertureDesign d, double frequency) {
            DipoleFeed.Solved solved = dipole(d, frequency).solved();
            return new Source(solved.pattern(), Radiation.Feed.solved(solved.impedance()), solved.centre());
        }

        @Override
        String face() {
            return "plate";
        }

        @Override
        String part(ApertureDesign d) {
            return "Feed: dipole " + d.sizes().get(Dish.TIP) + " from tip to tip with its balun, "
                    + d.sizes().get(Dish.BEFORE) + " before a plate of "
                    + d.sizes().get(Dish.MOUTH_ALONG) + " by " + d.sizes().get(Dish.MOUTH_ACROSS);
        }

        @Override
        List<Line> side(ApertureDesign d, double x, double y) {
            double plate = d.size(Dish.MOUTH_ALONG) / 2;
            double rod = d.size(Dish.TIP) / 2;
            double at = x - d.size(Dish.BEFORE);
            return List.of(
                    Line.feed(new At(x, y - plate), new At(x, y + plate)),
                    Line.feed(new At(at, y - rod), new At(at, y + rod)));
        }
    };

    private static final double C = 299_792_458.0;
    private final String words;
    private final Set<Integer> own;

    DishFeed(String words, Set<Integer> own) {
        this.words = words;
        this.own = own;
    }

    static DishFeed of(ApertureDesign d) {
        return values()[d.count(Dish.FEED)];
    }

    static String[] choices() {
        return Arrays.stream(values()).map(f -> f.words).toArray(String[]::new);
    }

    /** Whether a measure of a dish means anything with this feed. */
    boolean uses(int measure) {
        return own.contains(measure) || Arrays.stream(values()).noneMatch(f -> f.own.contains(measure));
    }

    /** Of the dipole kind alone, which is also what a net is fed by. */
    static DipoleFeed dipole(ApertureDesign d, double frequency) {
        return new DipoleFeed(
                d.size(Dish.TIP),
                d.size(Dish.BEFORE),
                d.size(Dish.MOUTH_ALONG),
                d.size(Dish.MOUTH_ACROSS),
                frequency,
                d.metal().conductivity());
    }

    /** What of it is measured to. */
    String face() {
        return "mouth";
    }

    /**
     * What it does at a frequency.
     *
     * @param socket what is met at its socket
     * @param centre by how much its face stands behind where its wave seems to come from, metres
     */
    record Source(FeedPattern pattern, Radiation.Feed socket, double centre) {
        /** One whose return loss is typed and whose wave comes from its mouth. */
        static Source typed(ApertureDesign d, FeedPattern pattern) {
            return new Source(pattern, Radiation.Feed.typed(d.size(Dish.RETURN_LOSS)), 0);
        }
    }

    /** @throws IllegalArgumentException where its measures make nothing that sends */
    abstract Source source(ApertureDesign d, double frequency);

    /** What is bought or made, a line. */
    abstract String part(ApertureDesign d);

    /** From the side, where its wave seems to come from at a place; it looks to the left. */
    abstract List<Line> side(ApertureDesign d, double x, double y);

    private static Line horn(double x, double y, double mouth, double back, double length) {
        return new Line(
                Kind.FEED,
                List.of(
                        new At(x, y - mouth / 2),
                        new At(x + length, y - back / 2),
                        new At(x + length, y + back / 2),
                        new At(x, y + mouth / 2)));
    }
}
