package veldline.link;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.MethodSource;
import veldline.antenna.Bought;
import veldline.antenna.Polarized;
import veldline.feed.Connector;
import veldline.feed.Drawer;
import veldline.quantity.Quantity;
import veldline.quantity.Unit;
import veldline.stock.Tool;

/** What must be carried, by which radio, and what an end that moves makes of it. */
class NeedsTest {
    private static final Connector BUILT_IN = Drawer.connector("BUILT_IN inside pin 50");

    private static Quantity q(String number, Unit unit) {
        return Quantity.of(number, unit);
    }

    static List<RadioSheet> sheets() {
        return Radios.all();
    }

    @Test
    void theDrawerHoldsRadiosOfUnlikeKinds() {
        assertThat(sheets()).hasSizeGreaterThanOrEqualTo(8);
        assertThat(sheets().stream().map(RadioSheet::id)).doesNotHaveDuplicates();
        assertThat(sheets().stream().map(s -> s.port().connector().family()).collect(Collectors.toSet()))
                .hasSizeGreaterThanOrEqualTo(5);
        assertThat(sheets()).anyMatch(s -> !s.port().detachable()).anyMatch(s -> s.chains() > 1);
        assertThat(sheets()).anyMatch(s -> s.rates().get(0).power().isEmpty());
    }

    @ParameterizedTest
    @MethodSource("sheets")
    void aFasterRateNeedsMoreAndSendsNoMore(RadioSheet s) {
        for (int i = 1; i < s.rates().size(); i++) {
            RadioSheet.Rate slow = s.rates().get(i - 1);
            RadioSheet.Rate fast = s.rates().get(i);
            assertThat(fast.rate().value()).isGreaterThan(slow.rate().value());
            assertThat(fast.sensitivity().value())
                    .isGreaterThan(slow.sensitivity().value());
            slow.power()
                    .ifPresent(
                            p -> assertThat(fast.power().orElseThrow().value()).isLessThanOrEqualTo(p.value()));
        }
        assertThat(s.bands()).allMatch(b -> b.low().value() < b.high().value());
        assertThat(s.overload().value())
                .isGreaterThan(s.rates().get(0).sensitivity().value() - 1e-9);
    }

    @Test
    void theSlowestRateThatCarriesItIsTaken() {
        RadioSheet camera = Radios.byId("camera-24");
        assertThat(camera.carrying(20e6).orElseThrow().rate().value()).isEqualTo(24e6);
        assertThat(camera.carrying(24e6).orElseThrow().rate().value()).isEqualTo(24e6);
        assertThat(camera.carrying(1e9)).isEmpty();
        assertThatThrownBy(() -> Radios.byId("kettle")).hasMessageContaining("kettle");
    }

    @Test
    void aRadioWithoutARateIsRefusedByName() {
        RadioSheet s = Radios.byId("phone");
        assertThatThrownBy(() ->
                        new RadioSheet(s.id(), s.name(), s.bands(), List.of(), s.ports(), 1, s.supply(), s.overload()))
                .hasMessageContaining("Telephone");
    }

    @ParameterizedTest
    @CsvSource({"0, 0, 0", "5, 0, 5", "0, 10, 1.2", "1, 10, 1.2", "2, 10, 2"})
    void theRateIsWhatIsAskedForOrOnePacketWithinTheDelay(double rate, double delay, double expected) {
        Needs needs = Needs.none()
                .withRate(Quantity.shown(rate * 1e6, Unit.MBIT_S, 3))
                .withDelay(Quantity.shown(delay / 1000, Unit.MILLISECOND, 3));
        assertThat(needs.rateNeeded() / 1e6).isCloseTo(expected, within(1e-9));
        if (expected > 0) {
            assertThat(RateAndOutage.rate(needs).value()).isCloseTo(expected, within(1e-9));
        }
    }

    @Test
    void theMarginForAnOutageIsThatOfItsDistribution() {
        // Normal: 2.3263 deviations leave one part in a hundred; Rayleigh: a hundredth lies 20 dB under the mean.
        assertThat(RateAndOutage.margin(864, false).value()).isCloseTo(2.3263 * 4, within(0.001));
        assertThat(RateAndOutage.margin(864, true).value()).isCloseTo(19.978, within(0.001));
        assertThat(RateAndOutage.margin(86.4, true).value()
                        - RateAndOutage.margin(864, true).value())
                .as("ten times rarer is ten decibels")
                .isCloseTo(10, within(0.03));
        assertThatThrownBy(() -> RateAndOutage.margin(0, true)).hasMessageContaining("more than 0");
        assertThatThrownBy(() -> RateAndOutage.margin(50_000, false)).hasMessageContaining("less than 12 h");
    }

    private static End end(Carrier carrier, double body) {
        return new End(
                "End",
                q("2", Unit.M),
                q("0", Unit.DEG),
                q("0", Unit.DEG),
                Radios.byId("phone").set(Radios.byId("phone").rates().get(0)),
                carrier,
                Quantity.shown(body, Unit.DB, 1),
                java.util.List.of(),
                0);
    }

    private static Bought antenna(Polarized p, Optional<Quantity> width) {
        return new Bought("a", q("0", Unit.DBI), p, width, q("0.1", Unit.M), BUILT_IN);
    }

