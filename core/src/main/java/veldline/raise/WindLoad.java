package veldline.raise;

/**
 * Wind on a tube and a panel above a clamp, and what it does to the tube (fluid mechanics; beam theory). Gusts, ice and
 * how the place lies are not in it; local codes and licensed practice decide.
 */
public record WindLoad(
        double pressure, double tubeForce, double panelForce, double moment, double sectionModulus, double stress) {
    /**
     * A tube that stands free above its clamp.
     *
     * @param diameter outside, metres
     * @param wall metres
     * @param length above the clamp, metres
     * @param drag coefficient, about 1.2 for a round tube
     */
    public record Tube(double diameter, double wall, double length, double drag) {}

    /**
     * A panel or grid on it.
     *
     * @param area over all, square metres
     * @param solidity the part of it that is solid, 1 for a plate
     * @param drag coefficient on the solid part
     * @param height of its middle above the clamp, metres
     */
    public record Panel(double area, double solidity, double drag, double height) {}

    /**
     * In pascals, newtons, newton metres and cubic metres.
     *
     * @param speed of the wind, m/s
     * @param density of the air, kg/m³
     */
    public static WindLoad of(double speed, double density, Tube tube, Panel panel) {
        double pressure = 0.5 * density * speed * speed;
        double onTube = pressure * tube.drag * tube.diameter * tube.length;
        double onPanel = pressure * panel.drag * panel.area * panel.solidity;
        double moment = onTube * tube.length / 2 + onPanel * panel.height;
        double inner = tube.diameter - 2 * tube.wall;
        double modulus = Math.PI * (Math.pow(tube.diameter, 4) - Math.pow(inner, 4)) / (32 * tube.diameter);
        return new WindLoad(pressure, onTube, onPanel, moment, modulus, moment / modulus);
    }

    /** On tube and panel together, newtons. */
    public double force() {
        return tubeForce + panelForce;
    }
}
