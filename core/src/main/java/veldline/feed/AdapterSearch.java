package veldline.feed;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.jgrapht.Graph;
import org.jgrapht.GraphPath;
import org.jgrapht.alg.shortestpath.YenKShortestPath;
import org.jgrapht.graph.DirectedWeightedMultigraph;

/**
 * Rows of adapters and jumpers from one connector to another: the connectors are the vertices of a graph and the parts its edges, either
 * way round, so that the least costly rows are its shortest paths (Yen 1971). What a part costs is its loss, its joints, and the strain
 * of what is rigid on a socket; a part that is in stock costs nothing more, others do.
 */
public final class AdapterSearch {
    /** A joint more, in decibels that one would give to be without it. */
    private static final double JOINT = 0.5;
    /** So much more for every rigid part behind the first on one socket: a lever that wears it out. */
    private static final double STRAIN = 0.5;
    /** So much more for what has to be bought. */
    private static final double BOUGHT = 1.0;
    /** A cable up to so many metres is a jumper. */
    private static final double JUMPER = 1;
    /** A row of more is a chain of faults. */
    private static final int MOST = 4;

    /** Parts as they go in, by the connector they go on with. */
    private final Map<Connector, List<FeedPart>> byFace = new LinkedHashMap<>();

    private final Set<String> stock;
    private final double frequency;
    private final Graph<Connector, Step> graph = new DirectedWeightedMultigraph<>(Step.class);

    /**
     * A row of parts.
     *
     * @param parts from the first connector to the second, each turned as it goes in
     * @param cost in decibels' worth
     */
    public record Way(List<FeedPart> parts, double lossDb, double cost) {
        public Way {
            parts = List.copyOf(parts);
        }
    }

    /** A part as it goes in; each is an edge of its own. */
    private static final class Step {
        private final FeedPart part;

        Step(FeedPart part) {
            this.part = part;
        }
    }

    /** With everything in stock. */
    public AdapterSearch(List<FeedPart> parts, double frequency) {
        this(parts, Set.of(), frequency);
    }

    /** @param stock ids of parts that are there; empty where nobody counted, and then all are alike */
    public AdapterSearch(List<FeedPart> parts, Set<String> stock, double frequency) {
        this.stock = Set.copyOf(stock);
        this.frequency = frequency;
        for (FeedPart p : parts) {
            if ((p.kind() == FeedPart.Kind.ADAPTER || jumper(p)) && p.ceiling() >= frequency) {
                goesOn(p);
                if (!p.radioSide().equals(p.antennaSide())) {
                    goesOn(p.turned());
                }
            }
        }
        List<Connector> faces = List.copyOf(byFace.keySet());
        faces.forEach(graph::addVertex);
        faces.forEach(this::leave);
    }

    private void goesOn(FeedPart way) {
        byFace.computeIfAbsent(way.radioSide(), f -> new ArrayList<>()).add(way);
        byFace.computeIfAbsent(way.antennaSide(), f -> new ArrayList<>());
    }

    /** A cable short enough to be an adapter that does not lever. */
    private static boolean jumper(FeedPart p) {
        return p.kind() == FeedPart.Kind.CABLE
                && p.length().filter(l -> l.value() <= JUMPER).isPresent();
    }

    /** Every part that goes onto a connector, to the connector it then offers. */
    private void leave(Connector from) {
        byFace.forEach((face, ways) -> {
            if (new Joint(from, face).joins(frequency)) {
                ways.forEach(way -> enter(from, way));
            }
        });
    }

    private void enter(Connector from, FeedPart way) {
        graph.addVertex(way.antennaSide());
        if (!from.equals(way.antennaSide())) {
            Step step = new Step(way);
            graph.addEdge(from, way.antennaSide(), step);
            graph.setEdgeWeight(step, cost(way));
        }
    }

    private double cost(FeedPart p) {
        boolean rigid = p.kind() == FeedPart.Kind.ADAPTER;
        return p.workedLoss(frequency).value()
                + JOINT
                + (rigid ? STRAIN : 0)
                + (stock.isEmpty() || stock.contains(p.id()) ? 0 : BOUGHT);
    }

    /**
     * The best rows, the least costly first; empty where the two join as they are, or nothing in the drawer leads from one to the other.
     *
     * @param from the connector there is, towards the radio
     * @param to the connector that is to be reached
     */
    public List<Way> ways(Connector from, Connector to, int most) {
        if (new Joint(from, to).joins(frequency)) {
            return List.of();
        }
        if (graph.addVertex(from)) {
            leave(from);
        }
        List<Way> ways = new ArrayList<>();
        for (Connector last : List.copyOf(graph.vertexSet())) {
            if (!last.equals(from) && new Joint(last, to).joins(frequency)) {
                for (GraphPath<Connector, Step> path : new YenKShortestPath<>(graph).getPaths(from, last, most)) {
                    way(path).ifPresent(ways::add);
                }
            }
        }
        return ways.stream()
                .sorted(Comparator.comparingDouble(Way::cost))
                .limit(most)
                .toList();
    }

    private Optional<Way> way(GraphPath<Connector, Step> path) {
        List<FeedPart> row = path.getEdgeList().stream().map(s -> s.part).toList();
        return row.isEmpty() || row.size() > MOST
                ? Optional.empty()
                : Optional.of(new Way(
                        row,
                        row.stream()
                                .mapToDouble(p -> p.workedLoss(frequency).value())
                                .sum(),
                        path.getWeight()));
    }
}
