package veldline.antenna;

/**
 * What carries the elements. A metal boom that an element passes through shortens the element as the field sees it, so
 * the cut length grows; wood and plastic do nothing.
 */
public enum BoomKind {
    WOOD("wood or plastic", 0),
    ABOVE("on insulators above metal", 0),
    THROUGH_INSULATED("insulated through metal", 0.5),
    THROUGH_BONDED("bonded through metal", 1);

    private final String words;
    private final double share;

    BoomKind(String words, double share) {
        this.words = words;
        this.share = share;
    }

    public String words() {
        return words;
    }

    /**
     * What to add to each element, metres: a curve through the measured corrections of NBS Technical Note 688, fig. 9,
     * half as much where the element is insulated. Good to ±20 % of itself up to a boom of 0.055 wavelengths.
     */
    public double correction(double boomDiameter, double wavelength) {
        double b = Math.min(boomDiameter / wavelength, 0.055);
        return share * boomDiameter * (25.195 * b - 229 * b * b);
    }
}
