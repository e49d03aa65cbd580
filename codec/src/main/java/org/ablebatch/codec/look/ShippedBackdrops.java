package org.ablebatch.codec.look;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;

/** The backdrop pictures that ship with the program; JPEG, 3,000 px wide. */
public final class ShippedBackdrops {
  private static final Map<String, String> TITLES = new LinkedHashMap<>();

  static {
    TITLES.put("linen", "Linen");
    TITLES.put("paper", "Paper");
    TITLES.put("plaster", "Plaster");
    TITLES.put("concrete", "Concrete");
    TITLES.put("slate", "Slate");
    TITLES.put("oak", "Oak boards");
    TITLES.put("walnut", "Walnut boards");
    TITLES.put("terracotta", "Terracotta");
    TITLES.put("moss", "Moss");
    TITLES.put("garden-light", "Garden light");
    TITLES.put("evening-lights", "Evening lights");
    TITLES.put("window-light", "Window light");
  }

  private ShippedBackdrops() {}

  /** By name, as looks refer to them; the titles are what people read. */
  public static Map<String, String> titles() {
    return Collections.unmodifiableMap(TITLES);
  }

  /** The file; empty when none of that name ships. */
  public static Optional<byte[]> file(String name) {
    if (!TITLES.containsKey(name)) {
      return Optional.empty();
    }
    try (InputStream in =
        ShippedBackdrops.class.getResourceAsStream("/backdrops/" + name + ".jpg")) {
      return in == null ? Optional.empty() : Optional.of(in.readAllBytes());
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }
}
