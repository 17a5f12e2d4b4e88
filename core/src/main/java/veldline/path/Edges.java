package veldline.path;

import java.util.ArrayList;
import java.util.List;
import veldline.explain.Formula;
import veldline.explain.Sum;
import veldline.explain.Worked;

/** The schools on what several edges take together. */
public enum Edges {
    /** All of them as one, with the smooth earth where that takes more. */
    AS_ONE("as one edge (ITU-R P.526, Bullington)") {
        @Override
        public Worked loss(Sightline s, double frequency, Surface surface, boolean upright) {
            Bullington rough = Bullington.of(s);
            SmoothEarth smooth = SmoothEarth.under(s);
            Sightline level = smooth.level(s);
            double more = Math.max(
                    0,
                    SphericalEarth.lossDb(
                                    frequency, s.length(), smooth.near(), smooth.far(), s.earth(), surface, upright)
                            - Bullington.of(level).lossDb());
            return Worked.of(TOGETHER)
                    .from("b", "all edges as one", rough.worked(s.length()))
                    .computed("e", "the round earth takes more by", more, "dB", 3)
                    .gives(rough.lossDb() + more, "dB", 1, Math.min(6, (rough.lossDb() + more) / 2));
        }
    },
    /** Each over its neighbours, along the string drawn tight over the ground. */
    EDGE_BY_EDGE("edge by edge") {
        @Override
        public Worked loss(Sightline s, double frequency, Surface surface, boolean upright) {
            List<Worked> parts = TightString.over(s).losses();
            Worked sum = Sum.of(
                    "Edges, one by one", "Each edge over its neighbours, and what lies between them.", "dB", 1, parts);
            return new Worked(
                    sum.formula(),
                    sum.inputs(),
                    sum.value(),
                    "dB",
                    1,
                    java.util.Optional.of(Math.min(8, Math.max(0, sum.value()) / 2)));
        }
    };

    static final Formula TOGETHER = new Formula(
            "Edges",
            "What stands in the way as one edge, and what the round earth takes over that.",
            "L",
            "b + e",
            "ITU-R P.526-15 §4.5",
            "±6 dB over real ground");

    private final String words;

    Edges(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }

    /** Loss in dB, zero or more. */
    public abstract Worked loss(Sightline s, double frequency, Surface surface, boolean upright);

    /** All schools, in the order they are offered. */
    public static List<Edges> all() {
        return new ArrayList<>(List.of(values()));
    }
}
