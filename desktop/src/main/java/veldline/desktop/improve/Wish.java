package veldline.desktop.improve;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import veldline.assess.Assessment;
import veldline.study.Improvement;
import veldline.study.Measure;

/** What is asked of an improvement, kept on the bench while the window is open. */
public final class Wish {
    /** What gain can be traded for. */
    static final List<Measure> AGAINST =
            List.of(Measure.FRONT_TO_BACK, Measure.SWR, Measure.SIDE_LOBES, Measure.LENGTH);

    static final String UP = "improve.up";
    static final String CHOSEN = "improve.chosen";
    static final String SWR = "improve.swr";
    static final String BAND = "improve.band";
    static final String BOOM = "improve.boom";
    private static final double MOST_SWR = 1.8;
    private static final double SPAN = 0.03;
    private static final int TRIES = 1500;

    private Wish() {}

    /** The measure gain is traded for. */
    static Measure against(Map<String, String> noted) {
        return Optional.ofNullable(noted.get(UP)).map(Measure::valueOf).orElse(Measure.FRONT_TO_BACK);
    }

    static Improvement.Chosen chosen(Map<String, String> noted) {
        return Optional.ofNullable(noted.get(CHOSEN))
                .map(Improvement.Chosen::valueOf)
                .orElse(Improvement.Chosen.ALL);
    }

    static double swr(Map<String, String> noted) {
        return number(noted, SWR).orElse(MOST_SWR);
    }

    /** Hertz. */
    static double band(Map<String, String> noted, Assessment a) {
        return number(noted, BAND).orElse(SPAN * a.job().brief().frequency().value());
    }

    /** Metres: no longer than it is, or than the brief allows where that is more. */
    static double boom(Map<String, String> noted, Assessment a) {
        return number(noted, BOOM)
                .orElseGet(() -> Math.max(
                        a.job().yagi().orElseThrow().boomLength(),
                        a.job().brief().sizeAllowed().value()));
    }

    private static Optional<Double> number(Map<String, String> noted, String name) {
        return Optional.ofNullable(noted.get(name)).map(Double::valueOf);
    }

    /** The whole question; empty where no Yagi is shaped. */
    public static Optional<Improvement.Ask> of(Map<String, String> noted, Assessment a) {
        return a.job().yagi().map(yagi -> {
            double f = a.job().brief().frequency().value();
            return new Improvement.Ask(
                    yagi,
                    f,
                    band(noted, a) / f,
                    boom(noted, a),
                    swr(noted),
                    Measure.GAIN,
                    against(noted),
                    chosen(noted),
                    TRIES);
        });
    }
}
