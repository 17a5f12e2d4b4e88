package veldline.prove;

import veldline.quantity.Quantity;

/**
 * A symptom that was measured.
 *
 * @param value dB
 */
public record Observed(Symptom symptom, Quantity value) {}
