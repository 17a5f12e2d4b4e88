package veldline.desktop.shape;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.DynamicTest;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestFactory;
import veldline.antenna.AssemblyStep;
import veldline.antenna.Bought;
import veldline.antenna.Design;
import veldline.antenna.Families;
import veldline.antenna.Family;
import veldline.antenna.Inspection;
import veldline.antenna.Inspection.Contact;
import veldline.antenna.InspectionText;
import veldline.antenna.Polarized;
import veldline.antenna.YagiChange;
import veldline.antenna.YagiShape;
import veldline.assess.Assessment;
import veldline.assess.Assessor;
import veldline.assess.Stage;
import veldline.assess.Step;
import veldline.demo.TernholmSands;
import veldline.desktop.bench.Benches;
import veldline.desktop.bench.Input;
import veldline.desktop.bench.Measured;
import veldline.desktop.bench.Showing;
import veldline.job.Job;
import veldline.job.JobChange;
import veldline.picture.Mark;
import veldline.picture.Picture;
import veldline.picture.Role;
import veldline.quantity.Quantity;
import veldline.quantity.Unit;
import veldline.stock.Metal;

/** Every view under the drawing, without a window: room for its words, and what is dragged is what is drawn there. */
class ViewsTest {
    private static final double WIDTH = 704;
    private static final double HEIGHT = 500;
    private static final double F = 2437e6;
    private static final Assessor ASSESSOR = new Assessor();
    private static final Job CAMERA = TernholmSands.nestCamera();
    private static final Job BOUGHT = CAMERA.withFarAntenna(new Bought(
            "Lodge panel",
            Quantity.of("12.0", Unit.DBI),
            Polarized.FLAT,
            Optional.of(Quantity.of("40", Unit.DEG)),
            Quantity.of("290", Unit.MM),
            TernholmSands.nestCamera().farRun().antenna(),
            Optional.of(new Inspection(
                    InspectionText.parts("panel 1, bracket 2, bolt M6 4, washer 8")
                            .orElseThrow(),
                    java.util.Collections.nCopies(4, Contact.JOINED),
                    Optional.of(Quantity.of("287", Unit.MM)),
                    InspectionText.sweep("2400 1.72, 2437 1.38, 2480 1.63").orElseThrow(),
                    List.of(AssemblyStep.values())))));
    private static final Job STORM = TernholmSands.all().get(6);

    private static final Map<String, Assessment> JOBS = Map.of(
            "Yagi", ASSESSOR.assess(CAMERA),
            "bent Yagi", ASSESSOR.assess(yagi(new YagiChange.FeedKind(YagiShape.Feed.BENT))),
            "helix", ASSESSOR.assess(design("helix")),
            "array", ASSESSOR.assess(design("dipole array")),
            "end-fire array", ASSESSOR.assess(array("2")),
            "hung wire", ASSESSOR.assess(hung("39.6")));

    private static Job yagi(YagiChange change) {
        return new JobChange.OfYagi(change).applyTo(CAMERA);
    }

    private static Job design(String family) {
        return new JobChange.Fit(
                        true, Families.wires(family).begun(new Family.Wish(F, 0.35, 1.6e-3, Metal.COPPER, false)))
                .applyTo(CAMERA);
    }

    private static Job array(String stands) {
        Job job = design("dipole array");
        return new JobChange.Fit(true, ((Design) job.nearAntenna()).withSize(1, Quantity.of(stands, Unit.ONE)))
                .applyTo(job);
    }

    private static Job hung(String metres) {
        return new JobChange.Fit(
                        true,
                        Families.wires("hung wire")
                                .begun(new Family.Wish(3.66e6, 40, 2e-3, Metal.COPPER, false))
                                .withSize(0, Quantity.of(metres, Unit.M)))
                .applyTo(STORM);
    }

    private static Showing showing(Assessment a, Map<String, String> noted) {
        return new Showing(
                a,
                "near-antenna",
                Map.of(),
                noted,
                new Stage.Running<>(),
                Showing.Advice.NONE,
                Optional.empty(),
                false);
    }

    private static Showing reading(Assessment a, Below below, int place) {
        Map<String, String> noted = new HashMap<>(Map.of(Below.NAME, below.name()));
        String[] pair = below.walked().at(place).substring("set:".length()).split("=");
        noted.put(pair[0], pair[1]);
        return showing(a, noted);
    }

    private static Picture centre(Showing s, double width, double height) {
        return Benches.of(Step.SHAPE).centre(s, width, height);
    }

