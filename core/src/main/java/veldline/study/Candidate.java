package veldline.study;

import java.util.Optional;
import veldline.antenna.Bought;
import veldline.antenna.Family;
import veldline.antenna.YagiShape;
import veldline.explain.Finding;
import veldline.explain.Worked;

/**
 * One way to do it, judged.
 *
 * @param gain with its doubt
 * @param effective gain towards the far end, less what a turning wave loses there
 * @param margin at the worst tide
 * @param level fits, watch or stop
 * @param reason why it stands where it does
 * @param yagi the shape to take, for Yagis
 * @param bought what is put up, for one off the shelf
 * @param merits what else speaks for or against it
 */
public record Candidate(
        Family.Shaped shaped,
        Worked gain,
        Worked effective,
        Worked margin,
        Finding.Level level,
        String reason,
        Optional<YagiShape> yagi,
        Optional<Bought> bought,
        Merits merits) {}
