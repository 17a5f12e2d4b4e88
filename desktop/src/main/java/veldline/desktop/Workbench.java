package veldline.desktop;

import java.io.File;
import java.nio.file.Path;
import java.time.Instant;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.function.Consumer;
import veldline.antenna.YagiChange;
import veldline.assess.Assessment;
import veldline.assess.Stage;
import veldline.assess.Step;
import veldline.desktop.bench.Input;
import veldline.desktop.bench.Overlay;
import veldline.desktop.bench.Showing;
import veldline.desktop.changes.ChangesBench;
import veldline.desktop.improve.Wish;
import veldline.job.JobChange;
import veldline.job.NewJob;
import veldline.link.LevelLine;
import veldline.store.JobStore;
import veldline.study.Improvement;

/**
 * What the window shows and what its commands do, without any nodes: the chosen step and stop, what is picked on each
 * bench, the studies, and a line of news at the foot.
 */
public final class Workbench implements AutoCloseable {
    /** The last assessment that lacked nothing, and when it came. */
    private record Whole(Assessment assessment, Instant at) {}

    private final JobDesk desk;
    private final Studies studies;
    private final Tasks tasks;
    private final Map<Step, String> picked = new EnumMap<>(Step.class);
    private final Map<String, String> noted = new TreeMap<>();
    private Optional<Overlay> overlay = Optional.empty();
    private Optional<Assessment> assessment = Optional.empty();
    private Optional<Whole> whole = Optional.empty();
    private final Shadows shadows;
    private Optional<Showing.Busy> busy = Optional.empty();
    private final Ranking ranking;
    private final Improver improver;
    private final Adviser adviser;
    private Step step = Step.BRIEF;
    private String stop = "near-radio";
    private String news = "";
    private Runnable changed = () -> {};
    private Runnable told = () -> {};

    public Workbench(JobDesk desk, Consumer<Runnable> toInterface) {
        this.desk = desk;
        this.studies = new Studies(toInterface, b -> {
            busy = b;
            changed.run();
        });
        this.shadows = new Shadows(desk, studies, () -> changed.run(), this::tell);
        this.tasks = new Tasks(this, studies, toInterface);
        this.ranking = new Ranking(studies, () -> changed.run());
        this.improver = new Improver(studies, this::tell, () -> changed.run());
        this.adviser = new Adviser(studies, toInterface, this::tell, () -> changed.run());
        desk.watch(this::arrived);
        desk.onSaved(() -> told.run());
        desk.onLate(() -> changed.run());
        desk.onNews(this::tell);
    }

    /** Called when what is shown has changed. */
    public void onChanged(Runnable action) {
        changed = action;
    }

    /** Called when only the foot has something new to say. */
    public void onTold(Runnable action) {
        told = action;
    }

    private void arrived(Assessment fresh) {
        Assessment a = whole.map(w -> fresh.over(w.assessment, w.at)).orElse(fresh);
        if (fresh.whole()) {
            whole = Optional.of(new Whole(a, Instant.now()));
        }
        assessment.map(Assessment::line).ifPresent(l -> shadows.moved(l, a.line()));
        assessment = Optional.of(a);
        if (a.line().indexOf(stop).isEmpty()) {
            stop = a.line()
                    .stops()
                    .get(Math.min(1, a.line().stops().size() - 1))
                    .id();
        }
        askCandidates();
        changed.run();
    }

    public Optional<Showing> showing() {
        return assessment.map(a -> new Showing(
                a,
                stop,
                Map.copyOf(picked),
                Map.copyOf(noted),
                ranking.found(),
                tasks.known(adviser.found(a.job())),
                busy,
                desk.late()));
    }

    public JobDesk desk() {
        return desk;
    }

    public Step step() {
        return step;
    }

    public String stop() {
        return stop;
    }

    /** What is drawn beside the line: as it was, as it would be, as any state was. */
    public Shadows shadows() {
        return shadows;
    }

    /** The line of the state that is looked at among the changes, the one that is pinned, or the one before the last edit. */
    public Optional<LevelLine> former() {
        return overlay.filter(Overlay.CHANGES::equals)
                .flatMap(o -> ChangesBench.walkedTo(noted))
                .flatMap(shadows::ofRevision)
                .or(shadows::former);
    }

