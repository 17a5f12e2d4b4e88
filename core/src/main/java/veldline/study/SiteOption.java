package veldline.study;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import veldline.antenna.Bought;
import veldline.coverage.SectorSearch;

/**
 * One way to serve a site.
 *
 * @param kind what is put up, “Sector panel”
 * @param antenna to put up in place of the one there is; empty for that one
 * @param found how they stand, and what the worst place hears
 * @param spread bearings that the ground to be served spreads over, as seen from the first mast, degrees
 */
public record SiteOption(String kind, Optional<Bought> antenna, SectorSearch.Found found, double spread) {
    /** Ways so close together are alike: the levels themselves are ±6 dB from spot to spot. */
    private static final double ALIKE = 1;

    /** Ground within this many degrees is served by a beam (the usual rule for a fixed area). */
    private static final double ONE_BEAM = 90;

    private boolean allRound() {
        return antenna.map(b -> b.width().isEmpty()).orElse(false);
    }

    /** “2 of Sector panel”. */
    public String title() {
        int n = found.sets().size();
        return n == 1 ? kind : n + " of " + kind;
    }

    /**
     * Best worst place first. Among those alike, a beam before an omni where the ground lies within 90°, the other way round
     * where it does not, then the fewer.
     */
    static List<SiteOption> ranked(List<SiteOption> all) {
        return all.stream()
                .sorted(Comparator.comparingDouble((SiteOption o) -> -Math.round(o.found.worst() / ALIKE))
                        .thenComparing(o -> o.allRound() == (o.spread <= ONE_BEAM))
                        .thenComparingInt(o -> o.found.sets().size()))
                .toList();
    }
}
