package veldline.feed;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * The chain from a radio to an antenna.
 *
 * @param radio the radio's socket
 * @param parts from the radio towards the antenna
 * @param antenna the antenna's connector
 */
public record FeedRun(Connector radio, List<FeedPart> parts, Connector antenna) {
    public FeedRun {
        parts = List.copyOf(parts);
    }

    /** One more joint than parts, from the radio outwards. */
    public List<Joint> joints() {
        List<Joint> joints = new ArrayList<>();
        Connector before = radio;
        for (FeedPart part : parts) {
            joints.add(new Joint(before, part.radioSide()));
            before = part.antennaSide();
        }
        joints.add(new Joint(before, antenna));
        return joints;
    }

    /** Index of the first joint that does not hold, counted from the radio. */
    public Optional<Integer> brokenAt(double frequency) {
        List<Joint> joints = joints();
        for (int j = 0; j < joints.size(); j++) {
            if (!joints.get(j).joins(frequency)) {
                return Optional.of(j);
            }
        }
        return Optional.empty();
    }

    /** Sum of what the parts take, dB. */
    public double lossDb(double frequency) {
        return parts.stream().mapToDouble(p -> p.workedLoss(frequency).value()).sum();
    }

    public FeedRun withPart(int index, FeedPart part) {
        List<FeedPart> next = new ArrayList<>(parts);
        next.set(index, part);
        return new FeedRun(radio, next, antenna);
    }

    public FeedRun withInserted(int index, FeedPart part) {
        List<FeedPart> next = new ArrayList<>(parts);
        next.add(index, part);
        return new FeedRun(radio, next, antenna);
    }

    public FeedRun without(int index) {
        List<FeedPart> next = new ArrayList<>(parts);
        next.remove(index);
        return new FeedRun(radio, next, antenna);
    }
}
