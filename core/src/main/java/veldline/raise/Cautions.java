package veldline.raise;

import java.util.List;
import veldline.explain.Caution;

/** What can hurt someone while an antenna is put up, with what is usually done about it. */
public final class Cautions {
    private Cautions() {}

    /** In the order the work meets them. */
    public static List<Caution> all() {
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
