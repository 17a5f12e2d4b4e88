package veldline.desktop.brief;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import veldline.assess.Assessor;
import veldline.assess.Stage;
import veldline.demo.TernholmSands;
import veldline.desktop.bench.Input;
import veldline.desktop.bench.Showing;
import veldline.job.Job;
import veldline.job.JobChange;
import veldline.quantity.MeterScale;
import veldline.stock.Piece;

/** What a person writes in one line: something in the way, rod in stock. */
class WrittenDownTest {
    private static final Job JOB = TernholmSands.nestCamera();

    @ParameterizedTest
    @CsvSource({
        "stone wall 12 dB, stone wall, 12",
        "stone wall 12, stone wall, 12",
        "'two oaks, 7.5 dB', two oaks, 7.5",
        "'roof 9,5 dB', roof, 9.5"
    })
    void somethingInTheWayIsANameAndItsDecibels(String text, String name, double db) {
        Job with = BriefBench.obstacle(JOB.brief(), text).orElseThrow().applyTo(JOB);
        assertThat(with.brief().obstacles()).singleElement().satisfies(o -> {
            assertThat(o.name()).isEqualTo(name);
            assertThat(o.loss(JOB.brief().frequency().value()).value()).isEqualTo(db);
        });
        assertThat(with.brief().obstacleLossDb()).isEqualTo(db);
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "some wall", "12 dB", "trees 900 m", "wall −5 dB", "wall 500 dB", "wall twelve"})
    void whatSaysNoLossIsNotTaken(String text) {
        assertThat(BriefBench.obstacle(JOB.brief(), text)).isEmpty();
    }

    @ParameterizedTest
    @CsvSource({
        "stone wall, 'stone wall, 450 mm'",
        "Brick wall 24 cm, 'brick wall, 24 cm'",
        "sheet metal or foil, 'sheet metal or foil, 0.5 mm'",
        "trees 30 m, 30.0 m of trees",
        "woods 30 m itu, 30.0 m of trees"
    })
    void wallsAndTreesAreWorkedOutByWhatTheyAre(String text, String name) {
        Job with = BriefBench.obstacle(JOB.brief(), text).orElseThrow().applyTo(JOB);
        assertThat(with.brief().obstacles())
                .singleElement()
                .satisfies(o -> assertThat(o.name()).isEqualTo(name));
        assertThat(with.brief().obstacleLossDb()).isGreaterThan(1);
    }

    @ParameterizedTest
    @CsvSource({"1300 4.5, 1300, 4.5", "'800 m; −1,5', 800, -1.5"})
    void aPointOfTheGroundIsHowFarAndHowHigh(String text, double along, double height) {
        Job with = WayInputs.point(JOB.brief(), text).orElseThrow().applyTo(JOB);
        assertThat(with.brief().way().profile().orElseThrow().at(along)).isEqualTo(height);
        assertThat(WayInputs.point(JOB.brief(), "9999 2"))
                .as("beyond the far end")
                .isEmpty();
        assertThat(WayInputs.point(JOB.brief(), "a hill")).isEmpty();
    }

    @ParameterizedTest
    @CsvSource({
        "6 mm aluminium 2 m, 6 mm aluminium, 2",
        "1.6 brass 1, 1.6 mm brass, 1",
        "'1/4 in copper, 36 in', 1/4 in copper, 0.9144",
        "3 mm stainless 50 cm, 3 mm stainless steel, 0.5"
    })
    void rodIsItsDiameterItsMetalAndItsLength(String text, String begins, double metres) {
        Job with = NeedsInputs.piece(text).orElseThrow().applyTo(JOB);
        Piece piece = with.needs().stock().get(0);
        assertThat(piece.words()).startsWith(begins);
        assertThat(piece.length().value()).isEqualTo(metres, org.assertj.core.api.Assertions.within(1e-9));
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "aluminium", "6 mm wood 2 m", "6 mm aluminium", "aluminium 2 m", "0 mm copper 1 m"})
    void whatIsNoRodIsNotTaken(String text) {
        assertThat(NeedsInputs.piece(text)).isEmpty();
    }

    @Test
    void anyLineAtAllIsReadOrLeft() {
        Random random = new Random(11);
        String letters = "0123456789 .,/-abcdefghijkl mmindBµ";
        for (int i = 0; i < 5000; i++) {
            StringBuilder line = new StringBuilder();
            for (int k = random.nextInt(30); k > 0; k--) {
                line.append(letters.charAt(random.nextInt(letters.length())));
            }
            BriefBench.obstacle(JOB.brief(), line.toString())
                    .ifPresent(c -> assertThat(c.applyTo(JOB)).isNotEqualTo(JOB));
            NeedsInputs.piece(line.toString())
                    .ifPresent(c -> assertThat(c.applyTo(JOB)).isNotEqualTo(JOB));
        }
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "ferry 2437 −61 140 | ferry | 2437e6 | -61 | 140",
                "harbour office, 2462 MHz, -58 dBm, 95° | harbour office | 2462e6 | -58 | 95",
                "tag 9 150,22 −112 | tag 9 | 150.22e6 | -112 | ",
                "yacht 5780; −80,5 | yacht | 5780e6 | -80.5 | "
            })
    void whatIsHeardIsItsNameItsPlaceInTheBandAndItsLevel(
            String text, String name, double hertz, double dbm, Double bearing) {
        Job with = taken(AirInputs.heard(text, Optional.empty())).applyTo(JOB);
        assertThat(with.brief().air().heard()).singleElement().satisfies(h -> {
            assertThat(h.name()).isEqualTo(name);
            assertThat(h.frequency().value()).isEqualTo(hertz, org.assertj.core.api.Assertions.within(1.0));
            assertThat(h.level().value()).isEqualTo(dbm);
            assertThat(h.bearing().map(b -> b.value())).isEqualTo(java.util.Optional.ofNullable(bearing));
        });
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "ferry", "ferry 2437", "ferry 2437 61", "2437 −61", "ferry MHz −61"})
    void whatWasNotHeardAnywhereIsNotTaken(String text) {
        assertThat(AirInputs.heard(text, Optional.empty())).isInstanceOf(Input.Outcome.Refused.class);
    }

    private static JobChange taken(Input.Outcome outcome) {
        assertThat(outcome).isInstanceOf(Input.Outcome.Change.class);
        return ((Input.Outcome.Change) outcome).change();
    }

    @Test
    void percentAndSUnitsAreHeardOnlyByAScaleThatWasDeclared() {
        for (String text : List.of("ferry 2437 60 % 140", "ferry 2437 S7 140", "ferry 2437 S9+20")) {
            assertThat(AirInputs.heard(text, Optional.empty()))
                    .isInstanceOfSatisfying(
                            Input.Outcome.Refused.class,
                            r -> assertThat(r.why()).contains("Brief, ends"));
        }
        Job percent = taken(AirInputs.heard("ferry 2437 60 % 140", Optional.of(MeterScale.Percent.usual())))
                .applyTo(JOB);
        assertThat(percent.brief().air().heard().get(0).level().value()).isEqualTo(-64);
        Job units = taken(AirInputs.heard("ferry 2437 S9+20", Optional.of(MeterScale.SUnits.at(145e6))))
                .applyTo(JOB);
        assertThat(units.brief().air().heard().get(0).level().value()).isEqualTo(-73);
        assertThat(AirInputs.heard("ferry 2437 S7", Optional.of(MeterScale.Percent.usual())))
                .isInstanceOfSatisfying(
                        Input.Outcome.Refused.class, r -> assertThat(r.why()).contains("not on this meter's scale"));
    }

    @Test
    void aHopIsItsNameHowFarAndWhereTo() {
        Showing s = new Showing(
                new Assessor().assess(JOB, Assessor.Depth.QUICK, () -> true),
                "far-antenna",
                Map.of(),
                new Stage.Running<>(),
                Optional.empty(),
                false);
        Job with = HopInputs.hop(s, "harbour office 1,9 km 140°").orElseThrow().applyTo(JOB);
        assertThat(with.brief().hops()).singleElement().satisfies(h -> {
            assertThat(h.name()).isEqualTo("harbour office");
            assertThat(h.distance().value()).isEqualTo(1900);
            assertThat(h.bearing().value()).isEqualTo(140);
            assertThat(h.atNear()).isFalse();
            assertThat(h.frequency()).isEqualTo(JOB.brief().frequency());
        });
        for (String text : List.of("", "harbour", "harbour 1.9", "harbour 1.9 km", "harbour 1.9 km 400")) {
            assertThat(HopInputs.hop(s, text)).as(text).isEmpty();
        }
    }
}
