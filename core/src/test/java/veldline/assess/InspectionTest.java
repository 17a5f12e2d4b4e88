package veldline.assess;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import veldline.antenna.AssemblyStep;
import veldline.antenna.Bought;
import veldline.antenna.Inspection;
import veldline.antenna.Inspection.Contact;
import veldline.antenna.InspectionChange;
import veldline.antenna.InspectionText;
import veldline.demo.BoughtPanels;
import veldline.explain.Finding;
import veldline.format.JobFile;
import veldline.job.Job;
import veldline.job.JobChange;
import veldline.link.LevelLine;
import veldline.quantity.Quantity;
import veldline.quantity.Unit;

/** A bought antenna is counted, measured and swept, and none of it is taken on trust. */
class InspectionTest {
    private static final Job JOB = BoughtPanels.lodge();
    private static final Assessor ASSESSOR = new Assessor();

    private static List<Finding> found(Inspection in) {
        return InspectionRules.of(ASSESSOR.assess(with(in)), false);
    }

    private static Job with(Inspection in) {
        return JOB.withFarAntenna(((Bought) JOB.farAntenna()).withInspection(Optional.of(in)));
    }

    private static Inspection swept(String points) {
        return Inspection.NONE.withSweep(InspectionText.sweep(points).orElseThrow());
    }

    private static Inspection measured(String mm) {
        return Inspection.NONE.withMeasured(Optional.of(Quantity.of(mm, Unit.MM)));
    }

    @Test
    void whatIsMissingStopsIt() {
        Inspection in = Inspection.NONE.withParts(
                InspectionText.parts("panel 1, clamp 1/2; bolt 8").orElseThrow());
        assertThat(found(in)).singleElement().satisfies(f -> {
            assertThat(f.level()).isEqualTo(Finding.Level.STOP);
            assertThat(f.lead()).isEqualTo("1 of 2 clamp");
        });
        assertThat(found(in.withParts(InspectionText.parts("panel 1, clamp 2/2").orElseThrow())))
                .singleElement()
                .satisfies(f -> assertThat(f.level()).isEqualTo(Finding.Level.FITS));
    }

    @Test
    void anElementForShowIsFoundAndMarksTheLine() {
        Inspection in = Inspection.NONE.withElements(List.of(Contact.JOINED, Contact.OPEN, Contact.UNTESTED));
        assertThat(found(in)).singleElement().satisfies(f -> {
            assertThat(f.level()).isEqualTo(Finding.Level.STOP);
            assertThat(f.sentence()).startsWith("Element 2 of Lodge panel is not joined");
        });
        Assessment a = ASSESSOR.assess(with(in));
        LevelLine.Stop far = a.line().stops().stream()
                .filter(s -> s.id().equals("far-antenna"))
                .findFirst()
                .orElseThrow();
        assertThat(far.tag()).isEqualTo("not joined");
        assertThat(a.of(Step.RAISE))
                .as("before it goes up")
                .anyMatch(f -> f.lead().equals("Element 2"));
        assertThat(found(in.withElements(List.of(Contact.JOINED, Contact.UNTESTED))))
                .singleElement()
                .satisfies(f -> assertThat(f.level()).isEqualTo(Finding.Level.UNKNOWN));
    }

    @Test
    void aSmallerOneThanAdvertisedIsSaidAndItsOwnSizeSetsTheCeiling() {
        assertThat(found(measured("290"))).allMatch(f -> f.level() == Finding.Level.FITS);
        assertThat(found(measured("284"))).as("within 3 %").allMatch(f -> f.level() == Finding.Level.FITS);
        assertThat(found(measured("250"))).anyMatch(f -> f.tag().equals("other size"));
        assertThat(found(measured("250"))).noneMatch(f -> f.level() == Finding.Level.STOP);
        assertThat(found(measured("90"))).anyMatch(f -> f.tag().equals("claim cannot be"));
    }

    @Test
    void aSweepIsAGateAndTooGoodAOneIsAResistor() {
        assertThat(found(swept("2400 1.9, 2480 1.7"))).allMatch(f -> f.level() == Finding.Level.FITS);
        assertThat(found(swept("2400 3.9, 2480 2.7"))).anyMatch(f -> f.tag().equals("fails its sweep"));
        assertThat(found(swept("2450 1.3, 2480 1.7"))).anyMatch(f -> f.tag().equals("not swept"));
        assertThat(found(swept("1500 1.1, 2437 1.15, 3000 1.2")))
                .anyMatch(f -> f.tag().equals("too good"));
        assertThat(found(swept("2400 1.1, 2437 1.15, 2480 1.2")))
                .as("a narrow band may be good all over")
                .allMatch(f -> f.level() == Finding.Level.FITS);
    }

