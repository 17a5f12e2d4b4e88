package veldline.instrument;

import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import java.util.function.Predicate;
import java.util.stream.IntStream;
import veldline.measure.Reading;
import veldline.prove.TurnReading;
import veldline.prove.Turned;
import veldline.quantity.Quantity;
import veldline.quantity.Unit;

/** Sets one thing to one place after the other and reads a few times at each. */
public final class TurnSweep {
    /** Readings at each place, of which the middle one counts. */
    private static final int EACH = 5;

    private TurnSweep() {}

    /**
     * @param settings in the order they are gone to
     * @param goOn given what was read so far after each place; when it says no the sweep ends with that
     * @return places where nothing was heard are left out
     * @throws IOException when an instrument does not answer, or the positioner is stuck
     */
    public static List<TurnReading> of(
            Turned what,
            Rotator positioner,
            Receiver receiver,
            List<Double> settings,
            Predicate<List<TurnReading>> goOn)
            throws IOException {
        List<TurnReading> all = new ArrayList<>();
        for (double setting : settings) {
            double at = AimSweep.arrive(positioner, setting);
            OptionalDouble level = middle(receiver);
            if (level.isPresent()) {
                all.add(new TurnReading(what.shown(at), Quantity.shown(level.getAsDouble(), Unit.DBM, 1)));
            }
            if (!goOn.test(List.copyOf(all))) {
                break;
            }
        }
        return all;
    }

    private static OptionalDouble middle(Receiver receiver) throws IOException {
        List<Double> heard = new ArrayList<>();
        for (int i = 0; i < EACH; i++) {
            Reading r = receiver.next();
            r.levelDbm().ifPresent(heard::add);
        }
        heard.sort(null);
        return heard.isEmpty() ? OptionalDouble.empty() : OptionalDouble.of(heard.get(heard.size() / 2));
    }

    /** Evenly from one setting to another. */
    public static List<Double> evenly(double from, double to, double step) {
        int count = (int) Math.floor((to - from) / step + 1e-9);
        return IntStream.rangeClosed(0, count).mapToObj(i -> from + i * step).toList();
    }
}
