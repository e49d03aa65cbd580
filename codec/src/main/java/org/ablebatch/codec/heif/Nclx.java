package org.ablebatch.codec.heif;

/**
 * Colours by code points (ITU-T H.273, sections 8.1 and 8.2).
 *
 * @param primaries 1 = those of sRGB, 9 = BT.2020, 12 = Display P3
 * @param transfer 13 = that of sRGB, 16 = PQ, 18 = HLG
 */
public record Nclx(int primaries, int transfer) {
  public static final Nclx SRGB = new Nclx(1, 13);

  /** What nobody named, or what looks the same on a screen. */
  public boolean isPlainSrgb() {
    return !isWide() && !isHighRange() && transfer != 8;
  }

  boolean isWide() {
    return primaries == 9 || primaries == 12;
  }

  boolean isHighRange() {
    return transfer == 16 || transfer == 18;
  }

  /** As a person calls them. */
  public String label() {
    String gamut =
        switch (primaries) {
          case 9 -> "BT.2020";
          case 12 -> "Display P3";
          default -> "sRGB primaries";
        };
    return switch (transfer) {
      case 8 -> gamut + ", linear";
      case 16 -> gamut + ", PQ";
      case 18 -> gamut + ", HLG";
      default -> gamut;
    };
  }
}
