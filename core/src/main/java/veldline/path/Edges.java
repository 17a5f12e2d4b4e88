package veldline.path;

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
    },
    /** The tightest place alone, with the roundness its ground has there. */
    ROUND_HILL("as one round hill") {
        @Override
        public Worked loss(Sightline s, double frequency, Surface surface, boolean upright) {
            int top = s.tightest();
            if (top < 1) {
                return KnifeEdge.worked(-2, "no ground between");
            }
            double d1 = s.along(top);
            double d2 = s.length() - d1;
            double radius = s.roundness(top);
            Worked edge = KnifeEdge.worked(s.v(top), "hill at " + Math.round(d1) + " m, its place among the zones");
            double more = edge.value() > 0
                    ? Math.max(0, RoundedHill.roundingDb(Math.max(0, s.over(top)), d1, d2, radius, s.wavelength()))
                    : 0;
            return Worked.of(ROUND)
                    .from("j", "as a sharp edge", edge)
                    .computed("t", "for a top of " + Math.round(radius) + " m radius", more, "dB", 3)
                    .gives(edge.value() + more, "dB", 1, Math.min(6, (edge.value() + more) / 2));
        }
    };

    static final Formula ROUND = new Formula(
            "Round hill",
            "The tightest place as a sharp edge, and what its roundness adds; nothing else on the way is counted.",
            "L",
            "j + t",
            "ITU-R P.526-15 §4.2",
            "±4 dB over one smooth hill; too little where there are several");

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
}
