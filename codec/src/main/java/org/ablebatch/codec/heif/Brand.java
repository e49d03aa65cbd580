package org.ablebatch.codec.heif;

import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.IntStream;

/** How the pictures in a HEIF file are coded, by the brands at its beginning (ftyp box). */
public enum Brand {
  AVIF,
  HEIC;

  private static final int LONGEST_HEAD = 512;
  private static final Set<String> OF_AVIF = Set.of("avif", "avis");
  private static final Set<String> OF_HEIC =
      Set.of("heic", "heix", "heim", "heis", "hevc", "hevx", "mif1", "msf1");

  /** Empty for any other kind of file. */
  public static Optional<Brand> of(byte[] bytes) {
    List<Box> boxes = Box.in(ByteBuffer.wrap(bytes, 0, Math.min(bytes.length, LONGEST_HEAD)));
    if (boxes.isEmpty() || !boxes.get(0).type().equals("ftyp")) {
      return Optional.empty();
    }
    String letters = StandardCharsets.ISO_8859_1.decode(boxes.get(0).content()).toString();
    // The main brand, its version, then the compatible ones.
    List<String> brands =
        IntStream.range(0, letters.length() / 4)
            .filter(k -> k != 1)
            .mapToObj(k -> letters.substring(4 * k, 4 * k + 4))
            .toList();
    if (brands.stream().anyMatch(OF_AVIF::contains)) {
      return Optional.of(AVIF);
    }
    return brands.stream().anyMatch(OF_HEIC::contains) ? Optional.of(HEIC) : Optional.empty();
  }
}
