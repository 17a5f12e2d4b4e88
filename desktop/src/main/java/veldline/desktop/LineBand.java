package veldline.desktop;

import java.util.Optional;
import javafx.geometry.Pos;
import javafx.scene.layout.StackPane;
import javafx.scene.shape.Polygon;
import veldline.assess.ProveFigures;
import veldline.assess.Step;
import veldline.desktop.bench.Showing;
import veldline.desktop.look.Appearance;
import veldline.desktop.part.PictureView;
import veldline.desktop.theline.LinePicture;
import veldline.desktop.theline.MarginPanel;
import veldline.job.JobChange;
import veldline.link.LevelLine;
import veldline.picture.Picture;

/** The line across the window, with its answer at the right end. */
final class LineBand extends StackPane {
    private static final double PANEL_WIDTH = 140;
    /** Heights of the band, and of the window from which each serves. */
    private static final double LOW = 132;

    private static final double USUAL = 190;
    private static final double TALL = 240;
    private static final double USUAL_FROM = 720;
    private static final double TALL_FROM = 1000;

    private final Workbench work;
    private final PictureView line;
    private final PictureView margin;
    private final Polygon tip = new Polygon(-9, 0, 9, 0, 0, 9);

    LineBand(Workbench work) {
        this.work = work;
        this.line = new PictureView(this::drawLine, new PictureView.Gestures() {
            @Override
            public void chosen(String zone) {
                work.pick(zone);
            }

            @Override
            public void dragged(String zone, double fromX, double fromY, double x, double y, boolean ended) {
                // Stops stand where the parts are; nothing on the line is dragged.
            }
        });
        this.margin = new PictureView(this::drawMargin, new PictureView.Gestures() {
            @Override
            public void chosen(String zone) {
                if (zone.startsWith(MarginPanel.BRANCH)) {
                    int i = Integer.parseInt(zone.substring(MarginPanel.BRANCH.length()));
                    work.apply(new JobChange.Show(
                            i, work.desk().job().stations().get(i).name()));
                } else {
                    work.pick(zone);
                }
            }

            @Override
            public void dragged(String zone, double fromX, double fromY, double x, double y, boolean ended) {
                // The answer follows; it is not dragged.
            }
        });
        line.setId("line");
        margin.setId("margin");
        margin.setMinWidth(PANEL_WIDTH);
        margin.setMaxWidth(PANEL_WIDTH);
        getChildren().addAll(line, margin);
        StackPane.setAlignment(margin, Pos.CENTER_RIGHT);
        getStyleClass().add("line-band");
        tip.getStyleClass().add("plumb-tip");
        tip.setManaged(false);
        tip.setMouseTransparent(true);
        getChildren().add(tip);
        fit(USUAL_FROM);
    }

    /** Takes the height that suits a window this tall. */
    void fit(double windowHeight) {
        double h = windowHeight < USUAL_FROM ? LOW : windowHeight > TALL_FROM ? TALL : USUAL;
        setMinHeight(h);
        setPrefHeight(h);
        setMaxHeight(h);
    }

    PictureView line() {
        return line;
    }

    void refresh(Appearance look) {
        line.show(look);
        margin.show(look);
        hangTip();
    }

    @Override
    protected void layoutChildren() {
        super.layoutChildren();
        hangTip();
    }

    /** The bench hangs from the chosen stop: a tip runs down through the rule between them. */
    private void hangTip() {
        line.picture()
                .zones()
                .filter(z -> z.id().equals("stop:" + work.stop()))
                .findFirst()
                .ifPresent(z -> tip.relocate(z.x() + z.width() / 2 - 9, getHeight() - 3));
    }

    /** Readings stand on the line where they are what is asked for. */
    private Optional<ProveFigures> measured(Showing s) {
        return work.step() == Step.PROVE ? s.assessment().prove().value() : Optional.empty();
    }

    private Picture drawLine(double w, double h) {
        return work.showing()
                .map(s -> drawLine(s, w, h))
                .orElse(Picture.pen(w, h).done());
    }

    /** The line back has no former one, no offer and no reading beside it: they are all of the line there. */
    private Picture drawLine(Showing s, double w, double h) {
        Optional<LevelLine> back = MarginPanel.back(s);
        boolean there = back.isEmpty();
        return LinePicture.of(
                back.orElse(s.assessment().line()),
                work.former().filter(l -> there),
                work.shadows().wouldBe().filter(l -> there),
                measured(s).filter(p -> there).map(p -> p.medianAfter().value()),
                work.stop(),
                w,
                h);
    }

    private Picture drawMargin(double w, double h) {
        return work.showing()
                .map(s -> MarginPanel.of(
                        s.assessment(),
                        MarginPanel.back(s),
                        measured(s),
                        work.shadows().shift(),
                        work.shadows().wouldBe(),
                        w,
                        h))
                .orElse(Picture.pen(w, h).done());
    }
}
