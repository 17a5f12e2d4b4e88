package veldline.quantity;

import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.DoubleUnaryOperator;

/** The units people may type, each with the names it is known by and its way to the unit held inside. */
public enum Unit {
    M("m", Dimension.LENGTH, 1),
    MM("mm", Dimension.LENGTH, 1e-3),
    CM("cm", Dimension.LENGTH, 1e-2),
    KM("km", Dimension.LENGTH, 1e3),
    NMI("nmi", Dimension.LENGTH, 1852, "NM", "nautical miles"),
    IN("in", Dimension.LENGTH, 0.0254, "\"", "inch", "inches"),
    FT("ft", Dimension.LENGTH, 0.3048, "'", "feet", "foot"),
    MI("mi", Dimension.LENGTH, 1609.344, "mile", "miles"),
    /** Wire by the American gauge: 36 is 0.005 in, each number thinner by the 39th root of 92 (ASTM B258). */
    AWG("AWG", Dimension.LENGTH, WireGauge::americanMetres, WireGauge::american),
    /** Wire by the British standard gauge (BS 3737). */
    SWG("SWG", Dimension.LENGTH, WireGauge::britishMetres, WireGauge::british),
    HZ("Hz", Dimension.FREQUENCY, 1),
    KHZ("kHz", Dimension.FREQUENCY, 1e3),
    MHZ("MHz", Dimension.FREQUENCY, 1e6),
    GHZ("GHz", Dimension.FREQUENCY, 1e9),
    DBM("dBm", Dimension.LEVEL, 1),
    MILLIWATT("mW", Dimension.LEVEL, mw -> 10 * Math.log10(mw), dbm -> Math.pow(10, dbm / 10)),
    WATT("W", Dimension.LEVEL, w -> 30 + 10 * Math.log10(w), dbm -> Math.pow(10, (dbm - 30) / 10)),
    /** Over one microvolt across 75 Ω, as television levels are given. */
    DBUV_75("dBµV", Dimension.LEVEL, v -> v - 108.751, p -> p + 108.751, "dBuV", "dBuV75", "dBµV75"),
    /** The same across 50 Ω. */
    DBUV_50("dBµV 50 Ω", Dimension.LEVEL, v -> v - 106.990, p -> p + 106.990, "dBuV50", "dBµV50"),
    DBI("dBi", Dimension.GAIN, 1),
    /** Over a half-wave dipole, by convention 2.15 dB above isotropic (ITU-R BS.561). */
    DBD("dBd", Dimension.GAIN, d -> d + 2.15, i -> i - 2.15),
    DB("dB", Dimension.RATIO, 1),
    DEG("°", Dimension.ANGLE, 1, "deg", "degrees"),
    SECOND("s", Dimension.TIME, 1, "sec"),
    MINUTE("min", Dimension.TIME, 60),
    HOUR("h", Dimension.TIME, 3600),
    /** Field strength over one microvolt a metre. */
    DBUV_M("dBµV/m", Dimension.FIELD, 1, "dBuV/m"),
    BIT_S("bit/s", Dimension.RATE, 1, "bps"),
    KBIT_S("kbit/s", Dimension.RATE, 1e3, "kbps"),
    MBIT_S("Mbit/s", Dimension.RATE, 1e6, "Mbps"),
    KG("kg", Dimension.MASS, 1),
    GRAM("g", Dimension.MASS, 1e-3),
    MILLISECOND("ms", Dimension.TIME, 1e-3),
    DAY("d", Dimension.TIME, 86_400, "days"),
    OHM("Ω", Dimension.IMPEDANCE, 1, "ohm", "ohms"),
    M_S("m/s", Dimension.SPEED, 1),
    KM_H("km/h", Dimension.SPEED, 1 / 3.6, "kmh"),
    KNOT("kn", Dimension.SPEED, 1852.0 / 3600, "knots", "kt"),
    ONE("", Dimension.NUMBER, 1);

    private final String symbol;
    private final Dimension dimension;
    private final DoubleUnaryOperator toInside;
    private final DoubleUnaryOperator fromInside;
    private final List<String> otherNames;

    Unit(String symbol, Dimension dimension, double factor, String... otherNames) {
        this(symbol, dimension, x -> x * factor, x -> x / factor, otherNames);
    }

    Unit(
            String symbol,
            Dimension dimension,
            DoubleUnaryOperator toInside,
            DoubleUnaryOperator fromInside,
            String... otherNames) {
        this.symbol = symbol;
        this.dimension = dimension;
        this.toInside = toInside;
        this.fromInside = fromInside;
        this.otherNames = List.of(otherNames);
    }

    /** The unit of the other system, or the other usual way to say the same; empty where there is only one. */
    public Optional<Unit> other() {
        return Optional.ofNullable(
                switch (this) {
                    case MM, CM -> IN;
                    case M -> FT;
                    case KM -> MI;
                    case IN -> MM;
                    case FT -> M;
                    case MI -> KM;
                    case DBM -> MILLIWATT;
                    case MILLIWATT, WATT -> DBM;
                    case DBI -> DBD;
                    case DBD -> DBI;
                    default -> null;
                });
    }

    public String symbol() {
        return symbol;
    }

    public Dimension dimension() {
        return dimension;
    }

    /** A number in this unit as the value held inside. */
    public double toInside(double number) {
        return toInside.applyAsDouble(number);
    }

    /** A value held inside as a number in this unit. */
    public double fromInside(double value) {
        return fromInside.applyAsDouble(value);
    }

    /**
     * The unit a person means. Case only matters where it tells two units of one dimension apart, so "mhz" is
     * megahertz.
     */
    public static Optional<Unit> named(String name) {
        String asked = name.strip();
        return Arrays.stream(values())
                .filter(u -> u.symbol.equals(asked) || u.otherNames.contains(asked))
                .findFirst()
                .or(() -> Arrays.stream(values())
                        .filter(u -> !u.symbol.isEmpty()
                                && (u.symbol.equalsIgnoreCase(asked)
                                        || u.otherNames.contains(asked.toLowerCase(Locale.ROOT))))
                        .findFirst());
    }
}
