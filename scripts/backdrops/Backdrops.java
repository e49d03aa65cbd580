import java.awt.image.BufferedImage;
import java.io.File;
import java.io.IOException;
import java.util.Iterator;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Random;
import javax.imageio.IIOImage;
import javax.imageio.ImageIO;
import javax.imageio.ImageWriteParam;
import javax.imageio.ImageWriter;
import javax.imageio.stream.ImageOutputStream;

/**
 * Draws the backdrops that ship with the program, from noise and arithmetic alone; the same pictures
 * every time.
 *
 * <pre>java scripts/backdrops/Backdrops.java codec/src/main/resources/backdrops [NAME…]</pre>
 */
public final class Backdrops {
  private static final int SIDE = 3000;
  private static final float QUALITY = 0.82f;

  private Backdrops() {}

  /** A colour, R, G, B in 0..1 of the display, at a place in 0..1 × 0..1. */
  private interface Shader {
    double[] at(double u, double v);
  }

  public static void main(String[] arguments) throws IOException {
    Map<String, Shader> all = new LinkedHashMap<>();
    all.put("linen", linen());
    all.put("paper", paper());
    all.put("plaster", plaster());
    all.put("concrete", concrete());
    all.put("slate", slate());
    all.put("oak", boards(new double[] {0.80, 0.66, 0.47}, new double[] {0.63, 0.47, 0.30}, 6, 11));
    all.put("walnut", boards(new double[] {0.42, 0.29, 0.20}, new double[] {0.24, 0.15, 0.10}, 5, 23));
    all.put("terracotta", terracotta());
    all.put("moss", moss());
    all.put("garden-light", lights(new double[] {0.46, 0.58, 0.36}, new double[] {0.80, 0.86, 0.60}, 90, 31));
    all.put("evening-lights", lights(new double[] {0.13, 0.15, 0.24}, new double[] {0.98, 0.78, 0.46}, 60, 41));
    all.put("window-light", windowLight());
    for (Map.Entry<String, Shader> entry : all.entrySet()) {
      if (arguments.length == 1 || java.util.Arrays.asList(arguments).contains(entry.getKey())) {
        write(entry.getValue(), new File(arguments[0], entry.getKey() + ".jpg"));
      }
    }
  }

  private static void write(Shader shader, File file) throws IOException {
    BufferedImage image = new BufferedImage(SIDE, SIDE, BufferedImage.TYPE_INT_RGB);
    for (int y = 0; y < SIDE; y++) {
      for (int x = 0; x < SIDE; x++) {
        double[] c = shader.at((x + 0.5) / SIDE, (y + 0.5) / SIDE);
        image.setRGB(x, y, channel(c[0]) << 16 | channel(c[1]) << 8 | channel(c[2]));
      }
    }
    Iterator<ImageWriter> writers = ImageIO.getImageWritersByFormatName("jpeg");
    ImageWriter writer = writers.next();
    ImageWriteParam how = writer.getDefaultWriteParam();
    how.setCompressionMode(ImageWriteParam.MODE_EXPLICIT);
    how.setCompressionQuality(QUALITY);
    file.delete();
    try (ImageOutputStream out = ImageIO.createImageOutputStream(file)) {
      writer.setOutput(out);
      writer.write(null, new IIOImage(image, null, null), how);
    }
    writer.dispose();
    System.out.println(file.getName() + " " + file.length() / 1000 + " KB");
  }

  private static int channel(double v) {
    return (int) Math.round(255 * Math.max(0, Math.min(1, v)));
  }

  private static Shader linen() {
    Noise n = new Noise(3);
    return (u, v) -> {
      double warp = n.at(u * 420, v * 9) - 0.5;
      double weft = n.at(u * 9 + 40, v * 420) - 0.5;
      double thread =
          0.5 * Math.sin(2 * Math.PI * (u * 260 + warp * 0.5)) * (0.6 + warp)
              + 0.5 * Math.sin(2 * Math.PI * (v * 260 + weft * 0.5)) * (0.6 + weft);
      double light = 0.86 + 0.030 * thread + 0.05 * (warp + weft) + 0.04 * (n.fractal(u * 3, v * 3, 3) - 0.5);
      return shade(new double[] {1.0, 0.965, 0.905}, light);
    };
  }

