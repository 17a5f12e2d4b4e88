package veldline.desktop;

import java.util.List;
import veldline.picture.Mark;
import veldline.picture.Mark.At;
import veldline.picture.Picture;
import veldline.picture.Role;

/** The program's own sign: a level that steps up, slopes and steps again. */
final class Logo {
    private Logo() {}

    static Picture draw(double w, double h) {
        double y = h * 0.6;
        return Picture.pen(w, h)
                .path(
                        List.of(
                                new At(1, y),
                                new At(w * 0.3, y),
                                new At(w * 0.3, h * 0.22),
                                new At(w * 0.45, h * 0.22),
                                new At(w * 0.68, h * 0.85),
                                new At(w * 0.68, y),
                                new At(w - 1, y)),
                        Role.MUSSEL,
                        3.4,
                        Mark.Dash.SOLID)
                .done();
    }
}
