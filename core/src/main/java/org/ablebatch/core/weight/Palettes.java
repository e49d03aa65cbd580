package org.ablebatch.core.weight;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;
import org.ablebatch.core.raster.Picture;

/**
 * Pictures with at most 256 colours. The palette is found by median cut (Heckbert, "Color image
 * quantization for frame buffer display", SIGGRAPH 1982) over premultiplied display values and
 * coverage; what is lost in a pixel is handed to its neighbours (Floyd and Steinberg, 1976).
 */
public final class Palettes {
  public static final int MOST = 256;

  private static final int CHANNELS = 4;
  private static final int TAKEN = 5;

  private Palettes() {}

  /** The picture as it is; empty when it has more colours. */
  public static Optional<Indexed> exact(Picture picture) {
    Map<Integer, Integer> places = new HashMap<>();
    byte[] index = new byte[picture.argb().length];
    int last = 0;
    int lastPlace = -1;
    for (int i = 0; i < index.length; i++) {
      int colour = picture.argb()[i];
      if (lastPlace < 0 || colour != last) {
        Integer place = places.get(colour);
        if (place == null) {
          if (places.size() == MOST) {
            return Optional.empty();
          }
          place = places.size();
          places.put(colour, place);
        }
        last = colour;
        lastPlace = place;
      }
      index[i] = (byte) lastPlace;
    }
    int[] palette = new int[places.size()];
    places.forEach((colour, place) -> palette[place] = colour);
    return Optional.of(new Indexed(picture.width(), picture.height(), palette, index));
  }

  /** The nearest that a palette comes. */
  public static Indexed nearest(Picture picture) {
    int[] palette = palette(picture, MOST);
    return new Dithered(picture, palette).indexed();
  }

  /** Colours with how often they are there, thinned out to {@value #TAKEN} bits a channel. */
  private static int[] palette(Picture picture, int most) {
    Map<Integer, long[]> counted = new HashMap<>();
    boolean anyClear = false;
    for (int colour : picture.argb()) {
      if (colour >>> 24 == 0) {
        anyClear = true;
        continue;
      }
      long[] sums = counted.computeIfAbsent(thinned(colour), key -> new long[CHANNELS + 1]);
      int alpha = colour >>> 24;
      sums[0] += (long) (colour >> 16 & 0xFF) * alpha;
      sums[1] += (long) (colour >> 8 & 0xFF) * alpha;
      sums[2] += (long) (colour & 0xFF) * alpha;
      sums[3] += alpha;
      sums[4]++;
    }
    // What is clear is a colour of its own, or everything would be a little of it.
    int room = anyClear ? most - 1 : most;
    List<Box> boxes = new ArrayList<>();
    if (!counted.isEmpty()) {
      boxes.add(new Box(new ArrayList<>(counted.values())));
    }
    while (boxes.size() < room) {
      Box widest =
          boxes.stream()
              .filter(box -> box.members.size() > 1)
              .max(Comparator.comparingDouble(Box::spread))
              .orElse(null);
      if (widest == null) {
        break;
      }
      boxes.remove(widest);
      boxes.addAll(widest.halves());
    }
    IntStream colours = boxes.stream().mapToInt(Box::colour);
    return (anyClear ? IntStream.concat(IntStream.of(0), colours) : colours).distinct().toArray();
  }

  private static int thinned(int colour) {
    int mask = 0xFF << 8 - TAKEN & 0xFF;
    return colour & (mask << 24 | mask << 16 | mask << 8 | mask) | 1;
  }

  /** Colours that will be one. */
  private static final class Box {
    private final List<long[]> members;
    private final int channel;
    private final double spread;

    Box(List<long[]> members) {
      this.members = members;
      int widest = 0;
      double most = -1;
      for (int c = 0; c < CHANNELS; c++) {
        double variance = variance(c);
        if (variance > most) {
          most = variance;
          widest = c;
        }
      }
      this.channel = widest;
      this.spread = most;
    }

    /** Sum of squares from the mean: what many pixels differ in is parted first. */
    double spread() {
      return spread;
    }

    private static double value(long[] sums, int c) {
      return c == 3 ? sums[3] / (double) sums[4] : sums[c] / 255.0 / sums[4];
    }

    private double variance(int c) {
      double n = 0;
      double sum = 0;
      double squares = 0;
      for (long[] m : members) {
        double v = value(m, c);
        n += m[4];
        sum += m[4] * v;
        squares += m[4] * v * v;
      }
      return squares - sum * sum / n;
    }

