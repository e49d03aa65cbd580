package org.ablebatch.core.mend;

/**
 * Settings for the outline; everything at 0 changes nothing. Carried out in this order.
 *
 * @param fitPx how far the outline may move to the photograph's own edge, 0..{@value #MOST_FIT_PX}
 * @param hazeBelow01 coverage up to here goes away, 0..0.9
 * @param closePx holes up to this size are closed, 0..{@value #MOST_PX}
 * @param openPx half open gaps up to this size are opened, 0..{@value #MOST_PX}
 * @param smoothPx corners of the outline up to this size are rounded, 0..{@value #MOST_PX}
 * @param growPx moves the outline, below 0 inwards, -{@value #MOST_PX}..{@value #MOST_PX}
 * @param firmness01 makes the edge steeper, 0..1
 * @param featherPx fades the edge over this distance, 0..{@value #MOST_PX}
 * @param hard true = no soft edge at all, for print
 * @param clean01 draws the edge's colours from inside the subject, 0..1
 */
public record EdgeEdit(
    double fitPx,
    double hazeBelow01,
    double closePx,
    double openPx,
    double smoothPx,
    double growPx,
    double firmness01,
    double featherPx,
    boolean hard,
    double clean01)
    implements Edit {
  public static final double MOST_PX = 20;

  /** Hair stands off by some hundredths of a picture's side, and pictures are large. */
  public static final double MOST_FIT_PX = 250;

  private static final double MOST_HAZE = 0.9;

  /**
   * @throws IllegalArgumentException with a sentence for a person
   */
  public EdgeEdit {
    require(fitPx >= 0 && fitPx <= MOST_FIT_PX, "An outline is fitted within 0 to 250 px");
    require(hazeBelow01 >= 0 && hazeBelow01 <= MOST_HAZE, "Haze is coverage of 0 to 0.9");
    require(isSize(closePx) && isSize(openPx), "Holes and gaps are 0 to 20 px large");
    require(isSize(smoothPx), "An outline is smoothed over 0 to 20 px");
    require(growPx >= -MOST_PX && growPx <= MOST_PX, "An outline moves by at most 20 px");
    require(firmness01 >= 0 && firmness01 <= 1, "Firmness goes from 0 to 1");
    require(isSize(featherPx), "An edge fades over 0 to 20 px");
    require(clean01 >= 0 && clean01 <= 1, "Colour clean-up goes from 0 to 1");
  }

  private static boolean isSize(double px) {
    return px >= 0 && px <= MOST_PX;
  }

  private static void require(boolean holds, String sentence) {
    if (!holds) {
      throw new IllegalArgumentException(sentence);
    }
  }

  /** How far from a pixel the result may depend on others. */
  int reachPx() {
    return (int)
            Math.ceil(3 * fitPx + closePx + openPx + 2 * smoothPx + Math.abs(growPx) + featherPx)
        + 8;
  }
}
