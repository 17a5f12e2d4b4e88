package veldline.desktop.prove;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import veldline.assess.ProvePage;
import veldline.assess.Step;
import veldline.desktop.bench.Bench;
import veldline.desktop.bench.Input;
import veldline.desktop.bench.Limits;
import veldline.desktop.bench.Pages;
import veldline.desktop.bench.Showing;
import veldline.explain.Finding;
import veldline.format.ReadingsCsv;
import veldline.job.JobChange;
import veldline.link.BriefChange;
import veldline.picture.Picture;
import veldline.prove.ProveChange;
import veldline.prove.ProvePlan;
import veldline.prove.RateTest;
import veldline.prove.Recording;
import veldline.quantity.Quantity;
import veldline.quantity.Unit;

/** Before and after, lined up, and how sure the difference is; how far it reaches; and why it falls short. Each is walked. */
public final class ProveBench implements Bench {
    @Override
    public Step step() {
        return Step.PROVE;
    }

    @Override
    public String heading(Showing s) {
        return switch (page(s)) {
            case "walk" -> "How far it reaches";
            case "why" -> "What was measured";
            case "rate" -> "Rate, delay, loss";
            case "turn" -> "One thing turned";
            case "survey" -> "Who is heard";
            case "sides" -> "Beside a known antenna";
            default -> "What to compare";
        };
    }

    static final String PAGE = "prove";
    /** Under which is noted how a recording is made. */
    public static final String PACE = "prove.pace";

    public static final String HOURS = "hours";

    private static String page(Showing s) {
        return s.noted().getOrDefault(PAGE, "compare");
    }

    @Override
    public List<Input> inputs(Showing s) {
        List<Input> in = new ArrayList<>();
        Map<String, String> words = new LinkedHashMap<>();
        for (ProvePage p : ProvePage.values()) {
            words.put(p.id(), p.words());
        }
        in.add(Pages.pick(PAGE, words, page(s)));
        switch (page(s)) {
            case "walk" -> in.addAll(WalkInputs.of(s));
            case "why" -> in.addAll(WhyInputs.of(s));
            case "rate" -> in.addAll(RateInputs.of(s));
            case "turn" -> in.addAll(TurnInputs.of(s));
            case "survey" -> in.addAll(SurveyInputs.of(s));
            case "sides" -> in.addAll(SidesInputs.of(s));
            default -> compare(in, s);
        }
        return in;
    }

    private static void compare(List<Input> in, Showing s) {
        ProvePlan p = s.job().prove();
        if (!p.recordings().isEmpty()) {
            in.add(new Input.Pick("before", "Before", options(p, true)));
            in.add(new Input.Pick("after", "After", options(p, false)));
        }
        in.add(new Input.Choice(
                "line-up",
                "Line up by",
                List.of(
                        new Input.Option(
                                "tide",
                                p.lineUp() == ProvePlan.LineUp.TIDE,
                                lift(new ProveChange.LineUpBy(ProvePlan.LineUp.TIDE))),
                        new Input.Option(
                                "order",
                                p.lineUp() == ProvePlan.LineUp.ORDER,
                                lift(new ProveChange.LineUpBy(ProvePlan.LineUp.ORDER))))));
        in.add(new Input.Pair(
                new Input.Value(
                        "skip",
                        "Skip at start",
                        p.skip(),
                        "",
                        Limits.within(0, 36_000, "0", "10 h", q -> lift(new ProveChange.Skip(q)))),
                sure(s)));
        if (s.busy().isPresent()) {
            in.add(new Input.Action("stop", "Stop and keep nothing", "Esc", Input.Command.STOP));
        } else {
            boolean hours = HOURS.equals(s.noted().get(PACE));
            in.add(new Input.Choice(
                    "pace",
                    "It records",
                    List.of(
                            new Input.Option("a tide", !hours, new Input.Outcome.Picked("set:" + PACE + "=tide")),
                            new Input.Option(
                                    "8 h, fast", hours, new Input.Outcome.Picked("set:" + PACE + "=" + HOURS)))));
            in.add(new Input.Action("record", "Record it as it is", "R", Input.Command.RECORD));
            in.add(new Input.Action("csv", "Read a CSV file", "", Input.Command.READ_CSV));
            in.add(
                    new Input.Text(
                            "columns",
                            "Its columns: level=P_rx, time=t",
                            p.columns(),
                            text -> ReadingsCsv.Mapping.read(text).isPresent()
                                    ? Input.Outcome.of(lift(new ProveChange.Columns(text.strip())))
                                    : new Input.Outcome.Refused(
                                            "“" + text
                                                    + "” was not understood: level, time, tide or warmth, an equals sign and a heading, a comma between; nothing where headings tell.")));
        }
        in.add(new Input.Note(
                "source",
                "The receiver is a simulated one on a loopback socket: a tide passes in seconds. Before a"
                        + " transmit test: people clear, right region set, listen first."));
    }

    static Input.Value sure(Showing s) {
        return new Input.Value(
                "sure",
                "Sure, in 100",
                s.job().prove().confidence(),
                "",
                Limits.within(50, 99.9, "50", "99.9", q -> lift(new ProveChange.Sure(q))));
    }

