package veldline.desktop.bench;

import java.util.List;
import java.util.Optional;
import veldline.assess.Step;
import veldline.explain.Finding;
import veldline.job.JobChange;
import veldline.picture.Picture;

/**
 * One step's bench in plain Java: what it shows and what a gesture changes. To add one, write a class and list it in
 * {@link Benches}.
 */
public interface Bench {
    /** The step it belongs to, or lies over. */
    Step step();

    /** Where what is picked on it is kept. */
    default String place() {
        return step().name();
    }

    /** Heading over the inputs. */
    String heading(Showing s);

    List<Input> inputs(Showing s);

    /** The centre at a size; the thing that is dragged or walked is a zone of it. */
    Picture centre(Showing s, double width, double height);

    /** Heading over the findings. */
    String question(Showing s);

    default List<Finding> findings(Showing s) {
        return s.assessment().of(step());
    }

    /** Zones that left and right walk through, in order. */
    List<String> walk(Showing s);

    /** Where walking begins when nothing was picked yet: an index into {@link #walk}. */
    default int walkStart(Showing s) {
        return 0;
    }

    /** The edit made by dragging a zone; empty where it does not move. */
    default Optional<JobChange> dragged(
            Showing s, String zone, double fromX, double fromY, double x, double y, double width, double height) {
        return Optional.empty();
    }

    /** What is picked anew by turning a zone that belongs to the bench and not to the job. */
    default Optional<String> turned(Showing s, String zone, double x, double y, double width, double height) {
        return Optional.empty();
    }

    /** The edit made by Enter on what is picked. */
    default Optional<JobChange> taken(Showing s, String zone) {
        return Optional.empty();
    }
}
