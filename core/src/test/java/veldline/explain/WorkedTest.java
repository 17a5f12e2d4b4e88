package veldline.explain;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.ezylang.evalex.Expression;
import com.ezylang.evalex.config.ExpressionConfiguration;
import java.lang.reflect.RecordComponent;
import java.math.MathContext;
import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collection;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.hipparchus.complex.Complex;
import org.junit.jupiter.api.DynamicTest;
import org.junit.jupiter.api.TestFactory;
import veldline.antenna.ApertureDesign;
import veldline.antenna.ApertureFamily;
import veldline.antenna.Families;
import veldline.antenna.Family;
import veldline.antenna.Polarized;
import veldline.antenna.WireFamily;
import veldline.antenna.YagiChange;
import veldline.assess.Assessment;
import veldline.assess.Assessor;
import veldline.assess.FeedFigures;
import veldline.assess.OutletLevel;
import veldline.assess.ProvePage;
import veldline.assess.RaisePage;
import veldline.assess.Step;
import veldline.assess.SwrBand;
import veldline.demo.TernholmSands;
import veldline.feed.DirectCurrent;
import veldline.feed.Drawer;
import veldline.job.Job;
import veldline.job.JobChange;
import veldline.learn.Experiment;
import veldline.learn.Experiments;
import veldline.learn.Look;
import veldline.line.BodeFano;
import veldline.line.CableSweep;
import veldline.line.CurrentChoke;
import veldline.line.LossyLine;
import veldline.line.Mismatch;
import veldline.line.PortData;
import veldline.line.SweptCable;
import veldline.line.WoundTransformer;
import veldline.link.BriefChange;
import veldline.link.Offer;
import veldline.prove.Heard;
import veldline.prove.ProveChange;
import veldline.prove.SideBySide;
import veldline.prove.SideReading;
import veldline.prove.TurnReading;
import veldline.prove.Turned;
import veldline.quantity.Quantity;
import veldline.quantity.Unit;
import veldline.raise.Aim;
import veldline.raise.AimReading;
import veldline.raise.Declination;
import veldline.raise.Mount;
import veldline.raise.MountLoad;
import veldline.raise.Schedule;
import veldline.raise.WindArea;
import veldline.stock.Metal;
import veldline.study.Candidates;
import veldline.study.Progress;
import veldline.study.Trimming;
import veldline.trim.SweepQuality;
import veldline.trim.TrimAdvice;
import veldline.trim.TrimLog;
import veldline.trim.TrimStop;

/** What an explanation prints, evaluated with the numbers it prints, gives the value it prints. */
class WorkedTest {
    /** What the tests at the place and the pages of Raise print. */
    private static List<Worked> pages(Assessor assessor) {
        Job job = TernholmSands.nestCamera();
        for (ProveChange c : List.of(
                new ProveChange.TurnedBy(
                        Turned.BEARING,
                        TurnReading.read("30 -80, 50 -72, 60 -66, 74 -60, 90 -66, 100 -73, 250 -74, 260 -75", Unit.DEG)
                                .orElseThrow()),
                new ProveChange.TurnedBy(
                        Turned.POLARIZATION,
                        TurnReading.read("0 -60, 30 -61, 60 -66, 90 -78, 120 -66, 150 -61", Unit.DEG)
                                .orElseThrow()),
                new ProveChange.Surveyed(
                        Heard.read("lodge* 74 -71.3 -61, ferry 200 -70.5 -74").orElseThrow()),
                new ProveChange.Beside(SideBySide.NONE.withReadings(
                        SideReading.read("k -70, u -60, k -70.3, u -60.4, k -70.1, u -60.2, k -70.2")
                                .orElseThrow())))) {
            job = new JobChange.OfProve(c).applyTo(job);
        }
        Assessment a = assessor.assess(job, Assessor.Depth.SWEEP, () -> true);
        return Stream.of(
                        Stream.of("turn", "sides", "survey", "compare")
                                .flatMap(id -> Stream.of(ProvePage.values())
                                        .filter(p -> p.id().equals(id))
                                        .flatMap(p -> p.findings(a).stream())),
                        Stream.of("route", "touch", "mount").flatMap(id -> RaisePage.findings(a, id).stream()),
                        a.of(Step.LOG).stream())
                .flatMap(f -> f)
                .flatMap(f -> f.worked().stream())
                .toList();
    }

