package veldline.antenna;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import veldline.picture.Mark;
import veldline.picture.Picture;
import veldline.quantity.NumberText;
import veldline.quantity.Quantity;
import veldline.quantity.Unit;
import veldline.stock.Metal;

class YagiDrawingTest {
    private static final double WIDTH = 704;

    private static YagiShape of(int count) {
        return Yagi.forCount(2.437e9, count, Quantity.of("1.6", Unit.MM), Metal.BRASS, false);
    }

    private static Picture draw(YagiShape y, int picked) {
        var pen = Picture.pen(WIDTH, YagiDrawing.HEIGHT);
        new YagiDrawing(y, WIDTH, picked).draw(pen);
        return pen.done();
    }

    private static List<Mark.Zone> zones(Picture p) {
        return p.zones().filter(z -> z.id().startsWith("element:")).toList();
    }

    @ParameterizedTest
    @ValueSource(ints = {2, 5, 11, 20})
    void elementsStandInProportionAlongTheBoom(int count) {
        YagiShape y = of(count);
        YagiDrawing d = new YagiDrawing(y, WIDTH, 1);
        List<Mark.Zone> zones = zones(draw(y, 1));
        assertThat(zones).hasSize(count);
        for (int i = 0; i < count; i++) {
            double middle = zones.get(i).x() + zones.get(i).width() / 2;
            assertThat(d.metresAlong(middle))
                    .as("what stands there is what would be read off there")
                    .isCloseTo(y.elements().get(i).position().value(), within(1e-9));
        }
    }

    @Test
    void aTipDraggedToItsOwnHeightChangesNothing() {
        YagiShape y = of(7);
        YagiDrawing d = new YagiDrawing(y, WIDTH, 3);
        Mark.Zone zone = zones(draw(y, 3)).get(3);
        assertThat(d.lengthTo(zone.y() + 8))
                .isCloseTo(y.elements().get(3).length().value(), within(1e-9));
    }

    @Test
    void theChosenElementAlwaysHasItsLabels() {
        YagiShape y = of(20);
        for (int i = 0; i < 20; i++) {
            List<String> texts = draw(y, i).texts().map(Mark.Text::text).toList();
            double mm = y.elements().get(i).length().value() * 1000;
            assertThat(texts).contains(NumberText.shown(mm, 1), YagiShape.nameOf(i));
            assertThat(texts).anyMatch(t -> t.startsWith(NumberText.shown(mm, 1) + " mm = "));
        }
    }

    @Test
    void withNothingChosenNothingIsFramed() {
        assertThat(draw(of(5), -1).texts().map(Mark.Text::text)).noneMatch(t -> t.contains(" mm = "));
    }

    @Test
    void theScaleBarIsTrue() {
        YagiShape y = of(11);
        Picture p = draw(y, -1);
        List<Mark.Zone> zones = zones(p);
        double perMetre = (zones.get(10).x() - zones.get(0).x()) / y.boomLength();
        Mark.Text text =
                p.texts().filter(t -> t.text().equals("50 mm")).findFirst().orElseThrow();
        assertThat(p.marks().stream()
                        .filter(Mark.Stroke.class::isInstance)
                        .map(Mark.Stroke.class::cast)
                        .filter(s -> s.points().get(0).y() == text.y() + 6
                                && s.points().get(1).y() == text.y() + 6)
                        .mapToDouble(
                                s -> s.points().get(1).x() - s.points().get(0).x()))
                .singleElement()
                .satisfies(w -> assertThat(w).isCloseTo(0.05 * perMetre, within(0.01)));
    }
}
