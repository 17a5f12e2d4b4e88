package veldline.desktop;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.Test;
import veldline.antenna.AssemblyStep;
import veldline.antenna.Bought;
import veldline.antenna.Design;
import veldline.antenna.Families;
import veldline.antenna.Family;
import veldline.antenna.Inspection;
import veldline.antenna.Polarized;
import veldline.antenna.YagiSchool;
import veldline.assess.Step;
import veldline.demo.TernholmSands;
import veldline.desktop.bench.Benches;
import veldline.desktop.bench.Showing;
import veldline.job.BesideChange;
import veldline.job.JobChange;
import veldline.picture.Mark;
import veldline.picture.Role;
import veldline.quantity.Quantity;
import veldline.quantity.Unit;
import veldline.stock.Metal;

/** What stands under the drawing, in the real window: picked, walked and dragged, numbers following. */
class BelowTest extends WindowTest {
    private void below(String what) {
        interact(() -> {
            work.go(Step.SHAPE);
            work.pick("set:shape.below=" + what);
        });
        until(() -> work.showing()
                .filter(s -> s.assessment().closer().settled()
                        && s.job() == work.desk().job())
                .isPresent());
        leaveBoxes();
    }

    private Design fit(String key) {
        Design d = Families.wires(key).design(new Family.Wish(2437e6, 0.35, 1.6e-3, Metal.COPPER, false));
        interact(() -> work.apply(new JobChange.Fit(true, d)));
        return d;
    }

    @Test
    void theSphereIsWalkedLineByLine() {
        below("SPHERE");
        assertThat(texts()).contains("Everywhere around it", "0° over level", "a straight field");
        push(KeyCode.RIGHT);
        until(() -> texts().contains("−5° over level"));
        push(KeyCode.LEFT);
        push(KeyCode.LEFT);
        until(() -> texts().contains("5° over level"));
    }

    @Test
    void aBoughtAntennaIsUnpackedElementByElement() {
        settle();
        interact(() -> {
            work.apply(new JobChange.Fit(
                    false,
                    new Bought(
                            "Lodge panel",
                            Quantity.of("12.0", Unit.DBI),
                            Polarized.FLAT,
                            Optional.of(Quantity.of("40", Unit.DEG)),
                            Quantity.of("290", Unit.MM),
                            work.desk().job().farRun().antenna(),
                            Optional.of(Inspection.NONE.withDone(List.of(AssemblyStep.values()))))));
            work.goStop("far-antenna");
            work.go(Step.SHAPE);
        });
        leaveBoxes();
        enter("fed", "5");
        until(() -> bought().elements().size() == 5);
        settle();
        leaveBoxes();
        interact(() -> work.pick("contact:4"));
        push(KeyCode.ENTER);
        until(() -> bought().elements().get(4) == Inspection.Contact.JOINED);
        push(KeyCode.ENTER);
        until(() -> texts().contains("Element 5"));
        assertThat(texts()).anyMatch(t -> t.contains("not joined to the feed"));
        write("parts", "panel 1, bolt 7/8");
        until(() -> texts().contains("7 of 8 bolt"));
        write("parts", "eight bolts");
        assertThat(bought().parts()).as("not understood, so as it was").hasSize(2);
        write("swept", "2400 1.9, 2480 1.7");
        until(() -> bought().swrAt(2437e6).isPresent());
        leaveBoxes();
        interact(() -> work.pick("assembly:AIMED"));
        push(KeyCode.ENTER);
        until(() -> bought().early().contains(AssemblyStep.TORQUED));
        push(KeyCode.CONTROL, KeyCode.Z);
        until(() -> bought().early().isEmpty());
    }

    private void write(String id, String text) {
        TextField field = lookup("#text-" + id).queryAs(TextField.class);
        interact(() -> {
            field.requestFocus();
            field.setText(text);
        });
        push(KeyCode.ENTER);
    }

    private Inspection bought() {
        return ((Bought) work.desk().job().farAntenna()).inspection().orElse(Inspection.NONE);
    }

    @Test
    void thePlaneOfACutIsTurned() {
        below("CUT");
        assertThat(texts()).contains("The level cut", "half-power beamwidth", "front to rear");
        push(KeyCode.RIGHT);
        until(() -> texts().contains("The cut 10° from level"));
        push(KeyCode.LEFT);
        push(KeyCode.LEFT);
        until(() -> texts().contains("The level cut"));
    }

    @Test
    void aStepOfPhaseIsWalkedAndTaken() {
        Design d = fit("dipole array");
        below("PHASE");
        assertThat(texts()).contains("What the phase does", "Each leads by 0°", "As it is set.");
        String feeds = texts().toString();
        push(KeyCode.RIGHT);
        push(KeyCode.RIGHT);
        until(() -> texts().contains("Each leads by 10°"));
        assertThat(texts().toString()).isNotEqualTo(feeds);
        assertThat(work.desk().job().nearAntenna()).as("walked only").isEqualTo(d);
        push(KeyCode.ENTER);
        until(() -> ((Design) work.desk().job().nearAntenna()).size(3) == 10);
        push(KeyCode.CONTROL, KeyCode.Z);
        until(() -> work.desk().job().nearAntenna().equals(d));
    }