    @Test
    void betweenTwoPointsItIsAStraightLine() {
        Inspection in = swept("2480 1.7, 2400 1.9");
        assertThat(in.sweep().get(0).frequency().value())
                .as("by growing frequency")
                .isEqualTo(2400e6);
        assertThat(in.swrAt(2420e6).orElseThrow()).isCloseTo(1.85, org.assertj.core.api.Assertions.within(1e-9));
        assertThat(in.swrAt(2399e6)).isEmpty();
    }

    @Test
    void nothingIsTightenedForGoodBeforeItIsAimed() {
        Inspection all = Inspection.NONE.withDone(List.of(AssemblyStep.values()));
        assertThat(all.early()).isEmpty();
        assertThat(all.next()).isEmpty();
        assertThat(found(all)).isEmpty();
        Inspection early = all.withStep(AssemblyStep.AIMED, false);
        assertThat(early.next()).contains(AssemblyStep.AIMED);
        assertThat(found(early)).anyMatch(f -> f.tag().equals("not aimed"));
        assertThat(found(all.withStep(AssemblyStep.POLARIZED, false)))
                .anyMatch(f -> f.reason().contains("Set the polarization"));
        assertThat(AssemblyStep.POLARIZED.ordinal()).isLessThan(AssemblyStep.FED.ordinal());
        for (AssemblyStep s : List.of(AssemblyStep.HAND_TIGHT, AssemblyStep.AIMED, AssemblyStep.TORQUED)) {
            assertThat(s.caution().orElseThrow())
                    .contains("height")
                    .contains("local rules")
                    .contains("licensed");
        }
    }

    @Test
    void itIsKeptWithTheJobAndTextIsReadAsItIsWritten() throws Exception {
        Inspection in = new Inspection(
                InspectionText.parts("panel 1, clamp 1/2").orElseThrow(),
                List.of(Contact.JOINED, Contact.OPEN),
                Optional.of(Quantity.of("288", Unit.MM)),
                InspectionText.sweep("2400 1.9, 2480 MHz 1.7").orElseThrow(),
                List.of(AssemblyStep.COUNTED));
        JobFile.Parts parts = JobFile.write(with(in));
        assertThat(JobFile.read(parts.json(), parts.recordings()::get)).isEqualTo(with(in));
        assertThat(InspectionText.parts(InspectionText.of(in.parts()))).contains(in.parts());
        assertThat(InspectionText.sweep(InspectionText.ofSweep(in.sweep()))).contains(in.sweep());
    }

    @ParameterizedTest
    @ValueSource(strings = {"clamp", "clamp x", "clamp 1/", "2437", "1 2 3"})
    void whatIsNotUnderstoodIsNotGuessed(String text) {
        assertThat(InspectionText.sweep(text)).isEmpty();
        if (!text.startsWith("1")) {
            assertThat(InspectionText.parts(text)).isEmpty();
        }
        assertThat(InspectionText.sweep("2400 0.9")).as("an SWR is 1 or more").isEmpty();
    }

    @Test
    void anotherKindOfAntennaIsLeftAsItIs() {
        assertThat(new JobChange.Inspected(true, new InspectionChange.Fed(3)).applyTo(JOB))
                .isEqualTo(JOB);
    }

    /** Each edit works on what is known by then: two quick ones, made of one look, are both kept. */
    @Test
    void editsAddUp() {
        Job job = with(Inspection.NONE);
        List<InspectionChange> edits = List.of(
                new InspectionChange.Fed(3),
                new InspectionChange.Tested(1),
                new InspectionChange.Tested(1),
                new InspectionChange.Tested(7),
                new InspectionChange.Measured(Quantity.of("288", Unit.MM)),
                new InspectionChange.Counted(InspectionText.parts("panel 1").orElseThrow()),
                new InspectionChange.Sweep(
                        InspectionText.sweep("2400 1.9, 2480 1.7").orElseThrow()),
                new InspectionChange.Done(AssemblyStep.COUNTED, true),
                new InspectionChange.Done(AssemblyStep.POLARIZED, true),
                new InspectionChange.Done(AssemblyStep.COUNTED, false));
        for (InspectionChange e : edits) {
            job = new JobChange.Inspected(false, e).applyTo(job);
            assertThat(new JobChange.Inspected(false, e).label())
                    .isEqualTo(e.label())
                    .isNotBlank();
        }
        Inspection in = ((Bought) job.farAntenna()).inspection().orElseThrow();
        assertThat(in.elements()).containsExactly(Contact.UNTESTED, Contact.OPEN, Contact.UNTESTED);
        assertThat(in.measured()).contains(Quantity.of("288", Unit.MM));
        assertThat(in.parts()).hasSize(1);
        assertThat(in.sweep()).hasSize(2);
        assertThat(in.done()).containsExactly(AssemblyStep.POLARIZED);
    }
}
