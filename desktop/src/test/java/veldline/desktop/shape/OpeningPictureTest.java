package veldline.desktop.shape;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import veldline.antenna.ApertureDesign;
import veldline.antenna.ApertureFamily;
import veldline.antenna.Families;
import veldline.antenna.Family;
import veldline.antenna.OpeningChange;
import veldline.assess.Assessor;
import veldline.assess.Stage;
import veldline.assess.Step;
import veldline.demo.TernholmSands;
import veldline.desktop.bench.Bench;
import veldline.desktop.bench.Benches;
import veldline.desktop.bench.Input;
import veldline.desktop.bench.Measured;
import veldline.desktop.bench.Showing;
import veldline.job.Job;
import veldline.job.JobChange;
import veldline.line.Mismatch;
import veldline.picture.Mark;
import veldline.picture.Picture;
import veldline.quantity.Quantity;
import veldline.quantity.Unit;
import veldline.stock.Metal;

/** Antennas with an opening on the bench: room for their words, handles that follow the hand, both ends. */
class OpeningPictureTest {
    private static final double WIDTH = 704;
    private static final double HEIGHT = 500;
    private static final double F = 2437e6;
    private static final Assessor ASSESSOR = new Assessor();
    private static final Bench SHAPE = Benches.of(Step.SHAPE);
    private static final Job CAMERA = TernholmSands.nestCamera();

    static Stream<ApertureDesign> designs() {
        Family.Wish wish = new Family.Wish(F, 1, 1.6e-3, Metal.ALUMINIUM, false);
        return Families.apertures().stream().flatMap(f -> f.choices(wish).stream());
    }

    private static Showing showing(ApertureDesign d, boolean near, String picked) {
        Job job = new JobChange.Fit(near, d).applyTo(CAMERA);
        return new Showing(
                ASSESSOR.assess(job, Assessor.Depth.QUICK, () -> true),
                near ? "near-antenna" : "far-antenna",
                Map.of(Step.SHAPE, picked),
                Map.of(),
                new Stage.Running<>(),
                Showing.Advice.NONE,
                Optional.empty(),
                false);
    }

    @ParameterizedTest
    @MethodSource("designs")
    void itsWordsHaveRoom(ApertureDesign d) {
        for (double width : new double[] {560, WIDTH, 1100}) {
            for (String picked : List.of("", "opening:0", "opening:1")) {
                for (boolean near : new boolean[] {true, false}) {
                    Picture p = SHAPE.centre(showing(d, near, picked), width, HEIGHT);
                    assertThat(Measured.collisions(p))
                            .as(d.title() + " " + width)
                            .isEmpty();
                    assertThat(Measured.outside(p)).as(d.title() + " " + width).isEmpty();
                    p.zones().forEach(z -> assertThat(z.x()).isBetween(-1.0, width));
                }
            }
        }
    }

    /** Put down where it was a measure is what it was; pulled away it grows or shrinks, and only it. */
    @ParameterizedTest
    @MethodSource("designs")
    void handlesFollowTheHand(ApertureDesign d) {
        Showing s = showing(d, true, "");
        assertThat(SHAPE.walk(s)).hasSizeGreaterThanOrEqualTo(3);
        for (String zone : SHAPE.walk(s)) {
            Mark.Zone z = SHAPE.centre(s, WIDTH, HEIGHT)
                    .zones()
                    .filter(x -> x.id().equals(zone))
                    .findFirst()
                    .orElseThrow();
            int measure = Integer.parseInt(zone.substring("opening:".length()));
            double x = z.x() + z.width() / 2;
            double y = z.y() + z.height() / 2;
            ApertureDesign same = pulled(s, zone, x, y, 0);
            assertThat(same.size(measure)).as(d.title() + zone).isCloseTo(d.size(measure), within(1.1e-4));
            double low = pulled(s, zone, x, y, -25).size(measure);
            double high = pulled(s, zone, x, y, 25).size(measure);
            assertThat(low).as(d.title() + zone).isNotEqualTo(high);
            for (int i = 0; i < d.sizes().size(); i++) {
                if (i != measure) {
                    assertThat(pulled(s, zone, x, y, 25).sizes().get(i))
                            .isEqualTo(d.sizes().get(i));
                }
            }
        }
        assertThat(SHAPE.dragged(s, "opening:99", 0, 0, 9, 9, WIDTH, HEIGHT)).isEmpty();
    }

