package veldline.assess;

import java.util.List;
import java.util.Optional;
import org.hipparchus.complex.Complex;
import veldline.explain.Worked;
import veldline.field.pattern.RadiatedField;

/**
 * What a solved antenna does.
 *
 * @param gain straight ahead
 * @param frontToBack straight ahead over straight back
 * @param widthE to half power along the elements; empty where it never falls that far
 * @param widthH to half power square to them
 * @param resistance at the feed point
 * @param reactance at the feed point
 * @param swr on the line it hangs on
 * @param eCut gain in dBi at each whole degree off the beam, 0 to 180
 * @param hCut likewise
 * @param aimError how far off in bearing costs 1 dB
 * @param currents on each wire, for one volt at the feed
 */
public record AntennaFigures(
        Worked gain,
        Worked frontToBack,
        Optional<Worked> widthE,
        Optional<Worked> widthH,
        Worked resistance,
        Worked reactance,
        Worked swr,
        List<Double> eCut,
        List<Double> hCut,
        Optional<Worked> aimError,
        List<WireCurrent> currents,
        int unknowns) {

    /**
     * Gain straight ahead of something that was solved, with its explanation.
     *
     * @param inputPower watts taken at its feed
     */
    public static Worked gain(RadiatedField field, double inputPower) {
        return AntennaStage.gain(field, inputPower);
    }

    /** Gain at each whole degree off the beam in the level plane, 0 to 180. */
    public List<Double> levelCut(boolean upright) {
        return upright ? hCut : eCut;
    }

    /** Width to half power in the level plane. */
    public Optional<Worked> levelWidth(boolean upright) {
        return upright ? widthH : widthE;
    }

    public Complex impedance() {
        return new Complex(resistance.value(), reactance.value());
    }
}
