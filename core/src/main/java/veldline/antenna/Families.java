package veldline.antenna;

import java.util.List;

/** Every family the program knows. */
public final class Families {
    private Families() {}

    public static List<Family> all() {
        return List.of(new Dipole(), new Yagi(), new AxialHelix());
    }
}