  private static Shader paper() {
    Noise n = new Noise(5);
    return (u, v) -> {
      double grain = n.fractal(u * 300, v * 300, 3) - 0.5;
      double cloud = n.fractal(u * 4, v * 4, 4) - 0.5;
      return shade(new double[] {1.0, 0.985, 0.955}, 0.945 + 0.022 * grain + 0.02 * cloud);
    };
  }

  private static Shader plaster() {
    Noise n = new Noise(7);
    return (u, v) -> {
      double bend = n.fractal(u * 5, v * 5, 4);
      double strokes = n.fractal(u * 14 + bend * 3, v * 34 + bend * 4, 4) - 0.5;
      double fine = n.fractal(u * 220, v * 220, 2) - 0.5;
      return shade(
          new double[] {0.98, 0.95, 0.91}, 0.83 + 0.10 * strokes + 0.03 * fine + 0.06 * (bend - 0.5));
    };
  }

  private static Shader concrete() {
    Noise n = new Noise(9);
    return (u, v) -> {
      double cloud = n.fractal(u * 5, v * 5, 6) - 0.5;
      double grain = n.fractal(u * 260, v * 260, 2) - 0.5;
      double pore = Math.max(0, n.at(u * 90, v * 90) - 0.86) * 1.6;
      return shade(new double[] {0.98, 0.98, 0.96}, 0.66 + 0.13 * cloud + 0.05 * grain - pore);
    };
  }

  private static Shader slate() {
    Noise n = new Noise(13);
    return (u, v) -> {
      double bend = n.fractal(u * 3, v * 3, 4);
      double layer = n.fractal(u * 5 + bend * 2, v * 26 + bend * 5, 5) - 0.5;
      double fine = n.fractal(u * 160, v * 220, 2) - 0.5;
      return shade(new double[] {0.86, 0.95, 1.0}, 0.27 + 0.12 * layer + 0.035 * fine);
    };
  }

  private static Shader boards(double[] light, double[] dark, int count, int seed) {
    Noise n = new Noise(seed);
    return (u, v) -> {
      int board = (int) (v * count);
      double inside = v * count - board;
      double along = u * 2.2 + board * 7.31;
      double across = inside + board * 3.7;
      double wave = n.fractal(along * 1.6, across * 2.2, 4);
      double rings = 0.5 + 0.5 * Math.sin(2 * Math.PI * (across * 5 + wave * 5));
      double fibre = n.fractal(along * 9, across * 190, 3) - 0.5;
      double tone = n.at(board * 5.5 + 0.5, 0.5) - 0.5;
      double gap = Math.min(1, Math.min(inside, 1 - inside) * SIDE / count / 7);
      double share = Math.max(0, Math.min(1, 0.45 * rings * wave + 0.5 * fibre + 0.22 + 0.35 * tone));
      double lit = 0.35 + 0.65 * gap;
      double[] out = new double[3];
      for (int c = 0; c < 3; c++) {
        out[c] = (light[c] + share * (dark[c] - light[c])) * lit;
      }
      return out;
    };
  }

  private static Shader terracotta() {
    Noise n = new Noise(17);
    return (u, v) -> {
      double cloud = n.fractal(u * 6, v * 6, 5) - 0.5;
      double grain = n.fractal(u * 240, v * 240, 2) - 0.5;
      double turned = n.fractal(u * 2, v * 70, 3) - 0.5;
      double light = 0.80 + 0.12 * cloud + 0.05 * grain + 0.05 * turned;
      return shade(new double[] {0.93, 0.60, 0.44}, light);
    };
  }

  private static Shader moss() {
    Noise n = new Noise(19);
    return (u, v) -> {
      double cushion = n.fractal(u * 9, v * 9, 3);
      double tips = n.fractal(u * 110, v * 110, 3);
      double light = 0.20 + 0.42 * cushion * (0.45 + tips);
      double yellow = n.fractal(u * 6 + 9, v * 6, 3);
      return new double[] {light * (0.72 + 0.5 * yellow), light * 1.08, light * 0.36};
    };
  }

