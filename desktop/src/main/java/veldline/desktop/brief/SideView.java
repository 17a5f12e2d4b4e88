package veldline.desktop.brief;

import java.util.ArrayList;
import java.util.List;
import veldline.assess.PathFigures;
import veldline.explain.Origin;
import veldline.explain.Worked;
import veldline.link.Brief;
import veldline.path.FreeSpace;
import veldline.path.Fresnel;
import veldline.path.Passage;
import veldline.path.Profile;
import veldline.path.Sightline;
import veldline.path.TideCurve;
import veldline.path.Way;
import veldline.picture.Axis;
import veldline.picture.Mark.Anchor;
import veldline.picture.Mark.At;
import veldline.picture.Mark.Dash;
import veldline.picture.Mark.Face;
import veldline.picture.Mark.Hatch;
import veldline.picture.Pen;
import veldline.picture.Role;
import veldline.quantity.NumberText;

/** The link from the side: the ground with the earth's curve under it, water, both rays and the first zone. */
final class SideView {
    private static final double LEFT = 62;
    private static final double TOP = 34;
    /** More points than the picture has pixels are not drawn. */
    private static final int MOST_DRAWN = 500;

    private final Pen pen;
    private final Brief brief;
    private final PathFigures path;
    private final double split;
    private final double tide;
    private final Axis along;
    private final Axis up;
    private final double nearZero;
    private final double farZero;

    /** @param tide what stands over the lowest now, metres */
    SideView(Pen pen, Brief brief, PathFigures path, double split, double tide) {
        this.pen = pen;
        this.brief = brief;
        this.path = path;
        this.split = split;
        this.tide = tide;
        Way way = brief.way();
        this.nearZero = way.standing(true, 0);
        this.farZero = way.standing(false, 0);
        this.along = new Axis(0, brief.distance().value(), LEFT - 10, pen.width() - 196);
        double low = lowest();
        double high = Math.max(path.passage().near(), path.passage().far());
        for (int i = 0; way.profile().isPresent() && i < path.over().line().places(); i++) {
            high = Math.max(high, path.over().line().standing(i));
        }
        this.up = new Axis(low, high + 0.3 * (high - low) + 1, split - 34, TOP);
    }

    private double lowest() {
        double ends = Math.min(nearZero, farZero);
        return brief.way()
                .profile()
                .map(p -> Math.min(
                        ends, p.heights().stream().mapToDouble(h -> h).min().orElse(0)))
                .orElse(Math.min(0, ends));
    }

    /** Height of an antenna, counted as the brief counts it, at a place in the picture. */
    double heightAt(boolean near, double y) {
        return up.value(y) - (near ? nearZero : farZero);
    }

    void draw() {
        pen.text("From the side", 18, 22, Anchor.START, 15, Face.BOLD, Role.INK, Origin.Plain.NAME);
        pen.words(counted() + "; drag an antenna up or down", 130, 22, Anchor.START, Face.TEXT, Role.SLATE);
        water();
        brief.way().profile().ifPresent(this::ground);
        fresnel();
        rays();
        mast("near", 0, nearZero, brief.near().height().value(), brief.near().name(), Anchor.START);
        mast(
                "far",
                along.to(),
                farZero,
                brief.far().height().value(),
                brief.far().name(),
                Anchor.END);
        double x = pen.width() - 136;
        fact("distance takes", path.freeSpace(), x, 60);
        PathFigures.Over over = path.over();
        if (over.clearance().isPresent() && brief.way().profile().isPresent()) {
            fact("first zones clear", over.clearance().get(), x, 104);
        } else {
            fact("Fresnel radius", path.fresnel(), x, 104);
        }
        boolean bounces = over.counts().bounces();
        if (over.counts() == Passage.Ground.NEITHER) {
            return;
        }
        fact(bounces ? "bounce, typical" : "edges take", bounces ? path.middle() : over.edges(), x, 148);
    }

    private String counted() {
        boolean known = brief.way().profile().isPresent();
        return brief.way().overGround() && known
                ? "heights over the ground"
                : brief.tide().value() > 0
                        ? "heights over " + brief.way().rise().low()
                        : known ? "heights over the ground's zero" : "heights over the ground";
    }

    /** Water, flood or snow as it stands now; over even ground it is all there is to see. */
    private void water() {
        boolean known = brief.way().profile().isPresent();
        double y = up.at(known ? tide : Math.max(tide, 0));
        double left = LEFT - 44;
        double right = along.end() + 30;
        if (!known) {
            pen.hatched(left, y, right - left, split - 14 - y, Role.EDGE, Hatch.BACK_DIAGONAL);
            pen.line(left, y, right, y, Role.EDGE, 1.5);
        } else if (brief.tide().value() > 0) {
            pen.line(along.start(), y, along.end(), y, Role.EDGE, 1.5, Dash.DASHED);
        }
    }

