package org.ablebatch.core.dress;

/**
 * Where a picture lands in a frame: frame = picture × scale + offset, in pixels.
 *
 * @param scale above 1 = enlarged
 */
public record Placement(double scale, double offsetX, double offsetY) {
  public static final Placement AS_IT_IS = new Placement(1, 0, 0);
}
