package veldline.format;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;
import veldline.demo.TernholmSands;
import veldline.job.History;
import veldline.job.Job;
import veldline.job.JobChange;
import veldline.prove.Heard;
import veldline.prove.ProveChange;
import veldline.prove.Rework;
import veldline.prove.SideBySide;
import veldline.prove.SideReading;
import veldline.prove.TurnReading;
import veldline.prove.Turned;
import veldline.quantity.Quantity;
import veldline.quantity.Unit;
import veldline.raise.CableRoute;
import veldline.raise.Fixings;
import veldline.raise.Neighbour;
import veldline.raise.RaiseChange;
import veldline.raise.WorkDay;

/** A job with everything that can be measured and planned at the place: kept letter for letter, and taken back edit by edit. */
class WholeJobTest {
    private static final List<JobChange> EDITS = List.of(
            prove(new ProveChange.TurnedBy(
                    Turned.BEARING,
                    TurnReading.read("0 -80, 70.5 -61", Unit.DEG).orElseThrow())),
            prove(new ProveChange.TurnedBy(
                    Turned.HEIGHT, TurnReading.read("4 -66, 4.5 -62.5", Unit.M).orElseThrow())),
            prove(new ProveChange.TurnedBy(
                    Turned.POLARIZATION,
                    TurnReading.read("0 -66, 90 -80", Unit.DEG).orElseThrow())),
            prove(new ProveChange.Surveyed(
                    Heard.read("lodge* 74 -70 -61, ferry - -80 -").orElseThrow())),
            prove(new ProveChange.Beside(new SideBySide(
                    Quantity.of("0", Unit.DBD),
                    Quantity.of("0.5", Unit.DB),
                    SideReading.read("k -61, u -55.5, k2 -62").orElseThrow()))),
            prove(new ProveChange.Columns("level=P_rx, time=clock")),
            raise(new RaiseChange.Route(
                    CableRoute.USUAL.withDown(Quantity.of("14 5/8", Unit.FT)).withBend(Quantity.of("2", Unit.IN)),
                    "route")),
            raise(new RaiseChange.Fixed(
                    Fixings.USUAL.withAir(Fixings.Air.OPEN).withPlace(Fixings.Place.CHIMNEY), "chimney")),
            raise(new RaiseChange.Day(new WorkDay(
                    Optional.of(Instant.parse("2027-03-08T09:15:00Z")),
                    Quantity.of("3", Unit.ONE),
                    Quantity.of("12", Unit.KNOT)))),
            raise(new RaiseChange.Near(Optional.of(Neighbour.mast(2).withKind(Neighbour.Kind.SAME)), "another near")),
            new JobChange.Reworked(
                    List.of(new Rework(
                            Instant.parse("2026-11-02T10:00:00Z"),
                            "mast cable moved",
                            Optional.of(Quantity.of("-70.5", Unit.DBM)),
                            Optional.empty(),
                            false)),
                    "changed: mast cable moved"));

    private static JobChange prove(ProveChange change) {
        return new JobChange.OfProve(change);
    }

    private static JobChange raise(RaiseChange change) {
        return new JobChange.OfRaise(change);
    }

    private static Job whole() {
        Job job = TernholmSands.nestCamera();
        for (JobChange edit : EDITS) {
            job = edit.applyTo(job);
        }
        return job;
    }

    @Test
    void everythingIsKeptLetterForLetter() throws FormatException {
        JobFile.Parts parts = JobFile.write(whole());
        assertThat(JobFile.read(parts.json(), parts.recordings()::get)).isEqualTo(whole());
        assertThat(parts.json()).contains("\"14 5/8\"", "\"KNOT\"", "\"DBD\"", "\"SAME\"", "level=P_rx, time=clock");
    }

    @Test
    void everyEditHasANameAndIsTakenBack() {
        History history = History.of(TernholmSands.nestCamera());
        for (JobChange edit : EDITS) {
            assertThat(edit.label()).isNotBlank();
            history = history.after(edit);
            assertThat(history.undoLabel()).contains(edit.label());
        }
        assertThat(history.job()).isEqualTo(whole());
        for (int i = 0; i < EDITS.size(); i++) {
            history = history.undo();
        }
        assertThat(history.job()).isEqualTo(TernholmSands.nestCamera());
    }

    /** Whatever subset was made, nothing of the others is touched. */
    @Property(tries = 60)
    void anyOfThemAloneIsKept(@ForAll @IntRange(min = 0, max = 2047) int which) throws FormatException {
        Job job = TernholmSands.all().get(6);
        List<JobChange> made = new ArrayList<>();
        for (int i = 0; i < EDITS.size(); i++) {
            if ((which >> i & 1) == 1) {
                made.add(EDITS.get(i));
                job = EDITS.get(i).applyTo(job);
            }
        }
        JobFile.Parts parts = JobFile.write(job);
        assertThat(JobFile.read(parts.json(), parts.recordings()::get))
                .as("with " + made.size())
                .isEqualTo(job);
    }

    /** What is typed for readings is either understood or refused, never anything else; and what is told of it is understood again. */
    @Property(tries = 400)
    void noTypedReadingsMakeItFail(@ForAll String text) {
        TurnReading.read(text, Unit.DEG)
                .ifPresent(r -> assertThat(TurnReading.read(TurnReading.of(r), Unit.DEG))
                        .contains(r));
        SideReading.read(text)
                .ifPresent(r -> assertThat(SideReading.read(SideReading.of(r))).contains(r));
        Heard.read(text).ifPresent(h -> assertThat(Heard.read(Heard.of(h))).contains(h));
        ReadingsCsv.Mapping.read(text).ifPresent(m -> assertThat(m.named()).isNotNull());
    }
}
