package org.ablebatch.core.look;

/**
 * The subject mirrored at its foot line.
 *
 * @param strength percent at the foot line
 * @param fade where it is gone, percent of the subject's height
 */
public record Reflection(double strength, double fade) implements Setting {
  public Reflection {
    Limits.percent("strength", strength);
    Limits.require("fade", fade, 1, 100);
  }
}
