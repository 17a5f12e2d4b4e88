package veldline.raise;

import veldline.explain.Formula;
import veldline.explain.Worked;

/**
 * What wind does to an antenna on a tube that stands free above its clamp: force, moment, stress and how far it leans (beam theory;
 * Gere and Goodno, Mechanics of Materials, ch. 5 and 9). Local codes and licensed practice decide.
 *
 * @param antenna newtons on the antenna
 * @param tube newtons on the tube
 * @param moment newton metres at the clamp
 * @param stress megapascals in the tube at the clamp
 * @param sway degrees its top leans by
 * @param allowed megapascals that the tube bears
 */
public record MountLoad(Worked antenna, Worked tube, Worked moment, Worked stress, Worked sway, Worked allowed) {
    private static final Formula FORCE = new Formula(
            "Wind on it",
            "Pressure of the wind at sea level, 0.625·v², on the area A with drag c.",
            "F",
            "0.625·v^2·c·A",
            "EN 1991-1-4, without the factors of the place",
            "±25 %: how gusty and how open the place is decides; a code's factor may double it");
    private static final Formula MOMENT = new Formula(
            "Moment at the clamp",
            "The antenna pulls at the tube's top, the tube itself at its middle.",
            "M",
            "f·h + t·h ÷ 2",
            "Beam held at one end",
            "As good as the forces");
    private static final Formula STRESS = new Formula(
            "Stress in the tube",
            "Moment M over the tube's section, d outside and i inside, millimetres.",
            "S",
            "32000·M·d ÷ (pi·(d^4 − i^4))",
            "Beam held at one end",
            "As good as the moment; rust, holes and welds take from the tube");
    private static final Formula SWAY = new Formula(
            "Sway",
            "How far the top leans: E in GPa, I in cm⁴.",
            "s",
            "57.2958·(f·h^2 ÷ 2 + t·h^2 ÷ 6) ÷ (10·E·I)",
            "Beam held at one end",
            "±25 %, as the wind; what the clamp gives comes on top");

    private static final Formula BEARS = new Formula(
            "What the tube bears",
            "Two thirds of where it yields, y.",
            "B",
            "2·y ÷ 3",
            "Usual grades of each metal; usual practice",
            "A tube of unknown grade may bear half of it");

    private static final double TUBE_DRAG = 1.2;

    /** @param speed m/s */
    public static MountLoad of(Mount mount, WindArea area, double speed) {
        double h = mount.free().value();
        double ice = mount.ice().value();
        double d = mount.diameter().value();
        double inner = d - 2 * mount.wall().value();
        Worked f = force(speed, area.drag(), area.square());
        Worked t = force(speed, TUBE_DRAG, h * (d + 2 * ice));
        double moment = f.value() * h + t.value() * h / 2;
        double fourths = Math.pow(d, 4) - Math.pow(inner, 4);
        double i = Math.PI * fourths / 64;
        double e = mount.tube().stiffness();
        return new MountLoad(
                f,
                t,
                Worked.of(MOMENT)
                        .computed("f", "on the antenna", f.value(), "N", 2)
                        .computed("t", "on the tube", t.value(), "N", 2)
                        .typed("h", "free", h, "m", 3)
                        .gives(moment, "N·m", 1),
                Worked.of(STRESS)
                        .computed("M", "moment", moment, "N·m", 3)
                        .typed("d", "outside", d * 1000, "mm", 2)
                        .computed("i", "inside", inner * 1000, "mm", 2)
                        .gives(32 * moment * d / (Math.PI * fourths) / 1e6, "MPa", 1),
                Worked.of(SWAY)
                        .computed("f", "on the antenna", f.value(), "N", 3)
                        .computed("t", "on the tube", t.value(), "N", 3)
                        .typed("h", "free", h, "m", 3)
                        .computed("E", "stiffness", e / 1e9, "GPa", 0)
                        .computed("I", "of the section", i * 1e8, "cm⁴", 4)
                        .gives(Math.toDegrees(f.value() * h * h / 2 + t.value() * h * h / 6) / (e * i), "°", 2),
                Worked.of(BEARS)
                        .computed(
                                "y",
                                "where " + mount.tube().words() + " yields",
                                mount.tube().yields() / 1e6,
                                "MPa",
                                0)
                        .gives(2 * mount.tube().yields() / 3e6, "MPa", 0));
    }

    private static Worked force(double v, double drag, double area) {
        return Worked.of(FORCE)
                .typed("v", "wind", v, "m/s", 1)
                .computed("c", "drag", drag, "", 2)
                .computed("A", "area", area, "m²", 5)
                .gives(0.625 * v * v * drag * area, "N", 1);
    }

    /** Whether the tube bears it. */
    public boolean holds() {
        return stress.value() <= allowed.value();
    }
}
