package veldline.desktop;

import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import javafx.geometry.Pos;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import veldline.desktop.part.NumberTag;
import veldline.explain.Origin;

/** The foot: when it was saved, what there is to tell, how numbers are told apart, and keys. */
final class FootBar extends HBox {
    private static final DateTimeFormatter CLOCK =
            DateTimeFormatter.ofPattern("HH:mm").withZone(ZoneId.systemDefault());

    private final Workbench work;
    private final Label saved = small("");
    private final Label news = new Label();
    private final HBox legend;
    private final HBox keys;

    FootBar(Workbench work) {
        this.work = work;
        NumberTag.on(saved, Origin.Plain.NAME);
        news.getStyleClass().add("foot-news");
        news.setId("news");
        NumberTag.on(news, Origin.Plain.NAME);
        legend = new HBox(
                8,
                small("Underline tells where a number comes from:"),
                small("typed", "kind-typed"),
                small("worked out", "kind-worked"),
                small("measured", "kind-measured"),
                small("‘claimed’", "kind-claimed"));
        legend.setAlignment(Pos.CENTER_LEFT);
        legend.setMinWidth(Region.USE_PREF_SIZE);
        keys = new HBox(6, small("Along the line"), TopBar.key("[ ]"), small("Go to step"), TopBar.key("1–8"));
        keys.getChildren().addAll(small("Walk"), TopBar.key("← →"), small("How?"), TopBar.key("H"));
        keys.setAlignment(Pos.CENTER_RIGHT);
        keys.setMinWidth(Region.USE_PREF_SIZE);
        Region gap = new Region();
        HBox.setHgrow(gap, Priority.ALWAYS);
        setSpacing(14);
        setAlignment(Pos.CENTER_LEFT);
        getStyleClass().add("foot-bar");
        getChildren().addAll(saved, legend, news, gap, keys);
    }

    private static Label small(String text, String... styles) {
        Label l = new Label(text);
        l.getStyleClass().add("foot-text");
        l.getStyleClass().addAll(styles);
        return l;
    }

    /** In a narrow window the keys give way to what there is to tell. */
    void narrow(boolean narrow) {
        keys.setVisible(!narrow);
        keys.setManaged(!narrow);
    }

    /** Shows everything as it now is; news takes the place of the legend. */
    void refresh() {
        JobDesk desk = work.desk();
        String unsaved = desk.store().isPresent() ? "Saved" : "Not saved yet";
        saved.setText(
                desk.saveTrouble().isEmpty()
                        ? desk.savedAt().map(t -> "Saved " + CLOCK.format(t)).orElse(unsaved)
                        : desk.saveTrouble());
        news.setText(work.news());
        legend.setVisible(news.getText().isEmpty());
        legend.setManaged(news.getText().isEmpty());
    }
}
