package veldline.assess;

import java.util.Optional;
import veldline.explain.Worked;
import veldline.raise.Aim;
import veldline.raise.MountLoad;
import veldline.raise.Schedule;
import veldline.raise.WindArea;

/**
 * Where each end points and what must stay clear.
 *
 * @param nearBearing from true north
 * @param geodesic distance between the coordinates, metres
 * @param aimError off the beam where 1 dB is lost
 * @param exposure distance to keep in front of the near antenna; empty where it is not a matter of power density
 * @param clearOfLines least distance to overhead lines
 * @param schedule the work at the place
 * @param compass what a compass shows where the antenna goes up, towards the other end; empty where the declination is not known
 * @param area that the antenna which goes up shows the wind; empty where nobody has told it
 * @param mount in the wind that is reckoned with; empty where the antenna's area is not known
 * @param aim where the far end lies by what was read while swinging; empty with too few readings, or no pattern
 */
public record RaiseFigures(
        Worked nearBearing,
        Worked farBearing,
        Worked nearTilt,
        Worked farTilt,
        Worked distance,
        Optional<Worked> aimError,
        Optional<Worked> exposure,
        Worked clearOfLines,
        Schedule schedule,
        Optional<Worked> compass,
        Optional<WindArea> area,
        Optional<MountLoad> mount,
        Optional<Aim> aim) {
    /** From an end to the other, from true north. */
    public Worked bearing(boolean near) {
        return near ? nearBearing : farBearing;
    }
}
