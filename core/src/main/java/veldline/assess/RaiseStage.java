package veldline.assess;

import java.util.List;
import java.util.Optional;
import veldline.antenna.Antenna;
import veldline.antenna.Polarized;
import veldline.explain.Formula;
import veldline.explain.Worked;
import veldline.job.Job;
import veldline.link.End;
import veldline.link.Exposure;
import veldline.path.Geodesic;
import veldline.path.Tilt;
import veldline.raise.Aim;
import veldline.raise.AimReading;
import veldline.raise.LineClearance;
import veldline.raise.Mount;
import veldline.raise.MountLoad;
import veldline.raise.Schedule;
import veldline.raise.WindArea;

/** Bearings, tilts and what must stay clear. */
final class RaiseStage {
    static final Formula DISTANCE = new Formula(
            "Distance on the map",
            "Length of the shortest line on the WGS-84 ellipsoid.",
            "D",
            "a",
            "Karney, Algorithms for geodesics, J. Geodesy 87 (2013)",
            "As good as the coordinates");

    private RaiseStage() {}

    /** What decides where the far end is thought to be: readings, and the pattern in the level plane. */
    record Swung(List<AimReading> readings, List<Double> cut, double width) {
        static Optional<Swung> of(Job job, AntennaFigures f) {
            boolean upright = job.antenna(job.madeNear())
                    .polarized()
                    .filter(Polarized::upright)
                    .isPresent();
            return job.raise().swung().isEmpty()
                    ? Optional.empty()
                    : f.levelWidth(upright).map(w -> new Swung(job.raise().swung(), f.levelCut(upright), w.value()));
        }

        Optional<Aim> aim() {
            return Aim.of(readings, cut, width);
        }
    }

    static RaiseFigures figures(Job job, Optional<AntennaFigures> antenna, Optional<Worked> eirp, Optional<Aim> aim) {
        Mount mount = job.raise().mount();
        Antenna up = job.antenna(job.madeNear());
        Optional<WindArea> area = WindArea.of(up, mount.ice().value());
        End near = job.brief().near();
        End far = job.brief().far();
        Geodesic line = Geodesic.between(
                near.latitude().value(),
                near.longitude().value(),
                far.latitude().value(),
                far.longitude().value());
        double distance = job.brief().distance().value();
        Worked sent = eirp.orElseGet(() -> Worked.of(LineStage.EIRP)
                .typed("p", "power sent", near.radio().power().value(), "dBm", 3)
                .computed("c", "chain", 0, "dB", 1)
                .computed("g", "antenna", 0, "dBi", 1)
                .gives(near.radio().power().value(), "dBm", 1));
        return new RaiseFigures(
                Geodesic.workedBearing(line.bearing(), far.name()),
                Geodesic.workedBearing(line.back(), near.name()),
                Tilt.worked(near.height().value(), far.height().value(), distance),
                Tilt.worked(far.height().value(), near.height().value(), distance),
                Worked.of(DISTANCE)
                        .computed("a", "length of the geodesic", line.distance(), "m", 2)
                        .gives(line.distance(), "m", 0),
                antenna.flatMap(AntennaFigures::aimError),
                job.brief().frequency().value() >= Exposure.FROM
                        ? Optional.of(
                                Exposure.worked(sent, job.brief().frequency().value()))
                        : Optional.empty(),
                LineClearance.least(job.raise().mast().value(), up.longest()),
                Schedule.of(job.raise().mast().value(), up.longest()),
                job.raise().declination().map(d -> d.compass(job.madeNear() ? line.bearing() : line.back())),
                area,
                area.map(w -> MountLoad.of(mount, w, mount.wind().value())),
                aim);
    }
}
