package veldline.learn;

import java.util.List;
import java.util.Optional;
import veldline.explain.Worked;
import veldline.feed.Joint;

/**
 * An experiment at one setting.
 *
 * @param setting of what is moved
 * @param figure what is watched
 * @param beside what else follows
 * @param scene as it stands
 * @param round gain at each whole degree of a turn in the plane of the scene, from ahead on, dBi; empty where nothing radiates
 * @param joint two connectors, where the experiment is about those
 * @param says what is to be seen here, a sentence
 */
public record Look(
        double setting,
        Worked figure,
        List<Worked> beside,
        Scene scene,
        List<Double> round,
        Optional<Joint> joint,
        String says) {
    public Look {
        beside = List.copyOf(beside);
        round = List.copyOf(round);
    }

    /** Without connectors. */
    public Look(double setting, Worked figure, List<Worked> beside, Scene scene, List<Double> round, String says) {
        this(setting, figure, beside, scene, round, Optional.empty(), says);
    }
}
