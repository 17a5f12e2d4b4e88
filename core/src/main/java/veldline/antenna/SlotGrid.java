package veldline.antenna;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.DoubleUnaryOperator;
import veldline.field.wire.Direction;
import veldline.field.wire.Port;
import veldline.field.wire.Vec;
import veldline.field.wire.Wire;
import veldline.field.wire.WireModel;

/** A sheet with a slot as a net of wires, lines along the slot and across, each with the surface it stands for; fed across the throat. */
final class SlotGrid {
    private static final int MOST = 2600;

    private SlotGrid() {}

    /**
     * @param back from the throat to where the slot ends behind it, metres
     * @param width of the slot by the place from the throat
     * @param fin sheet beyond the mouth to either side, metres
     */
    static Optional<WireModel> of(
            double wave, double length, double back, DoubleUnaryOperator width, double fin, double conductivity) {
        int along = (int) Math.max(4, Math.round(length / (WireGrid.STEP * wave)));
        int behind = Math.max(2, (int) Math.round(back / (WireGrid.STEP * wave)));
        double outer = width.applyAsDouble(length) / 2 + fin;
        int across = (int) Math.max(2, Math.round(outer / (WireGrid.STEP * wave)));
        if (2.0 * (along + behind) * across * 2.2 > MOST) {
            return Optional.empty();
        }
        double throat = width.applyAsDouble(0) / 2;
        List<Wire> wires = new ArrayList<>();
        wires.add(new Wire(
                List.of(new Vec(0, -throat, 0), new Vec(0, throat, 0)),
                Math.min(throat / 6, 0.004 * wave),
                false,
                Optional.of(conductivity)));
        for (int side : new int[] {-1, 1}) {
            Vec[][] at = new Vec[along + behind + 1][across + 1];
            for (int i = 0; i <= along + behind; i++) {
                double x = i < behind ? -back * (behind - i) / behind : length * (i - behind) / along;
                double inner = i < behind ? throat : width.applyAsDouble(x) / 2;
                for (int j = 0; j <= across; j++) {
                    at[i][j] = new Vec(x, side * (inner + (outer - inner) * j / across), 0);
                }
            }
            for (Vec[] rung : at) {
                // Neighbours across a narrow slot may not touch: what is thick there is thinned.
                double open = 2 * Math.abs(rung[0].y());
                wires.add(sheet(List.of(rung), Math.min(WireGrid.STEP * wave, 1.2 * open), wave, conductivity));
            }
            for (int j = 0; j <= across; j++) {
                List<Vec> line = new ArrayList<>();
                for (Vec[] rung : at) {
                    line.add(rung[j]);
                }
                // Lines draw together towards the mouth: as thick as they may be there.
                double apart = Math.min(outer - throat, 2 * fin) / across;
                wires.add(sheet(line, j == 0 ? Math.min(apart, 1.2 * throat) : apart, wave, conductivity));
            }
        }
        double end = -back;
        wires.add(sheet(List.of(new Vec(end, -throat, 0), new Vec(end, throat, 0)), throat, wave, conductivity));
        return Optional.of(WireModel.inFreeSpace("tapered slot", wires, Port.middleOf(0), Direction.X));
    }

    private static Wire sheet(List<Vec> points, double apart, double wave, double conductivity) {
        double shortest = Double.MAX_VALUE;
        for (int i = 1; i < points.size(); i++) {
            shortest = Math.min(shortest, points.get(i).minus(points.get(i - 1)).length());
        }
        double radius = Math.min(Math.min(WireGrid.THICKEST * wave, apart / (2 * Math.PI)), shortest / 5);
        return WireGrid.sheet(points, radius, false, conductivity);
    }
}
