package org.ablebatch.core.look;

/**
 * The subject mirrored at its foot line.
 *
 * @param strength percent at the foot line
 * @param fade where it is gone, percent of the subject's height
 * @param blur radius
 */
public record Reflection(double strength, double fade, double blur) implements Setting {
  public Reflection {
    Limits.percent("strength", strength);
    Limits.require("fade", fade, 1, 100);
    Limits.require("blur", blur, 0, 10);
  }
}
