package org.ablebatch.core.sampling;

/** Sample size code letters, with the sample sizes of ISO 2859-1:1999, tables 2-A, 2-B and 2-C. */
public enum CodeLetter {
  A(2, 2),
  B(3, 2),
  C(5, 2),
  D(8, 3),
  E(13, 5),
  F(20, 8),
  G(32, 13),
  H(50, 20),
  J(80, 32),
  K(125, 50),
  L(200, 80),
  M(315, 125),
  N(500, 200),
  P(800, 315),
  Q(1250, 500),
  R(2000, 800);

  /** Table 1: the largest lot of each row, and its letters on levels I, II and III. */
  private static final int[] LARGEST_LOTS = {
    8, 15, 25, 50, 90, 150, 280, 500, 1200, 3200, 10_000, 35_000, 150_000, 500_000
  };

  private static final String LEVEL_I = "AABCCDEFGHJKLMN";
  private static final String LEVEL_II = "ABCDEFGHJKLMNPQ";
  private static final String LEVEL_III = "BCDEFGHJKLMNPQR";

  private final int sampleSize;
  private final int reducedSize;

  CodeLetter(int sampleSize, int reducedSize) {
    this.sampleSize = sampleSize;
    this.reducedSize = reducedSize;
  }

  /** Pictures in a sample. */
  public int sampleSize(Strictness strictness) {
    return strictness == Strictness.REDUCED ? reducedSize : sampleSize;
  }

  /**
   * Table 1.
   *
   * @param lotSize pictures in the lot, at least 2
   */
  public static CodeLetter of(int lotSize, InspectionLevel level) {
    if (lotSize < 2) {
      throw new IllegalArgumentException("a lot has at least 2 pictures, not " + lotSize);
    }
    int row = 0;
    while (row < LARGEST_LOTS.length && lotSize > LARGEST_LOTS[row]) {
      row++;
    }
    String letters =
        switch (level) {
          case I -> LEVEL_I;
          case II -> LEVEL_II;
          case III -> LEVEL_III;
        };
    return valueOf(letters.substring(row, row + 1));
  }
}
