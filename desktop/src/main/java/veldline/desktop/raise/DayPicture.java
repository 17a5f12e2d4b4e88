package veldline.desktop.raise;

import java.time.Duration;
import java.time.Instant;
import java.time.ZoneOffset;
import java.time.format.DateTimeFormatter;
import java.time.temporal.ChronoUnit;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import veldline.assess.DayRules;
import veldline.assess.Step;
import veldline.desktop.bench.Showing;
import veldline.explain.Origin;
import veldline.picture.Axis;
import veldline.picture.Mark.Anchor;
import veldline.picture.Mark.Dash;
import veldline.picture.Mark.Face;
import veldline.picture.Mark.Hatch;
import veldline.picture.Pen;
import veldline.picture.Picture;
import veldline.picture.Role;
import veldline.quantity.NumberText;
import veldline.raise.Daylight;
import veldline.raise.Schedule;

/** The steps as they hang from one another along the hours, what is waited for dotted, the night hatched; the day is dragged. */
final class DayPicture {
    private static final DateTimeFormatter CLOCK =
            DateTimeFormatter.ofPattern("HH:mm", Locale.ROOT).withZone(ZoneOffset.UTC);
    private static final double TOP = 92;
    private static final double NAMES = 18;
    private static final double LETTER = 6.7;
    /** Minutes a dragged beginning is set to. */
    private static final double GRAIN = 15;
    /** Hours shown before the light and after it. */
    private static final double ROOM = 1;
    /** Of a day without sunrise or sunset these hours are shown. */
    private static final double EARLY = 5;

    private static final double LATE = 22;

    private final Showing s;
    private final Schedule plan;
    private final List<Schedule.Slot> slots;
    private final Pen pen;
    private final Axis x;
    private final Instant midnight;
    /** Hours of the clock at which it begins. */
    private final double start;

    private final double row;

    DayPicture(Showing s, double width, double height) {
        this.s = s;
        this.plan = s.assessment().raise().schedule();
        this.slots = plan.slots(DayRules.there(s.job()));
        this.pen = Picture.pen(width, height);
        double left = Math.min(290, width * 0.42);
        Optional<Instant> begins = s.job().raise().day().begins();
        // One day of the clock stands still under what is dragged over it.
        this.midnight = begins.orElse(Instant.EPOCH).truncatedTo(ChronoUnit.DAYS);
        Optional<Daylight> light = DayRules.light(s.job());
        double from = light.map(l -> hours(l.rises()) - ROOM).orElse(EARLY);
        double to = light.map(l -> hours(l.sets()) + ROOM).orElse(begins.isPresent() ? LATE : EARLY);
        this.start = begins.map(this::hours).orElse(EARLY);
        double ends =
                start + slots.stream().mapToDouble(Schedule.Slot::to).max().orElse(60) / 60;
        this.x = new Axis(Math.min(from, start), Math.max(to, ends + ROOM / 2), left, width - 24);
        this.row = Math.max(24, Math.min(36, (height - TOP - 40) / Math.max(1, slots.size())));
    }

    private double hours(Instant at) {
        return Duration.between(midnight, at).toSeconds() / 3600.0;
    }

    /** When it begins if a step's middle is drawn to a place; empty while no day was picked. */
    Optional<Instant> begun(int slot, double place) {
        Schedule.Slot held = slots.get(slot);
        double hour = x.value(place) - (held.from() + held.to()) / 120;
        long grains = Math.round(60 * Math.max(0, Math.min(23.75, hour)) / GRAIN);
        return s.job().raise().day().begins().map(b -> midnight.plus(Duration.ofMinutes((long) (grains * GRAIN))));
    }

