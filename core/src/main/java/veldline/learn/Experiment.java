package veldline.learn;

import java.util.List;
import java.util.function.BooleanSupplier;
import java.util.function.DoubleFunction;
import java.util.stream.IntStream;

/** A question, one thing that is moved, and an answer that whoever moves it sees for himself. To add one, write a class and list it in {@link Experiments}. */
public interface Experiment {
    /** By which it is kept; a plain word. */
    String id();

    /** A few words to pick it by. */
    String title();

    /** What is asked, one sentence. */
    String question();

    /** What is moved, with its unit. */
    Slide slide();

    /**
     * What follows at a setting.
     *
     * @param goOn polled often; when false the work stops with a {@link veldline.field.solve.SolveFailure}
     */
    Look at(double setting, BooleanSupplier goOn);

    /** The same for a whole walk; one that has something in common to all settings works that out once. */
    default DoubleFunction<Look> walk(BooleanSupplier goOn) {
        return setting -> at(setting, goOn);
    }

    /** What is to be seen when all of it was walked, one or two sentences. */
    String answer();

    /** Name of the step whose bench has the same question in earnest. */
    String bench();

    /**
     * What is moved.
     *
     * @param unit after the number; may be empty
     * @param decimals worth printing
     * @param first setting of the walk
     * @param step between settings
     * @param count of settings
     * @param begin which of them it begins at
     */
    record Slide(String name, String unit, int decimals, double first, double step, int count, int begin) {
        public double setting(int index) {
            return first + index * step;
        }

        public List<Double> settings() {
            return IntStream.range(0, count).mapToObj(this::setting).toList();
        }
    }
}
