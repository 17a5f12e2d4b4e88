package veldline.feed;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;

/**
 * The chain from a radio to an antenna, with what branches off it.
 *
 * @param radio the radio's socket
 * @param parts from the radio towards the antenna
 * @param antenna the antenna's connector
 * @param branches at parts with more than one outlet
 */
@RecordBuilder
public record FeedRun(Connector radio, List<FeedPart> parts, Connector antenna, List<Branch> branches)
        implements FeedRunBuilder.With {
    public FeedRun {
        parts = List.copyOf(parts);
        branches = List.copyOf(branches);
    }

    /** Without branches. */
    public FeedRun(Connector radio, List<FeedPart> parts, Connector antenna) {
        this(radio, parts, antenna, List.of());
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

    /** What a part has beside the way through that nothing hangs on. */
    public int free(int part) {
        int hang = (int) branches.stream().filter(b -> b.part() == part).count();
        return parts.get(part).outlets().map(o -> o.count() - hang).orElse(0);
    }

    /** With another part in a place; its branches go onto the new one's outlets, or away where it has none. */
    public FeedRun withPart(int index, FeedPart part) {
        List<FeedPart> next = new ArrayList<>(parts);
        next.set(index, part);
        return new FeedRun(
                radio,
                next,
                antenna,
                branches.stream()
                        .filter(b -> b.part() != index || part.outlets().isPresent())
                        .map(b -> b.part() == index ? b.onto(part) : b)
                        .toList());
    }

    public FeedRun withInserted(int index, FeedPart part) {
        List<FeedPart> next = new ArrayList<>(parts);
        next.add(index, part);
        return new FeedRun(
                radio,
                next,
                antenna,
                branches.stream()
                        .map(b -> b.part() >= index ? b.at(b.part() + 1) : b)
                        .toList());
    }

    /** Without a part, and without what hangs on it. */
    public FeedRun without(int index) {
        List<FeedPart> next = new ArrayList<>(parts);
        next.remove(index);
        return new FeedRun(
                radio,
                next,
                antenna,
                branches.stream()
                        .filter(b -> b.part() != index)
                        .map(b -> b.part() > index ? b.at(b.part() - 1) : b)
                        .toList());
    }

    public FeedRun withBranch(int index, Branch branch) {
        return withBranches(IntStream.range(0, branches.size())
                .mapToObj(i -> i == index ? branch : branches.get(i))
                .toList());
    }
}
