package veldline.desktop.part;

import java.nio.file.Path;
import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import java.util.function.BiFunction;
import java.util.function.Supplier;
import javafx.scene.AccessibleRole;
import javafx.scene.canvas.Canvas;
import javafx.scene.input.KeyCode;
import javafx.scene.input.MouseEvent;
import javafx.scene.layout.Region;
import javafx.scene.transform.Scale;
import veldline.desktop.look.Appearance;
import veldline.desktop.look.CanvasPainter;
import veldline.desktop.look.Photographs;
import veldline.picture.Mark;
import veldline.picture.Picture;

/**
 * A picture on a canvas that follows its size. Every zone of the picture also stands over the canvas as an invisible
 * region that takes the focus, so that what can be pointed at can be walked to and read out.
 */
public final class PictureView extends Region {
    /** What gestures do. Coordinates are the picture's own. */
    public interface Gestures {
        void chosen(String zone);

        void dragged(String zone, double fromX, double fromY, double x, double y, boolean ended);

        /** For a picture that is only read. */
        Gestures NONE = new Gestures() {
            @Override
            public void chosen(String zone) {
                // Nothing in it is pressed.
            }

            @Override
            public void dragged(String zone, double fromX, double fromY, double x, double y, boolean ended) {
                // Nothing in it moves.
            }
        };
    }

    /** Under this many pixels nothing can be made out. */
    private static final double SMALLEST = 12;

    private final Canvas canvas = new Canvas();
    private final BiFunction<Double, Double, Picture> draw;
    private final Gestures gestures;
    private final Map<String, Region> handles = new HashMap<>();
    private Picture picture = Picture.pen(0, 0).done();
    private Appearance look = Appearance.DAYLIGHT;
    private final Photographs photographs;
    private CanvasPainter painter;
    private double zoom = 1;
    private Optional<Mark.Zone> held = Optional.empty();
    private double fromX;
    private double fromY;
    private boolean moved;

    /** @param draw makes the picture for a width and a height */
    public PictureView(BiFunction<Double, Double, Picture> draw, Gestures gestures) {
        this(draw, gestures, Optional::empty);
    }

    /** @param folder where the photographs of the picture are */
    public PictureView(BiFunction<Double, Double, Picture> draw, Gestures gestures, Supplier<Optional<Path>> folder) {
        this.draw = draw;
        this.photographs = new Photographs(folder, this::paint);
        this.painter = new CanvasPainter(look, photographs);
        this.gestures = gestures;
        getChildren().add(canvas);
        getStyleClass().add("picture");
        setMinSize(0, 0);
        canvas.setMouseTransparent(true);
        canvas.setManaged(false);
        setOnMousePressed(this::press);
        setOnMouseDragged(e -> drag(e, false));
        setOnMouseReleased(e -> drag(e, true));
    }

    /** A small picture of a fixed size that is only read. */
    public static PictureView still(Picture picture, Appearance look) {
        PictureView view = new PictureView((w, h) -> picture, Gestures.NONE);
        view.setMinSize(picture.width(), picture.height());
        view.setMaxSize(picture.width(), picture.height());
        view.look = look;
        return view;
    }

    public void show(Appearance appearance) {
        look = appearance;
        redraw();
    }

    public Picture picture() {
        return picture;
    }

    /** The handle over a zone, for focus and for tests. */
    public Optional<Region> handle(String zone) {
        return Optional.ofNullable(handles.get(zone));
    }

    public void redraw() {
        double w = Math.max(1, Math.floor(getWidth()));
        double h = Math.max(1, Math.floor(getHeight()));
        if (w < SMALLEST || h < SMALLEST) {
            return;
        }
        // The canvas has as many pixels as the screen shows of it, so that larger text stays sharp.
        double scale = getLocalToSceneTransform().getMxx();
        Picture next = draw.apply(w, h);
        if (next.equals(picture) && look == painter.look() && scale == zoom) {
            return;
        }
        zoom = scale;
        if (look != painter.look()) {
            painter = new CanvasPainter(look, photographs);
        }
        canvas.setWidth(Math.ceil(w * zoom));
        canvas.setHeight(Math.ceil(h * zoom));
        canvas.getTransforms().setAll(new Scale(1 / zoom, 1 / zoom));
        picture = next;
        paint();
        placeHandles();
    }

    private void paint() {
        painter.paint(picture, canvas.getGraphicsContext2D(), zoom);
    }

    private void placeHandles() {
        Map<String, Mark.Zone> zones = new HashMap<>();
        picture.zones().forEach(z -> zones.put(z.id(), z));
        handles.entrySet().removeIf(e -> {
            boolean gone = !zones.containsKey(e.getKey());
            if (gone) {
                getChildren().remove(e.getValue());
            }
            return gone;
        });
        picture.zones().forEach(z -> {
            Region handle = handles.computeIfAbsent(z.id(), this::newHandle);
            handle.setAccessibleText(z.spoken());
            handle.resizeRelocate(z.x(), z.y(), z.width(), z.height());
        });
    }

    private Region newHandle(String id) {
        Region handle = new Region();
        handle.setId("zone-" + id.replace(':', '-'));
        handle.setManaged(false);
        handle.setFocusTraversable(true);
        handle.setAccessibleRole(AccessibleRole.BUTTON);
        handle.getStyleClass().add("handle");
        handle.setMouseTransparent(true);
        handle.setOnKeyPressed(e -> {
            if (e.getCode() == KeyCode.ENTER || e.getCode() == KeyCode.SPACE) {
                gestures.chosen(id);
                e.consume();
            }
        });
        getChildren().add(handle);
        return handle;
    }

    private void press(MouseEvent e) {
        requestFocus();
        held = picture.zoneAt(e.getX(), e.getY());
        fromX = e.getX();
        fromY = e.getY();
        moved = false;
        held.ifPresent(z -> gestures.chosen(z.id()));
    }

    private void drag(MouseEvent e, boolean ended) {
        moved |= Math.hypot(e.getX() - fromX, e.getY() - fromY) > 3;
        if (moved) {
            held.ifPresent(z -> gestures.dragged(z.id(), fromX, fromY, e.getX(), e.getY(), ended));
        }
        if (ended) {
            held = Optional.empty();
        }
    }

    @Override
    protected void layoutChildren() {
        boolean sameSize = Math.floor(getWidth()) == picture.width() && Math.floor(getHeight()) == picture.height();
        if (!sameSize || getLocalToSceneTransform().getMxx() != zoom) {
            redraw();
        }
    }
}
