package veldline.raise;

import java.util.List;
import veldline.explain.Caution;

/** What can hurt someone while an antenna is built and put up, with what is usually done about it. */
public final class Cautions {
    private Cautions() {}

    /** While it is built, in the order the work meets them. */
    public static List<Caution> building() {
        return List.of(
                new Caution(
                        "solder",
                        "Solder and mains",
                        "Hot tip, fumes away from the face; what is worked on is unplugged, and a mains supply is never"
                                + " opened. Local rules decide.",
                        true),
                new Caution(
                        "cut",
                        "Cutting and drilling",
                        "Eyes and ears covered, edges filed; glass-fibre dust is not to be breathed.",
                        false));
    }

    /** While it sends for the first time. */
    public static Caution sending() {
        return new Caution(
                "bench-transmit",
                "Sending on the bench",
                "A load or the antenna always on, the lowest power, hands and eyes clear. Local limits decide.",
                false);
    }

    /** Points of earthing: each by local code, and done or looked at by who is licensed for it. */
    public static List<Caution> earthing() {
        return List.of(
                new Caution(
                        "earth-mast",
                        "Mast bonded",
                        "A short straight strap from the mast to the house's earth, no loop and no sharp bend in it. Local code and licensed practice decide.",
                        false),
                new Caution(
                        "earth-shield",
                        "Shield bonded at the entry",
                        "Outside, before it goes in, to the same earth as the mast: two earths are a way through the house.",
                        false),
                new Caution(
                        "earth-arrestor",
                        "Arrestor at the entry",
                        "Where the cable goes in, bonded by its own short strap; one with a gas tube is looked at after each strike.",
                        false),
                new Caution(
                        "earth-apart",
                        "Apart from mains and gas",
                        "Strap and cable keep their distance from mains, pipes and gutters, or are bonded to them by who may do that.",
                        false));
    }

    /** While it is put up, in the order the work meets them. */
    public static List<Caution> raising() {
        return List.of(
                new Caution(
                        "lines",
                        "Overhead lines",
                        "Stay 1.5 times mast and antenna away from any; if it falls it must fall clear. Power lines kill"
                                + " without touching. Local code decides.",
                        true),
                new Caution(
                        "height",
                        "Work at height",
                        "Ladder tied, one out for four up; harness; tools tethered; a second person; no storm, and stop at"
                                + " 10 m/s of wind. Local rules decide who may climb.",
                        true),
                new Caution(
                        "lightning",
                        "Lightning",
                        "Mast and shield bonded and an arrestor at the entry, by local code and licensed practice, before it"
                                + " is put to use.",
                        true),
                new Caution(
                        "exposure",
                        "Radio exposure",
                        "Keep people farther from the front than the distance worked out here, and the radio off while"
                                + " hands are on the antenna. Local limits decide.",
                        true),
                new Caution(
                        "below",
                        "People below",
                        "Rope off the ground under the work; nothing goes up unless it is tied.",
                        false),
                new Caution(
                        "cable",
                        "Cable on the way down",
                        "Drip loop at the entry, apart from mains, nothing at eye or ankle height.",
                        false));
    }
}