    private static List<Input.Option> options(ProvePlan p, boolean before) {
        return IntStream.range(0, p.recordings().size())
                .mapToObj(i -> new Input.Option(
                        name(p.recordings().get(i), i),
                        i == (before ? p.before() : p.after()),
                        lift(before ? new ProveChange.Compare(i, p.after()) : new ProveChange.Compare(p.before(), i))))
                .toList();
    }

    static String name(Recording r, int i) {
        return (i + 1) + " " + r.name() + ", " + r.setUp();
    }

    private static JobChange lift(ProveChange change) {
        return new JobChange.OfProve(change);
    }

    @Override
    public Picture centre(Showing s, double width, double height) {
        return switch (page(s)) {
            case "walk" -> new WalkPicture(s, width, height).draw();
            case "why" -> new WhyPicture(s, width, height).draw();
            case "rate" -> new RatePicture(s, width, height).draw();
            case "turn" -> new TurnPicture(s, width, height).draw();
            case "survey" -> new SurveyPicture(s, width, height).draw();
            case "sides" -> new SidesPicture(s, width, height).draw();
            default ->
                s.advice()
                        .live()
                        .filter(l -> s.busy().isPresent())
                        .map(l -> new LivePicture(s, l, width, height).draw())
                        .orElseGet(() -> new ProvePicture(s, width, height).draw());
        };
    }

    @Override
    public String question(Showing s) {
        return "Did it work?";
    }

    /** What is looked at says its own first. */
    @Override
    public List<Finding> findings(Showing s) {
        return Stream.of(ProvePage.values())
                .filter(p -> p.id().equals(page(s)))
                .findFirst()
                .map(p -> p.findings(s.assessment()))
                .orElse(s.assessment().of(Step.PROVE));
    }

    @Override
    public List<String> walk(Showing s) {
        return switch (page(s)) {
            case "walk" -> zones("walked:", s.job().prove().walk().size());
            case "why" -> WhyPicture.zones();
            case "rate" -> zones("rate:", RatePicture.ROWS.size());
            case "turn" ->
                zones("turned:", s.job().prove().turned(TurnInputs.turned(s)).size());
            case "survey" -> zones("heard:", s.job().prove().survey().size());
            case "sides" -> zones("side:", s.job().prove().sides().readings().size());
            default -> zones("recording:", s.job().prove().recordings().size());
        };
    }

    private static List<String> zones(String name, int count) {
        return IntStream.range(0, count).mapToObj(i -> name + i).toList();
    }

    @Override
    public Optional<JobChange> dragged(
            Showing s, String zone, double fromX, double fromY, double x, double y, double width, double height) {
        if (zone.equals("wanted")) {
            double margin = new WalkPicture(s, width, height).marginAt(y);
            return Optional.of(new JobChange.OfBrief(new BriefChange.MarginWanted(Quantity.shown(margin, Unit.DB, 1))));
        }
        if (zone.equals("hangs")) {
            double metres = new TurnPicture(s, width, height).heightAt(x);
            return Optional.of(new JobChange.OfBrief(new BriefChange.Height(true, Quantity.shown(metres, Unit.M, 1))));
        }
        if (zone.matches("heard:\\d+")) {
            Quantity level = Quantity.shown(new SurveyPicture(s, width, height).levelAt(x), Unit.DBM, 1);
            return Optional.of(SurveyInputs.after(s, Integer.parseInt(zone.substring(6)), level));
        }
        if (zone.matches("side:\\d+")) {
            Quantity level = Quantity.shown(new SidesPicture(s, width, height).levelAt(y), Unit.DBM, 1);
            return Optional.of(SidesInputs.level(s.job().prove().sides(), Integer.parseInt(zone.substring(5)), level));
        }
        if (zone.equals("rate:1") || zone.equals("rate:2")) {
            Quantity to = Quantity.shown(new RatePicture(s, width, height).rateAt(x), Unit.MBIT_S, 2);
            RateTest now = s.job().prove().rate();
            return Optional.of(RateInputs.change(zone.equals("rate:1") ? now.withAir(to) : now.withWired(to)));
        }
        return WhyPicture.test(zone)
                .map(t -> WhyInputs.observe(
                        t, Optional.of(Quantity.shown(new WhyPicture(s, width, height).valueAt(x), Unit.DB, 1))));
    }

    @Override
    public Optional<JobChange> taken(Showing s, String zone) {
        ProvePlan p = s.job().prove();
        if (p.recordings().isEmpty() || !page(s).equals("compare")) {
            return Optional.empty();
        }
        int i = s.pickedIndex(
                Step.PROVE, p.recordings().size() - 1, p.recordings().size());
        return Optional.of(lift(new ProveChange.Compare(p.after(), i)));
    }

    @Override
    public int walkStart(Showing s) {
        return switch (page(s)) {
            case "walk" -> Math.max(0, s.job().prove().walk().size() - 1);
            case "why" -> 0;
            case "rate" -> 1;
            case "turn", "survey" -> 0;
            case "sides" -> Math.max(0, s.job().prove().sides().readings().size() - 1);
            default -> Math.max(0, s.job().prove().recordings().size() - 1);
        };
    }
}
