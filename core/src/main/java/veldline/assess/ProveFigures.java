package veldline.assess;

import java.util.List;
import veldline.explain.Worked;
import veldline.measure.Silences;
import veldline.measure.Strip;
import veldline.prove.Comparison;
import veldline.prove.Recording;
import veldline.prove.Verdict;

/**
 * What a comparison of two recordings comes to.
 *
 * @param comparison after less before
 * @param predicted what was worked out for it, from the two frozen predictions
 * @param medianAfter and its tenth percentile beside it
 * @param meanBefore of the levels, and of the powers beside it
 * @param margin the measured level over the floor
 * @param changed what differs between what stood for each; nothing where that was not written down
 * @param silences of the second, longer than a lost reading
 * @param beforeStrip both recordings as they are drawn, over the same time
 */
public record ProveFigures(
        Recording before,
        Recording after,
        Comparison comparison,
        Worked predicted,
        Worked medianBefore,
        Worked medianAfter,
        Worked tenthBefore,
        Worked tenthAfter,
        Worked meanBefore,
        Worked meanAfter,
        Worked powerBefore,
        Worked powerAfter,
        Worked margin,
        int rounds,
        Verdict verdict,
        List<String> changed,
        Silences silences,
        Strip beforeStrip,
        Strip afterStrip) {}
