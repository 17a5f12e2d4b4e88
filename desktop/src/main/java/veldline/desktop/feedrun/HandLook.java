package veldline.desktop.feedrun;

import java.util.List;
import java.util.Optional;
import veldline.desktop.bench.Input;
import veldline.desktop.bench.Showing;
import veldline.job.JobChange;
import veldline.picture.Picture;

/** A connector that somebody holds and does not know. */
final class HandLook implements FeedLook {
    @Override
    public String id() {
        return "HAND";
    }

    @Override
    public String words() {
        return "a connector in my hand";
    }

    @Override
    public List<Input> inputs(Showing s) {
        return InHandInputs.inputs(s);
    }

    @Override
    public Picture picture(Showing s, double width, double height) {
        return new InHandPicture(s, width, height).draw();
    }

    @Override
    public List<String> walk(Showing s) {
        return InHandPicture.walk(s);
    }

    @Override
    public Optional<String> turned(Showing s, String zone, double x, double width) {
        return zone.equals("jaw") ? InHandPicture.acrossAt(x, width) : Optional.empty();
    }

    @Override
    public Optional<JobChange> taken(Showing s, String zone) {
        return InHandPicture.chosen(s).flatMap(f -> InHandInputs.taken(s, f));
    }
}
