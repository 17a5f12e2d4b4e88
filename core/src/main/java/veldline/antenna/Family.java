package veldline.antenna;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import veldline.explain.Worked;
import veldline.field.wire.WireModel;
import veldline.stock.Metal;
import veldline.stock.Tool;

/** A kind of antenna. */
public interface Family {
    /** Plain name in the singular, lower case: “Yagi”. */
    String name();

    /** Shapes one of this family to a wish; pure, so equal wishes give equal shapes. */
    Shaped shape(Wish wish);

    /** The shapes worth comparing for a wish; one of them unless there is a choice to make. */
    default List<Shaped> offers(Wish wish) {
        return List.of(shape(wish));
    }

    /** What it cannot be made without. */
    Set<Tool> tools();

    /**
     * What an antenna is wanted for.
     *
     * @param frequency design frequency, hertz
     * @param length greatest length along the beam, metres
     * @param diameter of elements or conductor, metres
     * @param metal of the conductor
     * @param upright whether the field is to stand upright
     */
    record Wish(double frequency, double length, double diameter, Metal metal, boolean upright) {
        private static final double C = 299_792_458.0;

        /** Metres. */
        public double wavelength() {
            return C / frequency;
        }
    }

    /**
     * A shape that came of a wish.
     *
     * @param title “Eleven-element Yagi”
     * @param build “372 mm boom”
     * @param length along the beam, metres; zero for one that has none
     * @param model what is solved, for families that are
     * @param fitted gain by a published fit in dBi, for families that are not
     * @param made what is put up for it, for families that are shaped by their measures
     * @param circular whether its wave turns, which costs 3 dB to a flat or upright far end
     */
    record Shaped(
            Family family,
            String title,
            String build,
            double length,
            Optional<WireModel> model,
            Optional<Worked> fitted,
            boolean circular,
            Silhouette silhouette,
            Optional<Antenna> made) {}

    /** A side view in metres, beam to the right. */
    record Silhouette(List<Bar> bars) {
        /** A straight stroke from one point to another, x along the beam. */
        public record Bar(double x1, double y1, double x2, double y2) {}
    }
}
