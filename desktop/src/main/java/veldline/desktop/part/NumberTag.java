package veldline.desktop.part;

import java.util.Optional;
import javafx.scene.Node;
import veldline.explain.Origin;

/** Notes on a node where the number in its text comes from; a crawler finds any that lack it. */
public final class NumberTag {
    private static final String KEY = "veldline.origin";

    private NumberTag() {}

    public static <N extends Node> N on(N node, Origin origin) {
        node.getProperties().put(KEY, origin);
        return node;
    }

    /** The origin noted on a node or the nearest one around it. */
    public static Optional<Origin> of(Node node) {
        for (Node n = node; n != null; n = n.getParent()) {
            if (n.getProperties().get(KEY) instanceof Origin origin) {
                return Optional.of(origin);
            }
        }
        return Optional.empty();
    }
}
