package veldline.desktop.raise;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import veldline.desktop.bench.Input;
import veldline.desktop.bench.Limits;
import veldline.desktop.bench.Showing;
import veldline.job.JobChange;
import veldline.quantity.Quantity;
import veldline.quantity.Unit;
import veldline.raise.Declination;
import veldline.raise.Mount;
import veldline.raise.RaiseChange;

/** The tube, the weather and the compass. */
final class MountInputs {
    private static final double THINNEST = 5e-4;

    private MountInputs() {}

    static List<Input> of(Showing s) {
        Mount m = s.job().raise().mount();
        List<Input> in = new ArrayList<>();
        in.add(new Input.Choice(
                "tube",
                "Tube",
                Arrays.stream(Mount.TubeMetal.values())
                        .map(t ->
                                new Input.Option(t.words(), t == m.tube(), change(m.withTube(t), "tube " + t.words())))
                        .toList()));
        in.add(new Input.Pair(
                new Input.Value(
                        "tube-diameter",
                        "Across",
                        m.diameter(),
                        "",
                        Limits.within(
                                Math.max(0.005, 2 * m.wall().value()),
                                0.5,
                                "twice its wall",
                                "500 mm",
                                q -> change(m.withDiameter(q), "tube " + q))),
                new Input.Value(
                        "tube-wall",
                        "Wall",
                        m.wall(),
                        "",
                        Limits.within(
                                THINNEST,
                                m.diameter().value() / 2,
                                "0.5 mm",
                                "half its diameter",
                                q -> change(m.withWall(q), "wall " + q)))));
        in.add(new Input.Pair(
                new Input.Value(
                        "free",
                        "Above the clamp",
                        m.free(),
                        "",
                        Limits.within(0.05, 12, "5 cm", "12 m", q -> change(m.withFree(q), "free length " + q))),
                new Input.Value(
                        "ice",
                        "Ice",
                        m.ice(),
                        "",
                        Limits.within(0, 0.1, "0", "100 mm", q -> change(m.withIce(q), "ice " + q)))));
        in.add(new Input.Value(
                "wind",
                "Gust to stand",
                m.wind(),
                "",
                Limits.within(1, 90, "1 m/s", "90 m/s", q -> change(m.withWind(q), "gust " + q))));
        Optional<Declination> known = s.job().raise().declination();
        in.add(new Input.Value(
                "declination",
                "Declination, east",
                known.map(Declination::east).orElse(Quantity.of("0", Unit.DEG)),
                known.map(d -> d.date().toString()).orElse("not known"),
                Limits.within(
                        -180,
                        180,
                        "−180",
                        "180 °",
                        q -> new JobChange.OfRaise(
                                new RaiseChange.Compass(Optional.of(new Declination(q, LocalDate.now())))))));
        in.add(
                new Input.Note(
                        "mount-how",
                        "Draw the antenna up or down; left and right walk the wind. The gust is for local code to say: 35 m/s is a storm inland, coasts and ridges have more."));
        in.add(
                new Input.Note(
                        "mount-care",
                        "Fixings into sound masonry, not into joints; hidden cables and pipes before any hole; flues, roof sheets and people below. What a structure bears is for licensed practice."));
        return in;
    }

    private static JobChange change(Mount to, String what) {
        return new JobChange.OfRaise(new RaiseChange.OnMount(to, what));
    }

    static JobChange free(Mount m, double metres) {
        Quantity q = Quantity.shown(Math.max(0.05, Math.min(12, metres)), Unit.M, 2);
        return change(m.withFree(q), "free length " + q);
    }
}
