package veldline.picture;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import veldline.explain.Finding;
import veldline.explain.Origin;
import veldline.quantity.InchFraction;

class PictureTest {
    static Stream<Mark> marks() {
        return Picture.pen(200, 100)
                .line(1, 2, 3, 4, Role.INK, 2)
                .hatched(10, 20, 30, 40, Role.THRIFT, Mark.Hatch.DIAGONAL)
                .dot(5, 6, 7, Role.SHEET, Role.INK, 1)
                .tick("12", 9, 9, Mark.Anchor.END)
                .sign(Finding.Level.WATCH, 8, 8)
                .zone("z:1", 3, 4, 5, 6, "a zone")
                .done()
                .marks()
                .stream();
    }

    @ParameterizedTest
    @MethodSource("marks")
    void movingThereAndBackChangesNothing(Mark mark) {
        assertThat(mark.shifted(16, -8)).isNotEqualTo(mark);
        assertThat(mark.shifted(16, -8).shifted(-16, 8)).isEqualTo(mark);
    }

    @ParameterizedTest
    @MethodSource("marks")
    void enlargingAndReducingChangesNothing(Mark mark) {
        assertThat(mark.scaled(4)).isNotEqualTo(mark);
        assertThat(mark.scaled(4).scaled(0.25)).isEqualTo(mark);
    }

    @ParameterizedTest
    @MethodSource("marks")
    void enlargingAMovedMarkMovesItFarther(Mark mark) {
        assertThat(mark.shifted(3, 5).scaled(2)).isEqualTo(mark.scaled(2).shifted(6, 10));
    }

    @Test
    void aPictureIsPlacedWhole() {
        Picture small = Picture.pen(10, 10)
                .words("word", 1, 9, Mark.Anchor.START, Mark.Face.TEXT, Role.INK)
                .done();
        Picture large = Picture.pen(100, 100).place(small, 40, 50).done();
        assertThat(large.texts()).singleElement().satisfies(t -> {
            assertThat(t.x()).isEqualTo(41);
            assertThat(t.y()).isEqualTo(59);
        });
    }

    @Test
    void theZoneOnTopIsFound() {
        Picture p = Picture.pen(100, 100)
                .zone("under", 0, 0, 100, 100, "")
                .zone("over", 40, 40, 20, 20, "")
                .done();
        assertThat(p.zoneAt(50, 50).orElseThrow().id()).isEqualTo("over");
        assertThat(p.zoneAt(5, 5).orElseThrow().id()).isEqualTo("under");
        assertThat(p.zoneAt(101, 5)).isEmpty();
    }

    @Test
    void nothingIsHatchedWhereThereIsNoRoom() {
        assertThat(Picture.pen(10, 10)
                        .hatched(0, 0, 0, 5, Role.INK, Mark.Hatch.UPRIGHT)
                        .done()
                        .marks())
                .isEmpty();
    }

    @Test
    void aFractionIsSetWithTheNumeratorUpAndTheDenominatorDown() {
        Pen pen = Picture.pen(100, 40);
        FractionText.draw(pen, new InchFraction(14, 5, 8), 10, 20);
        List<Mark.Text> texts = pen.done().texts().toList();
        assertThat(texts.stream().map(Mark.Text::text)).containsExactly("14", "5", "8");
        assertThat(texts.get(1).y()).isLessThan(texts.get(0).y());
        assertThat(texts.get(2).y()).isGreaterThan(texts.get(0).y());
        assertThat(texts.get(1).size()).isLessThan(texts.get(0).size());
        assertThat(texts).allMatch(t -> t.origin() == Origin.Plain.TYPED);
        Pen whole = Picture.pen(100, 40);
        FractionText.draw(whole, new InchFraction(2, 0, 1), 10, 20);
        assertThat(whole.done().texts().map(Mark.Text::text)).containsExactly("2");
    }
}
