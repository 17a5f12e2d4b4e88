package veldline.store;

import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import veldline.format.JobFile;
import veldline.job.Job;

/**
 * Jobs that ship inside the program as the files they are on disk, with a list of them, so that laying them in a folder
 * takes no more than copying.
 */
public final class ShippedJobs {
    private static final String LIST = "files.txt";
    private static final String ENDING = ".veldline.json";

    private ShippedJobs() {}

    /**
     * Writes the jobs, and the list of their files in the same order, into a folder that is going to be shipped.
     *
     * @param beside texts to lay beside them, by file name
     */
    public static void write(List<Job> jobs, Map<String, String> beside, String into) throws IOException {
        Path folder = Path.of(into);
        StringBuilder list = new StringBuilder();
        for (Job job : jobs) {
            JobStore store = new JobStore(folder.resolve(name(job) + ENDING));
            store.save(job);
            list.append(store.file().getFileName()).append('\n');
            for (String recording : JobFile.write(job).recordings().keySet()) {
                list.append(store.folder().getFileName())
                        .append('/')
                        .append(recording)
                        .append('\n');
            }
        }
        for (Map.Entry<String, String> text : beside.entrySet()) {
            Files.writeString(folder.resolve(text.getKey()), text.getValue());
            list.append(text.getKey()).append('\n');
        }
        Files.writeString(folder.resolve(LIST), list);
    }

    private static String name(Job job) {
        return job.name().toLowerCase(Locale.ROOT).replace(' ', '-');
    }

    /**
     * Lays the files that stand beside a class in a folder.
     *
     * @return where the first job now is
     * @throws IOException when there is no room, or when the program was built without them
     */
    public static JobStore lay(Class<?> beside, Path folder) throws IOException {
        List<String> names =
                new String(bytes(beside, LIST), StandardCharsets.UTF_8).lines().toList();
        for (String name : names) {
            Path file = folder.resolve(name);
            Files.createDirectories(file.getParent());
            Files.write(file, bytes(beside, name));
        }
        return new JobStore(folder.resolve(names.get(0)));
    }

    private static byte[] bytes(Class<?> beside, String name) throws IOException {
        try (InputStream in = beside.getResourceAsStream("jobs/" + name)) {
            if (in == null) {
                throw new IOException("The program was built without " + name + "; build it again");
            }
            return in.readAllBytes();
        }
    }
}
