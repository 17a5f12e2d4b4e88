package veldline.assess;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;
import org.junit.jupiter.api.DynamicTest;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestFactory;
import veldline.antenna.Polarized;
import veldline.demo.TernholmSands;
import veldline.explain.Finding;
import veldline.explain.Finding.Level;
import veldline.feed.Drawer;
import veldline.job.Job;
import veldline.job.JobChange;
import veldline.link.NeedsChange;
import veldline.link.Offer;
import veldline.quantity.Quantity;
import veldline.quantity.Unit;

/** An advert that is sound is offered; each single thing wrong with it is told, and then it is not. */
class OfferRulesTest {
    private static final Assessor ASSESSOR = new Assessor();
    private static final Job JOB = new JobChange.OfNeeds(
                    new NeedsChange.Amount(NeedsChange.Kind.BUDGET, q("90", Unit.ONE)))
            .applyTo(new JobChange.OfNeeds(new NeedsChange.Amount(NeedsChange.Kind.WEIGHT, q("1", Unit.KG)))
                    .applyTo(TernholmSands.nestCamera()));

    private static final Offer SOUND = new Offer(
            "Short panel",
            q("15.3", Unit.DBI),
            q("0.6", Unit.M),
            q("2400", Unit.MHZ),
            q("2500", Unit.MHZ),
            Polarized.FLAT,
            Drawer.connector("N outside socket 50"),
            q("70", Unit.ONE),
            q("0.7", Unit.KG));

    private static Quantity q(String number, Unit unit) {
        return Quantity.of(number, unit);
    }

    private static List<Finding> check(Offer offer) {
        return ASSESSOR.assess(JOB.withOffer(Optional.of(offer))).of(Step.CHOOSE);
    }

    private record Wrong(String what, UnaryOperator<Offer> change, Level level, String tag) {}

    private static final List<Wrong> WRONGS = List.of(
            new Wrong(
                    "more than its size can give",
                    o -> o.withLength(q("0.12", Unit.M)),
                    Level.STOP,
                    "claim not possible"),
            new Wrong("hardly possible", o -> o.withLength(q("0.18", Unit.M)), Level.WATCH, "claim is high"),
            new Wrong(
                    "more than its surface can give",
                    o -> o.withLength(q("0.3", Unit.M)).withAcross(Optional.of(q("0.1", Unit.M))),
                    Level.STOP,
                    "claim not possible"),
            new Wrong(
                    "more than its length can give, seen along it",
                    o -> o.withLength(q("0.4", Unit.M)).withAcross(Optional.of(q("0.05", Unit.M))),
                    Level.STOP,
                    "claim not possible"),
            new Wrong(
                    "denied by its own beams",
                    o -> o.withLevel(Optional.of(q("60", Unit.DEG))).withUpright(Optional.of(q("30", Unit.DEG))),
                    Level.STOP,
                    "beams deny gain"),
            new Wrong(
                    "more than such beams usually have",
                    o -> o.withLevel(Optional.of(q("40", Unit.DEG))).withUpright(Optional.of(q("32", Unit.DEG))),
                    Level.WATCH,
                    "claim is high"),
            new Wrong(
                    "too short for the upright beam it needs",
                    o -> o.withLevel(Optional.of(q("120", Unit.DEG))),
                    Level.STOP,
                    "claim not possible"),
            new Wrong("not for this band", o -> o.withLow(q("2450", Unit.MHZ)), Level.STOP, "out of its band"),
            new Wrong("too little", o -> o.withGain(q("9", Unit.DBI)), Level.STOP, "gain short"),
            new Wrong(
                    "too much to be allowed",
                    o -> o.withGain(q("17", Unit.DBI)).withLength(q("2", Unit.M)),
                    Level.STOP,
                    "over the limit"),
            new Wrong(
                    "hardly enough if the claim is high",
                    o -> o.withGain(q("13", Unit.DBI)),
                    Level.WATCH,
                    "little to spare"),
            new Wrong(
                    "another thread",
                    o -> o.withConnector(Drawer.connector("SMA outside socket 50")),
                    Level.WATCH,
                    "sizes differ"),
            new Wrong("crossed", o -> o.withPolarization(Polarized.UPRIGHT), Level.STOP, "crossed"),
            new Wrong("half of it lost", o -> o.withPolarization(Polarized.LEFT_HAND), Level.WATCH, "half lost"),
            new Wrong("too dear", o -> o.withPrice(q("95", Unit.ONE)), Level.STOP, "too dear"),
            new Wrong("too heavy", o -> o.withWeight(q("1.4", Unit.KG)), Level.STOP, "too heavy"));

    @Test
    void aSoundAdvertIsOfferedAndTakesItsPlaceInTheJob() {
        List<Finding> found = check(SOUND);
        assertThat(found.get(0).level()).isEqualTo(Level.FITS);
        JobChange take = JobChange.lift(found.get(0).remedies().get(0).change(), true);
        Job bought = take.applyTo(JOB);
        assertThat(bought.nearAntenna().claimedGain().orElseThrow().value()).isEqualTo(15.3);
        assertThat(bought.nearRun().antenna()).isEqualTo(SOUND.connector());
        assertThat(found).as("claims stand in quotes").anyMatch(f -> f.lead().equals("‘15.3’ dBi"));
    }

    @TestFactory
    Stream<DynamicTest> eachThingWrongIsTold() {
        return WRONGS.stream()
                .map(w -> DynamicTest.dynamicTest(w.what, () -> {
                    assertThat(check(SOUND)).noneMatch(f -> f.tag().equals(w.tag));
                    List<Finding> found = check(w.change.apply(SOUND));
                    Finding told = found.stream()
                            .filter(f -> f.tag().equals(w.tag))
                            .findFirst()
                            .orElseThrow();
                    assertThat(told.level()).isEqualTo(w.level);
                    assertThat(found.get(0).level()).isEqualTo(w.level == Level.STOP ? Level.STOP : Level.FITS);
                    assertThat(found.get(0).remedies()).hasSize(w.level == Level.STOP ? 0 : 1);
                }));
    }

    @Test
    void withoutAnAdvertNothingIsSaidOfOne() {
        assertThat(ASSESSOR.assess(JOB).of(Step.CHOOSE)).isEmpty();
    }
}