    private void ground(Profile p) {
        Sightline line = path.over().line();
        List<At> top = new ArrayList<>();
        int every = Math.max(1, p.size() / MOST_DRAWN);
        for (int i = 0; i < p.size(); i += every) {
            top.add(point(p, line, i));
        }
        if ((p.size() - 1) % every != 0) {
            top.add(point(p, line, p.size() - 1));
        }
        List<At> area = new ArrayList<>(top);
        area.add(new At(along.end(), split - 14));
        area.add(new At(along.start(), split - 14));
        pen.area(area, Role.EDGE, Hatch.BACK_DIAGONAL);
        pen.path(top, Role.EDGE, 2, Dash.SOLID);
        int tightest = path.over().tightest();
        if (tightest > 0 && path.over().clearance().orElseThrow().value() < 1) {
            double x = along.at(line.place(tightest));
            pen.line(x, up.at(line.standing(tightest)), x, up.at(line.height(line.place(tightest))), Role.INK, 1);
            pen.dot(x, up.at(line.standing(tightest)), 4, Role.SHEET, Role.INK, 1.5);
        }
    }

    /** The ground with the earth's curve under it, as the straight line sees it. */
    private At point(Profile p, Sightline line, int i) {
        double bare = line.standing(i) - line.water(i) + p.heights().get(i);
        return new At(along.at(line.place(i)), up.at(bare));
    }

    private void rays() {
        double near = path.passage().near();
        double far = path.passage().far();
        TideCurve curve = path.tide();
        boolean bounces = path.over().counts().bounces();
        if (bounces) {
            double at = curve.bouncesAt(tide);
            double off = curve.bouncesOff(tide);
            double y = up.at(off + at * (along.to() - at) / (2 * brief.way().earth()));
            pen.path(
                    List.of(
                            new At(along.at(0), up.at(near)),
                            new At(along.at(at), y),
                            new At(along.at(along.to()), up.at(far))),
                    Role.LICHEN,
                    1.8,
                    Dash.DASHED);
            pen.words(
                    "bounced",
                    along.at(at * 0.5) + 8,
                    (up.at(near) + y) / 2 + 14,
                    Anchor.START,
                    Face.TEXT,
                    Role.LICHEN);
        }
        pen.line(along.at(0), up.at(near), along.at(along.to()), up.at(far), Role.MUSSEL, 3);
        pen.words(
                "direct",
                along.at(along.to() * 0.5),
                up.at((near + far) / 2) - 8,
                Anchor.MIDDLE,
                Face.TEXT,
                Role.MUSSEL);
    }

    private void fresnel() {
        List<At> over = new ArrayList<>();
        List<At> under = new ArrayList<>();
        double d = along.to();
        double near = path.passage().near();
        double far = path.passage().far();
        double wave = FreeSpace.wavelength(brief.frequency().value());
        for (int i = 0; i <= 40; i++) {
            double x = d * i / 40;
            double r = i == 0 || i == 40 ? 0 : Fresnel.radius(1, x, d - x, wave);
            double mid = near + (far - near) * i / 40;
            over.add(new At(along.at(x), Math.max(up.at(mid + r), 30)));
            under.add(0, new At(along.at(x), Math.min(up.at(mid - r), split - 14)));
        }
        over.addAll(under);
        pen.add(new veldline.picture.Mark.Stroke(over, true, Role.MUSSEL, 1, Dash.DASHED));
    }

    private void mast(String id, double at, double zero, double height, String name, Anchor anchor) {
        double x = along.at(at);
        double y = up.at(zero + height);
        pen.line(x, y, x, up.at(zero), Role.INK, 3);
        pen.dot(x, y, 7, Role.MUSSEL, Role.SHEET, 2);
        boolean start = anchor == Anchor.START;
        pen.text(
                name + ", " + NumberText.shown(height, 1) + " m",
                x + (start ? -24 : 24),
                y - 14,
                anchor,
                13,
                Face.BOLD,
                Role.INK,
                Origin.Plain.TYPED);
        pen.zone(
                "height:" + id,
                x - 16,
                y - 14,
                32,
                28,
                name + " antenna, " + NumberText.shown(height, 1) + " m; drag up or down");
    }

    private void fact(String what, Worked w, double x, double y) {
        pen.words(what, x, y, Anchor.START, Face.TEXT, Role.SLATE);
        pen.text(w.shown(), x, y + 18, Anchor.START, 15, Face.MONO_BOLD, Role.INK, Origin.of(w));
    }
}
