package veldline.desktop.bench;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;
import veldline.assess.Assessment;
import veldline.assess.Assessor;
import veldline.assess.Stage;
import veldline.assess.Step;
import veldline.demo.TernholmSands;
import veldline.job.Job;
import veldline.job.JobChange;
import veldline.picture.Mark;
import veldline.picture.Picture;
import veldline.quantity.Quantity;
import veldline.study.Candidate;
import veldline.study.Candidates;
import veldline.study.Progress;

/** What a hand does on each bench, and that the picture and its numbers follow. */
class GesturesTest {
    private static final Job JOB = TernholmSands.nestCamera();
    private static final Assessor ASSESSOR = new Assessor();
    private static final double WIDTH = 704;
    private static final double HEIGHT = 500;

    /** Seconds of work, and the same for all that is asked here. */
    private static final Stage<List<Candidate>> CANDIDATES =
            new Stage.Fresh<>(Candidates.of(ASSESSOR.assess(JOB), Progress.NONE));

    private static Showing showing(Job job, Map<Step, String> picked) {
        return new Showing(ASSESSOR.assess(job), "near-part-0", picked, CANDIDATES, Optional.empty(), false);
    }

    private static Picture draw(Bench bench, Showing s) {
        return bench.centre(s, WIDTH, HEIGHT);
    }

    /** Every thing that is walked to looks different when it is chosen, and nothing else on the bench falls away. */
    @ParameterizedTest
    @EnumSource(Step.class)
    void whatIsWalkedToIsSeenToBeChosen(Step step) {
        Bench bench = Benches.of(step);
        Showing plain = showing(JOB, Map.of());
        List<String> walk = bench.walk(plain);
        Set<Picture> seen = new HashSet<>();
        List<String> sample = new ArrayList<>();
        for (int i = 0; i < walk.size(); i += Math.max(1, walk.size() / 8)) {
            sample.add(walk.get(i));
        }
        for (String zone : sample) {
            Picture p = draw(bench, showing(JOB, Map.of(step, zone)));
            assertThat(p.zones().map(Mark.Zone::id)).as(zone).contains(zone);
            seen.add(p);
        }
        assertThat(seen).as("each looks different").hasSize(sample.size());
    }

    @ParameterizedTest
    @EnumSource(Step.class)
    void everyZoneSaysWhatItIsAndLiesInThePicture(Step step) {
        Picture p = draw(Benches.of(step), showing(JOB, Map.of()));
        Set<String> ids = new HashSet<>();
        p.zones().forEach(z -> {
            assertThat(z.spoken()).as(z.id()).isNotBlank();
            assertThat(ids.add(z.id())).as(z.id() + " is there once").isTrue();
            assertThat(z.width()).isPositive();
            assertThat(z.height()).isPositive();
            assertThat(z.x()).isGreaterThan(-1);
            assertThat(z.x() + z.width()).isLessThan(WIDTH + 1);
            assertThat(z.y() + z.height()).isLessThan(HEIGHT + 1);
        });
    }

    /** A thing that is picked up and put down where it was is where it was, to what its last digit shows. */
    @ParameterizedTest
    @ValueSource(ints = {2, 5, 8, 10})
    void anElementPutBackIsWhereItWas(int index) {
        Bench shape = Benches.of(Step.SHAPE);
        String zone = "element:" + index;
        Showing s = showing(JOB, Map.of(Step.SHAPE, zone));
        Mark.Zone z = draw(shape, s)
                .zones()
                .filter(x -> x.id().equals(zone))
                .findFirst()
                .orElseThrow();
        double x = z.x() + z.width() / 2;
        double y = z.y() + z.height() / 2;
        Job same = shape.dragged(s, zone, x - 5, y, x, y, WIDTH, HEIGHT)
                .orElseThrow()
                .applyTo(JOB);
        assertThat(same.yagi().orElseThrow().elements().get(index).position().value())
                .isCloseTo(
                        JOB.yagi()
                                .orElseThrow()
                                .elements()
                                .get(index)
                                .position()
                                .value(),
                        within(0.00011));
    }

    @Test
    void anElementFollowsTheHandInProportion() {
        Bench shape = Benches.of(Step.SHAPE);
        Showing s = showing(JOB, Map.of(Step.SHAPE, "element:6"));
        Mark.Zone z = draw(shape, s)
                .zones()
                .filter(x -> x.id().equals("element:6"))
                .findFirst()
                .orElseThrow();
        double x = z.x() + z.width() / 2;
        double y = z.y() + z.height() / 2;
        double[] at = new double[3];
        for (int i = 0; i < 3; i++) {
            at[i] = shape.dragged(s, "element:6", x, y, x + 8 + 4 * i, y, WIDTH, HEIGHT)
                    .orElseThrow()
                    .applyTo(JOB)
                    .yagi()
                    .orElseThrow()
                    .elements()
                    .get(6)
                    .position()
                    .value();
        }
        assertThat(at[1] - at[0]).isPositive();
        assertThat(at[2] - at[1]).isCloseTo(at[1] - at[0], within(0.00021));
    }

