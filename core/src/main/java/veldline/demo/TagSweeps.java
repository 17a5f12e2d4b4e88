package veldline.demo;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import veldline.trim.SweepText;
import veldline.trim.TrimLog;

/** The tag receiver's Yagi as it came from the bench: left long on purpose, swept twice. */
final class TagSweeps {
    private static final String FIRST =
            "144.0960 2.252 35.67+j32.20, 145.2968 2.146 38.38+j32.23, 146.4976 1.933 40.72+j28.81, 147.6984 1.667 41.67+j22.06, "
                    + "148.8992 1.510 38.05+j13.60, 150.1000 1.769 29.35+j8.04, 151.3008 2.647 19.40+j7.63, 152.5016 4.553 11.54+j10.99, "
                    + "153.7024 8.357 6.57+j15.55, 154.9032 15.377 3.78+j20.06, 156.1040 29.163 2.11+j23.92";

    /** With the cable moved. */
    private static final String AGAIN =
            "144.0960 2.285 35.64+j32.89, 145.2968 2.201 37.54+j32.78, 146.4976 1.955 40.52+j29.26, 147.6984 1.677 41.85+j22.48, "
                    + "148.8992 1.522 38.10+j14.14, 150.1000 1.763 29.52+j8.20, 151.3008 2.643 19.46+j7.81, 152.5016 4.454 11.80+j11.01, "
                    + "153.7024 7.907 6.94+j15.53, 154.9032 14.138 4.10+j19.98, 156.1040 26.259 2.34+j23.98";

    private TagSweeps() {}

    static TrimLog log() {
        return TrimLog.NONE.withPasses(List.of(new TrimLog.Pass(
                Instant.parse("2026-10-24T15:35:00Z"),
                SweepText.read(FIRST).orElseThrow(),
                SweepText.read(AGAIN).orElseThrow(),
                Optional.empty())));
    }
}
