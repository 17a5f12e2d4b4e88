package veldline.raise;

import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Optional;

/**
 * Something to be seen to later.
 *
 * @param what is to be done
 * @param on when
 */
public record Reminder(String what, Instant on) {
    /** New clamps settle, seals and ropes work loose: looked at after four weeks. */
    private static final Duration SETTLED = Duration.ofDays(28);
    /** And once a year from then on, before the storms. */
    private static final Duration YEAR = Duration.ofDays(365);

    /** What follows from a day of work; none while no day was picked. */
    public static List<Reminder> of(Optional<Instant> begins) {
        return begins.map(b -> List.of(
                        new Reminder("Torque every bolt again, look at stays and seals", b.plus(SETTLED)),
                        new Reminder("Yearly look: clamps, bonds, cable, SWR as it was", b.plus(YEAR))))
                .orElse(List.of());
    }
}
