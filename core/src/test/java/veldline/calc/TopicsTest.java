package veldline.calc;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.DynamicTest;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestFactory;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import veldline.format.CalcBatch;
import veldline.format.FormatException;

class TopicsTest {
    private static final ObjectMapper MAPPER = new ObjectMapper();

    private static String entries() throws IOException {
        try (InputStream in = TopicsTest.class.getResourceAsStream("/reference/values.json")) {
            return new String(in.readAllBytes(), StandardCharsets.UTF_8);
        }
    }

    /** Every worked value of the literature that the program knows the topic of, through the batch as a shell uses it. */
    @TestFactory
    Stream<DynamicTest> everyPublishedValueIsMet() throws IOException, FormatException {
        JsonNode asked = MAPPER.readTree(entries());
        JsonNode told = MAPPER.readTree(CalcBatch.answer(entries()));
        assertThat(told).hasSameSizeAs(asked);
        return IntStream.range(0, asked.size())
                .mapToObj(i -> DynamicTest.dynamicTest(asked.get(i).get("id").asText(), () -> {
                    JsonNode entry = asked.get(i);
                    assertThat(told.get(i).get("id")).isEqualTo(entry.get("id"));
                    assertThat(told.get(i).has("refused"))
                            .as(told.get(i).path("refused").asText())
                            .isFalse();
                    entry.get("expected")
                            .fields()
                            .forEachRemaining(e -> meets(
                                    e.getKey(),
                                    told.get(i).get("outputs").path(e.getKey()).path("value"),
                                    e.getValue().get("value"),
                                    entry.get("tolerance").path(e.getKey())));
                }));
    }

    private static void meets(String name, JsonNode found, JsonNode expected, JsonNode tolerance) {
        if (expected.isArray()) {
            assertThat(found.size()).as(name).isEqualTo(expected.size());
            for (int i = 0; i < expected.size(); i++) {
                meets(name, found.get(i), expected.get(i), tolerance);
            }
        } else if (expected.isObject()) {
            expected.fields()
                    .forEachRemaining(
                            e -> meets(name + "." + e.getKey(), found.path(e.getKey()), e.getValue(), tolerance));
        } else if (expected.isNumber()) {
            double v = expected.asDouble();
            double allowed = tolerance.has("abs")
                    ? tolerance.get("abs").asDouble()
                    : tolerance.path("rel").asDouble(0) * Math.abs(v);
            assertThat(found.asDouble()).as(name).isCloseTo(v, within(allowed + 1e-9 * Math.max(1, Math.abs(v))));
        } else {
            assertThat(found).as(name).isEqualTo(expected);
        }
    }

    static Stream<Topic> topics() {
        return Topics.all().stream();
    }

    @ParameterizedTest
    @MethodSource("topics")
    void aTopicSaysHowItIsWorkedOutAndWhatItIsGoodTo(Topic t) {
        assertThat(t.formula()).isNotBlank();
        assertThat(t.source()).isNotBlank();
        assertThat(t.goodTo()).isNotBlank();
        assertThat(t.asks()).isNotEmpty();
        assertThat(t.asks().stream().map(Topic.Ask::name)).doesNotHaveDuplicates();
        assertThat(Topics.named(t.name().toUpperCase(java.util.Locale.ROOT))).contains(t);
    }

    @ParameterizedTest
    @MethodSource("topics")
    void aTopicWithNothingGivenSaysWhatItLacks(Topic t) {
        assertThatThrownBy(() -> t.answer(new Given(Map.of())))
                .isInstanceOf(IllegalArgumentException.class)
                .hasMessageContaining("is not given; give");
    }

    /** Letters where a number belongs are named, never a fault of the program. */
    @ParameterizedTest
    @MethodSource("topics")
    void nonsenseIsRefusedByName(Topic t) {
        Map<String, Object> nonsense = new HashMap<>();
        t.asks().forEach(a -> nonsense.put(a.name(), "wibble"));
        assertThatThrownBy(() -> t.answer(new Given(nonsense))).isInstanceOf(IllegalArgumentException.class);
    }

    @Test
    void noTwoTopicsShareAName() {
        assertThat(Topics.all().stream().map(Topic::name)).doesNotHaveDuplicates();
        assertThat(Topics.all()).hasSizeGreaterThanOrEqualTo(44);
        assertThat(Topics.named("perpetual motion")).isEmpty();
    }

