package veldline.stock;

/** Metals elements are made of, with their conductivity at 20 °C (CRC Handbook, rounded). */
public enum Metal {
    COPPER("copper", 5.8e7),
    BRASS("brass", 1.5e7),
    ALUMINIUM("aluminium", 3.5e7),
    STAINLESS("stainless steel", 1.4e6);

    private final String words;
    private final double conductivity;

    Metal(String words, double conductivity) {
        this.words = words;
        this.conductivity = conductivity;
    }

    public String words() {
        return words;
    }

    /** Siemens per metre. */
    public double conductivity() {
        return conductivity;
    }
}
