package veldline.bench;

import java.util.concurrent.TimeUnit;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Param;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;
import veldline.antenna.ApertureDesign;
import veldline.antenna.Families;
import veldline.antenna.Family;
import veldline.antenna.Radiation;
import veldline.quantity.Quantity;
import veldline.quantity.Unit;
import veldline.stock.Metal;

/** What an edit of an antenna with an opening takes: gain, losses and the whole pattern, 181 by 24 directions. Target 100 ms at 40 waves. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Warmup(iterations = 3, time = 1)
@Measurement(iterations = 5, time = 1)
@Fork(1)
public class OpeningBenchmark {
    private static final double F = 10e9;
    private static final double WAVE = 299_792_458.0 / F;

    @Param({"dish", "cut dish", "dish with a dipole", "trough", "horn", "round horn", "can", "patches", "tapered slot"})
    public String family;

    @Benchmark
    public double edit() {
        ApertureDesign d = Families.apertures(family.contains("dish") ? "dish" : family)
                .design(new Family.Wish(F, 1, 1e-3, Metal.ALUMINIUM, false));
        ApertureDesign large = family.contains("dish")
                ? d.withSize(0, Quantity.shown(40 * WAVE, Unit.MM, 1)).withSize(1, Quantity.shown(16 * WAVE, Unit.MM, 1))
                : d;
        ApertureDesign sized =
                switch (family) {
                    case "cut dish" -> large.withSize(18, Quantity.shown(8 * WAVE, Unit.MM, 1));
                    case "dish with a dipole" -> large.withSize(2, Quantity.of("3", Unit.ONE));
                    default -> large;
                };
        Radiation r = sized.radiation(F);
        double sum = r.gain().value();
        for (int around = 0; around < 360; around += 15) {
            for (int off = 0; off <= 180; off++) {
                sum += r.fall(off, around);
            }
        }
        return sum;
    }
}
