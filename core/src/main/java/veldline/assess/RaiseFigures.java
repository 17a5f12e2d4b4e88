package veldline.assess;

import java.util.Optional;
import veldline.explain.Worked;

/**
 * Where each end points and what must stay clear.
 *
 * @param nearBearing from true north
 * @param geodesic distance between the coordinates, metres
 * @param aimError off the beam where 1 dB is lost
 * @param exposure distance to keep in front of the near antenna
 * @param clearOfLines least distance to overhead lines
 */
public record RaiseFigures(
        Worked nearBearing,
        Worked farBearing,
        Worked nearTilt,
        Worked farTilt,
        Worked distance,
        Optional<Worked> aimError,
        Worked exposure,
        Worked clearOfLines) {}
