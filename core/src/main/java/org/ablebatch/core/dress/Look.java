package org.ablebatch.core.dress;

/**
 * A reusable dressing.
 *
 * @param backdrop what stands behind the subject
 * @param marginPercent free space around the subject's measured content, in percent of the frame's
 *     shorter side, 0..45
 */
public record Look(Fill backdrop, double marginPercent) {
  public static final Look DEFAULT = new Look(new Fill.Clear(), 8);

  public Look {
    if (!(marginPercent >= 0 && marginPercent <= 45)) {
      throw new IllegalArgumentException("A margin is 0 to 45 percent, not " + marginPercent);
    }
  }
}
