package veldline.desktop;

import java.io.IOException;
import java.nio.file.Path;
import java.util.List;
import java.util.stream.Stream;
import veldline.format.FormatException;
import veldline.format.JobFile;
import veldline.job.Job;
import veldline.store.JobStore;
import veldline.store.JobZip;

/**
 * A job out of a zip, with a place of its own beside the zip.
 *
 * @param troubles what of it was not whole
 */
record Unpacked(Job job, List<String> troubles, JobStore store) {
    /** Reads the zip; only photographs of a job that was understood are written, and the job itself is still to be saved. */
    static Unpacked from(Path zip) throws IOException, FormatException {
        JobFile.Opened opened = JobZip.read(zip);
        String base = zip.getFileName().toString().replaceFirst("(?i)\\.zip$", "");
        JobStore store = JobStore.fresh(zip.toAbsolutePath().getParent(), base);
        List<String> photographs = JobZip.unpackPhotographs(zip, opened.job(), store.folder());
        return new Unpacked(
                opened.job(),
                Stream.concat(opened.troubles().stream(), photographs.stream()).toList(),
                store);
    }
}
