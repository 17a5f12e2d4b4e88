package veldline.antenna;

import java.util.ArrayList;
import java.util.List;
import veldline.quantity.NumberText;

/** How a panel of patches is made. */
final class PatchWork {
    private PatchWork() {}

    /** What is cut and bought. */
    static List<String> parts(ApertureDesign d) {
        int n = d.count(PatchPanel.ROWS) * d.count(PatchPanel.COLUMNS);
        List<String> all = new ArrayList<>();
        all.add(n
                + (n == 1 ? " patch " : " patches ")
                + d.sizes().get(PatchPanel.LENGTH)
                + (PatchPanel.turns(d)
                        ? " square, two corners across from each other cut off by "
                                + d.sizes().get(PatchPanel.CORNERS) + " a side, those that the drawing shows"
                        : " along the field by " + d.sizes().get(PatchPanel.WIDTH) + " across"));
        all.add("Ground, " + NumberText.shown(PatchDrawing.high(d) * 1000, 0) + " mm along the field by "
                + NumberText.shown(PatchDrawing.wide(d) * 1000, 0) + " mm, "
                + d.of().measures().get(PatchPanel.SUBSTRATE).words().get(d.count(PatchPanel.SUBSTRATE)) + ", "
                + d.sizes().get(PatchPanel.THICK));
        if (n > 1) {
            all.add("Divider to " + n + " patches by lines of equal length"
                    + (d.size(PatchPanel.TILT) > 0 ? ", each next row later for the tilt" : ""));
        }
        return all;
    }

    /**
     * What its maker does in order.
     *
     * @param perMegahertz metres of its length for each MHz
     */
    static List<String> steps(ApertureDesign d, double perMegahertz) {
        return List.of(
                "Scribe the patches from one corner of the ground, which is the datum for all of them.",
                "Caution: etching bath and laminate dust harm eyes and lungs; goggles, gloves, wet sanding, local rules for the waste.",
                "Drill for each feed " + d.sizes().get(PatchPanel.INSET)
                        + " in from the patch's edge, in the middle of its width.",
                "Caution: solder under an extractor, iron and solder away from the laminate's edge.",
                "Hold: patch open to ground at direct current, feed not shorted, spacers even to a tenth of a millimetre.",
                "File " + NumberText.shown(1000 * perMegahertz, 3)
                        + " mm off its length for each MHz it is low; what is filed off does not come back.",
                "The field stands " + (d.upright() ? "upright" : "level")
                        + ": turn the panel so before the clamps are tight.");
    }
}