  /** Lights far out of focus before a soft ground. */
  private static Shader lights(double[] ground, double[] glow, int count, int seed) {
    Noise n = new Noise(seed);
    Random random = new Random(seed);
    double[][] discs = new double[count][];
    for (int k = 0; k < count; k++) {
      discs[k] =
          new double[] {
            random.nextDouble(),
            random.nextDouble() * 0.85,
            0.018 + 0.05 * random.nextDouble(),
            0.10 + 0.40 * random.nextDouble() * random.nextDouble(),
            random.nextDouble()
          };
    }
    return (u, v) -> {
      double cloud = n.fractal(u * 2.2, v * 2.2, 3);
      double[] out = new double[3];
      for (int c = 0; c < 3; c++) {
        out[c] = ground[c] * (0.62 + 0.62 * cloud) + 0.12 * (glow[c] - ground[c]) * (1 - v);
      }
      for (double[] disc : discs) {
        double d = Math.hypot(u - disc[0], v - disc[1]);
        double edge = Math.max(0, Math.min(1, (disc[2] - d) / 0.004));
        if (edge > 0) {
          double strength = edge * disc[3] * (0.75 + 0.25 * d / disc[2]);
          for (int c = 0; c < 3; c++) {
            double tint = glow[c] * (c == 2 ? 0.75 + 0.5 * disc[4] : 1);
            out[c] += strength * (tint - out[c]);
          }
        }
      }
      return out;
    };
  }

  /** The light of a window on a wall, with the soft shadows of its bars. */
  private static Shader windowLight() {
    Noise n = new Noise(43);
    return (u, v) -> {
      double x = u + 0.32 * (v - 0.5);
      double pane = soft(x, 0.18, 0.82) * soft(v, 0.08, 0.86);
      double bars = (1 - soft(x, 0.485, 0.515)) * (1 - soft(v, 0.45, 0.48));
      double grain = n.fractal(u * 200, v * 200, 2) - 0.5;
      double light = 0.70 + 0.24 * pane * bars + 0.015 * grain;
      double warm = 0.05 * pane * bars;
      return new double[] {light + warm, light + warm * 0.4 - 0.01, light - warm - 0.03};
    };
  }

  private static double soft(double at, double from, double to) {
    return step((at - from) / 0.03 + 0.5) * step((to - at) / 0.03 + 0.5);
  }

  private static double step(double t) {
    double c = Math.max(0, Math.min(1, t));
    return c * c * (3 - 2 * c);
  }

  private static double[] shade(double[] tint, double light) {
    return new double[] {tint[0] * light, tint[1] * light, tint[2] * light};
  }

  /** Value noise in 0..1 on a lattice of random numbers, smooth in between. */
  private static final class Noise {
    private static final int SIZE = 1 << 10;
    private final float[] lattice = new float[SIZE * SIZE];

    Noise(int seed) {
      Random random = new Random(seed);
      for (int i = 0; i < lattice.length; i++) {
        lattice[i] = random.nextFloat();
      }
    }

    double at(double x, double y) {
      int left = (int) Math.floor(x);
      int top = (int) Math.floor(y);
      double u = step(x - left);
      double v = step(y - top);
      double upper = mix(value(left, top), value(left + 1, top), u);
      double lower = mix(value(left, top + 1), value(left + 1, top + 1), u);
      return mix(upper, lower, v);
    }

    double fractal(double x, double y, int octaves) {
      double sum = 0;
      double weight = 0;
      double part = 1;
      for (int k = 0; k < octaves; k++) {
        sum += part * at(x * (1 << k) + 17.3 * k, y * (1 << k) + 9.1 * k);
        weight += part;
        part /= 2;
      }
      return sum / weight;
    }

    private double value(int x, int y) {
      return lattice[(y & SIZE - 1) * SIZE + (x & SIZE - 1)];
    }

    private static double mix(double a, double b, double share) {
      return a + share * (b - a);
    }
  }
}
