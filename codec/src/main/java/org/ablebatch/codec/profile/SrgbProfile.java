package org.ablebatch.codec.profile;

import java.awt.color.ColorSpace;
import java.awt.color.ICC_ColorSpace;
import java.io.ByteArrayOutputStream;
import java.io.DataOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.LinkedHashMap;
import java.util.Map;

/**
 * The ICC profile of sRGB as delivered files carry it: version 4.3 (ICC.1:2010), primaries and
 * white adapted to D50, the curve of IEC 61966-2-1 as its five parameters. A thumbnail has no room
 * for the platform's own, which is ten times as large.
 */
public final class SrgbProfile {
  private static final int HEADER_BYTES = 128;
  private static final int TAG_BYTES = 12;
  private static final double[] WHITE = {0.9642, 1, 0.8249};
  private static final double[] RED = {0.4360747, 0.2225045, 0.0139322};
  private static final double[] GREEN = {0.3850649, 0.7168786, 0.0971045};
  private static final double[] BLUE = {0.1430804, 0.0606169, 0.7141733};

  /** From D65 to D50 after Bradford. */
  private static final double[] ADAPTED = {
    1.0478112,
    0.0228866,
    -0.0501270,
    0.0295424,
    0.9904844,
    -0.0170491,
    -0.0092345,
    0.0150436,
    0.7521316
  };

  /** ((a x + b)^g for x from d on, c x below. */
  private static final double[] CURVE = {2.4, 1 / 1.055, 0.055 / 1.055, 1 / 12.92, 0.04045};

  /** Test colours a channel. */
  private static final int STEPS = 4;

  private static final float WITHIN = 0.75f / 255;

  private static final byte[] BYTES = made();

  private SrgbProfile() {}

  public static byte[] bytes() {
    return BYTES.clone();
  }

  /**
   * Whether colours of this space are sRGB in effect, whoever wrote its profile: nothing has to be
   * converted then, and nothing is lost by rounding.
   */
  public static boolean isMeantBy(ICC_ColorSpace space) {
    if (space.getType() != ColorSpace.TYPE_RGB) {
      return false;
    }
    for (int i = 0; i < STEPS * STEPS * STEPS; i++) {
      float[] colour = {
        i % STEPS / (STEPS - 1f), i / STEPS % STEPS / (STEPS - 1f), i / STEPS / STEPS / (STEPS - 1f)
      };
      float[] seen = space.toRGB(colour);
      for (int c = 0; c < colour.length; c++) {
        if (Math.abs(seen[c] - colour[c]) > WITHIN) {
          return false;
        }
      }
    }
    return true;
  }

  private static byte[] made() {
    Map<String, byte[]> tags = new LinkedHashMap<>();
    tags.put("desc", words("sRGB"));
    tags.put("cprt", words("No copyright, use freely"));
    tags.put("wtpt", numbers("XYZ ", WHITE));
    tags.put("chad", numbers("sf32", ADAPTED));
    tags.put("rXYZ", numbers("XYZ ", RED));
    tags.put("gXYZ", numbers("XYZ ", GREEN));
    tags.put("bXYZ", numbers("XYZ ", BLUE));
    byte[] curve = curve();
    tags.put("rTRC", curve);
    tags.put("gTRC", curve);
    tags.put("bTRC", curve);
    try {
      return file(tags);
    } catch (IOException e) {
      throw new UncheckedIOException("writing to memory failed", e);
    }
  }

  private static byte[] file(Map<String, byte[]> tags) throws IOException {
    ByteArrayOutputStream table = new ByteArrayOutputStream();
    ByteArrayOutputStream data = new ByteArrayOutputStream();
    DataOutputStream out = new DataOutputStream(table);
    int dataAt = HEADER_BYTES + 4 + TAG_BYTES * tags.size();
    byte[] last = null;
    int lastAt = 0;
    out.writeInt(tags.size());
    for (Map.Entry<String, byte[]> tag : tags.entrySet()) {
      // The three curves are one.
      if (tag.getValue() != last) {
        lastAt = dataAt + data.size();
        last = tag.getValue();
        data.writeBytes(last);
        data.writeBytes(new byte[-data.size() & 3]);
      }
      out.write(ascii(tag.getKey()));
      out.writeInt(lastAt);
      out.writeInt(last.length);
    }
    ByteArrayOutputStream whole = new ByteArrayOutputStream();
    whole.writeBytes(header(dataAt + data.size()));
    whole.writeBytes(table.toByteArray());
    whole.writeBytes(data.toByteArray());
    return whole.toByteArray();
  }

  private static byte[] header(int size) throws IOException {
    ByteArrayOutputStream bytes = new ByteArrayOutputStream();
    DataOutputStream out = new DataOutputStream(bytes);
    out.writeInt(size);
    out.writeInt(0);
    out.writeInt(0x04300000);
    out.write(ascii("mntrRGB XYZ "));
    // A date that never changes: the same file has the same bytes.
    for (int part : new int[] {2026, 1, 1, 0, 0, 0}) {
      out.writeShort(part);
    }
    out.write(ascii("acsp"));
    out.write(new byte[28]);
    for (double xyz : WHITE) {
      out.writeInt(fixed(xyz));
    }
    out.write(new byte[HEADER_BYTES - bytes.size()]);
    return bytes.toByteArray();
  }

  private static byte[] words(String text) {
    ByteArrayOutputStream bytes = new ByteArrayOutputStream();
    DataOutputStream out = new DataOutputStream(bytes);
    byte[] letters = text.getBytes(StandardCharsets.UTF_16BE);
    try {
      out.write(ascii("mluc"));
      for (int part : new int[] {0, 1, 12}) {
        out.writeInt(part);
      }
      out.write(ascii("enUS"));
      out.writeInt(letters.length);
      out.writeInt(28);
      out.write(letters);
    } catch (IOException e) {
      throw new UncheckedIOException("writing to memory failed", e);
    }
    return bytes.toByteArray();
  }

  private static byte[] numbers(String type, double[] values) {
    ByteArrayOutputStream bytes = new ByteArrayOutputStream();
    DataOutputStream out = new DataOutputStream(bytes);
    try {
      out.write(ascii(type));
      out.writeInt(0);
      for (double value : values) {
        out.writeInt(fixed(value));
      }
    } catch (IOException e) {
      throw new UncheckedIOException("writing to memory failed", e);
    }
    return bytes.toByteArray();
  }

  /** A parametric curve of type 3. */
  private static byte[] curve() {
    byte[] values = numbers("para", CURVE);
    byte[] curve = new byte[values.length + 4];
    System.arraycopy(values, 0, curve, 0, 8);
    curve[9] = 3;
    System.arraycopy(values, 8, curve, 12, values.length - 8);
    return curve;
  }

  /** s15Fixed16Number. */
  private static int fixed(double value) {
    return (int) Math.round(value * (1 << 16));
  }

  private static byte[] ascii(String text) {
    return text.getBytes(StandardCharsets.US_ASCII);
  }
}
