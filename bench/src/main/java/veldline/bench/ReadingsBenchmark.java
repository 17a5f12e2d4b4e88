package veldline.bench;

import java.util.Random;
import java.util.concurrent.TimeUnit;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;
import veldline.format.FormatException;
import veldline.format.ReadingsCsv;
import veldline.measure.Series;
import veldline.measure.Strip;
import veldline.prove.Comparison;
import veldline.prove.ProvePlan;

/** A million readings, half before and half after, ten a second over most of a day: read from text, compared, made ready to draw. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.SingleShotTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Warmup(iterations = 1)
@Measurement(iterations = 4)
@Fork(value = 1, jvmArgsAppend = "-Xmx6g")
public class ReadingsBenchmark {
    private static final int HALF = 500_000;
    private static final double EVERY = 0.1;

    private String textBefore;
    private String textAfter;
    private Series before;
    private Series after;

    @Setup
    public void prepare() throws FormatException {
        textBefore = text(-70, 1);
        textAfter = text(-65, 2);
        before = ReadingsCsv.read(textBefore).series();
        after = ReadingsCsv.read(textAfter).series();
    }

    private static String text(double level, long seed) {
        Random r = new Random(seed);
        StringBuilder text = new StringBuilder("time_s,level_dbm,tide_m\n");
        double keep = Math.exp(-EVERY / 60);
        double fade = 0;
        for (int i = 0; i < HALF; i++) {
            fade = keep * fade + Math.sqrt(1 - keep * keep) * 1.5 * r.nextGaussian();
            double tide = 1.7 * (1 - Math.cos(2 * Math.PI * i * EVERY / 44_714));
            text.append(Math.round(i * EVERY * 10) / 10.0)
                    .append(',')
                    .append(Math.round(level + 2 * tide + fade))
                    .append(',')
                    .append(Math.round(tide * 100) / 100.0)
                    .append('\n');
        }
        return text.toString();
    }

    @Benchmark
    public int read() throws FormatException {
        return ReadingsCsv.read(textBefore).series().size()
                + ReadingsCsv.read(textAfter).series().size();
    }

    @Benchmark
    public Comparison compare() {
        return Comparison.of(before, after, ProvePlan.LineUp.TIDE, -110, 1, 0.95);
    }

    @Benchmark
    public int drawn() {
        double end = HALF * EVERY;
        return Strip.of(before, end, 62).bins().size() + Strip.of(after, end, 62).bins().size();
    }
}
