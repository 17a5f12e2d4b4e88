package veldline.prove;

import java.util.List;

/**
 * What was read while one thing was turned.
 *
 * @param readings in the order they were made
 */
public record Turn(Turned what, List<TurnReading> readings) {
    public Turn {
        readings = List.copyOf(readings);
    }
}
