package veldline.assess;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.function.ToDoubleFunction;
import java.util.stream.Stream;
import org.junit.jupiter.api.DynamicTest;
import org.junit.jupiter.api.TestFactory;
import veldline.antenna.Bought;
import veldline.antenna.Polarized;
import veldline.antenna.YagiChange;
import veldline.antenna.YagiShape;
import veldline.demo.BoughtPanels;
import veldline.explain.Worked;
import veldline.feed.FeedChange;
import veldline.job.Job;
import veldline.job.JobChange;
import veldline.link.BriefChange;
import veldline.link.Carrier;
import veldline.link.NeedsChange;
import veldline.path.Surface;
import veldline.quantity.Quantity;
import veldline.quantity.Unit;
import veldline.raise.RaiseChange;
import veldline.stock.Tool;

/**
 * One input is changed; the numbers that hang on it move the way they must, and every other stays as it was, to the
 * last digit.
 */
class MetamorphicTest {
    private static final Job JOB = BoughtPanels.lodge();
    private static final Assessor ASSESSOR = new Assessor();

    /** The numbers of a job that are looked at. */
    private static final Map<String, ToDoubleFunction<Assessment>> NUMBERS = new TreeMap<>(Map.ofEntries(
            Map.entry("margin", a -> a.line().margin().value()),
            Map.entry("eirp", a -> a.eirp().orElseThrow().value()),
            Map.entry("most eirp", a -> a.mostEirp().map(Worked::value).orElse(99.0)),
            Map.entry("needed", a -> a.needed().value()),
            Map.entry("allowed", a -> a.allowed().map(Worked::value).orElse(99.0)),
            Map.entry("free space", a -> a.path().freeSpace().value()),
            Map.entry("near chain", a -> a.nearFeed().total().value()),
            Map.entry("far chain", a -> a.farFeed().total().value()),
            Map.entry("gain", a -> a.antenna().value().orElseThrow().gain().value()),
            Map.entry("swr", a -> a.antenna().value().orElseThrow().swr().value()),
            Map.entry("exposure", a -> a.raise().exposure().orElseThrow().value()),
            Map.entry("bearing", a -> a.raise().nearBearing().value()),
            Map.entry("tilt", a -> a.raise().nearTilt().value()),
            Map.entry("distance on the map", a -> a.raise().distance().value()),
            Map.entry("clear of lines", a -> a.raise().clearOfLines().value()),
            Map.entry("wish", a -> a.line().wish()),
            Map.entry("floor", a -> a.line().floor())));

    /**
     * @param up numbers that must rise
     * @param down numbers that must fall
     * @param either numbers that may move either way
     */
    private record Case(String what, JobChange change, Set<String> up, Set<String> down, Set<String> either) {}

    private static Case of(String what, JobChange change, List<String> up, List<String> down, String... either) {
        return new Case(what, change, Set.copyOf(up), Set.copyOf(down), Set.of(either));
    }

    private static Quantity q(String number, Unit unit) {
        return Quantity.of(number, unit);
    }

    private static JobChange brief(BriefChange c) {
        return new JobChange.OfBrief(c);
    }

    private static JobChange near(FeedChange c) {
        return new JobChange.OfRun(true, c);
    }

    private static JobChange far(FeedChange c) {
        return new JobChange.OfRun(false, c);
    }

    private static JobChange yagi(YagiChange c) {
        return new JobChange.OfYagi(c);
    }