    private static ApertureDesign pulled(Showing s, String zone, double x, double y, double by) {
        return (ApertureDesign) SHAPE.dragged(s, zone, x, y, x + by, y - by * 1.3, WIDTH, HEIGHT)
                .orElseThrow()
                .applyTo(s.job())
                .nearAntenna();
    }

    /** From what the opening could have down to what it has: the stairs begin and end there. */
    @ParameterizedTest
    @MethodSource("designs")
    void theStairsLeadFromTheCeilingToTheGain(ApertureDesign d) {
        Showing s = showing(d, true, "");
        var look = s.assessment().opening(true).flatMap(Stage::value).orElseThrow();
        double down = look.ceiling().value()
                - look.losses().stream().mapToDouble(w -> w.value()).sum();
        assertThat(down).isCloseTo(look.figures().gain().value(), within(1e-9));
        List<String> said =
                SHAPE.centre(s, WIDTH, HEIGHT).texts().map(Mark.Text::text).toList();
        assertThat(said).contains("could have", "has");
        look.losses()
                .forEach(w -> assertThat(said).anyMatch(t -> w.formula().name().endsWith(t)));
    }

    /** Over the band: room for its words, and every place of the curve is walked, told and found where it is dragged. */
    @ParameterizedTest
    @MethodSource("designs")
    void theBandIsWalked(ApertureDesign d) {
        Job job = new JobChange.Fit(true, d).applyTo(CAMERA);
        for (int place : new int[] {0, 7, 40}) {
            Showing s = new Showing(
                    ASSESSOR.assess(job, Assessor.Depth.SWEEP, () -> true),
                    "near-antenna",
                    Map.of(),
                    Map.of("shape.below", "BAND", "shape.read.BAND", Integer.toString(place)),
                    new Stage.Running<>(),
                    Showing.Advice.NONE,
                    Optional.empty(),
                    false);
            assertThat(SHAPE.walk(s)).hasSize(41);
            assertThat(SHAPE.walkStart(s)).isEqualTo(place);
            for (double width : new double[] {560, WIDTH, 1100}) {
                Picture p = SHAPE.centre(s, width, HEIGHT);
                assertThat(Measured.collisions(p)).as(d.title() + " " + width).isEmpty();
                assertThat(Measured.outside(p)).as(d.title() + " " + width).isEmpty();
                var point = s.assessment().band().value().orElseThrow().points().get(place);
                assertThat(p.texts().map(Mark.Text::text)).contains(point.gain().shown());
                Mark.Zone zone = p.zones()
                        .filter(z -> z.id().equals("set:shape.walk=BAND"))
                        .findFirst()
                        .orElseThrow();
                double x = zone.x() + zone.width() * place / 40;
                assertThat(SHAPE.turned(s, zone.id(), x, zone.y() + 9, width, HEIGHT))
                        .contains("set:shape.read.BAND=" + place);
            }
        }
    }

    /** A locked measure has a square handle that does not follow, and its box says what to do. */
    @Test
    void aLockedMeasureStaysPut() {
        ApertureDesign d = new OpeningChange.Lock(0, true)
                .applyTo(Families.apertures("can").design(new Family.Wish(F, 1, 1.6e-3, Metal.ALUMINIUM, false)));
        Showing s = showing(d, true, "opening:0");
        assertThat(SHAPE.dragged(s, "opening:0", 0, 0, 30, 30, WIDTH, HEIGHT)).isEmpty();
        assertThat(SHAPE.dragged(s, "opening:1", 0, 0, 30, 30, WIDTH, HEIGHT)).isPresent();
        Input.Value box = SHAPE.inputs(s).stream()
                .filter(i -> i.id().equals("measure-0"))
                .map(Input.Value.class::cast)
                .findFirst()
                .orElseThrow();
        assertThat(box.edit().apply(Quantity.of("90", Unit.MM)))
                .isInstanceOfSatisfying(
                        Input.Outcome.Refused.class, r -> assertThat(r.why()).contains("set it free"));
        assertThat(SHAPE.centre(s, WIDTH, HEIGHT).texts().map(Mark.Text::text)).anyMatch(t -> t.endsWith(", locked"));
        Input.Choice lock = SHAPE.inputs(s).stream()
                .filter(i -> i.id().equals("lock"))
                .map(Input.Choice.class::cast)
                .findFirst()
                .orElseThrow();
        Job free = lock.options().get(0).change().orElseThrow().applyTo(s.job());
        assertThat(((ApertureDesign) free.nearAntenna()).locked()).isEmpty();
    }

