package org.ablebatch.core.dress;

/**
 * Brightness and colour of a backdrop's picture.
 *
 * @param brightness -100 = black, 0 = as it is, 100 = white
 * @param colour percent of its colour that is kept; 0 = black and white
 */
record Light(double brightness, double colour) {
  /** Linear light of a display share. */
  private static final double GAMMA = 2.2;

  /** Changes an opaque linear-light pixel, or a premultiplied one of that coverage. */
  void change(float[] row, int i, float coverage) {
    if (colour < 100) {
      float grey = 0.2126f * row[i] + 0.7152f * row[i + 1] + 0.0722f * row[i + 2];
      float kept = (float) (colour / 100);
      for (int c = 0; c < 3; c++) {
        row[i + c] = grey + kept * (row[i + c] - grey);
      }
    }
    if (brightness < 0) {
      float left = (float) Math.pow(1 + brightness / 100, GAMMA);
      for (int c = 0; c < 3; c++) {
        row[i + c] *= left;
      }
    } else if (brightness > 0) {
      float more = (float) Math.pow(brightness / 100, GAMMA);
      for (int c = 0; c < 3; c++) {
        row[i + c] += more * (coverage - row[i + c]);
      }
    }
  }

  boolean changesNothing() {
    return brightness == 0 && colour >= 100;
  }
}
