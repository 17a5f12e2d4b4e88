package veldline.store;

import java.io.IOException;
import java.nio.file.Path;
import veldline.format.FormatException;
import veldline.job.Job;
import veldline.job.JobChange;
import veldline.link.BriefChange;
import veldline.measure.Reading;
import veldline.prove.Recording;
import veldline.quantity.Quantity;
import veldline.quantity.Unit;

/**
 * A program of its own that saves as fast as it can, each time another tide, until it is killed. In a file of its own so
 * that it starts without building the demo: two hundred of them are started.
 */
final class RestlessSaver {
    private RestlessSaver() {}

    public static void main(String[] args) throws IOException, FormatException {
        JobStore store = new JobStore(Path.of(args[0]));
        Job job = store.open();
        for (int i = 0; ; i++) {
            store.save(
                    new JobChange.OfBrief(new BriefChange.Tide(Quantity.of(i % 30 / 10.0 + "", Unit.M))).applyTo(job));
            System.out.println(i);
            if (i % 3 == 0) {
                record(store, job.prove().recordings().get(0), i);
            }
        }
    }

    /** A short recording that is made while the job stands on disk, then joins it. */
    private static void record(JobStore store, Recording about, int i) throws IOException {
        try (RunningRecording running = RunningRecording.begin(store.folder(), about)) {
            for (Reading r : about.series().readings().subList(0, 40)) {
                running.add(r);
            }
        }
        if (i % 2 == 0) {
            RunningRecording.forget(store.folder());
        }
    }
}