    @TestFactory
    Stream<DynamicTest> everyPrintedSumComesOut() {
        Job job = TernholmSands.nestCamera();
        Assessor assessor = new Assessor();
        Set<Worked> all = new LinkedHashSet<>();
        for (Job j : new Job[] {
            job,
            new JobChange.OfBrief(new BriefChange.Profile("fcc-2400-fixed")).applyTo(job),
            new JobChange.OfBrief(new BriefChange.Profile("fcc-2400-multipoint")).applyTo(job),
            new JobChange.OfYagi(new YagiChange.Upright(true)).applyTo(job)
        }) {
            Assessment a = assessor.assess(j);
            gather(a, all);
            // Worked out only where it is drawn.
            all.add(a.sweep().value().flatMap(w -> SwrBand.of(w, 50)).orElseThrow());
            gather(Candidates.of(a, Progress.NONE), all);
        }
        for (WireFamily f : Families.wires()) {
            Family.Wish wish = new Family.Wish(2437e6, 0.4, 0.8e-3, Metal.COPPER, false);
            Family.Wish long40 = new Family.Wish(7.1e6, 20, 2e-3, Metal.COPPER, false);
            Family.Wish own = f.serves(wish) ? wish : long40;
            all.addAll(f.schools(f.begun(own), own.frequency(), () -> true));
        }
        for (ApertureFamily f : Families.apertures()) {
            ApertureDesign d = f.design(new Family.Wish(2437e6, 0.4, 0.8e-3, Metal.COPPER, false));
            gather(assessor.assess(new JobChange.Fit(true, everythingOf(d)).applyTo(job)), all);
            gather(assessor.assess(new JobChange.Fit(true, otherOf(d)).applyTo(job)), all);
        }
        for (Optional<Quantity> upright :
                List.of(Optional.<Quantity>empty(), Optional.of(Quantity.of("28", Unit.DEG)))) {
            Offer o = Offer.blank(job.brief().frequency(), Polarized.FLAT, Drawer.connector("N outside socket 50"))
                    .withAcross(Optional.of(Quantity.of(upright.isPresent() ? "0.3" : "0.05", Unit.M)))
                    .withLevel(Optional.of(Quantity.of("65", Unit.DEG)))
                    .withUpright(upright);
            gather(assessor.assess(new JobChange.Consider(Optional.of(o)).applyTo(job)), all);
        }
        all.addAll(trimmed(assessor.assess(TernholmSands.all().get(1), Assessor.Depth.ALL, () -> true)));
        SweptCable swept = SweptCable.of(seenInto(400)).and(seenInto(3));
        CableSweep cable = swept.on(50);
        cable.echoes(0.66).forEach(e -> all.addAll(List.of(e.place(), e.back())));
        all.addAll(List.of(
                cable.reach(0.66),
                cable.resolution(0.66),
                swept.loss(50, 512e6, Math::sqrt).orElseThrow(),
                SweptCable.of(seenInto(400)).loss(50, 512e6, Math::sqrt).orElseThrow()));
        MountLoad load = MountLoad.of(Mount.USUAL, new WindArea(0.173, 1.3), 33);
        all.addAll(List.of(load.antenna(), load.tube(), load.moment(), load.stress(), load.sway(), load.allowed()));
        List<Double> beam = IntStream.rangeClosed(0, 180)
                .mapToObj(d -> 12 - Math.min(25, d * d / 90.0))
                .toList();
        all.add(Aim.of(
                        AimReading.read("40 -70, 60 -62, 74 -60, 90 -63, 110 -72")
                                .orElseThrow(),
                        beam,
                        33)
                .orElseThrow()
                .mark());
        Declination east = new Declination(Quantity.of("5.5", Unit.DEG), LocalDate.EPOCH);
        all.addAll(List.of(east.compass(74.2), east.compass(2)));
        TrimLog.Pass today = new TrimLog.Pass(Instant.EPOCH, List.of(), List.of(), Optional.empty());
        all.add(SweepQuality.age(TrimLog.NONE.withCalibrated(Optional.of(Instant.EPOCH.minusSeconds(5000))), today)
                .orElseThrow());
        all.addAll(pages(assessor));
        Schedule.of(4.5, 0.4).steps().forEach(s -> all.add(s.time()));
        for (Experiment e : Experiments.all()) {
            Look look = e.at(e.slide().setting(e.slide().count() / 3), () -> true);
            all.add(look.figure());
            all.addAll(look.beside());
        }
        all.addAll(List.of(BodeFano.widest(9.4, 2437e6), BodeFano.widest(80, 3.66e6)));
        DirectCurrent supply = new DirectCurrent(12, 0.08, 1.7);
        all.addAll(List.of(supply.arrives(), supply.lasts(7), Drawer.part("w-n").workedLoss(2437e6)));
        Job hung = new JobChange.Fit(
                        true,
                        Families.wires("hung wire").design(new Family.Wish(3.66e6, 45, 2e-3, Metal.COPPER, false)))
                .applyTo(TernholmSands.all().get(6));
        gather(assessor.assess(hung, Assessor.Depth.ALL, () -> true), all);
        Assessment lodge = assessor.assess(TernholmSands.all().get(2), Assessor.Depth.QUICK, () -> true);
        for (FeedFigures.OfOutlet o : lodge.farFeed().outlets()) {
            all.add(o.loss());
            o.ripple().ifPresent(all::add);
            OutletLevel there = OutletLevel.of(lodge, o.loss()).orElseThrow();
            all.addAll(List.of(there.level(), there.margin()));
        }
        WoundTransformer ring = WoundTransformer.of(new Complex(2450), 50, 7.1e6, Optional.empty())
                .orElseThrow();
        all.addAll(List.of(ring.flux(71, 7.1e6), ring.heat(71, 7.1e6), ring.most(50, 7.1e6)));
        for (double f : new double[] {7.1e6, 150e6, 2437e6}) {
            CurrentChoke.of(f, 37, 100).heat().ifPresent(all::add);
            all.add(CurrentChoke.of(f, 37, 100).impedance());
        }
        assertThat(all).hasSizeGreaterThan(180);
        return all.stream().map(w -> DynamicTest.dynamicTest(w.formula().name() + " " + w.shown(), () -> check(w)));
    }

