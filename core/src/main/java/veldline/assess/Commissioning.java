package veldline.assess;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import veldline.antenna.Polarized;
import veldline.explain.Worked;
import veldline.feed.Branch;
import veldline.feed.FeedPart;
import veldline.feed.FeedRun;
import veldline.feed.Outlet;
import veldline.job.Job;
import veldline.link.LevelLine;
import veldline.link.Radio;
import veldline.quantity.NumberText;

/**
 * What is looked at before a link is handed over, made from this job's own parts, in the order in which the signal meets them.
 *
 * @param items none where there is no link yet
 */
public record Commissioning(List<Item> items) {
    /** Ticks are kept among the others of the raising plan under this. */
    private static final String TICK = "done:";
    /** A radio may read so much less than it was set to, dB. */
    private static final double READ_BACK = 1;

    /**
     * One thing to look at.
     *
     * @param tick what is kept when it is done
     * @param stop on the line where it is
     * @param where the part's name
     * @param what is to be seen, a sentence
     * @param expected the number that belongs to it
     * @param done whether it was ticked
     */
    public record Item(String tick, String stop, String where, String what, Optional<Worked> expected, boolean done) {}

    public Commissioning {
        items = List.copyOf(items);
    }

    public static Commissioning of(Assessment a) {
        List<Item> items = new ArrayList<>();
        for (LevelLine.Stop stop : a.line().stops()) {
            String id = stop.id();
            boolean near = id.startsWith("near");
            if (id.endsWith("-radio")) {
                radio(items, a, stop, near);
            } else if (id.contains("-part-")) {
                part(items, a, stop, near, Integer.parseInt(id.substring(id.lastIndexOf('-') + 1)));
            } else if (id.endsWith("-antenna")) {
                antenna(items, a, stop, near);
            }
        }
        outlets(items, a, true);
        outlets(items, a, false);
        return new Commissioning(items);
    }

    public long left() {
        return items.stream().filter(i -> !i.done()).count();
    }

    private static void put(
            List<Item> items,
            Assessment a,
            String id,
            String stop,
            String where,
            String what,
            Optional<Worked> expected) {
        String tick = TICK + id;
        Set<String> ticked = a.job().raise().ticked();
        items.add(new Item(tick, stop, where, what, expected, ticked.contains(tick)));
    }

    private static void radio(List<Item> items, Assessment a, LevelLine.Stop stop, boolean near) {
        Job job = a.job();
        Radio radio = near ? job.brief().near().radio() : job.brief().far().radio();
        String channel = job.brief().frequency().toString();
        if (radio.sends()) {
            put(
                    items,
                    a,
                    stop.id() + "-set",
                    stop.id(),
                    stop.name(),
                    "Region, channel " + channel + ", width and power read back: " + radio.power() + ", within "
                            + NumberText.shown(READ_BACK, 0) + " dB.",
                    near ? Optional.of(stop.step()) : Optional.empty());
        }
        if (!near) {
            put(
                    items,
                    a,
                    stop.id() + "-hears",
                    stop.id(),
                    stop.name(),
                    "Mode and channel " + channel + " set; it hears the level worked out.",
                    a.line().answered() ? Optional.of(stop.level()) : Optional.empty());
        }
    }

    private static void part(List<Item> items, Assessment a, LevelLine.Stop stop, boolean near, int index) {
        FeedPart part = (near ? a.job().nearRun() : a.job().farRun()).parts().get(index);
        part.amplifier().ifPresent(x -> {
            put(
                    items,
                    a,
                    stop.id() + "-power",
                    stop.id(),
                    stop.name(),
                    "Shows power: " + NumberText.shown(x.volts(), 0)
                            + " V at its socket, measured before it is screwed on.",
                    Optional.empty());
            put(
                    items,
                    a,
                    stop.id() + "-round",
                    stop.id(),
                    stop.name(),
                    "Its input is towards the " + (near ? "radio" : "antenna") + ", its output the other way.",
                    Optional.empty());
        });
        if (part.supplies() > 0) {
            put(
                    items,
                    a,
                    stop.id() + "-supply",
                    stop.id(),
                    stop.name(),
                    "Its supply side, " + NumberText.shown(part.supplies(), 0)
                            + " V, is towards the antenna; its lamp is on. Mains side closed, certified supply.",
                    Optional.empty());
        }
        if (part.kind() == FeedPart.Kind.ARRESTOR) {
            put(
                    items,
                    a,
                    stop.id() + "-bond",
                    stop.id(),
                    stop.name(),
                    "Bonded at the entry, by local code and licensed practice.",
                    Optional.empty());
        }
    }

    private static void antenna(List<Item> items, Assessment a, LevelLine.Stop stop, boolean near) {
        a.job()
                .antenna(near)
                .polarized()
                .ifPresent(p -> put(
                        items,
                        a,
                        stop.id() + "-field",
                        stop.id(),
                        stop.name(),
                        "Seen from behind its field " + (p.circular() ? "turns " : "stands ") + p.words() + ", "
                                + other(a.job(), near, p) + "; clamp tight, drip loop, seal.",
                        Optional.empty()));
    }

    private static String other(Job job, boolean near, Polarized here) {
        return job.antenna(!near)
                .polarized()
                .filter(p -> p != here)
                .map(p -> "but the other end's is " + p.words())
                .orElse("as at the other end");
    }

    private static void outlets(List<Item> items, Assessment a, boolean near) {
        FeedRun run = near ? a.job().nearRun() : a.job().farRun();
        String end = near ? "near" : "far";
        for (FeedFigures.OfOutlet o : (near ? a.nearFeed() : a.farFeed()).outlets()) {
            Outlet outlet = o.outlet();
            Branch branch = outlet.branch();
            String stop =
                    end + "-part-" + run.branches().get(outlet.path().get(0)).part();
            String id = end + "-outlet-" + branch.name();
            String stands = a.line().indexOf(stop).isPresent() ? stop : end + "-radio";
            String what = branch.ending() == Branch.Ending.RADIO
                    ? "Station or link there; it hears the level worked out."
                    : "Closed by a load, not left open.";
            put(
                    items,
                    a,
                    id,
                    stands,
                    branch.name(),
                    what,
                    branch.ending() == Branch.Ending.RADIO && !near
                            ? OutletLevel.of(a, o.loss()).map(OutletLevel::level)
                            : Optional.empty());
        }
        for (int i = 0; i < run.parts().size(); i++) {
            int free = run.free(i);
            if (free > 0) {
                put(
                        items,
                        a,
                        end + "-free-" + i,
                        end + "-part-" + i,
                        run.parts().get(i).name(),
                        free + (free == 1 ? " outlet nobody spoke of is" : " outlets nobody spoke of are")
                                + " closed by loads.",
                        Optional.empty());
            }
        }
    }
}
