package veldline.desktop.part;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import veldline.assess.Assessment;
import veldline.assess.Assessor;
import veldline.assess.Stage;
import veldline.demo.TernholmSands;
import veldline.desktop.bench.Measured;
import veldline.desktop.bench.Showing;
import veldline.desktop.bench.Showing.Busy;
import veldline.picture.Mark;
import veldline.picture.Picture;
import veldline.picture.Role;

class BusyPictureTest {
    private static final Assessment SAMPLE = new Assessor().assess(TernholmSands.nestCamera());

    private static Showing showing(Optional<Busy> busy, boolean late) {
        return new Showing(SAMPLE, "near-antenna", Map.of(), new Stage.Running<>(), busy, late);
    }

    private static Picture stairs(Busy busy, double width) {
        return BusyPicture.of(showing(Optional.of(busy), false), width, BusyPicture.STAIRS);
    }

    @Test
    void nothingIsShownUntilItHasTakenLongerThanAGlance() {
        assertThat(BusyPicture.height(showing(Optional.empty(), false))).isZero();
    }

    @Test
    void upToASecondOnlyTheEdgeRunsDashed() {
        Busy young = new Busy("Solving", 1, 9, "", 0.4);
        assertThat(BusyPicture.height(showing(Optional.of(young), false))).isEqualTo(BusyPicture.EDGE);
        assertThat(BusyPicture.height(showing(Optional.empty(), true))).isEqualTo(BusyPicture.EDGE);
        Picture edge = BusyPicture.of(showing(Optional.empty(), true), 704, BusyPicture.EDGE);
        assertThat(edge.marks())
                .singleElement()
                .satisfies(m -> assertThat(((Mark.Stroke) m).dash()).isEqualTo(Mark.Dash.DASHED));
    }

    @Test
    void afterASecondTheStaircaseTakesItsPlace() {
        Busy busy = new Busy("Trying shapes", 240, 1100, "14.4 dBi", 5.6);
        assertThat(BusyPicture.height(showing(Optional.of(busy), false))).isEqualTo(BusyPicture.STAIRS);
        assertThat(stairs(busy, 704).texts().map(Mark.Text::text))
                .contains("Busy: trying shapes", "best so far 14.4 dBi", "Esc", "240 of 1,100, about 20 s left");
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "0 | 0 | 3 | 3 s so far",
                "1234 | 0 | 3 | 1,234 so far",
                "10 | 20 | 10 | 10 of 20, about 10 s left",
                "19 | 20 | 10 | 19 of 20, nearly there",
                "1 | 100 | 10 | 1 of 100, about 17 min left",
                "0 | 100 | 10 | 0 of 100"
            })
    void whatIsLeftIsNeverMadeUp(int done, int of, double seconds, String words) {
        assertThat(BusyPicture.progress(new Busy("x", done, of, "", seconds))).isEqualTo(words);
    }

    @ParameterizedTest
    @ValueSource(ints = {0, 1, 17, 50, 99, 100})
    void theStaircaseIsDrawnAsFarAsTheWorkIs(int done) {
        Picture p = stairs(new Busy("x", done, 100, "", 5), 718);
        Mark.Dot head = p.marks().stream()
                .filter(Mark.Dot.class::isInstance)
                .map(Mark.Dot.class::cast)
                .findFirst()
                .orElseThrow();
        assertThat(head.x()).isCloseTo(18 + done / 100.0 * (718 - 36), within(1e-6));
        List<Mark.Stroke> strokes = p.marks().stream()
                .filter(Mark.Stroke.class::isInstance)
                .map(Mark.Stroke.class::cast)
                .filter(s -> s.role() == Role.MUSSEL)
                .toList();
        assertThat(strokes).singleElement().satisfies(s -> {
            for (int i = 1; i < s.points().size(); i++) {
                assertThat(s.points().get(i).x())
                        .isGreaterThanOrEqualTo(s.points().get(i - 1).x());
                assertThat(s.points().get(i).y())
                        .isLessThanOrEqualTo(s.points().get(i - 1).y());
            }
        });
    }

    @ParameterizedTest
    @ValueSource(ints = {0, 30, 60, 100})
    void itsWordsHaveRoomAtAnyWidth(int done) {
        for (double width : new double[] {620, 704, 1260}) {
            Picture p = stairs(new Busy("Solving candidates", done, 100, "14.4 dBi", 5), width);
            assertThat(Measured.collisions(p)).isEmpty();
            assertThat(Measured.outside(p)).isEmpty();
        }
    }

    @Test
    void oldResultsSayWhenTheyWereWorkedOutOnceItTakesLong() {
        Stage<String> stale = new Stage.Stale<>("old", Instant.now());
        assertThat(showing(Optional.empty(), false).asOf(stale)).isEmpty();
        assertThat(showing(Optional.empty(), true).asOf(stale).orElseThrow()).matches("as of \\d\\d:\\d\\d");
        assertThat(showing(Optional.empty(), true).asOf(new Stage.Fresh<>("new")))
                .isEmpty();
    }
}