    /** Works out what every state of the job came to. */
    public void readRevisions() {
        noted.remove(Overlay.CHANGES.name());
        shadows.readRevisions();
    }

    /** Makes the state that is looked at among the changes the job. */
    public void goBack() {
        ChangesBench.walkedTo(noted).ifPresent(step -> {
            desk.goTo(step);
            noted.remove(Overlay.CHANGES.name());
            changed.run();
            tell("Gone back to “"
                    + desk.history().steps().get(desk.history().at()).label() + "”; Ctrl Y goes on again.");
        });
    }

    /** Lays a new job on the desk, in the folder of the one that was there. */
    public void newJob() {
        desk.saveNow();
        Path folder = desk.store()
                .map(s -> s.file().getParent())
                .orElse(Path.of(System.getProperty("user.home"), "Veldline"));
        forgetJob();
        desk.lay(NewJob.blank(desk.job().place()), Optional.empty(), Optional.empty());
        desk.saveAs(JobStore.fresh(folder, "new-job"));
    }

    /** Packs the job and its recordings into one file. */
    public void zipOut(File file) {
        tasks.zipOut(file, desk.job());
    }

    public Optional<Showing.Busy> busy() {
        return busy;
    }

    public String news() {
        return news;
    }

    public void tell(String text) {
        news = text;
        told.run();
    }

    public List<Step> stepsForStop() {
        return assessment.map(a -> StopSteps.of(a.line().stop(stop).kind())).orElse(List.of());
    }

    /** Chooses a step; where it does not apply to the stop, the nearest stop where it does is chosen too. */
    public void go(Step next) {
        step = next;
        news = "";
        overlay = Optional.empty();
        assessment.ifPresent(a -> {
            List<LevelLine.Stop> stops = a.line().stops();
            int at = a.line().indexOf(stop).orElse(0);
            if (!StopSteps.of(stops.get(at).kind()).contains(next)) {
                for (int away = 1; away < stops.size(); away++) {
                    for (int i : new int[] {at - away, at + away}) {
                        if (i >= 0 && i < stops.size() && StopSteps.suits(stops.get(i), next, a)) {
                            stop = stops.get(i).id();
                            news = next.title() + " is at " + stops.get(i).name() + ", the nearest stop it is for.";
                            changed.run();
                            return;
                        }
                    }
                }
            }
        });
        changed.run();
    }

    /** What lies over the bench. */
    public Optional<Overlay> overlay() {
        return overlay;
    }

    public void open(Overlay which) {
        overlay = Optional.of(which);
        news = "";
        changed.run();
    }

    /** @return whether anything lay over the bench */
    public boolean leaveOverlay() {
        boolean was = overlay.isPresent();
        overlay = Optional.empty();
        if (was) {
            changed.run();
        }
        return was;
    }

    public void goStop(String id) {
        overlay = Optional.empty();
        stop = id;
        picked.remove(Step.FEED_RUN);
        if (!stepsForStop().contains(step)) {
            step = stepsForStop().stream()
                    .filter(s -> s != Step.BRIEF)
                    .findFirst()
                    .orElse(Step.BRIEF);
        }
        changed.run();
    }

    /** The stop before or after along the line. */
    public void alongLine(int by) {
        assessment.ifPresent(a -> {
            int at = a.line().indexOf(stop).orElse(0);
            int next = Math.max(0, Math.min(a.line().stops().size() - 1, at + by));
            goStop(a.line().stops().get(next).id());
        });
    }

    public void pick(String zone) {
        if (zone.startsWith("stop:")) {
            goStop(zone.substring(5));
        } else if (zone.startsWith("step:")) {
            go(Step.valueOf(zone.substring(5)));
        } else if (zone.startsWith("part:")) {
            String end = stop.startsWith("far") ? "far-part-" : "near-part-";
            goStop(end + zone.substring(5));
        } else if (zone.startsWith("set:")) {
            String[] pair = zone.substring(4).split("=", 2);
            noted.put(pair[0], pair[1]);
            changed.run();
        } else if (overlay.isPresent() && overlay.get() != Overlay.PRINT) {
            noted.put(overlay.get().name(), zone);
            changed.run();
        } else {
            picked.put(step, zone);
            changed.run();
        }
    }