    List<Box> halves() {
      members.sort(
          Comparator.<long[]>comparingDouble(m -> value(m, channel))
              .thenComparingDouble(m -> value(m, 0))
              .thenComparingDouble(m -> value(m, 1))
              .thenComparingDouble(m -> value(m, 2)));
      long half = members.stream().mapToLong(m -> m[4]).sum() / 2;
      long passed = 0;
      int at = 0;
      while (at < members.size() - 1 && passed + members.get(at)[4] <= half) {
        passed += members.get(at)[4];
        at++;
      }
      at = Math.max(1, at);
      return List.of(
          new Box(new ArrayList<>(members.subList(0, at))),
          new Box(new ArrayList<>(members.subList(at, members.size()))));
    }

    int colour() {
      long[] sum = new long[CHANNELS + 1];
      for (long[] m : members) {
        for (int i = 0; i < sum.length; i++) {
          sum[i] += m[i];
        }
      }
      long alpha = sum[3];
      int a = (int) Math.round(alpha / (double) sum[4]);
      if (a == 0) {
        return 0;
      }
      int r = (int) Math.round(sum[0] / (double) alpha);
      int g = (int) Math.round(sum[1] / (double) alpha);
      int b = (int) Math.round(sum[2] / (double) alpha);
      return a << 24 | r << 16 | g << 8 | b;
    }
  }

  /** The picture row by row, what is lost handed on. */
  private static final class Dithered {
    private final Picture picture;
    private final int[] palette;
    private final float[][] values;
    private final int[] known = new int[1 << 4 * CHANNELS];

    Dithered(Picture picture, int[] palette) {
      this.picture = picture;
      this.palette = palette;
      this.values = new float[palette.length][CHANNELS];
      for (int i = 0; i < palette.length; i++) {
        premultiplied(palette[i], values[i], 0);
      }
      Arrays.fill(known, -1);
    }

    Indexed indexed() {
      int w = picture.width();
      byte[] index = new byte[picture.argb().length];
      float[] now = new float[(w + 2) * CHANNELS];
      float[] next = new float[(w + 2) * CHANNELS];
      float[] wanted = new float[CHANNELS];
      for (int y = 0; y < picture.height(); y++) {
        Arrays.fill(next, 0);
        for (int x = 0; x < w; x++) {
          int at = (x + 1) * CHANNELS;
          premultiplied(picture.argb()[y * w + x], wanted, 0);
          // What is clear or whole stays so: errors of neighbours would make it a mist.
          boolean clear = wanted[3] == 0;
          for (int c = 0; c < CHANNELS && !clear; c++) {
            wanted[c] = Math.max(0, Math.min(255, wanted[c] + now[at + c]));
          }
          int chosen = nearest(wanted);
          index[y * w + x] = (byte) chosen;
          for (int c = 0; c < CHANNELS && !clear; c++) {
            float lost = wanted[c] - values[chosen][c];
            now[at + CHANNELS + c] += lost * 7 / 16;
            next[at - CHANNELS + c] += lost * 3 / 16;
            next[at + c] += lost * 5 / 16;
            next[at + CHANNELS + c] += lost / 16;
          }
        }
        float[] done = now;
        now = next;
        next = done;
      }
      return new Indexed(w, picture.height(), palette, index);
    }

    private static void premultiplied(int colour, float[] out, int at) {
      float alpha = colour >>> 24;
      out[at] = (colour >> 16 & 0xFF) * alpha / 255;
      out[at + 1] = (colour >> 8 & 0xFF) * alpha / 255;
      out[at + 2] = (colour & 0xFF) * alpha / 255;
      out[at + 3] = alpha;
    }

    /** Colours that share their upper four bits a channel mostly share their nearest, too. */
    private int nearest(float[] wanted) {
      int key = 0;
      for (int c = 0; c < CHANNELS; c++) {
        key = key << 4 | (int) wanted[c] >> 4;
      }
      int first = known[key];
      if (first >= 0 && distance(wanted, values[first]) < 16) {
        return first;
      }
      int best = 0;
      float least = Float.MAX_VALUE;
      for (int i = 0; i < values.length; i++) {
        float distance = distance(wanted, values[i]);
        if (distance < least) {
          least = distance;
          best = i;
        }
      }
      known[key] = best;
      return best;
    }

    private static float distance(float[] a, float[] b) {
      float sum = 0;
      for (int c = 0; c < CHANNELS; c++) {
        float d = a[c] - b[c];
        sum += d * d;
      }
      return sum;
    }
  }
}
