package veldline.explain;

/**
 * A formula as it is shown: one constant stands beside the function that computes it.
 *
 * @param name the field's name for the value
 * @param words what it says, in a sentence
 * @param result the symbol of the value
 * @param expression the right-hand side in plain signs: {@code + − · ÷ ^ ( )}, {@code log10 sqrt sin cos tan atan exp
 *     abs pi}; angles in radians. It evaluates to the value.
 * @param source the text, section or equation it is taken from
 * @param goodTo what it is good to and where it stops
 */
public record Formula(String name, String words, String result, String expression, String source, String goodTo) {}
