package veldline.build;

import java.util.Optional;
import veldline.explain.Worked;

/**
 * One thing that shifts an antenna from where its bare metal would be.
 *
 * @param name of it
 * @param shift of the dip in MHz, negative downwards; empty where no figure holds
 * @param included whether the lengths of the cut list have it in them already
 * @param words what to do about it
 */
public record Correction(String name, Optional<Worked> shift, boolean included, String words) {}
