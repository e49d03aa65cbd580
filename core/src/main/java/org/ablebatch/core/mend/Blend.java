package org.ablebatch.core.mend;

/** Whole-number mixing, the same in the browser. */
final class Blend {
  private Blend() {}

  /** {@code from} moved towards {@code to} by {@code share255 / 255}, rounded to the nearest. */
  static int towards(int from, int to, int share255) {
    return (from * (255 - share255) + to * share255 + 127) / 255;
  }

  /** Each channel moved; opaque. */
  static int colour(int from, int to, int share255) {
    return 0xFF000000
        | towards(from >> 16 & 0xFF, to >> 16 & 0xFF, share255) << 16
        | towards(from >> 8 & 0xFF, to >> 8 & 0xFF, share255) << 8
        | towards(from & 0xFF, to & 0xFF, share255);
  }
}