    private static double holds(double margin, End near, Bought has) {
        return Headings.of(
                        margin,
                        10,
                        near,
                        Headings.Facing.claimed(has),
                        end(Carrier.FIXED, 0),
                        Headings.Facing.claimed(antenna(has.polarization(), Optional.empty())))
                .orElseThrow()
                .holds()
                .value();
    }

    /** One whose pattern is known holds where that says: ahead to 60° off and not beyond, whatever side. */
    @Test
    void aWorkedPatternHoldsWhereItReaches() {
        Bought any = antenna(Polarized.UPRIGHT, Optional.empty());
        List<Double> cut = IntStream.rangeClosed(0, 180)
                .mapToObj(deg -> deg <= 60 ? 9.0 : -11.0)
                .toList();
        Headings.Share share = Headings.of(
                        12,
                        10,
                        end(Carrier.CRAFT, 0),
                        Headings.Facing.worked(any, cut),
                        end(Carrier.FIXED, 0),
                        Headings.Facing.claimed(any))
                .orElseThrow();
        assertThat(share.holds().value()).as("25 of 72 headings").isCloseTo(100 * 25 / 72.0, within(0.5));
    }

    @Test
    void endsThatStayPutHaveNoHeadings() {
        Bought a = antenna(Polarized.FLAT, Optional.empty());
        assertThat(Headings.of(
                        10,
                        10,
                        end(Carrier.FIXED, 9),
                        Headings.Facing.claimed(a),
                        end(Carrier.PORTABLE, 9),
                        Headings.Facing.claimed(a)))
                .isEmpty();
    }

    @Test
    void aBodyTakesHalfTheHeadingsWhenHalfOfItsLossIsAllThereIs() {
        // A raised cosine passes its half at a right angle, so a margin of half the loss holds on half of all headings.
        Bought turning = antenna(Polarized.RIGHT_HAND, Optional.empty());
        assertThat(holds(10, end(Carrier.VEHICLE, 20), turning)).isCloseTo(50, within(2.0));
        assertThat(holds(20.1, end(Carrier.VEHICLE, 20), turning)).isEqualTo(100);
        assertThat(holds(-0.1, end(Carrier.VEHICLE, 20), turning)).isZero();
    }

    @Test
    void aNarrowAntennaOnSomethingThatTurnsHoldsOnlyNearItsBeam() {
        // 12·(a ÷ w)² = 12 at a = w, so a margin of 12 dB holds from −w to +w.
        Bought narrow = antenna(Polarized.RIGHT_HAND, Optional.of(q("45", Unit.DEG)));
        assertThat(holds(12.01, end(Carrier.CRAFT, 0), narrow)).isCloseTo(100.0 * 19 / 72, within(0.1));
    }

    @ParameterizedTest
    @EnumSource(Carrier.class)
    void moreMarginNeverHoldsLess(Carrier carrier) {
        if (!carrier.moves()) {
            return;
        }
        Bought upright = antenna(Polarized.UPRIGHT, Optional.of(q("90", Unit.DEG)));
        double before = 0;
        for (double margin = -5; margin < 40; margin += 2.5) {
            double now = holds(margin, end(carrier, 8), upright);
            assertThat(now).isGreaterThanOrEqualTo(before);
            before = now;
        }
        assertThat(before).isEqualTo(100);
    }

    @Test
    void leaningCostsAStraightAntennaAndNotATurningOne() {
        End carried = end(Carrier.CARRIED, 0);
        assertThat(holds(0.3, carried, antenna(Polarized.UPRIGHT, Optional.empty())))
                .isLessThan(80);
        assertThat(holds(0.3, carried, antenna(Polarized.LEFT_HAND, Optional.empty())))
                .isEqualTo(100);
    }

    @Test
    void aRadioFromTheDrawerIsSetAsItsSheetSays() {
        RadioSheet s = Radios.byId("short-wave");
        Radio set = s.set(s.rates().get(0));
        assertThat(set.power().value()).isEqualTo(50);
        assertThat(set.socket().family()).isEqualTo(Connector.Series.UHF);
        assertThat(set.sheet()).contains(s);
        RadioSheet television = Radios.byId("television");
        assertThat(television.set(television.rates().get(0)).power().value())
                .as("it sends nothing")
                .isEqualTo(-100);
    }

    @Test
    void toolsAreKeptAsASetAndChangedOneByOne() {
        Needs n = new NeedsChange.Have(Tool.SAW, false).applyTo(Needs.none());
        assertThat(n.tools()).doesNotContain(Tool.SAW).hasSize(Tool.values().length - 1);
        assertThat(new NeedsChange.Have(Tool.SAW, true).applyTo(n)).isEqualTo(Needs.none());
        assertThat(Needs.none().withTools(Set.of()).tools()).isEmpty();
    }

    @ParameterizedTest
    @EnumSource(NeedsChange.Kind.class)
    void everyNeedIsChangedAloneAndNamed(NeedsChange.Kind kind) {
        Quantity to = Quantity.of("7", kind.of(Needs.none()).unit());
        NeedsChange change = new NeedsChange.Amount(kind, to);
        Needs after = change.applyTo(Needs.none());
        assertThat(kind.of(after)).isEqualTo(to);
        for (NeedsChange.Kind other : NeedsChange.Kind.values()) {
            if (other != kind) {
                assertThat(other.of(after)).isEqualTo(other.of(Needs.none()));
            }
        }
        assertThat(change.label()).contains(kind.words());
    }
}
