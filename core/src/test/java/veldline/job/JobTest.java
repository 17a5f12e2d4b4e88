package veldline.job;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import org.junit.jupiter.api.Test;
import veldline.antenna.NotChosen;
import veldline.assess.Assessor;
import veldline.demo.TernholmSands;
import veldline.link.BriefChange;
import veldline.link.RadioSheet;
import veldline.link.Radios;
import veldline.quantity.Quantity;
import veldline.quantity.Unit;

/** A job of several stations, and one that has just begun. */
class JobTest {
    private static final Job JOB = TernholmSands.nestCamera();

    @Test
    void anEditOfTheBriefIsOfTheStationShownAlone() {
        Job two = new JobChange.AddStation("other").applyTo(JOB);
        assertThat(two.shown()).isEqualTo(1);
        Job edited = new JobChange.OfBrief(new BriefChange.Frequency(Quantity.of("2412", Unit.MHZ))).applyTo(two);
        assertThat(edited.stations().get(0)).isEqualTo(JOB.stations().get(0));
        assertThat(edited.brief().frequency().value()).isEqualTo(2412e6);
        assertThat(new JobChange.Show(0, "first").applyTo(edited).brief()).isEqualTo(JOB.brief());
    }

    @Test
    void anEndThatStationsShareIsOneEnd() {
        Job two = new JobChange.AddStation("other").applyTo(JOB);
        Job other = new JobChange.OfBrief(
                        new BriefChange.Place(false, Quantity.of("55", Unit.DEG), Quantity.of("4", Unit.DEG)))
                .applyTo(two);
        assertThat(other.stations().get(0).brief().far())
                .as("they had one far end")
                .isEqualTo(other.brief().far());
        Job apart = other.withBrief(other.brief()).withShown(1);
        Job named = new JobChange.OfBrief(new BriefChange.Height(true, Quantity.of("9", Unit.M))).applyTo(apart);
        assertThat(named.stations()).allMatch(s -> s.brief().near().height().value() == 9);
        Job renamed = named.withStations(java.util.List.of(
                named.stations()
                        .get(0)
                        .withBrief(named.stations()
                                .get(0)
                                .brief()
                                .withFar(named.brief().far().withName("elsewhere"))),
                named.stations().get(1)));
        Job moved = new JobChange.OfBrief(new BriefChange.Height(false, Quantity.of("3", Unit.M))).applyTo(renamed);
        assertThat(moved.brief().far().height().value()).isEqualTo(3);
        assertThat(moved.stations().get(0).brief().far().height())
                .as("another end stays as it was")
                .isEqualTo(renamed.stations().get(0).brief().far().height());
    }

    @Test
    void theLastStationStays() {
        assertThat(new JobChange.DropStation().applyTo(JOB)).isEqualTo(JOB);
        Job two = new JobChange.AddStation("other").applyTo(JOB);
        assertThat(new JobChange.DropStation().applyTo(two)).isEqualTo(JOB);
        assertThatThrownBy(() -> JOB.withShown(3)).hasMessageContaining("3 of 1");
    }

    @Test
    void theSocketIsTheRadiosInEveryStationAndTheChainBeginsThere() {
        RadioSheet phone = Radios.byId("short-wave");
        Job two = new JobChange.AddStation("other").applyTo(JOB);
        Job taken = new JobChange.TakeRadio(true, phone, phone.rates().get(0)).applyTo(two);
        assertThat(taken.stations())
                .allMatch(s -> s.brief().near().radio().sheet().isPresent());
        assertThat(taken.nearRun().radio()).isEqualTo(phone.port().connector());
    }

    @Test
    void aNewJobIsWholeButForItsAntennas() {
        Job blank = NewJob.blank("Ternholm Sands");
        assertThat(blank.nearAntenna()).isInstanceOf(NotChosen.class);
        var a = new Assessor().assess(blank);
        assertThat(a.whole()).isTrue();
        assertThat(a.line().unknownFrom()).contains(1);
        assertThat(a.line().brokenAt()).isEmpty();
        RadioSheet sheet = Radios.byId("telemetry-868");
        Job both = new JobChange.BothRadios(sheet, sheet.rates().get(0)).applyTo(blank);
        assertThat(new Assessor().assess(both).line().brokenAt())
                .as("what will hang on the sockets fits them")
                .isEmpty();
    }

    @Test
    void goingToAStateKeepsWhatCameLater() {
        History h = History.of(JOB)
                .after(new JobChange.Claim(false, Quantity.of("10", Unit.DBI)))
                .after(new JobChange.Claim(false, Quantity.of("9", Unit.DBI)));
        assertThat(h.to(0).job()).isEqualTo(JOB);
        assertThat(h.to(0).redo().redo()).isEqualTo(h);
        assertThat(h.to(99)).isEqualTo(h);
        assertThat(h.to(-5).at()).isZero();
    }
}
