package veldline.assess;

import java.util.List;
import veldline.explain.Worked;

/**
 * What is known of an antenna with an opening.
 *
 * @param figures as of any antenna that is made here
 * @param ceiling what its opening could have, dBi
 * @param losses from there down to its gain, decibels, in the order they happen
 * @param schools what else is to be known, by modes and by others' ways
 * @param watch what is to be watched, a sentence each
 */
public record OpeningLook(
        AntennaFigures figures, Worked ceiling, List<Worked> losses, List<Worked> schools, List<String> watch) {
    public OpeningLook {
        losses = List.copyOf(losses);
        schools = List.copyOf(schools);
        watch = List.copyOf(watch);
    }
}
