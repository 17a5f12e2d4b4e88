package veldline.desktop.feedrun;

import java.util.List;
import veldline.desktop.bench.Input;
import veldline.desktop.bench.Showing;
import veldline.picture.Picture;

/** An end of the cable that is chosen, as it is made. */
final class EndLook implements FeedLook {
    @Override
    public String id() {
        return "END";
    }

    @Override
    public String words() {
        return "a cable's end being made";
    }

    @Override
    public List<Input> inputs(Showing s) {
        return CableEndPicture.inputs(s);
    }

    @Override
    public Picture picture(Showing s, double width, double height) {
        return new CableEndPicture(s, width, height).draw();
    }

    @Override
    public List<String> walk(Showing s) {
        return CableEndPicture.walk(s);
    }
}