    /** A cable on a load, ohms, from 400 MHz on. */
    private static PortData seenInto(double load) {
        return new PortData(
                PortData.Kind.S,
                List.of(50.0),
                IntStream.range(0, 99)
                        .mapToObj(i -> new PortData.Row(
                                4e8 + i * 4e6,
                                List.of(List.of(Mismatch.reflection(
                                        new LossyLine(50, 1.3, 0.02 * (100 + i)).seen(new Complex(load)), 50)))))
                        .toList());
    }

    /** What a sweep says, of each measure it may be. */
    private static List<Worked> trimmed(Assessment a) {
        TrimLog.Pass pass = a.job().trim().last().orElseThrow();
        TrimAdvice advice = Trimming.of(a, Progress.NONE);
        List<Worked> all = new ArrayList<>(
                List.of(advice.asDrawn(), SweepQuality.spread(pass).orElseThrow()));
        advice.suspects().forEach(s -> all.addAll(List.of(s.off(), s.weight())));
        Worked now = TrimStop.atChannel(
                        pass.sweep(), a.job().brief().frequency().value())
                .orElseThrow();
        all.addAll(List.of(now, TrimStop.next(now, 1.1)));
        return all;
    }

    /** With every loss there is: a dish of mesh with its feed out of place, a covered can, patches in rows that lean. */
    private static ApertureDesign everythingOf(ApertureDesign d) {
        return switch (d.family()) {
            case "dish" ->
                d.withSize(6, Quantity.of("40", Unit.MM))
                        .withSize(7, Quantity.of("15", Unit.MM))
                        .withSize(9, Quantity.of("1", Unit.ONE));
            case "can" -> d.withSize(5, Quantity.of("2", Unit.ONE));
            case "patches" ->
                d.withSize(2, Quantity.of("55", Unit.MM))
                        .withSize(4, Quantity.of("4", Unit.ONE))
                        .withSize(9, Quantity.of("6", Unit.DEG));
            default -> d;
        };
    }