    private static Stream<Case> cases() {
        List<String> none = List.of();
        Bought panel = (Bought) JOB.farAntenna();
        return Stream.of(
                of(
                        "a wall in the way",
                        brief(new BriefChange.InTheWay(
                                List.of(new veldline.path.Obstruction.Told("wall", q("9", Unit.DB))))),
                        List.of("needed"),
                        List.of("margin")),
                of(
                        "a far antenna that turns",
                        new JobChange.Fit(false, panel.withPolarization(Polarized.LEFT_HAND)),
                        List.of("needed"),
                        List.of("margin")),
                of("a far end that is carried", brief(new BriefChange.CarriedBy(false, Carrier.CARRIED)), none, none),
                of("fewer tools", new JobChange.OfNeeds(new NeedsChange.Have(Tool.DRILL, false)), none, none),
                of(
                        "a body beside an end that stays put",
                        new JobChange.OfBrief(new BriefChange.BodyLoss(false, q("6", Unit.DB))),
                        none,
                        none),
                of(
                        "more power",
                        brief(new BriefChange.Power(q("18", Unit.DBM))),
                        List.of("margin", "eirp", "exposure"),
                        List.of("needed", "allowed")),
                of(
                        "less power",
                        brief(new BriefChange.Power(q("10", Unit.DBM))),
                        List.of("needed", "allowed"),
                        List.of("margin", "eirp", "exposure")),
                of(
                        "a deafer radio",
                        brief(new BriefChange.Sensitivity(q("-75", Unit.DBM))),
                        List.of("floor", "wish", "needed"),
                        List.of("margin")),
                of(
                        "a keener radio",
                        brief(new BriefChange.Sensitivity(q("-90", Unit.DBM))),
                        List.of("margin"),
                        List.of("floor", "wish", "needed")),
                of(
                        "more margin wanted",
                        brief(new BriefChange.MarginWanted(q("15", Unit.DB))),
                        List.of("wish", "needed"),
                        none),
                of(
                        "less margin wanted",
                        brief(new BriefChange.MarginWanted(q("6", Unit.DB))),
                        none,
                        List.of("wish", "needed")),
                of(
                        "farther",
                        brief(new BriefChange.Distance(q("5.2", Unit.KM))),
                        List.of("free space"),
                        none,
                        "margin",
                        "needed",
                        "tilt"),
                of(
                        "a longer near cable",
                        near(new FeedChange.CableLength(1, q("8", Unit.M))),
                        List.of("near chain", "needed", "allowed"),
                        List.of("margin", "eirp", "exposure")),
                of(
                        "a shorter near cable",
                        near(new FeedChange.CableLength(1, q("1", Unit.M))),
                        List.of("margin", "eirp", "exposure"),
                        List.of("near chain", "needed", "allowed")),
                of(
                        "a longer far cable",
                        far(new FeedChange.CableLength(0, q("12", Unit.M))),
                        List.of("far chain", "needed"),
                        List.of("margin")),
                of(
                        "a shorter far cable",
                        far(new FeedChange.CableLength(0, q("2", Unit.M))),
                        List.of("margin"),
                        List.of("far chain", "needed")),
                of(
                        "a lossier adapter",
                        near(new FeedChange.PartLoss(0, q("1", Unit.DB))),
                        List.of("near chain", "needed", "allowed"),
                        List.of("margin", "eirp", "exposure")),
                of(
                        "a better far antenna",
                        new JobChange.Claim(false, q("15", Unit.DBI)),
                        List.of("margin"),
                        List.of("needed")),
                of(
                        "a worse far antenna",
                        new JobChange.Claim(false, q("6", Unit.DBI)),
                        List.of("needed"),
                        List.of("margin")),
                of(
                        "more elements",
                        yagi(new YagiChange.Count(2.437e9, 15)),
                        List.of("gain", "margin", "eirp", "exposure", "clear of lines"),
                        none,
                        "swr"),
                of(
                        "fewer elements",
                        yagi(new YagiChange.Count(2.437e9, 5)),
                        none,
                        List.of("gain", "margin", "eirp", "exposure", "clear of lines"),
                        "swr"),
                of(
                        "a folded driven element",
                        yagi(new YagiChange.FeedKind(YagiShape.Feed.FOLDED)),
                        List.of("swr"),
                        none,
                        "gain",
                        "margin",
                        "eirp",
                        "exposure"),
                of(
                        "a driven element far too long",
                        yagi(new YagiChange.ElementLength(1, q("75", Unit.MM))),
                        List.of("swr"),
                        none,
                        "gain",
                        "margin",
                        "eirp",
                        "exposure"),
                of(
                        "a taller mast",
                        new JobChange.OfRaise(new RaiseChange.Mast(q("9", Unit.M))),
                        List.of("clear of lines"),
                        none),
                of(
                        "a shorter mast",
                        new JobChange.OfRaise(new RaiseChange.Mast(q("2", Unit.M))),
                        none,
                        List.of("clear of lines")),
                of(
                        "a power line nearer",
                        new JobChange.OfRaise(new RaiseChange.LineDistance(q("5", Unit.M))),
                        none,
                        none),
                of("people nearer", new JobChange.OfRaise(new RaiseChange.PeopleDistance(q("1", Unit.M))), none, none),
                of("a tick", new JobChange.OfRaise(new RaiseChange.Tick("lines", false)), none, none),
                of(
                        "another match",
                        new JobChange.Match(Optional.of(veldline.line.MatchWay.QUARTER_WAVE)),
                        none,
                        none,
                        "margin",
                        "eirp",
                        "exposure"),
                of("a line in the log", new JobChange.Note(java.time.Instant.EPOCH, "a word"), none, none),
                of("less room", brief(new BriefChange.SizeAllowed(q("200", Unit.MM))), none, none),
                of("another boom", yagi(new YagiChange.Boom(veldline.antenna.BoomKind.THROUGH_BONDED)), none, none),
                of(
                        "the hide raised",
                        brief(new BriefChange.Height(true, q("10", Unit.M))),
                        none,
                        List.of("tilt"),
                        "margin",
                        "needed"),
                of(
                        "the lodge raised",
                        brief(new BriefChange.Height(false, q("16", Unit.M))),
                        List.of("tilt"),
                        none,
                        "margin",
                        "needed"),
                of(
                        "the hide moved north",
                        brief(new BriefChange.Place(
                                true, q("55.21", Unit.DEG), JOB.brief().near().longitude())),
                        List.of("bearing"),
                        none,
                        "distance on the map",
                        "tilt"),
                of(
                        "fresh water for salt",
                        brief(new BriefChange.Ground(Surface.FRESH_WATER)),
                        none,
                        none,
                        "margin",
                        "needed"),
                of("no rule on power", brief(new BriefChange.Profile("none")), List.of("most eirp", "allowed"), none));
    }

    @TestFactory
    Stream<DynamicTest> numbersMoveTheWayTheyMustAndOthersStay() {
        Assessment before = ASSESSOR.assess(JOB);
        return cases().flatMap(c -> {
            Assessment after = ASSESSOR.assess(c.change.applyTo(JOB));
            return Stream.of(
                    DynamicTest.dynamicTest(c.what + ": what must move", () -> {
                        for (String name : c.up) {
                            assertThat(value(name, after)).as(name).isGreaterThan(value(name, before));
                        }
                        for (String name : c.down) {
                            assertThat(value(name, after)).as(name).isLessThan(value(name, before));
                        }
                    }),
                    DynamicTest.dynamicTest(c.what + ": what must stay", () -> {
                        for (String name : NUMBERS.keySet()) {
                            if (!c.up.contains(name) && !c.down.contains(name) && !c.either.contains(name)) {
                                assertThat(value(name, after)).as(name).isEqualTo(value(name, before));
                            }
                        }
                    }));
        });
    }

    private static double value(String name, Assessment a) {
        return NUMBERS.get(name).applyAsDouble(a);
    }
}
