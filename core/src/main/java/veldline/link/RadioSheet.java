package veldline.link;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import veldline.feed.Connector;
import veldline.quantity.Quantity;

/**
 * What a radio's data sheet says.
 *
 * @param id its drawer number
 * @param name generic, in the singular
 * @param bands it works in
 * @param rates from the slowest up; at least one
 * @param ports at least one
 * @param chains how many ports send or hear at once
 * @param supply what it runs on
 * @param overload the level at its socket above which it no longer works well
 */
public record RadioSheet(
        String id,
        String name,
        List<Band> bands,
        List<Rate> rates,
        List<Port> ports,
        int chains,
        Supply supply,
        Quantity overload) {
    public RadioSheet {
        bands = List.copyOf(bands);
        rates = List.copyOf(rates);
        ports = List.copyOf(ports);
        if (rates.isEmpty() || ports.isEmpty()) {
            throw new IllegalArgumentException(
                    "The radio “" + name + "” has no rate or no port; its sheet needs one of each");
        }
    }

    /** From one frequency to another. */
    public record Band(Quantity low, Quantity high) {
        public boolean holds(double frequency) {
            return frequency >= low.value() && frequency <= high.value();
        }
    }

    /**
     * One way of sending.
     *
     * @param rate bits a second; zero for plain voice or a beep
     * @param power sent at the socket; empty for a receiver
     * @param sensitivity least level at the socket
     */
    public record Rate(Quantity rate, Optional<Quantity> power, Quantity sensitivity) {}

    /**
     * A socket, or an antenna built in.
     *
     * @param connector its half of the joint
     * @param detachable whether an antenna can be changed there
     * @param sends whether it sends at all, or only hears
     * @param loaded whether it must never send with nothing on it
     * @param bias direct voltage it puts out on the centre; zero for none
     */
    public record Port(
            String name, Connector connector, boolean detachable, boolean sends, boolean loaded, double bias) {}

    /**
     * @param volts direct
     * @param watts at most
     */
    public record Supply(double volts, double watts) {}

    public boolean covers(double frequency) {
        return bands.stream().anyMatch(b -> b.holds(frequency));
    }

    /** The slowest rate that carries so many bits a second; empty when none does. */
    public Optional<Rate> carrying(double bitsPerSecond) {
        return rates.stream()
                .filter(r -> r.rate().value() >= bitsPerSecond)
                .min(Comparator.comparingDouble(r -> r.rate().value()));
    }

    /** The port an antenna of one's own goes to, or the first where none can be changed. */
    public Port port() {
        return ports.stream().filter(Port::detachable).findFirst().orElse(ports.get(0));
    }

    /** The radio as it is set for a rate. */
    public Radio set(Rate rate) {
        return new Radio(
                name,
                rate.power().orElse(Quantity.of(Radio.SILENT, veldline.quantity.Unit.DBM)),
                rate.sensitivity(),
                port().connector(),
                Optional.empty(),
                Optional.of(this));
    }
}
