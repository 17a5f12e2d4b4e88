package veldline.desktop.look;

import java.net.MalformedURLException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import java.util.function.Supplier;
import javafx.scene.image.Image;

/**
 * The photographs of a job's folder as they are drawn. Each is read in the background, no larger than a bench can show,
 * and what waits for it is told when it is there; a few are kept.
 */
public final class Photographs {
    /** Enough for the largest bench there is; a camera's own size would take a hundred megabytes. */
    private static final double LONGEST_SIDE = 1600;

    private static final int KEPT = 8;

    private final Supplier<Optional<Path>> folder;
    private final Runnable there;
    private final Map<Path, Image> read = new LinkedHashMap<>(16, 0.75f, true) {
        @Override
        protected boolean removeEldestEntry(Map.Entry<Path, Image> eldest) {
            return size() > KEPT;
        }
    };

    /** @param there told, on the interface thread, when one has been read */
    public Photographs(Supplier<Optional<Path>> folder, Runnable there) {
        this.folder = folder;
        this.there = there;
    }

    /** For pictures without any. */
    static Photographs none() {
        return new Photographs(Optional::empty, () -> {});
    }

    /** A photograph as far as it has been read; empty where it is not in the folder or cannot be understood. */
    Optional<Image> of(String file) {
        return folder.get()
                .map(f -> f.resolve(file))
                .filter(p -> read.containsKey(p) || Files.isRegularFile(p))
                .map(p -> read.computeIfAbsent(p, this::begin))
                .filter(i -> !i.isError());
    }

    /** Whether it is there and still being read. */
    boolean awaits(String file) {
        return of(file).map(i -> i.getProgress() < 1).orElse(false);
    }

    private Image begin(Path file) {
        try {
            Image image =
                    new Image(file.toUri().toURL().toExternalForm(), LONGEST_SIDE, LONGEST_SIDE, true, true, true);
            image.progressProperty().addListener((o, was, is) -> {
                if (is.doubleValue() >= 1) {
                    there.run();
                }
            });
            return image;
        } catch (MalformedURLException e) {
            throw new IllegalStateException("Every file has an address: " + file, e);
        }
    }
}