    /** The line takes its gain at either end, and both at once. */
    @Test
    void theLineTakesItAtEitherEnd() {
        ApertureFamily dish = Families.apertures("dish");
        ApertureDesign d = dish.design(new Family.Wish(F, 1, 1.6e-3, Metal.ALUMINIUM, false));
        double gain = d.radiation(F).gain().value();
        for (boolean near : new boolean[] {true, false}) {
            Showing s = showing(d, near, "");
            var stop = s.assessment().line().stop(near ? "near-antenna" : "far-antenna");
            double back =
                    Mismatch.reflection(d.radiation(F).feed().impedance(), 50).norm();
            assertThat(stop.step().value()).isCloseTo(gain + 10 * Math.log10(1 - back * back), within(0.01));
            assertThat(s.assessment().beam(near).orElse(0.0)).isBetween(5.0, 20.0);
        }
    }

    /** At the other end the findings are of what stands there, and not of what is shaped. */
    @Test
    void theFindingsAreOfTheAntennaThatIsLookedAt() {
        ApertureDesign d = Families.apertures("can").design(new Family.Wish(F, 1, 1.6e-3, Metal.ALUMINIUM, false));
        Showing far = showing(d, false, "");
        assertThat(SHAPE.findings(far).get(0).rest()).contains("at this end");
        assertThat(SHAPE.findings(far)).anyMatch(f -> f.rest().contains("Wave in the tube"));
        Showing near = new Showing(
                far.assessment(),
                "near-antenna",
                Map.of(),
                Map.of(),
                new Stage.Running<>(),
                Showing.Advice.NONE,
                Optional.empty(),
                false);
        assertThat(SHAPE.findings(near)).isEqualTo(far.assessment().of(Step.SHAPE));
        Showing bought = new Showing(
                ASSESSOR.assess(TernholmSands.all().get(4), Assessor.Depth.QUICK, () -> true),
                "near-antenna",
                Map.of(),
                Map.of(),
                new Stage.Running<>(),
                Showing.Advice.NONE,
                Optional.empty(),
                false);
        assertThat(SHAPE.findings(bought).get(0).lead()).contains("‘1.5’");
        Showing narrow = showing(d.withSize(0, Quantity.of("65", Unit.MM)), false, "");
        assertThat(SHAPE.findings(narrow).get(0).tag()).isEqualTo("sends nothing");
    }

    /** What makes nothing is refused in words, not drawn with figures; a whole number is asked for where it counts. */
    @Test
    void whatSendsNothingSaysSo() {
        Family.Wish wish = new Family.Wish(F, 1, 1.6e-3, Metal.ALUMINIUM, false);
        ApertureDesign narrow = Families.apertures("can").design(wish).withSize(0, Quantity.of("65", Unit.MM));
        Showing s = showing(narrow, true, "");
        assertThat(s.assessment().of(Step.SHAPE).get(0).rest()).contains("begins at 72");
        assertThat(SHAPE.centre(s, WIDTH, HEIGHT).texts().map(Mark.Text::text))
                .anyMatch(t -> t.contains("see the findings"));
        ApertureDesign panel = Families.apertures("patches").design(wish);
        Input.Value rows = SHAPE.inputs(showing(panel, true, "")).stream()
                .filter(i -> i.id().equals("measure-4"))
                .map(Input.Value.class::cast)
                .findFirst()
                .orElseThrow();
        assertThat(rows.edit().apply(Quantity.of("2.5", Unit.ONE))).isInstanceOf(Input.Outcome.Refused.class);
        assertThat(rows.edit().apply(Quantity.of("3", Unit.ONE))).isNotInstanceOf(Input.Outcome.Refused.class);
    }
}
