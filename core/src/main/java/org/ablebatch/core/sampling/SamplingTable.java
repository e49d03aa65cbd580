package org.ablebatch.core.sampling;

/**
 * The master tables for single sampling of ISO 2859-1:1999: 2-A normal, 2-B tightened, 2-C reduced.
 * In all three, entries that lie on one diagonal, from a letter and a limit to the next letter and
 * the limit one finer, are alike; so each table is one row of entries. An arrow leads to the next
 * letter below or above, with its own sample size.
 */
public final class SamplingTable {
  /** The diagonal on which a sample of a normal plan must be faultless: letter A at 6.5 %. */
  private static final int FIRST = CodeLetter.A.ordinal() + QualityLimit.Q6_5.ordinal();

  private static final int UP = -1;
  private static final int DOWN = -2;

  private static final int[] NORMAL = {0, UP, DOWN, 1, 2, 3, 5, 7, 10, 14, 21};
  private static final int[] TIGHTENED = {DOWN, 0, UP, DOWN, 1, 2, 3, 5, 8, 12, 18};
  private static final int[] REDUCED = {0, UP, DOWN, 1, 1, 2, 3, 5, 6, 8, 10};

  private SamplingTable() {}

  /**
   * @param lotSize pictures in the batch, at least 2
   */
  public static SamplingPlan plan(
      int lotSize, InspectionLevel level, Strictness strictness, QualityLimit limit) {
    CodeLetter[] letters = CodeLetter.values();
    int letter = CodeLetter.of(lotSize, level).ordinal();
    int entry = entry(letter, limit, strictness);
    boolean downwards = entry == DOWN || entry == UP && letter == 0;
    while (entry < 0) {
      letter += downwards ? 1 : -1;
      if (letter >= letters.length) {
        // Nothing below the last row: it is taken, and must be faultless.
        letter = letters.length - 1;
        entry = 0;
      } else {
        entry = entry(letter, limit, strictness);
        entry = downwards && entry == UP ? DOWN : entry;
      }
    }
    int size = Math.min(lotSize, letters[letter].sampleSize(strictness));
    return new SamplingPlan(letters[letter], size, entry, entry + 1);
  }

  private static int entry(int letter, QualityLimit limit, Strictness strictness) {
    int[] row =
        switch (strictness) {
          case NORMAL -> NORMAL;
          case TIGHTENED -> TIGHTENED;
          case REDUCED -> REDUCED;
        };
    int at = letter + limit.ordinal() - FIRST;
    return at < 0 ? DOWN : at >= row.length ? UP : row[at];
  }
}
