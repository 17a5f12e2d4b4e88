package veldline.assess;

import java.util.Optional;
import veldline.explain.Formula;
import veldline.explain.Worked;
import veldline.field.pattern.PlaneCut;

/**
 * The figures of one cut, each by its definition.
 *
 * @param most the strongest direction of the cut
 * @param width half-power beamwidth; empty where it never falls that far
 * @param nulls first-null beamwidth; empty where it has no hollows
 * @param sideLobe relative side lobe level, of the strongest; empty where there is one lobe only
 * @param frontToBack against straight back
 * @param frontToRear against the strongest of the rear half
 */
public record CutFigures(
        Worked most,
        Optional<Worked> width,
        Optional<Worked> nulls,
        Optional<Worked> sideLobe,
        Worked frontToBack,
        Worked frontToRear) {
    private static final String IEEE = "IEEE Std 145-2013; " + AntennaStage.METHOD;
    static final Formula MOST = new Formula(
            "Most in this cut", "The strongest of all whole degrees of the cut.", "G", "a", IEEE, "±0.2 dB");
    static final Formula WIDTH = new Formula(
            "Half-power beamwidth",
            "The angle between the two directions in which the intensity is half that of the strongest in this cut.",
            "W",
            "b − a",
            IEEE,
            "±0.5°, by straight lines between whole degrees");
    static final Formula NULLS = new Formula(
            "First-null beamwidth",
            "The angle between the first hollows on both sides of the beam.",
            "N",
            "b − a",
            IEEE,
            "±1°; a shallow hollow less");
    static final Formula SIDE = new Formula(
            "Side lobe level",
            "The strongest lobe beyond the first hollows, under the strongest of the cut.",
            "S",
            "b − a",
            IEEE,
            "±1 dB to 15 dB down, less sure below");
    static final Formula BACK = new Formula(
            "Front to back",
            "The strongest of the cut less what goes straight back from it.",
            "F",
            "a − b",
            IEEE,
            "±1 dB to 15 dB; a deep notch straight back flatters it");
    static final Formula REAR = new Formula(
            "Front to rear",
            "The strongest of the cut less the strongest of the half behind: what an interferer anywhere behind meets.",
            "F",
            "a − b",
            IEEE + "; the other usage of front to back",
            "±1 dB to 15 dB, less sure above");

    public static CutFigures of(PlaneCut cut) {
        PlaneCut.Lobe top = cut.strongest();
        return new CutFigures(
                Worked.of(MOST)
                        .computed("a", "at " + top.degrees() + "°", top.dbi(), "dBi", 2)
                        .gives(top.dbi(), "dBi", 1),
                cut.halfPower().map(s -> span(WIDTH, s, 0.5)),
                cut.firstNulls().map(s -> span(NULLS, s, 1)),
                cut.sideLobe()
                        .map(l -> Worked.of(SIDE)
                                .computed("a", "the strongest of the cut", top.dbi(), "dBi", 2)
                                .computed("b", "the lobe at " + l.degrees() + "°", l.dbi(), "dBi", 2)
                                .gives(l.dbi() - top.dbi(), "dB", 1, 1)),
                under(BACK, top, cut.back()),
                under(REAR, top, cut.rear()));
    }

    private static Worked span(Formula formula, PlaneCut.Span s, double doubt) {
        return Worked.of(formula)
                .computed("a", "to one side", s.from(), "°", 1)
                .computed("b", "to the other", s.to(), "°", 1)
                .gives(s.width(), "°", 0, doubt);
    }

    private static Worked under(Formula formula, PlaneCut.Lobe top, PlaneCut.Lobe behind) {
        return Worked.of(formula)
                .computed("a", "the strongest of the cut", top.dbi(), "dBi", 2)
                .computed("b", "at " + behind.degrees() + "°", behind.dbi(), "dBi", 2)
                .gives(top.dbi() - behind.dbi(), "dB", 1, 1);
    }
}
