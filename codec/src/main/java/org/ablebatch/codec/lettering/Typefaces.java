package org.ablebatch.codec.lettering;

import java.awt.Font;
import java.awt.FontFormatException;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import org.ablebatch.core.look.TypeFamily;

/** The shipped families as fonts, each in the pieces by script that it is shipped in. */
final class Typefaces {
  private static final List<String> SCRIPTS =
      List.of("latin", "latin-ext", "greek", "greek-ext", "cyrillic", "cyrillic-ext");
  private static final Map<String, List<Font>> LOADED = new ConcurrentHashMap<>();

  /** It has the most letters, so it steps in where another family has none. */
  private static final TypeFamily WIDEST = TypeFamily.NOTO_SANS;

  private Typefaces() {}

  /** The family's pieces first, then those of the family that steps in. */
  static List<Font> of(TypeFamily family, boolean bold) {
    List<Font> out = new ArrayList<>(own(family, bold));
    if (family != WIDEST) {
      out.addAll(own(WIDEST, bold));
    }
    return out;
  }

  static List<Font> own(TypeFamily family, boolean bold) {
    String id = id(family);
    return LOADED.computeIfAbsent(id + (bold ? "-700" : "-400"), key -> load(id, bold));
  }

  private static List<Font> load(String id, boolean bold) {
    List<Font> fonts = new ArrayList<>();
    for (byte[] ttf : files(id, bold)) {
      try {
        fonts.add(Font.createFont(Font.TRUETYPE_FONT, new ByteArrayInputStream(ttf)));
      } catch (IOException e) {
        throw new UncheckedIOException(e);
      } catch (FontFormatException e) {
        throw new IllegalStateException(id + " is no font", e);
      }
    }
    return List.copyOf(fonts);
  }

  /** The family's pieces as TrueType files. */
  static List<byte[]> files(TypeFamily family, boolean bold) {
    return files(id(family), bold);
  }

  private static List<byte[]> files(String id, boolean bold) {
    List<byte[]> files = new ArrayList<>();
    for (String script : SCRIPTS) {
      String path = "/fonts/" + id + "-" + script + (bold ? "-700" : "-400") + ".woff";
      try (InputStream in = Typefaces.class.getResourceAsStream(path)) {
        if (in != null) {
          files.add(Woff.unpack(in.readAllBytes()));
        }
      } catch (IOException e) {
        throw new UncheckedIOException(e);
      }
    }
    if (files.isEmpty()) {
      throw new IllegalStateException("the family " + id + " is not shipped");
    }
    return files;
  }

  private static String id(TypeFamily family) {
    return family.name().toLowerCase(Locale.ROOT).replace('_', '-');
  }
}
