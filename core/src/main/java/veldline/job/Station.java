package veldline.job;

import io.soabase.recordbuilder.core.RecordBuilder;
import veldline.link.Brief;

/** One of the links a job's antennas serve: a band, a sender or a place, with what it asks for. */
@RecordBuilder
public record Station(String name, Brief brief) implements StationBuilder.With {}
