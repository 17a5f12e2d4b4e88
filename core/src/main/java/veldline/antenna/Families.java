package veldline.antenna;

import java.util.List;
import java.util.ServiceLoader;
import java.util.stream.Stream;

/** Every family the program knows. */
public final class Families {
    /** Those that ship with the program, and any that stand on the class path as a service. */
    private static final List<WireFamily> WIRES = Stream.concat(
                    Stream.of(
                            new Dipole(),
                            new FoldedDipole(),
                            new SteppedDipole(),
                            new SleeveDipole(),
                            new GroundPlane(),
                            new JPole(),
                            new EndFed(),
                            new HungWire(),
                            new Collinear(),
                            new Loop(),
                            new Quad(),
                            new YagiStack(),
                            new CrossedYagi(),
                            new Biquad(),
                            new CornerReflector(),
                            new LogPeriodic(),
                            new AxialHelix(),
                            new DipoleArray(),
                            new Turnstile(),
                            new LobeOmni()),
                    ServiceLoader.load(WireFamily.class).stream().map(ServiceLoader.Provider::get))
            .toList();

    private static final List<ApertureFamily> APERTURES = List.of(
            new Dish(), new Trough(), new Horn(), new RoundHorn(), new Can(), new PatchPanel(), new SlottedSheet());

    private Families() {}

    public static List<Family> all() {
        return Stream.of(WIRES, List.of(new Yagi()), APERTURES)
                .<Family>flatMap(List::stream)
                .toList();
    }

    /** Those with an opening. */
    public static List<ApertureFamily> apertures() {
        return APERTURES;
    }

    /** @throws IllegalArgumentException naming the keys there are */
    public static ApertureFamily apertures(String key) {
        return APERTURES.stream()
                .filter(f -> f.key().equals(key))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException("No family is called “" + key + "”; known are "
                        + String.join(
                                ", ",
                                APERTURES.stream().map(ApertureFamily::key).toList())));
    }

    /** Those that are shaped by their measures. */
    public static List<WireFamily> wires() {
        return WIRES;
    }

    /** @throws IllegalArgumentException naming the keys there are */
    public static WireFamily wires(String key) {
        return WIRES.stream()
                .filter(f -> f.key().equals(key))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException("No family is called “" + key + "”; known are "
                        + String.join(", ", WIRES.stream().map(WireFamily::key).toList())));
    }
}