    /** The other way each can be: a cut dish with a dipole, a fan, a choke ring, patches whose field turns, a straight slot. */
    private static ApertureDesign otherOf(ApertureDesign d) {
        return switch (d.family()) {
            case "dish" ->
                d.withSize(2, Quantity.of("3", Unit.ONE))
                        .withSize(0, Quantity.of("400", Unit.MM))
                        .withSize(1, Quantity.of("160", Unit.MM))
                        .withSize(18, Quantity.of("40", Unit.MM));
            case "trough" ->
                d.withSize(0, Quantity.of("1.2", Unit.M))
                        .withSize(1, Quantity.of("500", Unit.MM))
                        .withSize(2, Quantity.of("480", Unit.MM))
                        .withSize(6, Quantity.of("35", Unit.DEG))
                        .withSize(9, Quantity.of("2", Unit.ONE));
            case "can" -> d.withSize(8, Quantity.of("25", Unit.MM));
            case "patches" -> d.withSize(12, Quantity.of("1", Unit.ONE));
            case "tapered slot" -> d.withSize(3, Quantity.of("1", Unit.ONE));
            default -> d;
        };
    }

    private static void check(Worked w) throws Exception {
        double lastDigit = Math.pow(10, -w.decimals());
        // Half a digit for printing the result, and as much for the digits of its inputs.
        assertThat(evaluate(w.numbers())).as(w.symbols() + " = " + w.numbers()).isCloseTo(w.value(), within(lastDigit));
        assertThat(w.formula().source()).isNotBlank();
        assertThat(w.formula().goodTo()).isNotBlank();
        assertThat(String.join("\n", w.lines()))
                .contains(w.shown())
                .doesNotContain("= null")
                .doesNotContain("NaN");
    }

    private static double evaluate(String printed) throws Exception {
        String plain = printed.replace("·", "*")
                .replace("÷", "/")
                .replace("−", "-")
                .replace("log10", "LOG10")
                .replace("sqrt", "SQRT")
                .replace("atan", "ATANR")
                .replace("tan(", "TANR(")
                .replace("cos(", "COSR(")
                .replace("sin(", "SINR(")
                .replace("abs(", "ABS(")
                .replace("exp(", "2.718281828459045^(")
                .replaceAll("\\bpi\\b", "PI");
        ExpressionConfiguration configuration = ExpressionConfiguration.builder()
                .mathContext(MathContext.DECIMAL64)
                .build();
        return new Expression(plain, configuration).evaluate().getNumberValue().doubleValue();
    }

    /** Walks records, collections, maps and optionals for worked values. */
    private static void gather(Object o, Set<Worked> into) {
        if (o instanceof Worked w) {
            if (into.add(w)) {
                w.inputs().forEach(i -> i.from().ifPresent(f -> gather(f, into)));
            }
        } else if (o instanceof Optional<?> opt) {
            opt.ifPresent(v -> gather(v, into));
        } else if (o instanceof Collection<?> c) {
            c.forEach(v -> gather(v, into));
        } else if (o instanceof Map<?, ?> m) {
            m.values().forEach(v -> gather(v, into));
        } else if (o instanceof Record r && r.getClass().getPackageName().startsWith("veldline")) {
            for (RecordComponent part : r.getClass().getRecordComponents()) {
                try {
                    part.getAccessor().setAccessible(true);
                    gather(part.getAccessor().invoke(r), into);
                } catch (ReflectiveOperationException e) {
                    throw new AssertionError(e);
                }
            }
        }
    }
}