    @Test
    void aLockedElementIsNotTypedOrDraggedUntilItIsFree() {
        below("FIGURES");
        interact(() -> work.pick("element:4"));
        clickOn("locked");
        until(() -> work.desk().job().yagi().orElseThrow().locked().contains(4));
        enter("length", "49 mm");
        assertThat(complaint("length")).contains("locked at 51.1 mm");
        Showing s = work.showing().orElseThrow();
        assertThat(Benches.of(Step.SHAPE).dragged(s, "element:4", 300, 200, 300, 150, 704, 500))
                .isEmpty();
        leaveBoxes();
        clickOn("free");
        until(() -> work.desk().job().yagi().orElseThrow().locked().isEmpty());
        settle();
        enter("length", "49 mm");
        until(() -> Math.abs(work.desk()
                                .job()
                                .yagi()
                                .orElseThrow()
                                .elements()
                                .get(4)
                                .length()
                                .value()
                        - 0.049)
                < 1e-9);
    }

    @Test
    void theOtherTwoViewsStandBesideTheLargeOneAndChangePlacesWithIt() {
        fit("helix");
        below("FIGURES");
        assertThat(views()).containsExactlyInAnyOrder("set:wires.view=SIDE", "set:wires.view=BEHIND");
        interact(() -> work.pick("set:wires.view=SIDE"));
        until(() -> views().contains("set:wires.view=ABOVE"));
        assertThat(views()).doesNotContain("set:wires.view=SIDE");
    }

    private List<String> views() {
        return picture().picture().marks().stream()
                .filter(Mark.Zone.class::isInstance)
                .map(m -> ((Mark.Zone) m).id())
                .filter(id -> id.startsWith("set:wires.view="))
                .toList();
    }

    @Test
    void piecesAreWalkedAtTrueSizeOnceTheBarIsDrawnToTheRule() {
        below("TRUE");
        assertThat(texts()).contains("Pieces at true size").anyMatch(t -> t.startsWith("60.5 mm = "));
        push(KeyCode.RIGHT);
        until(() -> texts().stream().anyMatch(t -> t.startsWith("58.7 mm = ")));
        double before = widest();
        interact(() -> work.pick("set:shape.true=7.5"));
        until(() -> widest() > before * 1.8);
        assertThat(widest()).as("pixels for its millimetres").isCloseTo(58.7 * 7.5, within(1.0));
        Showing s = work.showing().orElseThrow();
        assertThat(Benches.of(Step.SHAPE).turned(s, "true:rule", 28 + 50 * 4.2, 0, 704, 500))
                .contains("set:shape.true=4.2");
    }

    /** Of the washed boxes under the drawing, the piece. */
    private double widest() {
        return picture().picture().marks().stream()
                .filter(Mark.Area.class::isInstance)
                .map(Mark.Area.class::cast)
                .filter(a -> a.role() == Role.SAND && a.points().get(0).y() > 300)
                .mapToDouble(a -> a.points().stream()
                                .mapToDouble(Mark.At::x)
                                .max()
                                .orElse(0)
                        - a.points().stream().mapToDouble(Mark.At::x).min().orElse(0))
                .max()
                .orElse(0);
    }

    @Test
    void theLengthOfAHungWireIsDrawnOutToAClearWindow() {
        interact(() -> work.desk().lay(TernholmSands.all().get(6), Optional.empty(), Optional.empty()));
        settle();
        interact(() -> {
            work.goStop("near-antenna");
            Design wire = Families.wires("hung wire")
                    .design(new Family.Wish(3.66e6, 40, 2e-3, Metal.COPPER, false))
                    .withSize(0, Quantity.of("39.6", Unit.M));
            work.apply(new JobChange.Fit(true, wire));
        });
        below("WINDOWS");
        assertThat(texts()).contains("Lengths clear of half waves", "39.60 m", "near a half wave:", "14.200 MHz");
        for (int i = 0; i < 8; i++) {
            push(KeyCode.LEFT);
        }
        until(() -> texts().contains("clear of them all"));
        push(KeyCode.ENTER);
        until(() -> ((Design) work.desk().job().nearAntenna()).size(0) < 37);
        assertThat(work.desk().job().nearAntenna().polarized()).isPresent();
    }

    @Test
    void theFeedIsWalkedOverTheBand() {
        below("OHMS");
        assertThat(texts()).contains("Resistance and reactance", "At 2437.0 MHz", "return loss");
        String before = texts().toString();
        push(KeyCode.RIGHT);
        until(() -> !texts().toString().equals(before));
        assertThat(texts()).noneMatch("At 2437.0 MHz"::equals);
    }

