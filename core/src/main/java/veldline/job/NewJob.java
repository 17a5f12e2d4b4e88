package veldline.job;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import veldline.antenna.NotChosen;
import veldline.feed.FeedRun;
import veldline.feed.Holdings;
import veldline.link.Air;
import veldline.link.Brief;
import veldline.link.Carrier;
import veldline.link.End;
import veldline.link.Jurisdiction;
import veldline.link.Needs;
import veldline.link.Radio;
import veldline.link.RadioSheet;
import veldline.link.Radios;
import veldline.path.Surface;
import veldline.path.Way;
import veldline.prove.ProvePlan;
import veldline.prove.RateTest;
import veldline.prove.SideBySide;
import veldline.quantity.Quantity;
import veldline.quantity.Unit;
import veldline.raise.RaisePlan;
import veldline.trim.TrimLog;

/** A job at its beginning: a brief, and everything else still to be decided. */
public final class NewJob {
    private NewJob() {}

    public static Job of(String place, String name, Brief brief) {
        return new Job(
                place,
                name,
                Needs.none(),
                List.of(new Station(name, brief)),
                0,
                new NotChosen(),
                new NotChosen(),
                straight(brief.near().radio()),
                straight(brief.far().radio()),
                Optional.empty(),
                TrimLog.NONE,
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                new RaisePlan(Quantity.of("3", Unit.M), Quantity.of("50", Unit.M), Quantity.of("5", Unit.M), Set.of()),
                new ProvePlan(
                        List.of(),
                        -1,
                        -1,
                        brief.tide().value() > 0 ? ProvePlan.LineUp.TIDE : ProvePlan.LineUp.ORDER,
                        Quantity.of("10", Unit.MINUTE),
                        Quantity.of("1", Unit.DB),
                        Quantity.of("95", Unit.ONE),
                        List.of(),
                        List.of(),
                        RateTest.NONE,
                        List.of(),
                        List.of(),
                        SideBySide.NONE,
                        ""),
                List.of(),
                Holdings.NONE,
                List.of());
    }

    /** A job of which nothing is known yet but a first guess at everything. */
    public static Job blank(String place) {
        RadioSheet sheet = Radios.all().get(1);
        Radio radio = sheet.set(sheet.rates().get(0));
        return of(
                place,
                "New job",
                new Brief(
                        Quantity.of("2442", Unit.MHZ),
                        end("Near", radio),
                        end("Far", radio),
                        Quantity.of("1", Unit.KM),
                        Surface.AVERAGE_GROUND,
                        Quantity.of("0", Unit.M),
                        Quantity.of("10", Unit.DB),
                        Quantity.of("0.5", Unit.M),
                        "none",
                        Quantity.of("20", Unit.DBM),
                        List.of(),
                        Optional.empty(),
                        Way.open(),
                        Air.quiet(),
                        Jurisdiction.NOT_SAID,
                        List.of()));
    }

    private static End end(String name, Radio radio) {
        return new End(
                name,
                Quantity.of("6", Unit.M),
                Quantity.of("0", Unit.DEG),
                Quantity.of("0", Unit.DEG),
                radio,
                Carrier.FIXED,
                Quantity.of("0", Unit.DB),
                List.of(),
                0);
    }

    /** The antenna straight on the radio's socket. */
    private static FeedRun straight(Radio radio) {
        return new FeedRun(radio.socket(), List.of(), radio.socket().mate());
    }
}