    @Test
    void everyTopicIsHeldAgainstTheLiterature() throws IOException {
        Set<String> covered = new HashSet<>();
        MAPPER.readTree(entries()).forEach(e -> covered.add(e.get("topic").asText()));
        assertThat(Topics.all().stream().map(Topic::name)).allMatch(covered::contains);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "m | 5km | 5000",
                "m | 5 | 5",
                "Hz | 2437MHz | 2.437e9",
                "MHz | 2.437 GHz | 2437",
                "mm | 1 in | 25.4",
                "mm | 14 5/8 in | 371.475",
                "dBm | 2 W | 33.0103",
                "dBi | 12 dBd | 14.15",
                "ohm | 75 ohm | 75",
                "deg | 84 | 84"
            })
    void whatIsTypedIsCountedInTheTopicsUnit(String unit, String typed, double inside) {
        assertThat((Double) Reading.typed(new Topic.Ask("x", unit), typed)).isCloseTo(inside, within(1e-4 * inside));
    }

    @Test
    void wordsAndListsAreTakenAsTheyAre() {
        assertThat(Reading.typed(new Topic.Ask("kind", ""), "swr")).isEqualTo("swr");
        assertThat(Reading.typed(new Topic.Ask("values", ""), "[-60, −70; -65]"))
                .isEqualTo(List.of(-60.0, -70.0, -65.0));
        assertThatThrownBy(() -> Reading.typed(new Topic.Ask("values", ""), "[1, two]"))
                .hasMessageContaining("“two”");
        assertThatThrownBy(() -> Reading.typed(new Topic.Ask("d", "m"), "5 MHz"))
                .hasMessageContaining("does not belong here");
        assertThat(Reading.counted(new Topic.Ask("d", "m"), 3, "km along the way"))
                .isEqualTo(3000);
        assertThat(Reading.counted(new Topic.Ask("k", ""), 3, "km"))
                .as("counted as it is")
                .isEqualTo(3);
    }

    @Test
    void whatCannotBeDoneIsRefusedAndTheRestAnswered() throws FormatException, IOException {
        JsonNode out = MAPPER.readTree(CalcBatch.answer("""
                [{"id": 1, "topic": "perpetual motion", "inputs": {}},
                 {"id": "b", "topic": "aperture limit", "inputs": {"area": {"value": -1, "unit": "m2"},
                   "frequency": {"value": 1, "unit": "GHz"}}, "note": "read past"},
                 {"id": "c", "topic": "linear polarization tilt loss", "inputs": {"angle": {"value": 60, "unit": "deg"}}},
                 {"topic": "free-space path loss"},
                 7]
                """));
        assertThat(out).hasSize(5);
        assertThat(out.get(0).get("refused").asText()).contains("“perpetual motion”");
        assertThat(out.get(1).get("refused").asText()).contains("area").contains("over zero");
        assertThat(out.get(2).at("/outputs/loss/value").asDouble()).isCloseTo(6.0206, within(1e-4));
        assertThat(out.get(3).get("refused").asText()).contains("distance is not given");
        assertThat(out.get(4).has("refused")).isTrue();
    }

    @Test
    void whatIsNoListIsRefused() {
        for (String bad : List.of("", "{}", "[{", "\"x\"", "null", "nonsense")) {
            assertThatThrownBy(() -> CalcBatch.answer(bad)).as(bad).isInstanceOf(FormatException.class);
        }
    }

    /** However a file of entries is bent, it is answered or refused in words. */
    @RepeatedTest(300)
    void bentFilesAreAnsweredOrRefused(RepetitionInfo run) throws IOException {
        Random random = new Random(run.getCurrentRepetition());
        StringBuilder text = new StringBuilder(entries().substring(0, 6000));
        for (int i = 0; i < 1 + random.nextInt(8); i++) {
            int at = random.nextInt(text.length());
            switch (random.nextInt(3)) {
                case 0 -> text.setCharAt(at, (char) (32 + random.nextInt(95)));
                case 1 -> text.delete(at, Math.min(text.length(), at + random.nextInt(40)));
                default -> text.insert(at, text.substring(at, Math.min(text.length(), at + random.nextInt(30))));
            }
        }
        List<String> outcome = new ArrayList<>();
        try {
            outcome.add(CalcBatch.answer(text.toString()));
        } catch (FormatException e) {
            outcome.add(e.getMessage());
        }
        assertThat(outcome.get(0)).isNotBlank();
    }
}
