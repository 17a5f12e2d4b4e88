package veldline.desktop.shape;

import java.util.Optional;
import veldline.antenna.YagiChange;
import veldline.antenna.YagiDrawing;
import veldline.antenna.YagiShape;
import veldline.desktop.bench.Showing;
import veldline.desktop.shape.WiresPicture.View;
import veldline.job.JobChange;
import veldline.path.FreeSpace;
import veldline.quantity.Quantity;
import veldline.quantity.Unit;

/** What dragging an element does: along the boom it moves, across it, or at its end, it changes its length. */
final class YagiDrag {
    private final Showing s;
    private final YagiShape yagi;
    private final double width;

    YagiDrag(Showing s, YagiShape yagi, double width) {
        this.s = s;
        this.yagi = yagi;
        this.width = width;
    }

    /** The edit; empty for what cannot move, as a reflector along the boom or a length that is locked. */
    Optional<JobChange> to(int element, double fromX, double fromY, double x, double y) {
        View view = View.chosen(s, YagiSides.flat(yagi));
        if (view != YagiSides.flat(yagi)) {
            YagiSides sides = new YagiSides(yagi, view, width, element);
            return sides.along(x)
                    .flatMap(at -> moved(element, at))
                    .or(() -> sides.length(x).flatMap(l -> cut(element, l)));
        }
        YagiDrawing d = ShapePicture.drawing(yagi, width, element);
        // The greater of the two ways counts.
        return Math.abs(x - fromX) >= Math.abs(y - fromY)
                ? moved(element, d.metresAlong(x))
                : cut(element, d.lengthTo(y));
    }

    /** Kept between its neighbours. */
    private Optional<JobChange> moved(int i, double to) {
        if (i == 0) {
            return Optional.empty();
        }
        double gap = 4 * yagi.diameter().value();
        double least = yagi.elements().get(i - 1).position().value() + gap;
        double most = i + 1 < yagi.elements().size()
                ? yagi.elements().get(i + 1).position().value() - gap
                : Math.max(least, s.job().brief().sizeAllowed().value());
        double at = Math.max(least, Math.min(most, to));
        return Optional.of(new JobChange.OfYagi(new YagiChange.ElementPosition(i, Quantity.shown(at, Unit.MM, 1))));
    }

    private Optional<JobChange> cut(int i, double to) {
        if (yagi.locked().contains(i)) {
            return Optional.empty();
        }
        double wave = FreeSpace.wavelength(s.job().brief().frequency().value());
        double length = Math.max(0.2 * wave, Math.min(0.7 * wave, to));
        return Optional.of(new JobChange.OfYagi(new YagiChange.ElementLength(i, Quantity.shown(length, Unit.MM, 1))));
    }
}
