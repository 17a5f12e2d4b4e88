package veldline.desktop.theline;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import veldline.assess.Assessor;
import veldline.demo.TernholmSands;
import veldline.link.LevelLine;
import veldline.picture.Mark;
import veldline.picture.Picture;
import veldline.picture.Role;

/** The line in a low, a usual and a tall band, wide and narrow. */
class LineHeightsTest {
    private static final LevelLine LINE =
            new Assessor().assess(TernholmSands.nestCamera()).line();

    private static Picture draw(double width, double height) {
        return LinePicture.of(
                LINE, Optional.empty(), Optional.empty(), Optional.empty(), "near-antenna", width, height);
    }

    private static List<String> texts(Picture p) {
        return p.texts().map(Mark.Text::text).toList();
    }

    @Test
    void aTallBandShowsFinerLevels() {
        assertThat(LineScale.of(LINE, 240).perDb()).isEqualTo(4.4);
        assertThat(LineScale.of(LINE, 190).perDb()).isEqualTo(3.4);
        assertThat(LineScale.of(LINE, 132).perDb()).isLessThanOrEqualTo(3.4);
    }

    @ParameterizedTest
    @ValueSource(doubles = {132, 190, 240})
    void everyLevelLiesInTheBandAtAnyHeight(double height) {
        LineScale s = LineScale.of(LINE, height);
        for (int i = 0; i < LINE.stops().size(); i++) {
            double level = LINE.stops().get(i).level().value();
            assertThat(i < LINE.path() ? s.nearY(level) : s.farY(level)).isBetween(8.0, height - 6);
        }
        assertThat(s.farY(LINE.floor())).isLessThan(height);
    }

    @Test
    void aLowBandKeepsNamesLevelsAndWhatIsFoldedAway() {
        List<String> low = texts(draw(1280, 132));
        assertThat(low).contains("Hide antenna", "29.3", "The way, 2.6 km").anyMatch(t -> t.endsWith("folded away"));
        assertThat(low).noneMatch(t -> t.startsWith("takes ") || t.startsWith("adds "));
        assertThat(texts(draw(1280, 190))).anyMatch(t -> t.startsWith("takes "));
    }

    @Test
    void inANarrowBandAnEndsAntennaIsJustTheAntenna() {
        assertThat(texts(draw(853, 132))).contains("Antenna", "Radio").doesNotContain("Hide antenna");
    }

    /** What is folded away is what the drawing lacks: drawn and folded together are the whole drop. */
    @ParameterizedTest
    @ValueSource(doubles = {132, 190, 240})
    void whatIsFoldedAwayAndWhatIsDrawnAreTheWholeDrop(double height) {
        Picture p = draw(1280, height);
        String folded = texts(p).stream()
                .filter(t -> t.endsWith(" dB folded away"))
                .findFirst()
                .orElseThrow();
        LineScale s = LineScale.of(LINE, height);
        double from = s.nearY(LINE.stops().get(LINE.path() - 1).level().value());
        double to = s.farY(LINE.stops().get(LINE.path() + 1).before());
        double drawn = (to - from) / s.perDb();
        double drop = LINE.stops().get(LINE.path()).step().value();
        assertThat(Double.parseDouble(folded.split(" ")[0])).isCloseTo(drop - drawn, within(0.51));
    }

    /** The bracket at the right end is as long as the margin. */
    @ParameterizedTest
    @ValueSource(doubles = {132, 190, 240})
    void theBracketIsTheMarginToScale(double height) {
        LineScale s = LineScale.of(LINE, height);
        double x = new LineColumns(LINE, 1280).right() - 16;
        assertThat(draw(1280, height).marks().stream()
                        .filter(Mark.Stroke.class::isInstance)
                        .map(Mark.Stroke.class::cast)
                        .filter(k -> k.role() == Role.INK && k.points().stream().allMatch(p -> p.x() == x))
                        .mapToDouble(k -> Math.abs(
                                k.points().get(1).y() - k.points().get(0).y())))
                .singleElement()
                .satisfies(d -> assertThat(d).isCloseTo(LINE.margin().value() * s.perDb(), within(1e-6)));
    }

    @Test
    void columnsFillTheBandAndThePathTakesTwo() {
        LineColumns c = new LineColumns(LINE, 1280);
        int last = LINE.stops().size() - 1;
        assertThat(c.from(last) + c.width(last)).isCloseTo(c.right(), within(1e-9));
        assertThat(c.width(LINE.path())).isCloseTo(2 * c.width(0), within(1e-9));
        for (int i = 1; i <= last; i++) {
            assertThat(c.from(i)).isCloseTo(c.from(i - 1) + c.width(i - 1), within(1e-9));
        }
    }
}
