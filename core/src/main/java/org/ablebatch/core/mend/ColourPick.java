package org.ablebatch.core.mend;

import java.util.Arrays;
import org.ablebatch.core.color.LabTable;
import org.ablebatch.core.color.OkLab;
import org.ablebatch.core.color.Srgb;
import org.ablebatch.core.raster.Picture;
import org.ablebatch.core.raster.Rect;

/**
 * How much of every pixel has a picked colour: 1 up to the tolerance, fading just beyond it. Only
 * what hangs together with the place that was pressed counts, unless it is meant everywhere.
 */
final class ColourPick {
  /** Beyond the tolerance the share fades over this distance, OKLab, and this share of it. */
  private static final float FADES = 0.012f;

  private static final float FADES_SHARE = 0.3f;

  private final Picture picture;
  private final byte[] share;
  private final LabTable table = LabTable.create();

  private ColourPick(Picture picture) {
    this.picture = picture;
    this.share = new byte[picture.argb().length];
  }

  static void carryOut(Workpiece piece, PickEdit edit) {
    ColourPick pick = new ColourPick(piece.original());
    for (PickEdit.Sample sample : edit.samples()) {
      pick.add(sample, edit.everywhere());
    }
    if (edit.inverted()) {
      for (int i = 0; i < pick.share.length; i++) {
        pick.share[i] = (byte) (255 - (pick.share[i] & 0xFF));
      }
    }
    if (edit.mode() == Mode.ERASE && !edit.inverted()) {
      pick.unmix(piece, edit.samples().get(0));
    }
    Brush.paint(piece, edit.mode(), piece.bounds(), pick.share);
  }

  private void add(PickEdit.Sample sample, boolean everywhere) {
    Rule rule = new Rule(colourAt(sample), (float) sample.tolerance(), sample.subtract());
    if (everywhere) {
      for (int i = 0; i < share.length; i++) {
        put(i, rule.share(picture.argb()[i]), rule.subtract);
      }
      return;
    }
    int x = (int) Math.max(0, Math.min(picture.width() - 1.0, sample.x()));
    int y = (int) Math.max(0, Math.min(picture.height() - 1.0, sample.y()));
    flood(y * picture.width() + x, rule);
  }

  private void put(int i, int value, boolean subtract) {
    int before = share[i] & 0xFF;
    share[i] = (byte) (subtract ? Math.min(before, 255 - value) : Math.max(before, value));
  }

  /** Grows over what is full; what only fades is taken along and goes no further. */
  private void flood(int start, Rule rule) {
    int width = picture.width();
    int height = picture.height();
    boolean[] seen = new boolean[share.length];
    int[] stack = new int[1024];
    int depth = 0;
    stack[depth++] = start;
    seen[start] = true;
    while (depth > 0) {
      int i = stack[--depth];
      int value = rule.share(picture.argb()[i]);
      put(i, value, rule.subtract);
      if (value < 255) {
        continue;
      }
      if (depth + 4 > stack.length) {
        stack = Arrays.copyOf(stack, 2 * stack.length);
      }
      int x = i % width;
      int y = i / width;
      depth = x > 0 ? reach(i - 1, seen, stack, depth) : depth;
      depth = x + 1 < width ? reach(i + 1, seen, stack, depth) : depth;
      depth = y > 0 ? reach(i - width, seen, stack, depth) : depth;
      depth = y + 1 < height ? reach(i + width, seen, stack, depth) : depth;
    }
  }

  private static int reach(int i, boolean[] seen, int[] stack, int depth) {
    if (seen[i]) {
      return depth;
    }
    seen[i] = true;
    stack[depth] = i;
    return depth + 1;
  }

  /** What goes only in part loses that part of the picked colour, so that no fringe is left. */
  private void unmix(Workpiece piece, PickEdit.Sample sample) {
    int colour = rgbAt(sample);
    for (int i = 0; i < share.length; i++) {
      int gone = share[i] & 0xFF;
      if (gone > 0 && gone < 255 && piece.cover(i) > 0) {
        piece.colour(i, without(piece.colour(i), colour, gone / 255f));
      }
    }
  }

  private static int without(int argb, int colour, float gone) {
    float left = Math.max(0.15f, 1 - gone);
    return Srgb.pack(
        one(argb >> 16, colour >> 16, gone, left),
        one(argb >> 8, colour >> 8, gone, left),
        one(argb, colour, gone, left));
  }

  private static float one(int from, int colour, float gone, float left) {
    return (Srgb.toLinear(from & 0xFF) - gone * Srgb.toLinear(colour & 0xFF)) / left;
  }

  private float[] colourAt(PickEdit.Sample sample) {
    return OkLab.ofDisplay(rgbAt(sample));
  }

  /** The mean of the pressed pixel and its neighbours, against noise. */
  private int rgbAt(PickEdit.Sample sample) {
    int x = (int) Math.max(0, Math.min(picture.width() - 1.0, sample.x()));
    int y = (int) Math.max(0, Math.min(picture.height() - 1.0, sample.y()));
    Rect around = new Rect(x - 1, y - 1, 3, 3).intersect(picture.bounds());
    float r = 0;
    float g = 0;
    float b = 0;
    for (int v = around.y(); v < around.bottom(); v++) {
      for (int u = around.x(); u < around.right(); u++) {
        int argb = picture.at(u, v);
        r += Srgb.toLinear(argb >> 16 & 0xFF);
        g += Srgb.toLinear(argb >> 8 & 0xFF);
        b += Srgb.toLinear(argb & 0xFF);
      }
    }
    int n = around.width() * around.height();
    return Srgb.pack(r / n, g / n, b / n);
  }

  /** One colour with its tolerance. */
  private final class Rule {
    private final float l;
    private final float a;
    private final float b;
    private final float full2;
    private final float full;
    private final float none;
    private final boolean subtract;

    Rule(float[] lab, float tolerance, boolean subtract) {
      this.l = lab[0];
      this.a = lab[1];
      this.b = lab[2];
      this.full = tolerance;
      this.full2 = tolerance * tolerance;
      this.none = tolerance * (1 + FADES_SHARE) + FADES;
      this.subtract = subtract;
    }

    int share(int argb) {
      float dl = table.light(argb) - l;
      float da = table.a() - a;
      float db = table.b() - b;
      float d2 = dl * dl + da * da + db * db;
      if (d2 <= full2) {
        return 255;
      }
      if (d2 >= none * none) {
        return 0;
      }
      return Math.round(255 * (none - (float) Math.sqrt(d2)) / (none - full));
    }
  }
}
