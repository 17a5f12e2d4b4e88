package veldline.feed;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.junit.jupiter.api.Test;
import veldline.explain.Finding;

/** Every pair of connectors in the drawer against a table from the interface standards, which knows nothing of the drawer. */
class JointTruthTest {
    private static final double F = 100e6;

    private record Row(Connector a, Connector b, String outcome) {}

    private static List<Row> rows() throws Exception {
        List<String> lines = Arrays.asList(new String(
                        JointTruthTest.class
                                .getResourceAsStream("/feed/joints.txt")
                                .readAllBytes(),
                        StandardCharsets.UTF_8)
                .split("\n"));
        Map<String, Connector> names = new HashMap<>();
        for (String n : lines.get(1).substring(2).split("; ")) {
            names.put(n.split(" = ")[0], Drawer.connector(n.split(" = ")[1]));
        }
        List<Row> rows = new ArrayList<>();
        for (String line : lines.subList(2, lines.size())) {
            String[] f = line.split(" \\| ");
            rows.add(new Row(names.get(f[0]), names.get(f[1]), f[2]));
        }
        return rows;
    }

    @Test
    void everyPairDoesWhatTheStandardsSay() throws Exception {
        for (Row r : rows()) {
            for (Joint j : List.of(new Joint(r.a, r.b), new Joint(r.b, r.a))) {
                Finding.Level level = j.level(F);
                List<String> tags = j.facts(F).stream()
                        .filter(f -> f.level() == Finding.Level.STOP)
                        .map(Joint.Fact::tag)
                        .toList();
                String pair = r.a.tradeName() + " on " + r.b.tradeName() + ", " + r.outcome;
                switch (r.outcome) {
                    case "joins" -> assertThat(level).as(pair).isEqualTo(Finding.Level.FITS);
                    case "joins with a step" -> assertThat(level).as(pair).isEqualTo(Finding.Level.WATCH);
                    case "other size" -> assertThat(tags).as(pair).contains("sizes differ");
                    case "two plugs", "two jacks" -> assertThat(tags).as(pair).contains("threads cannot meet");
                    case "pin on pin" -> assertThat(tags).as(pair).containsExactly("pin meets pin");
                    case "gap between sockets" -> assertThat(tags).as(pair).contains("socket meets socket");
                    case "spoils the socket" -> assertThat(tags).as(pair).containsExactly("50 Ω pin, 75 Ω socket");
                    case "touches now and then" -> assertThat(tags).as(pair).containsExactly("75 Ω pin, 50 Ω socket");
                    default -> throw new AssertionError(r.outcome);
                }
            }
        }
    }

    /** Asked without words a joint says what its facts say, at every frequency where a series ends. */
    @Test
    void withoutWordsItIsTheSame() throws Exception {
        for (Row r : rows()) {
            Joint j = new Joint(r.a, r.b);
            for (Connector.Series s : Connector.Series.values()) {
                for (double f : new double[] {s.ceiling(), 1.001 * s.ceiling()}) {
                    assertThat(j.joins(f)).as(r + " at " + f).isEqualTo(j.level(f) != Finding.Level.STOP);
                }
            }
        }
    }

    /** The table has every pair the drawer can make, once, and no connector twice. */
    @Test
    void theTableKnowsEveryPairOfTheDrawer() throws Exception {
        Set<Connector> drawer = new LinkedHashSet<>();
        Drawer.parts().forEach(p -> drawer.addAll(List.of(p.radioSide(), p.antennaSide())));
        Set<Connector> known = new LinkedHashSet<>();
        Set<Set<Connector>> pairs = new LinkedHashSet<>();
        for (Row r : rows()) {
            known.addAll(List.of(r.a, r.b));
            assertThat(pairs.add(r.a.equals(r.b) ? Set.of(r.a) : Set.of(r.a, r.b)))
                    .as(r.toString())
                    .isTrue();
        }
        assertThat(known).isEqualTo(drawer);
        assertThat(pairs).hasSize(drawer.size() * (drawer.size() + 1) / 2);
    }
}
