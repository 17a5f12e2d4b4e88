package veldline.study;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import veldline.antenna.Bought;
import veldline.antenna.Shelf;
import veldline.assess.SiteStage;
import veldline.coverage.Point;
import veldline.coverage.SectorSearch;
import veldline.coverage.Site;
import veldline.job.Job;
import veldline.job.JobChange;

/**
 * Omni or beams, one or several, on one radio or each its own: every kind the shelf has for the frequency and the antenna there
 * is, each set up as well as the search can, held against each other at the worst place served.
 */
public final class SiteOptions {
    /** The antenna there is may be put up so often; one off the shelf up to two times. */
    private static final int MOST = 4;

    private static final int MOST_SHELF = 2;

    private static final int SPREAD_CELLS = 120;

    private SiteOptions() {}

    /** Every way, best first; a study called off gives those it reached. */
    public static List<SiteOption> of(Job job, Progress progress) {
        Map<String, Optional<Bought>> kinds = new LinkedHashMap<>();
        kinds.put(job.nearAntenna().title(), Optional.empty());
        for (Shelf.Item i : Shelf.serving(job.brief().frequency().value())) {
            kinds.putIfAbsent(i.antenna().name(), Optional.of(standing(i.antenna(), job)));
        }
        double spread = spread(
                job.site().orElseThrow(() -> new IllegalArgumentException("The job has no plan; read one in Raise")));
        List<SiteOption> found = new ArrayList<>();
        int done = 0;
        for (Map.Entry<String, Optional<Bought>> kind : kinds.entrySet()) {
            int step = done++;
            Job with = kind.getValue()
                    .map(b -> new JobChange.Fit(true, b).applyTo(job))
                    .orElse(job);
            SectorSearch search = SiteStage.search(with).coarser();
            boolean omni = kind.getValue().map(b -> b.width().isEmpty()).orElse(false);
            int most = kind.getValue().isEmpty() ? MOST : omni ? 1 : MOST_SHELF;
            for (int n = 1; n <= most; n++) {
                if (!progress.step(step, kinds.size(), best(found))) {
                    return SiteOption.ranked(found);
                }
                SectorSearch.Found f = search.of(n, (a, b) -> progress.step(step, kinds.size(), best(found)));
                found.add(new SiteOption(kind.getKey(), kind.getValue(), f, spread));
            }
        }
        return SiteOption.ranked(found);
    }

    /** What has a beam is turned as the far end stands; an omni stands as it is. */
    private static Bought standing(Bought b, Job job) {
        return b.width().isEmpty() || b.polarization().circular()
                ? b
                : job.farAntenna().polarized().map(b::withPolarization).orElse(b);
    }

    private static String best(List<SiteOption> found) {
        return SiteOption.ranked(found).stream()
                .findFirst()
                .map(SiteOption::title)
                .orElse("");
    }

    /** The smallest angle that holds all of the ground to be served, from the first mast. */
    static double spread(Site site) {
        Point at = site.antennas().isEmpty()
                ? new Point(site.width() / 2, site.depth() / 2)
                : site.antennas().get(0).at();
        boolean[] seen = new boolean[360];
        for (int r = 0; r < SPREAD_CELLS; r++) {
            for (int c = 0; c < SPREAD_CELLS; c++) {
                double x = (c + 0.5) * site.width() / SPREAD_CELLS;
                double y = (r + 0.5) * site.depth() / SPREAD_CELLS;
                if (site.serves(x, y) && Math.hypot(x - at.x(), y - at.y()) > 1) {
                    double bearing = Math.toDegrees(Math.atan2(x - at.x(), y - at.y())) + 360;
                    seen[(int) bearing % 360] = true;
                }
            }
        }
        int gap = 0;
        int run = 0;
        for (int i = 0; i < 720; i++) {
            run = seen[i % 360] ? 0 : run + 1;
            gap = Math.max(gap, Math.min(run, 360));
        }
        return 360.0 - gap;
    }
}