    Picture draw() {
        int chosen = s.pickedIndex(Step.RAISE, 0, slots.size());
        Schedule.Step step = plan.steps().get(slots.get(chosen).step());
        Optional<Instant> begins = s.job().raise().day().begins();
        pen.text(step.what(), 18, 28, Anchor.START, 15, Face.BOLD, Role.INK, Origin.Plain.NAME);
        pen.text(
                step.time().shown() + ", " + step.people()
                        + (step.people() == 1 ? " person" : " people")
                        + (step.waitsFor().isEmpty()
                                ? ""
                                : "; then " + NumberText.shown(step.waitMinutes(), 0) + " min for " + step.waitsFor())
                        + (step.high() ? "; off the ground" : ""),
                18,
                50,
                Anchor.START,
                13,
                Face.TEXT,
                Role.SLATE,
                Origin.of(step.time()));
        night();
        clock(begins.isPresent());
        for (int i = 0; i < slots.size(); i++) {
            row(i, i == chosen);
        }
        return pen.done();
    }

    /** Hours of the clock, or since the beginning where no day was picked. */
    private void clock(boolean picked) {
        double foot = TOP + row * slots.size();
        int every = x.to() - x.from() > 10 ? 2 : 1;
        for (int hour = (int) Math.ceil(x.from()); hour <= x.to(); hour++) {
            int told = picked ? hour : hour - (int) start;
            if (told % every == 0) {
                pen.line(x.at(hour), TOP - 8, x.at(hour), foot, Role.SAND, 1);
                pen.tick(
                        picked ? CLOCK.format(midnight.plus(Duration.ofHours(hour))) : told + " h",
                        x.at(hour),
                        foot + 18,
                        Anchor.MIDDLE);
            }
        }
    }

    private void night() {
        double foot = TOP + row * slots.size();
        Optional<Daylight> light = DayRules.light(s.job());
        if (light.isEmpty()) {
            return;
        }
        double rises = x.clamped(hours(light.get().rises()));
        double sets = x.clamped(hours(light.get().sets()));
        pen.hatched(x.start(), TOP - 8, Math.max(0, rises - x.start()), foot - TOP + 8, Role.EDGE, Hatch.BACK_DIAGONAL);
        pen.hatched(sets, TOP - 8, Math.max(0, x.end() - sets), foot - TOP + 8, Role.EDGE, Hatch.BACK_DIAGONAL);
        pen.words(
                "light " + CLOCK.format(light.get().rises()) + " to "
                        + CLOCK.format(light.get().sets()) + " UTC",
                x.end(),
                TOP - 16,
                Anchor.END,
                Face.TEXT,
                Role.SLATE);
    }

    private void row(int i, boolean on) {
        Schedule.Slot slot = slots.get(i);
        Schedule.Step step = plan.steps().get(slot.step());
        double y = TOP + i * row;
        double middle = y + row / 2;
        if (on) {
            pen.box(NAMES - 8, y, x.start() - NAMES, row, Role.MUSSEL_WASH);
        }
        int room = (int) ((x.start() - NAMES - 14) / LETTER);
        String name = step.what().length() > room ? step.what().substring(0, room - 1) + "…" : step.what();
        pen.text(name, NAMES, middle + 4, Anchor.START, 12.5, on ? Face.BOLD : Face.TEXT, Role.INK, Origin.Plain.NAME);
        double from = x.at(start + slot.from() / 60);
        double to = x.at(start + slot.to() / 60);
        pen.box(from, middle - 7, to - from, 14, on ? Role.MUSSEL : Role.INK);
        if (step.people() > 1) {
            pen.line(from, middle, to, middle, Role.SHEET, 2);
        }
        if (step.waitMinutes() > 0) {
            pen.line(
                    to, middle, x.at(start + (slot.to() + step.waitMinutes()) / 60), middle, Role.EDGE, 2, Dash.DOTTED);
        }
        // A step hangs from the one it waits for longest.
        step.after().stream()
                .max(Comparator.comparingDouble(
                        a -> slots.get(a).to() + plan.steps().get(a).waitMinutes()))
                .ifPresent(a -> pen.line(from, TOP + a * row + row / 2 + 8, from, middle - 8, Role.SAND, 1.5));
        pen.zone("slot:" + i, from - 4, y, Math.max(12, to - from + 8), row, step.what() + ", drag the day");
    }
}
