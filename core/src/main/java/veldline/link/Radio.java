package veldline.link;

import io.soabase.recordbuilder.core.RecordBuilder;
import veldline.feed.Connector;
import veldline.quantity.Quantity;

/**
 * A radio at one end.
 *
 * @param power it sends at its socket
 * @param sensitivity the least level at its socket at which it still works
 */
@RecordBuilder
public record Radio(String name, Quantity power, Quantity sensitivity, Connector socket) implements RadioBuilder.With {}
