package veldline.desktop.feedrun;

import java.util.List;
import java.util.Optional;
import veldline.desktop.bench.Input;
import veldline.desktop.bench.Showing;
import veldline.job.JobChange;
import veldline.picture.Picture;

/** One way to look at a feed run. To add one, write it and list it in {@link FeedRunBench}. */
interface FeedLook {
    /** What it is noted as. */
    String id();

    String words();

    List<Input> inputs(Showing s);

    Picture picture(Showing s, double width, double height);

    List<String> walk(Showing s);

    default int walkStart(Showing s) {
        return 0;
    }

    default Optional<JobChange> dragged(Showing s, String zone, double x, double width, double height) {
        return Optional.empty();
    }

    default Optional<String> turned(Showing s, String zone, double x, double width) {
        return Optional.empty();
    }

    default Optional<JobChange> taken(Showing s, String zone) {
        return Optional.empty();
    }
}