    public void apply(JobChange change) {
        news = "";
        desk.edit(change);
        told.run();
    }

    public void goOn(JobChange change) {
        desk.goOn(change);
        told.run();
    }

    public void undo() {
        news = desk.history().undoLabel().map(l -> "Taken back: " + l + ".").orElse("Nothing to take back.");
        desk.undo();
        changed.run();
    }

    public void redo() {
        news = desk.history().redoLabel().map(l -> "Put in again: " + l + ".").orElse("Nothing to put in again.");
        desk.redo();
        changed.run();
    }

    public void pinLine() {
        boolean pinned = shadows.pin(assessment.map(Assessment::line));
        tell(pinned ? "The line as it is stays drawn thin; F6 lets it go." : "The pinned line is let go.");
    }

    /** Candidates are asked for when Choose is open. */
    private void askCandidates() {
        if (step == Step.CHOOSE && busy.isEmpty()) {
            assessment.ifPresent(ranking::ask);
        }
    }

    /** Called when the step changed, so that a bench that needs a study gets it. */
    public void opened() {
        askCandidates();
    }

    public void command(Input.Command command) {
        switch (command) {
            case RECORD, FIELD_TEST, SWING, RATE, TURN, SCAN, SIDES ->
                tasks.measuring().ask(command, showing());
            case IMPROVE -> improve();
            case SECTORS -> adviser.sectors(desk.job());
            case FINER -> adviser.fine(desk.job());
            case NEXT_STEP -> assessment.ifPresent(adviser::steps);
            case TAKE_IMPROVED -> takeImproved();
            case EXPLAIN -> assessment.ifPresent(adviser::trim);
            case SWEEP, SWEEP_AGAIN ->
                assessment.ifPresent(a -> tasks.sweeps().measure(a, command == Input.Command.SWEEP_AGAIN));
            case STOP -> stopStudy();
            case GO_BACK -> goBack();
            case CHECK_ADVERT -> tasks.checkAdvert();
            case TUNE, NET_BAND -> tasks.remaking().ask(command, desk.job());
            case LOGBOOK, OPEN_FOUND, EXPERIMENT -> tasks.shelf().ask(command, showing());
            default -> throw new IllegalArgumentException(command + " belongs to the window");
        }
    }

    public Stage<Improvement.Result> improvement() {
        return improver.found();
    }

    /** Looks for what the antenna could be and shows it; what was found before stays in view meanwhile. */
    private void improve() {
        overlay = Optional.of(Overlay.IMPROVE);
        noted.remove(Overlay.IMPROVE.name());
        news = "";
        assessment.flatMap(a -> Wish.of(noted, a)).ifPresent(improver::ask);
        changed.run();
    }

    /** Makes what is walked to on the curve the antenna. */
    private void takeImproved() {
        improver.picked(noted).filter(y -> desk.job().yagi().isPresent()).ifPresent(y -> {
            apply(new JobChange.OfYagi(new YagiChange.Take(y, "improved Yagi")));
            leaveOverlay();
            tell("Taken; Ctrl Z puts the old one back.");
        });
    }

    public void stopStudy() {
        studies.stop();
    }

    Tasks tasks() {
        return tasks;
    }

    public void readCsv(Path file) {
        assessment.ifPresent(a -> tasks.readIn().csv(file, a));
    }

    public void open(File file) {
        tasks.open(file.toPath());
    }

    public void saveAs(File file) {
        String name = file.getName().endsWith(".veldline.json") ? file.getName() : file.getName() + ".veldline.json";
        desk.saveAs(new JobStore(file.toPath().resolveSibling(name)));
        tell("Saving as " + name + "; the foot tells when.");
    }

    /** The job files of the folder the job is in; nothing where it is in none. */
    public void jobsBeside(Consumer<List<Path>> then) {
        desk.store().ifPresent(store -> tasks.beside(store, then));
    }

    /** A job was opened: what was known of the one before is forgotten. */
    void forgetJob() {
        ranking.forget();
        improver.forget();
        adviser.forget();
        whole = Optional.empty();
        picked.clear();
        noted.clear();
        shadows.forget();
        overlay = Optional.empty();
    }

    @Override
    public void close() {
        studies.close();
        desk.close();
    }
}