    @TestFactory
    Stream<DynamicTest> everyViewOfEveryKindHasRoomWhereverItIsRead() {
        return JOBS.entrySet().stream()
                .flatMap(e -> Stream.of(Below.values())
                        .flatMap(below -> Stream.of(new double[][] {{704, 500}, {620, 480}, {1100, 700}})
                                .map(size -> DynamicTest.dynamicTest(
                                        e.getKey() + ", " + below + " at " + (int) size[0], () -> {
                                            int count = below.walked()
                                                    .count(showing(e.getValue(), Map.of(Below.NAME, below.name())));
                                            for (int place : new int[] {0, count / 3, Math.max(0, count - 1)}) {
                                                Picture p =
                                                        centre(reading(e.getValue(), below, place), size[0], size[1]);
                                                assertThat(Measured.collisions(p))
                                                        .isEmpty();
                                                assertThat(Measured.outside(p)).isEmpty();
                                            }
                                        }))));
    }

    /** Where a view shows what is read by a dot, dragging to that dot reads the same again. */
    @TestFactory
    Stream<DynamicTest> whatIsDraggedIsWhatIsDrawnThere() {
        return Stream.of(
                        Map.entry("Yagi", Below.OHMS),
                        Map.entry("Yagi", Below.GROUND),
                        Map.entry("helix", Below.GROUND),
                        Map.entry("array", Below.PHASE),
                        Map.entry("end-fire array", Below.PHASE))
                .map(e -> DynamicTest.dynamicTest(e.getKey() + ", " + e.getValue(), () -> {
                    Assessment a = JOBS.get(e.getKey());
                    Below below = e.getValue();
                    int count = below.walked().count(showing(a, Map.of(Below.NAME, below.name())));
                    assertThat(count).isGreaterThan(5);
                    for (int place = 0; place < count; place += Math.max(1, count / 12)) {
                        Showing s = reading(a, below, place);
                        Mark.Dot dot = lichen(centre(s, WIDTH, HEIGHT));
                        String zone = below.walked().pick();
                        assertThat(Benches.of(Step.SHAPE).turned(s, zone, dot.x(), dot.y(), WIDTH, HEIGHT))
                                .as("place " + place)
                                .hasValueSatisfying(said -> assertThat(place(said))
                                        .isCloseTo(placed(below, s), within(below == Below.OHMS ? 1 : 0)));
                    }
                }));
    }

    private static int placed(Below below, Showing s) {
        return below.walked().place(s).orElseThrow();
    }

    private static int place(String said) {
        return Integer.parseInt(said.substring(said.indexOf('=') + 1));
    }

    private static Mark.Dot lichen(Picture p) {
        return p.marks().stream()
                .filter(Mark.Dot.class::isInstance)
                .map(Mark.Dot.class::cast)
                .filter(d -> d.fill() == Role.LICHEN && d.radius() >= 6)
                .reduce((one, other) -> other)
                .orElseThrow();
    }

    /** The dial is the antenna from behind: dragged to ten o'clock the plane rises to the left, and either end of it is the same plane. */
    @Test
    void theDialTurnsThePlane() {
        Assessment a = JOBS.get("Yagi");
        Showing s = showing(a, Map.of(Below.NAME, Below.CUT.name()));
        double x = WIDTH - 96;
        double y = ShapeFigures.RULE + 26 + 44;
        for (int deg = 0; deg < 180; deg += 10) {
            double dx = 40 * Math.cos(Math.toRadians(deg));
            double dy = 40 * Math.sin(Math.toRadians(deg));
            for (int end : new int[] {-1, 1}) {
                assertThat(Benches.of(Step.SHAPE)
                                .turned(s, Reading.CUT.pick(), x + end * dx, y + end * dy, WIDTH, HEIGHT))
                        .as(deg + "°")
                        .contains(Reading.CUT.at(deg / 10));
            }
        }
    }

    @Test
    void theLinesOfTheSphereAreReadFromTopToBottom() {
        Assessment a = JOBS.get("helix");
        Showing s = showing(a, Map.of(Below.NAME, Below.SPHERE.name()));
        int before = -1;
        for (double y = ShapeFigures.RULE + 96; y < HEIGHT - 30; y += 6) {
            int here = place(Benches.of(Step.SHAPE)
                    .turned(s, Reading.SPHERE.pick(), 300, y, WIDTH, HEIGHT)
                    .orElseThrow());
            assertThat(here).isGreaterThanOrEqualTo(before);
            before = here;
        }
        assertThat(before).isGreaterThan(30);
    }

