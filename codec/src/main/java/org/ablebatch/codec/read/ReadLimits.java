package org.ablebatch.codec.read;

/**
 * What a file may ask for before it is refused unread. The header alone decides, so a small file
 * that claims a huge picture costs nothing.
 *
 * @param maxPixels width times height
 * @param maxSidePx the longer side
 */
public record ReadLimits(long maxPixels, int maxSidePx) {
  /** The environment variable that sets the limit on pixels, in megapixels. */
  public static final String MEGAPIXELS = "ABLE_MOST_MEGAPIXELS";

  /** Above every current camera back, and below half a gigabyte in memory. */
  private static final int USUAL_MEGAPIXELS = 120;

  private static final int LARGEST_MEGAPIXELS = 900;
  private static final int LONGEST_SIDE_PX = 30_000;

  public static final ReadLimits DEFAULT = set(System.getenv(MEGAPIXELS));

  /** What a setting means; what makes no sense is as if nothing were set. */
  static ReadLimits set(String megapixels) {
    long limit = USUAL_MEGAPIXELS;
    if (megapixels != null && megapixels.strip().matches("\\d{1,3}")) {
      int asked = Integer.parseInt(megapixels.strip());
      limit = asked >= 1 && asked <= LARGEST_MEGAPIXELS ? asked : USUAL_MEGAPIXELS;
    }
    return new ReadLimits(limit * 1_000_000, LONGEST_SIDE_PX);
  }
}
