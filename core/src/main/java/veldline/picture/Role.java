package veldline.picture;

/** What a mark means; an appearance gives each role its colour. */
public enum Role {
    /** Window, inputs, findings. */
    PAPER,
    /** Centre and boxes. */
    SHEET,
    /** Text, structure, elements. */
    INK,
    /** Second text. */
    SLATE,
    /** The line, what is chosen, E cut, after. */
    MUSSEL,
    /** H cut, before, watch. */
    LICHEN,
    /** Limits, stop. */
    THRIFT,
    /** Borders and ticks; never text. */
    EDGE,
    /** Hairlines, metal. */
    SAND,
    /** Wash of what is chosen. */
    MUSSEL_WASH,
    LICHEN_WASH,
    THRIFT_WASH
}
