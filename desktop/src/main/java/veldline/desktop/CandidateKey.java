package veldline.desktop;

import java.util.List;
import veldline.job.Job;

/** Which parts of a job the candidates depend on. */
record CandidateKey(Object brief, Object needs, Object near, Object far, Object other, Object rod) {
    static CandidateKey of(Job j) {
        return new CandidateKey(
                j.brief(),
                j.needs(),
                j.nearRun(),
                j.farRun(),
                j.antenna(!j.madeNear()),
                j.yagi().map(y -> List.of(y.metal(), y.diameter(), y.upright())));
    }
}
