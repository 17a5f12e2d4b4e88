package veldline.stock;

/**
 * What covers wires and rods, with permittivity and loss at radio frequencies as handbooks give them (von Hippel, Dielectric
 * Materials and Applications; ITU-R P.527 for water and ice), to a tenth or so where plasticizers and fillers vary.
 */
public enum Insulation {
    PVC("PVC", 3.2, 0.03),
    POLYETHYLENE("polyethylene", 2.26, 0.0003),
    PTFE("PTFE", 2.1, 0.0003),
    POLYOLEFIN("heat-shrink sleeve", 2.4, 0.005),
    ENAMEL("enamel", 3.6, 0.02),
    PAINT("paint", 3.5, 0.03),
    GLUE("epoxy glue", 3.6, 0.03),
    GLASS_FIBRE("glass fibre", 4.4, 0.02),
    RAIN("rain film", 80, 0.1),
    ICE("ice", 3.15, 0.001);

    private final String words;
    private final double permittivity;
    private final double lossTangent;

    Insulation(String words, double permittivity, double lossTangent) {
        this.words = words;
        this.permittivity = permittivity;
        this.lossTangent = lossTangent;
    }

    public String words() {
        return words;
    }

    /** Relative. */
    public double permittivity() {
        return permittivity;
    }

    public double lossTangent() {
        return lossTangent;
    }
}
