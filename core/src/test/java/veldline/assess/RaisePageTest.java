package veldline.assess;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import veldline.demo.TernholmSands;
import veldline.explain.Finding;
import veldline.job.Job;
import veldline.job.JobChange;
import veldline.quantity.Quantity;
import veldline.quantity.Unit;
import veldline.raise.CableRoute;
import veldline.raise.Fixings;
import veldline.raise.RaiseChange;
import veldline.raise.WorkDay;

/** The way of the cable, metals that touch, and the day of the work, as they are judged. */
class RaisePageTest {
    private static final Job JOB = TernholmSands.nestCamera();
    private static final Assessor ASSESSOR = new Assessor();

    private static List<Finding> said(String page, RaiseChange change) {
        Job job = new JobChange.OfRaise(change).applyTo(JOB);
        return RaisePage.findings(ASSESSOR.assess(job, Assessor.Depth.QUICK, () -> true), page);
    }

    private static Finding first(String page, RaiseChange change) {
        return said(page, change).get(0);
    }

    private static CableRoute route() {
        return JOB.raise().route();
    }

    private static Quantity m(String metres) {
        return Quantity.of(metres, Unit.M);
    }

    @Test
    void aCableThatIsTooShortIsAStop() {
        Finding fits = first("route", new RaiseChange.Route(route(), "as it is"));
        assertThat(fits.level()).isEqualTo(Finding.Level.FITS);
        assertThat(fits.sentence()).isEqualTo("2.8 m is what the way takes; 3.5 m of cable are in the run.");
        Finding shorter = first("route", new RaiseChange.Route(route().withDown(m("2.2")), "down"));
        assertThat(shorter.level()).isEqualTo(Finding.Level.STOP);
        assertThat(shorter.reason()).startsWith("It is 0.3 m short");
        Finding tight = first("route", new RaiseChange.Route(route().withDown(m("1.7")), "down"));
        assertThat(tight.level()).isEqualTo(Finding.Level.WATCH);
    }

    @Test
    void aTightBendALoopThatDoesNotHangAndClipsFarApartAreTold() {
        List<Finding> all = said(
                "route",
                new RaiseChange.Route(
                        route().withBend(Quantity.of("40", Unit.MM))
                                .withLoop(m("0.05"))
                                .withClips(m("1")),
                        "worse"));
        assertThat(all).extracting(Finding::tag).contains("bent too tight", "no drip loop", "clips far apart");
    }

    @Test
    void metalsFarApartCorrodeByTheSeaAndNotIndoors() {
        Fixings sea = Fixings.USUAL;
        Finding wet = first("touch", new RaiseChange.Fixed(sea, "sea"));
        assertThat(wet.level()).isEqualTo(Finding.Level.WATCH);
        assertThat(wet.lead()).isEqualTo("0.55 V");
        assertThat(wet.reason()).startsWith("The galvanised steel goes");
        Finding dry = first(
                "touch", new RaiseChange.Fixed(sea.withAir(Fixings.Air.DRY).withBond(Fixings.Skin.GALVANISED), "dry"));
        assertThat(dry.level()).isEqualTo(Finding.Level.FITS);
        Fixings plastic = sea.withBoom(Fixings.Skin.PLASTIC)
                .withClamp(Fixings.Skin.PLASTIC)
                .withMast(Fixings.Skin.PLASTIC)
                .withBond(Fixings.Skin.PLASTIC);
        assertThat(first("touch", new RaiseChange.Fixed(plastic, "plastic")).lead())
                .isEqualTo("No two metals");
        assertThat(said("touch", new RaiseChange.Fixed(sea.withPlace(Fixings.Place.CHIMNEY), "chimney")))
                .anyMatch(f -> f.level() == Finding.Level.WATCH && f.tag().equals("chimney"));
    }

    private static WorkDay day(String begins, String people, String gusts) {
        return new WorkDay(
                Optional.of(Instant.parse(begins)), Quantity.of(people, Unit.ONE), Quantity.of(gusts, Unit.M_S));
    }

    @Test
    void aDayIsHeldAgainstLightWindAndPeople() {
        Finding fine = first("day", new RaiseChange.Day(day("2027-03-08T09:00:00Z", "2", "5")));
        assertThat(fine.level()).isEqualTo(Finding.Level.FITS);
        assertThat(fine.sentence()).contains("on 8 Mar 2027; light from 06:1");
        assertThat(fine.reason()).contains("Torque every bolt again").contains("5 Apr 2027");
        Finding dark = first("day", new RaiseChange.Day(day("2026-12-21T14:00:00Z", "2", "5")));
        assertThat(dark.level()).isEqualTo(Finding.Level.STOP);
        assertThat(dark.tag()).isEqualTo("in the dark");
        assertThat(said("day", new RaiseChange.Day(day("2027-03-08T09:00:00Z", "1", "12"))))
                .extracting(Finding::tag)
                .contains("too windy", "people short");
    }

    @Test
    void whatNobodyLookedAtIsNotSpokenOfElsewhere() {
        Job fresh = JOB.withRaise(JOB.raise()
                .withRoute(CableRoute.USUAL)
                .withFixings(Fixings.USUAL)
                .withDay(WorkDay.NONE));
        Assessment a = ASSESSOR.assess(fresh, Assessor.Depth.QUICK, () -> true);
        assertThat(a.of(Step.RAISE)).extracting(Finding::tag).doesNotContain("cable short", "metals corrode");
        assertThat(RaisePage.findings(a, "route").get(0).tag()).isEqualTo("cable short");
        assertThat(RaisePage.findings(a, "aim")).isEqualTo(a.of(Step.RAISE));
    }
}
