package veldline.instrument;

import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;
import veldline.measure.Reading;
import veldline.quantity.Quantity;
import veldline.quantity.Unit;
import veldline.raise.Aim;
import veldline.raise.AimReading;

/** Swings an antenna past both edges of its beam and reads as it goes. */
public final class AimSweep {
    /** Beams to either side of the map's bearing. */
    private static final double SIDES = 1.6;
    /** And no farther round than this, degrees. */
    private static final double MOST = 150;
    /** Readings in the width of a beam. */
    private static final double IN_A_BEAM = 6;
    /** A rotator that is asked so often without arriving is stuck. */
    private static final int PATIENCE = 400;

    private AimSweep() {}

    /**
     * @param map bearing to swing about, degrees
     * @param width of the beam to half power, degrees
     * @param goOn given what was read so far after each reading; when it says no the sweep ends with that
     * @return what was read
     * @throws IOException when an instrument does not answer, or the rotator is stuck
     */
    public static List<AimReading> of(
            Rotator rotator, Receiver receiver, double map, double width, Predicate<List<AimReading>> goOn)
            throws IOException {
        List<AimReading> all = new ArrayList<>();
        double side = side(width);
        int count = readings(width) - 1;
        for (int i = 0; i <= count; i++) {
            double bearing = arrive(rotator, Aim.turned(map - side + 2 * side * i / count));
            Reading r = receiver.next();
            Optional<Double> level = r.levelDbm();
            level.ifPresent(
                    l -> all.add(new AimReading(Quantity.shown(bearing, Unit.DEG, 1), Quantity.shown(l, Unit.DBM, 1))));
            if (!goOn.test(List.copyOf(all))) {
                break;
            }
        }
        return all;
    }

    private static double side(double width) {
        return Math.min(SIDES * width, MOST);
    }

    /** How many readings a beam so wide takes. */
    public static int readings(double width) {
        return (int) Math.ceil(2 * side(width) / (width / IN_A_BEAM)) + 1;
    }

    static double arrive(Rotator rotator, double bearing) throws IOException {
        rotator.turn(bearing);
        for (int i = 0; i < PATIENCE; i++) {
            Rotator.Pointing p = rotator.pointing();
            if (!p.turning()) {
                return p.bearing();
            }
        }
        throw new IOException("The rotator does not arrive at " + Math.round(bearing)
                + "°; look whether it is stuck or braked, with its supply off");
    }
}
