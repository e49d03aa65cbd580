package org.ablebatch.core.subject;

import java.util.function.IntPredicate;

/** Which pixels of a set hang together with the picture's border. */
final class BorderReach {
  private BorderReach() {}

  /** Flood over 4 neighbours from every border pixel of the set. */
  static boolean[] of(IntPredicate inSet, int width, int height) {
    boolean[] reached = new boolean[width * height];
    int[] stack = new int[width * height];
    int depth = 0;
    for (int i = 0; i < reached.length; i++) {
      int x = i % width;
      int y = i / width;
      boolean border = x == 0 || y == 0 || x == width - 1 || y == height - 1;
      if (border && inSet.test(i)) {
        reached[i] = true;
        stack[depth++] = i;
      }
    }
    while (depth > 0) {
      int i = stack[--depth];
      int x = i % width;
      int[] next = {
        x > 0 ? i - 1 : -1,
        x < width - 1 ? i + 1 : -1,
        i - width,
        i + width < reached.length ? i + width : -1
      };
      for (int n : next) {
        if (n >= 0 && !reached[n] && inSet.test(n)) {
          reached[n] = true;
          stack[depth++] = n;
        }
      }
    }
    return reached;
  }
}
