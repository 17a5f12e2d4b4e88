package veldline.field.solve;

import java.util.ArrayList;
import java.util.List;
import veldline.field.wire.Network;
import veldline.field.wire.Port;
import veldline.field.wire.Source;
import veldline.field.wire.Wire;
import veldline.field.wire.WireModel;

/**
 * The places on wires where something is joined: sources and ends of networks. What is at one place shares it.
 *
 * @param ports one for each place
 * @param sources the place of each source
 * @param networks the two places of each network
 */
record Places(List<Port> ports, List<Integer> sources, List<int[]> networks) {
    static Places of(WireModel model) {
        List<Port> ports = new ArrayList<>();
        List<Integer> sources = new ArrayList<>();
        for (Source s : model.sources()) {
            sources.add(place(s.port(), model, ports));
        }
        List<int[]> networks = new ArrayList<>();
        for (Network n : model.networks()) {
            networks.add(new int[] {place(n.from(), model, ports), place(n.to(), model, ports)});
        }
        return new Places(List.copyOf(ports), List.copyOf(sources), List.copyOf(networks));
    }

    private static int place(Port port, WireModel model, List<Port> ports) {
        Wire wire = model.wires().get(port.wire());
        for (int i = 0; i < ports.size(); i++) {
            Port known = ports.get(i);
            if (known.wire() == port.wire()
                    && Math.abs(known.distanceAlong(wire) - port.distanceAlong(wire)) < 1e-3 * wire.radius()) {
                return i;
            }
        }
        ports.add(port);
        return ports.size() - 1;
    }
}
