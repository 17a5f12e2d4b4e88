package veldline.sheet;

import java.util.List;
import veldline.assess.Assessment;
import veldline.explain.Caution;
import veldline.job.Job;
import veldline.picture.Picture;

/** Something to print for a part of the work. To add one, write a class and list it in {@link Sheets}. */
public interface Sheet {
    String title();

    /** What can hurt someone in the work it is for. */
    List<Caution> cautions();

    List<Picture> pages(Assessment a, Paper paper);

    /** What must be ticked before it opens. */
    default List<Caution> unticked(Job job) {
        return cautions().stream()
                .filter(c -> c.blocking() && !job.raise().ticked().contains(c.id()))
                .toList();
    }
}
