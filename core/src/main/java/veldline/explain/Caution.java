package veldline.explain;

/**
 * A usual warning at the step where someone could be hurt.
 *
 * @param id a stable name, kept in the job when it is ticked
 * @param hazard two or three words
 * @param advice what is usually done; it defers to local codes and licensed practice
 * @param blocking whether it must be ticked before the step's print-out opens
 */
public record Caution(String id, String hazard, String advice, boolean blocking) {}