    @Test
    void lengthsAreReadAlongTheirScaleAndTakenAsTheyWereRead() {
        Assessment a = JOBS.get("hung wire");
        for (int place : new int[] {0, 20, 69, 71, 140}) {
            Showing s = reading(a, Below.WINDOWS, place);
            Mark.Stroke post = centre(s, WIDTH, HEIGHT).marks().stream()
                    .filter(Mark.Stroke.class::isInstance)
                    .map(Mark.Stroke.class::cast)
                    .filter(k -> k.role() == Role.LICHEN && k.width() == 2.5)
                    .findFirst()
                    .orElseThrow();
            double x = post.points().get(0).x();
            assertThat(Benches.of(Step.SHAPE).turned(s, Reading.LENGTH.pick(), x, 400, WIDTH, HEIGHT))
                    .contains(Reading.LENGTH.at(place));
            Design taken = WindowsView.taken(s).orElseThrow();
            assertThat(taken.size(0)).isCloseTo(39.6 / 2 * Math.pow(4, place / 140.0), within(6e-4));
        }
        assertThat(WindowsView.taken(reading(a, Below.WINDOWS, WindowsView.START)))
                .as("as it is")
                .isEmpty();
    }

    @Test
    void aStepOfPhaseIsTakenWhole() {
        Assessment a = JOBS.get("array");
        Design taken = PhaseView.taken(reading(a, Below.PHASE, 43)).orElseThrow();
        assertThat(taken.size(3)).isEqualTo(35);
        assertThat(PhaseView.taken(showing(a, Map.of(Below.NAME, Below.PHASE.name()))))
                .as("nothing was read")
                .isEmpty();
    }

    /** What only some antennas have is offered for those alone, and the one that is shown stays offered. */
    @Test
    void viewsAreOfferedWhereTheyShowSomething() {
        assertThat(words("Yagi", Below.FIGURES)).doesNotContain("what the phase does", "lengths clear of half waves");
        assertThat(words("array", Below.FIGURES)).contains("what the phase does");
        assertThat(words("hung wire", Below.FIGURES)).contains("lengths clear of half waves");
        assertThat(words("Yagi", Below.PHASE)).contains("what the phase does");
    }

    private static List<String> words(String job, Below below) {
        return ((Input.Pick) Below.input(showing(JOBS.get(job), Map.of(Below.NAME, below.name()))))
                .options().stream().map(Input.Option::word).toList();
    }

    /** Every element is walked, then every step, in the order they are done. */
    @Test
    void whatIsUnpackedIsWalkedAndTaken() {
        Bought panel = (Bought) BOUGHT.farAntenna();
        List<String> zones = InspectionPicture.zones(panel);
        assertThat(zones)
                .hasSize(4 + AssemblyStep.values().length)
                .startsWith(
                        "contact:0", "contact:1", "contact:2", "contact:3", "assembly:COUNTED", "assembly:POLARIZED");
        Job job = BOUGHT;
        for (Contact next : List.of(Contact.OPEN, Contact.UNTESTED, Contact.JOINED)) {
            job = InspectionPicture.taken((Bought) job.farAntenna(), false, "contact:2")
                    .orElseThrow()
                    .applyTo(job);
            assertThat(((Bought) job.farAntenna())
                            .inspection()
                            .orElseThrow()
                            .elements()
                            .get(2))
                    .isEqualTo(next);
        }
        assertThat(job).as("once around").isEqualTo(BOUGHT);
        assertThat(InspectionPicture.taken(panel, false, "contact:9")).isEmpty();
        assertThat(InspectionPicture.taken(panel, false, "claim")).isEmpty();
    }

    @TestFactory
    Stream<DynamicTest> whatIsWrongWithABoughtAntennaHasRoom() {
        Inspection bad = new Inspection(
                InspectionText.parts("panel 1, clamp for 25 to 50 mm mast 1/2, bolt M6 7/8, sealing tape 0/1")
                        .orElseThrow(),
                IntStream.range(0, 12).mapToObj(i -> Contact.values()[i % 3]).toList(),
                Optional.of(Quantity.of("91", Unit.MM)),
                InspectionText.sweep("2400 8.9, 2437 6.5, 2480 4.3").orElseThrow(),
                List.of(AssemblyStep.TORQUED));
        return Stream.of(bad, Inspection.NONE, bad.withCount(40), Inspection.NONE.withCount(1))
                .flatMap(in -> Stream.of(AssemblyStep.values())
                        .map(step -> DynamicTest.dynamicTest(in.elements().size() + " elements, " + step, () -> {
                            Assessment a = ASSESSOR.assess(CAMERA.withFarAntenna(
                                    ((Bought) BOUGHT.farAntenna()).withInspection(Optional.of(in))));
                            Showing s = new Showing(
                                    a,
                                    "far-antenna",
                                    Map.of(Step.SHAPE, "assembly:" + step.name()),
                                    new Stage.Running<>(),
                                    Optional.empty(),
                                    false);
                            for (double[] size : new double[][] {{704, 500}, {620, 480}}) {
                                Picture p = centre(s, size[0], size[1]);
                                assertThat(Measured.collisions(p)).isEmpty();
                                assertThat(Measured.outside(p)).isEmpty();
                            }
                        })));
    }
}
