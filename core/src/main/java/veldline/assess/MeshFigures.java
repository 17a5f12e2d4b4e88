package veldline.assess;

import java.util.Optional;
import veldline.explain.Formula;
import veldline.explain.Worked;
import veldline.field.pattern.MeshDoubt;
import veldline.field.pattern.NearOutline;
import veldline.field.pattern.PatternSummary;
import veldline.field.solve.FieldSolution;
import veldline.field.wire.Ground;

/**
 * What the figures of an antenna may be off by because its wires are cut into pieces, plus or minus.
 *
 * @param gain straight ahead, decibels
 * @param ohms of resistance and reactance
 * @param near the field in front of it, near by; empty over real ground, where that is not worked out
 */
public record MeshFigures(Worked gain, Worked ohms, Optional<NearOutline> near) {
    private static final String GOOD_TO = "The truth lies inside for 98 in 100 results of converged references; it is"
            + " stated four times too large in the middle";
    private static final String SOURCE =
            "Two meshes, the second half as fine again; errors fall with the square of a" + " piece's length";
    static final Formula GAIN = new Formula(
            "Gain, by the mesh",
            "What the gain changes by on a mesh half as fine again, and a little more.",
            "D",
            "2.5·abs(a − b) + 0.001",
            SOURCE,
            GOOD_TO);
    static final Formula OHMS = new Formula(
            "Impedance, by the mesh",
            "What the impedance changes by on a mesh half as fine again, and a little more.",
            "D",
            "2.5·a + 0.0006·z",
            SOURCE,
            GOOD_TO);

    /** @param finer the same model and frequency, {@link MeshDoubt#FINER} times as fine */
    static MeshFigures of(FieldSolution solution, FieldSolution finer) {
        PatternSummary summary = PatternSummary.of(solution);
        MeshDoubt doubt = MeshDoubt.of(solution, summary, finer);
        var z = solution.impedances().get(0);
        return new MeshFigures(
                Worked.of(GAIN)
                        .computed("a", "gain on this mesh", summary.gainDbi(), "dBi", 5)
                        .computed(
                                "b",
                                "on the finer one",
                                PatternSummary.of(finer).gainDbi(),
                                "dBi",
                                5)
                        .gives(doubt.gainDb(), "dB", doubt.gainDb() < 0.01 ? 3 : 2),
                Worked.of(OHMS)
                        .computed(
                                "a",
                                "change of impedance",
                                z.subtract(finer.impedances().get(0)).norm(),
                                "Ω",
                                4)
                        .computed("z", "its size", z.norm(), "Ω", 2)
                        .gives(doubt.impedance().get(0), "Ω", doubt.impedance().get(0) < 0.1 ? 2 : 1),
                solution.model().ground().kind() == Ground.Kind.REAL
                        ? Optional.empty()
                        : Optional.of(NearOutline.of(solution)));
    }
}
