package veldline.field.wire;

import java.util.ArrayList;
import java.util.List;

/**
 * A bent wire as a polyline whose vertices lie on it: an arc, or with a rise along the axis a helix. With 48 sides a turn the
 * polyline is 0.07 % shorter than the curve.
 *
 * @param centre of the arc, or of the first turn at its start
 * @param axis it turns about; right-handed for positive turns
 * @param from where it starts
 * @param turns as many as wanted, negative the other way about; a part of one for an arc
 * @param pitch rise along the axis in each turn, metres; negative against it
 * @param sides of a whole turn
 */
public record Curve(Vec centre, Vec axis, Vec from, double turns, double pitch, int sides) {
    public static final int USUAL_SIDES = 48;

    /** @throws IllegalArgumentException if nothing bent can come of it, naming the value and the limit */
    public Curve {
        Vec arm = from.minus(centre);
        if (!(axis.length() > 0)) {
            throw new IllegalArgumentException("The axis " + axis + " has no direction; give one");
        }
        if (!(arm.length() > 0) || Math.abs(arm.dot(axis.unit())) > 1e-6 * arm.length()) {
            throw new IllegalArgumentException("The start " + from + " is not square to the axis from the centre "
                    + centre + "; give one that is");
        }
        if (sides < 6 || sides > 360) {
            throw new IllegalArgumentException("A turn of " + sides + " sides; give 6 to 360");
        }
        if (!(Math.abs(turns) > 0) || Math.abs(turns) > 500) {
            throw new IllegalArgumentException(turns + " turns; give some, up to 500 either way");
        }
    }

    /** Whether it ends where it began, so that its wire is closed. */
    public boolean closes() {
        return pitch == 0 && Math.abs(Math.abs(turns) - 1) < 1e-9;
    }

    /** From end to end; without the last where it closes. */
    public List<Vec> points() {
        int count = Math.max(1, (int) Math.ceil(sides * Math.abs(turns) - 1e-9));
        Vec a = axis.unit();
        Vec arm = from.minus(centre);
        Vec across = a.cross(arm);
        List<Vec> points = new ArrayList<>();
        for (int i = 0; i < (closes() ? count : count + 1); i++) {
            double turned = turns * i / count;
            double angle = 2 * Math.PI * turned;
            points.add(centre.plus(arm.times(Math.cos(angle)))
                    .plus(across.times(Math.sin(angle)))
                    .plus(a.times(pitch * Math.abs(turned))));
        }
        return List.copyOf(points);
    }
}