    @ParameterizedTest
    @EnumSource(
            value = Step.class,
            names = {"BRIEF", "RAISE"})
    void anAntennaDraggedUpHangsHigher(Step step) {
        Bench bench = Benches.of(step);
        Showing s = showing(JOB, Map.of());
        Mark.Zone z = draw(bench, s)
                .zones()
                .filter(x -> x.id().equals("height:near"))
                .findFirst()
                .orElseThrow();
        double y = z.y() + z.height() / 2;
        double before = JOB.brief().near().height().value();
        double up = height(bench, s, y - 12);
        double down = height(bench, s, y + 12);
        assertThat(up).isGreaterThan(before);
        assertThat(down).isLessThan(before);
        assertThat(height(bench, s, 1e5)).as("never under the water").isPositive();
    }

    private static double height(Bench bench, Showing s, double y) {
        return bench.dragged(s, "height:near", 0, 0, 0, y, WIDTH, HEIGHT)
                .orElseThrow()
                .applyTo(JOB)
                .brief()
                .near()
                .height()
                .value();
    }

    @Test
    void aCandidateIsTakenWithItsNameAndThenStandsInShape() {
        Bench choose = Benches.of(Step.CHOOSE);
        Showing s = showing(JOB, Map.of());
        Map<String, Job> taken = new HashMap<>();
        for (String zone : choose.walk(s)) {
            choose.taken(showing(JOB, Map.of(Step.CHOOSE, zone)), zone)
                    .ifPresent(c -> taken.put(c.label(), c.applyTo(JOB)));
        }
        assertThat(taken.keySet()).filteredOn(l -> l.endsWith("Yagi")).hasSize(4);
        assertThat(taken).as("and what is on the shelf").hasSizeGreaterThan(8);
        taken.entrySet().removeIf(e -> !e.getKey().endsWith("Yagi"));
        taken.forEach((label, job) -> {
            assertThat(job.withYagi(JOB.yagi().orElseThrow()))
                    .as("and nothing else changes")
                    .isEqualTo(JOB);
        });
    }

    @Test
    void aWayToMatchIsTakenAndThenInUse() {
        Bench match = Benches.of(Step.MATCH);
        for (String zone : match.walk(showing(JOB, Map.of()))) {
            Showing s = showing(JOB, Map.of(Step.MATCH, zone));
            Optional<JobChange> change = match.taken(s, zone);
            if (change.isEmpty()) {
                continue;
            }
            Assessment a = ASSESSOR.assess(change.get().applyTo(JOB));
            int index = Integer.parseInt(zone.substring(zone.indexOf(':') + 1));
            assertThat(a.match().value().orElseThrow().options().get(index).inUse())
                    .as(zone)
                    .isTrue();
        }
    }

    /** Every box of every bench: nudged one step up and back, the job is what it was. */
    @ParameterizedTest
    @EnumSource(Step.class)
    void aNumberNudgedUpAndBackIsTheSameJob(Step step) {
        for (Input.Value v : values(step, JOB)) {
            Quantity up = v.now().nudged(1);
            if (!(v.edit().apply(up) instanceof Input.Outcome.Change there) || reshapes(v.id())) {
                continue;
            }
            Job moved = there.change().applyTo(JOB);
            Input.Value now = values(step, moved).stream()
                    .filter(x -> x.id().equals(v.id()))
                    .findFirst()
                    .orElseThrow();
            assertThat(now.now()).as(v.id() + " shows what was typed").isEqualTo(up);
            Input.Outcome back = now.edit().apply(up.nudged(-1));
            assertThat(((Input.Outcome.Change) back).change().applyTo(moved))
                    .as(v.id())
                    .isEqualTo(JOB);
        }
    }

    /** These lay out every element anew, so going back lands near, not on, where it was. */
    private static boolean reshapes(String id) {
        return Set.of("boom", "count", "diameter").contains(id);
    }

    private static List<Input.Value> values(Step step, Job job) {
        List<Input.Value> values = new ArrayList<>();
        for (Input i : Benches.of(step).inputs(showing(job, Map.of()))) {
            if (i instanceof Input.Value v) {
                values.add(v);
            } else if (i instanceof Input.Pair p) {
                values.add(p.left());
                values.add(p.right());
            }
        }
        return values;
    }

    /** In a row of words exactly one is chosen, and choosing another chooses that one. */
    @ParameterizedTest
    @EnumSource(Step.class)
    void choicesHaveOneChosenWordAndTakeAnother(Step step) {
        for (Input i : Benches.of(step).inputs(showing(JOB, Map.of()))) {
            if (!(i instanceof Input.Choice c)) {
                continue;
            }
            assertThat(c.options().stream().filter(Input.Option::chosen))
                    .as(c.id())
                    .hasSize(1);
            for (int k = 0; k < c.options().size(); k++) {
                if (c.options().get(k).change().isEmpty()) {
                    continue;
                }
                Job job = c.options().get(k).change().get().applyTo(JOB);
                int index = k;
                Benches.of(step).inputs(showing(job, Map.of())).stream()
                        .filter(x -> x.id().equals(c.id()))
                        .forEach(x -> assertThat(
                                        ((Input.Choice) x).options().get(index).chosen())
                                .as(c.id() + " " + index)
                                .isTrue());
            }
        }
    }
}
