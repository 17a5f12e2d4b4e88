package veldline.raise;

import java.time.LocalDate;
import veldline.explain.Formula;
import veldline.explain.Worked;
import veldline.quantity.Quantity;

/**
 * How far a compass points east of true north at the place, as a chart or a model had it on a day.
 *
 * @param east degrees; less than nothing where it points west
 * @param date of the chart's figure
 */
public record Declination(Quantity east, LocalDate date) {
    static final Formula COMPASS = new Formula(
            "Bearing by compass",
            "True bearing b less the declination d, which counts east; t is once around where north is passed.",
            "M",
            "b − d + t",
            "Definition of declination; the figure is from a chart of the day named",
            "±2° for a hand compass clear of steel; the declination moves up to 0.2° a year");

    /** What a compass shows for a true bearing, 0 to 360. */
    public Worked compass(double bearing) {
        double shown = (bearing - east.value() + 720) % 360;
        double turns = shown - (bearing - east.value());
        return Worked.of(COMPASS)
                .computed("b", "true bearing", bearing, "°", 2)
                .typed("d", "declination of " + date, east.value(), "°", 2)
                .computed("t", "once around", turns, "°", 0)
                .gives(shown, "°", 1, 2);
    }
}
