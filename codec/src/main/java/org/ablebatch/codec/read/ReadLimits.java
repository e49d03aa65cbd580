package org.ablebatch.codec.read;

/**
 * What a file may ask for before it is refused unread. The header alone decides, so a small file
 * that claims a huge picture costs nothing.
 *
 * @param maxPixels width times height
 * @param maxSidePx the longer side
 */
public record ReadLimits(long maxPixels, int maxSidePx) {
  /** 120 megapixels: above every current camera back, below half a gigabyte in memory. */
  public static final ReadLimits DEFAULT = new ReadLimits(120_000_000L, 30_000);
}
