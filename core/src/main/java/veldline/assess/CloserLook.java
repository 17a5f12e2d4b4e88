package veldline.assess;

import java.util.List;
import java.util.Optional;
import java.util.function.BooleanSupplier;
import veldline.antenna.Design;
import veldline.antenna.Made;
import veldline.build.BuildPlan;
import veldline.explain.Worked;
import veldline.field.solve.FieldSolver;
import veldline.field.solve.MeshRule;

/**
 * What takes longer to know of an antenna than its figures.
 *
 * @param plan how it is built
 * @param wide its field everywhere
 * @param additions what more or less of it would do
 * @param schools one of its figures as others work it out
 * @param phase what a step of phase does, where it has one
 */
public record CloserLook(
        BuildPlan plan, WideField wide, List<Addition> additions, List<Worked> schools, Optional<PhaseLook> phase) {
    public CloserLook {
        additions = List.copyOf(additions);
        schools = List.copyOf(schools);
    }

    static CloserLook of(BuildPlan.Input in, BooleanSupplier goOn) {
        Made made = in.made();
        double f = in.frequency();
        return new CloserLook(
                BuildPlan.of(in, goOn),
                WideField.of(new FieldSolver(made.model(), MeshRule.standard(f), goOn).at(f)),
                Addition.of(made, f, goOn),
                made instanceof Design d ? d.of().schools(d, f, goOn) : List.of(),
                made instanceof Design d ? PhaseLook.of(d, f, goOn) : Optional.empty());
    }
}
