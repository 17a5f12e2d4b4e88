package veldline.link;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import veldline.quantity.Quantity;
import veldline.quantity.Unit;
import veldline.stock.Piece;
import veldline.stock.Tool;

/**
 * What the link must carry and what there is to make it with. A zero asks for nothing and limits nothing.
 *
 * @param rate the link must carry, bits a second
 * @param delay the most one packet may take on the air
 * @param outage how long in a day it may be out
 * @param budget money there is, in the local coin
 * @param weight the most the near antenna may weigh
 * @param packed the longest piece that can be carried to the place
 * @param setUp the most that putting it up may take
 * @param people who are there
 * @param hours they are there
 * @param highest the most an end may stand up there, measured as the ends are
 * @param unseen whether it must not catch the eye
 * @param tools that are to hand, meters among them
 * @param stock of rod and wire; empty when anything can be bought
 */
@RecordBuilder
public record Needs(
        Quantity rate,
        Quantity delay,
        Quantity outage,
        Quantity budget,
        Quantity weight,
        Quantity packed,
        Quantity setUp,
        Quantity people,
        Quantity hours,
        Quantity highest,
        boolean unseen,
        Set<Tool> tools,
        List<Piece> stock)
        implements NeedsBuilder.With {
    /** A packet as networks carry it, bits (IEEE Std 802.3: 1,500 bytes). */
    public static final double PACKET = 12_000;

    public Needs {
        tools = tools.isEmpty() ? Set.of() : java.util.Collections.unmodifiableSet(EnumSet.copyOf(tools));
        stock = List.copyOf(stock);
    }

    /** Asks for nothing; every tool is to hand. */
    public static Needs none() {
        return new Needs(
                Quantity.of("0", Unit.MBIT_S),
                Quantity.of("0", Unit.MILLISECOND),
                Quantity.of("0", Unit.MINUTE),
                Quantity.of("0", Unit.ONE),
                Quantity.of("0", Unit.KG),
                Quantity.of("0", Unit.M),
                Quantity.of("0", Unit.MINUTE),
                Quantity.of("1", Unit.ONE),
                Quantity.of("0", Unit.HOUR),
                Quantity.of("0", Unit.M),
                false,
                EnumSet.allOf(Tool.class),
                List.of());
    }

    /** Bits a second the radio must manage: what is asked for, and one packet within the delay. */
    public double rateNeeded() {
        double byDelay = delay.value() > 0 ? PACKET / delay.value() : 0;
        return Math.max(rate.value(), byDelay);
    }
}
