package veldline.raise;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;

/**
 * What touches what where the antenna is held, in what air.
 *
 * @param boom of the antenna
 * @param clamp that holds it
 * @param mast that bears the clamp
 * @param bond strap that leads to earth
 * @param air around them
 * @param place what the mast stands on
 */
@RecordBuilder
public record Fixings(Skin boom, Skin clamp, Skin mast, Skin bond, Air air, Place place)
        implements FixingsBuilder.With {
    /** Aluminium in galvanised steel by the sea. */
    public static final Fixings USUAL =
            new Fixings(Skin.ALUMINIUM, Skin.GALVANISED, Skin.GALVANISED, Skin.TINNED_COPPER, Air.SALT, Place.OWN_MAST);

    /** What a surface is of, with its place in the anodic index (MIL-F-14072, volts under gold). */
    public enum Skin {
        STAINLESS("stainless steel", 0.50),
        COPPER("copper", 0.35),
        BRASS("brass", 0.40),
        TINNED_COPPER("tinned copper", 0.65),
        STEEL("bare steel", 0.85),
        ALUMINIUM("aluminium", 0.90),
        GALVANISED("galvanised steel", 1.20),
        PLASTIC("plastic or wood", Double.NaN);

        private final String words;
        private final double index;

        Skin(String words, double index) {
            this.words = words;
            this.index = index;
        }

        public String words() {
            return words;
        }

        /** Volts; not a number where nothing is conducted. */
        public double index() {
            return index;
        }

        /** Whether it takes part at all. */
        public boolean conducts() {
            return !Double.isNaN(index);
        }
    }

    /** How wet and salt it is, with the difference metals may have there (usual practice with the anodic index). */
    public enum Air {
        SALT("by the sea, wet", 0.15),
        OPEN("outdoors, inland", 0.25),
        DRY("dry, indoors", 0.50);

        private final String words;
        private final double limit;

        Air(String words, double limit) {
            this.words = words;
            this.limit = limit;
        }

        public String words() {
            return words;
        }

        /** Volts. */
        public double limit() {
            return limit;
        }
    }

    /** What bears it, and what has to be looked at first. */
    public enum Place {
        OWN_MAST("its own mast", "Foot and stays as its maker tells; no stay near a line."),
        WALL(
                "a wall bracket",
                "Two brackets into whole stones, never into joints; what holds bears wind, not weight alone."),
        RIDGE(
                "the ridge of a roof",
                "Rafters bear it, not battens; brittle sheets are not stepped on; sealed where it passes."),
        CHIMNEY(
                "a chimney",
                "Only a sound one, with the load checked by who knows it; hot and acid smoke takes cable and clamps.");

        private final String words;
        private final String look;

        Place(String words, String look) {
            this.words = words;
            this.look = look;
        }

        public String words() {
            return words;
        }

        /** What decides whether it will do. */
        public String look() {
            return look;
        }
    }

    /** Two surfaces that touch. */
    public record Contact(String where, Skin one, Skin other) {
        /** How far they lie apart, volts; nothing where one does not conduct. */
        public double apart() {
            return one.conducts() && other.conducts() ? Math.abs(one.index() - other.index()) : 0;
        }

        /** The one that goes. */
        public Skin goes() {
            return one.index() > other.index() ? one : other;
        }
    }

    /** What touches, from the antenna down. */
    public List<Contact> contacts() {
        return List.of(
                new Contact("boom and clamp", boom, clamp),
                new Contact("clamp and mast", clamp, mast),
                new Contact("strap and mast", bond, mast));
    }
}
