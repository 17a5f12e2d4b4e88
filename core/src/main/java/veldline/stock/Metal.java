package veldline.stock;

/** Metals elements are made of, with conductivity and density at 20 °C (CRC Handbook, rounded). */
public enum Metal {
    COPPER("copper", 5.8e7, 8960),
    BRASS("brass", 1.5e7, 8500),
    ALUMINIUM("aluminium", 3.5e7, 2700),
    STAINLESS("stainless steel", 1.4e6, 7900);

    private final String words;
    private final double conductivity;
    private final double density;

    Metal(String words, double conductivity, double density) {
        this.words = words;
        this.conductivity = conductivity;
        this.density = density;
    }

    public String words() {
        return words;
    }

    /** Siemens per metre. */
    public double conductivity() {
        return conductivity;
    }

    /** Kilograms per cubic metre. */
    public double density() {
        return density;
    }
}