    @Test
    void theHeightIsWalkedAndThePatternFollows() {
        below("GROUND");
        assertThat(texts()).contains("8.00 m up", "over sea water");
        push(KeyCode.RIGHT);
        until(() -> texts().stream().noneMatch("8.00 m up"::equals));
        assertThat(texts()).anyMatch(t -> t.endsWith("m up"));
    }

    @Test
    void whatMoreBuysIsWalkedAndSaysWhatIsEnough() {
        below("MORE");
        assertThat(texts()).contains("What more elements buy", "11 elements", "over one fewer");
        assertThat(texts()).anyMatch(t -> t.startsWith("Enough for this job: "));
        push(KeyCode.RIGHT);
        until(() -> texts().contains("12 elements"));
        fit("dipole");
        below("MORE");
        until(() -> texts().stream().anyMatch(t -> t.startsWith("It is not made of like parts")));
    }

    @Test
    void shiftsStandOneByOne() {
        below("WORK");
        assertThat(texts()).contains("Rain film, 0.1 mm", "Ice, 2 mm", "?");
        assertThat(texts()).anyMatch(t -> t.startsWith("boom 363 mm"));
        push(KeyCode.RIGHT);
        until(() -> texts().stream().anyMatch(t -> t.startsWith("Tubes are solved")));
    }

    @Test
    void aTurningWaveShowsItsHandsAndItsChoiceIsABar() {
        fit("helix");
        below("SPHERE");
        assertThat(texts()).anyMatch(t -> t.startsWith("axial ratio "));
        clickOn("left-handed");
        until(() -> ((Design) work.desk().job().nearAntenna()).count(3) == 1);
        below("SPHERE");
        assertThat(work.showing().orElseThrow().assessment().of(Step.SHAPE))
                .anyMatch(f -> f.rest().contains("Helix gain, measured fit"))
                .anyMatch(f -> f.lead().startsWith("Helix, "));
    }

    @Test
    void conductorIsTypedByGaugeAndCovered() {
        fit("dipole");
        below("FIGURES");
        TextField box = lookup("#box-conductor").queryAs(TextField.class);
        assertThat(box).isNotNull();
        enter("conductor", "14 AWG");
        until(() ->
                Math.abs(((Design) work.desk().job().nearAntenna()).diameter().value() - 1.628e-3) < 1e-6);
        interact(() -> Benches.of(Step.SHAPE).inputs(work.showing().orElseThrow()).stream()
                .filter(i -> i.id().equals("covering"))
                .map(veldline.desktop.bench.Input.Pick.class::cast)
                .flatMap(p -> p.options().stream())
                .filter(o -> o.word().equals("PVC"))
                .flatMap(o -> o.change().stream())
                .forEach(work::apply));
        until(() -> lookup("#box-covering-thickness").tryQuery().isPresent());
    }

    @Test
    void lengthsAreTakenFromThePublishedTable() {
        settle();
        interact(() -> work.go(Step.SHAPE));
        double f = 2437e6;
        interact(() -> work.apply(new JobChange.OfYagi(new veldline.antenna.YagiChange.School(f, YagiSchool.TABLE))));
        assertThat(YagiSchool.TABLE.gave(work.desk().job().yagi().orElseThrow(), f))
                .isTrue();
        push(KeyCode.CONTROL, KeyCode.Z);
        until(() -> !YagiSchool.TABLE.gave(work.desk().job().yagi().orElseThrow(), f));
    }

    @Test
    void whatWasMeasuredAsBuiltIsSolvedAgainAndSaysWhatToMend() {
        below("BESIDE");
        assertThat(texts()).contains("worth mending first");
        interact(() -> work.apply(new JobChange.OfBeside(new BesideChange.Clear())));
        until(() -> texts().stream().anyMatch(t -> t.startsWith("Nothing stands beside it yet")));
        interact(() -> work.apply(new JobChange.OfBeside(
                new BesideChange.Keep(true, work.desk().job().yagi().orElseThrow()))));
        until(() -> texts().contains("No measure differs."));
        enter("built-length", "60.2 mm");
        until(() -> texts().contains("worth mending first"));
        assertThat(texts()).contains("driven, length", "here 58.7 mm", "as built 60.2 mm");
        assertThat(work.desk()
                        .job()
                        .yagi()
                        .orElseThrow()
                        .elements()
                        .get(1)
                        .length()
                        .number())
                .as("the design stays")
                .isEqualTo("58.7");
        push(KeyCode.ESCAPE);
        leaveBoxes();
        push(KeyCode.CONTROL, KeyCode.Z);
        until(() -> texts().contains("No measure differs."));
    }
}
