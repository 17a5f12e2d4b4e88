package veldline.line;

import org.hipparchus.complex.Complex;
import veldline.quantity.NumberText;

/** One piece between a load and its line. */
public sealed interface Piece {
    /** Voltage and current on its side of the line from those on its side of the load. */
    State after(State load, double frequency);

    /** The same so many times as large, or as long. */
    Piece scaled(double times);

    /** What it is, with its size. */
    String words();

    /**
     * Voltage across a place and current through it towards the load, effective values.
     *
     * @param volts in volts
     * @param amperes in amperes
     */
    record State(Complex volts, Complex amperes) {
        public Complex impedance() {
            return volts.divide(amperes);
        }

        /** Watts that go by towards the load. */
        public double power() {
            return volts.multiply(amperes.conjugate()).getReal();
        }

        State times(double scale) {
            return new State(volts.multiply(scale), amperes.multiply(scale));
        }
    }

    /** A coil or capacitor in a row. */
    record InRow(Reactor part) implements Piece {
        @Override
        public State after(State load, double frequency) {
            return new State(load.volts.add(load.amperes.multiply(part.impedance(frequency))), load.amperes);
        }

        @Override
        public Piece scaled(double times) {
            return new InRow(part.scaled(times));
        }

        @Override
        public String words() {
            return part.label() + " in a row";
        }
    }

    /** A coil or capacitor across. */
    record Across(Reactor part) implements Piece {
        @Override
        public State after(State load, double frequency) {
            return new State(load.volts, load.amperes.add(load.volts.divide(part.impedance(frequency))));
        }

        @Override
        public Piece scaled(double times) {
            return new Across(part.scaled(times));
        }

        @Override
        public String words() {
            return part.label() + " across";
        }
    }

    /** A length of line. */
    record Along(Section line) implements Piece {
        @Override
        public State after(State load, double frequency) {
            Complex turn = line.turn(frequency);
            Complex even = turn.cosh();
            Complex odd = turn.sinh();
            return new State(
                    load.volts.multiply(even).add(load.amperes.multiply(odd).multiply(line.z0())),
                    load.amperes.multiply(even).add(load.volts.multiply(odd).divide(line.z0())));
        }

        @Override
        public Piece scaled(double times) {
            return new Along(line.scaled(times));
        }

        @Override
        public String words() {
            return line.words();
        }
    }

    /** A length of line that hangs off the others, its far end open or joined. */
    record Stub(Section line, boolean open) implements Piece {
        @Override
        public State after(State load, double frequency) {
            return new State(load.volts, load.amperes.add(load.volts.divide(line.stub(open, frequency))));
        }

        @Override
        public Piece scaled(double times) {
            return new Stub(line.scaled(times), open);
        }

        @Override
        public String words() {
            return "stub " + line.words() + (open ? ", end open" : ", end joined");
        }
    }

    /**
     * A transformer as it is wound.
     *
     * @param core its permeability over what it should be, as ferrites differ
     */
    record Wound(WoundTransformer of, double core) implements Piece {
        @Override
        public State after(State load, double frequency) {
            return of.after(load, frequency, core);
        }

        @Override
        public Piece scaled(double times) {
            return new Wound(of, core * times);
        }

        @Override
        public String words() {
            return of.atLine() + " to " + of.atLoad() + " turns";
        }
    }

    /**
     * Half a wave of cable from one terminal of the load to the other, the cable at the first of them: what comes out of its end is turned
     * over, so that the load sees twice the voltage between two equal halves.
     */
    record Loop(Section line) implements Piece {
        @Override
        public State after(State load, double frequency) {
            Complex turn = line.turn(frequency);
            Complex even = turn.cosh();
            Complex odd = turn.sinh();
            // The far end takes what the load's current brings there; the near end stands a load's voltage above it.
            Complex far = load.volts
                    .add(load.amperes.multiply(odd).multiply(line.z0()))
                    .divide(even.subtract(1));
            Complex into = far.multiply(odd).divide(line.z0()).subtract(load.amperes.multiply(even));
            return new State(load.volts.add(far), load.amperes.add(into));
        }

        @Override
        public Piece scaled(double times) {
            return new Loop(line.scaled(times));
        }

        @Override
        public String words() {
            return "loop of " + line.words();
        }
    }

    /** A transformer, the load on its high side. */
    record Turns(Transformer by) implements Piece {
        @Override
        public State after(State load, double frequency) {
            return new State(load.volts.divide(by.turnsRatio()), load.amperes.multiply(by.turnsRatio()));
        }

        @Override
        public Piece scaled(double times) {
            return new Turns(new Transformer(by.impedanceRatio() * times));
        }

        @Override
        public String words() {
            double ratio = by.impedanceRatio();
            double times = Math.max(ratio, 1 / ratio);
            String shown = NumberText.shown(times, times % 1 == 0 ? 0 : 1);
            return "impedance " + (ratio >= 1 ? shown + " to 1" : "1 to " + shown);
        }
    }
}
