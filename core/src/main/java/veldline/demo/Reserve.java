package veldline.demo;

import java.util.List;
import java.util.Optional;
import veldline.antenna.ApertureDesign;
import veldline.antenna.ApertureFamily;
import veldline.antenna.Bought;
import veldline.antenna.Families;
import veldline.antenna.Family;
import veldline.antenna.PatchPanel;
import veldline.antenna.Polarized;
import veldline.feed.Connector;
import veldline.feed.Drawer;
import veldline.feed.FeedPart;
import veldline.feed.FeedRun;
import veldline.link.Air;
import veldline.link.Brief;
import veldline.link.Carrier;
import veldline.link.End;
import veldline.link.Jurisdiction;
import veldline.link.Radio;
import veldline.link.RadioSheet;
import veldline.link.Radios;
import veldline.path.Surface;
import veldline.path.Way;
import veldline.quantity.Quantity;
import veldline.quantity.Unit;
import veldline.stock.Metal;

/** What the jobs of the reserve have in common. */
final class Reserve {
    static final String NAME = "Ternholm Sands";
    static final Connector BUILT_IN = Drawer.connector("BUILT_IN inside pin 50");

    private Reserve() {}

    static Quantity q(String number, Unit unit) {
        return Quantity.of(number, unit);
    }

    /** A radio of the drawer at one of its rates, counted from the slowest. */
    static Radio radio(String id, int rate) {
        RadioSheet sheet = Radios.byId(id);
        return sheet.set(sheet.rates().get(rate));
    }

    static End end(String name, String height, String north, String east, Radio radio) {
        return new End(
                name,
                q(height, Unit.M),
                q(north, Unit.DEG),
                q(east, Unit.DEG),
                radio,
                Carrier.FIXED,
                q("0", Unit.DB),
                List.of(),
                0);
    }

    static Brief brief(Quantity frequency, End near, End far, Quantity distance, Surface surface) {
        return new Brief(
                frequency,
                near,
                far,
                distance,
                surface,
                q("0", Unit.M),
                q("10.0", Unit.DB),
                q("1", Unit.M),
                "none",
                q("30.0", Unit.DBM),
                List.of(),
                Optional.empty(),
                Way.open(),
                Air.quiet(),
                Jurisdiction.NOT_SAID,
                List.of());
    }

    static Bought bought(String name, String gain, Polarized field, String width, String length, Connector connector) {
        return new Bought(
                name,
                q(gain, Unit.DBI),
                field,
                width.isEmpty() ? Optional.empty() : Optional.of(q(width, Unit.DEG)),
                q(length, Unit.M),
                connector);
    }

    /** Patches on air, so many along their field and across it, cut for a frequency, hertz. */
    static ApertureDesign patches(double frequency, int along, int across, boolean upright) {
        ApertureFamily family = Families.apertures("patches");
        Family.Wish wish = new Family.Wish(frequency, 0.6, 4e-3, Metal.ALUMINIUM, upright);
        ApertureDesign one = family.tuned(family.design(wish), frequency);
        return one.withSize(PatchPanel.ROWS, Quantity.of(Integer.toString(along), Unit.ONE))
                .withSize(PatchPanel.COLUMNS, Quantity.of(Integer.toString(across), Unit.ONE));
    }

    static Bought builtIn(String name, String gain, Polarized field) {
        return bought(name, gain, field, "", "0.05", BUILT_IN);
    }

    static FeedPart cable(String id, String metres) {
        return Drawer.part(id).withLength(Optional.of(q(metres, Unit.M)));
    }

    /** From a radio through parts to an antenna. */
    static FeedRun run(Radio radio, List<FeedPart> parts, Connector antenna) {
        return new FeedRun(radio.socket(), parts, antenna);
    }
}
