package veldline.prove;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.Optional;
import veldline.quantity.Quantity;

/**
 * One sender of a channel survey.
 *
 * @param name as it calls itself, or its channel
 * @param bearing to it by the map, where known
 * @param wanted whether it is what the link is for
 * @param before level with the antenna that stood before; empty where nothing was heard
 * @param after level with the one that stands now
 */
@RecordBuilder
public record Heard(
        String name, Optional<Quantity> bearing, boolean wanted, Optional<Quantity> before, Optional<Quantity> after)
        implements HeardBuilder.With {}
