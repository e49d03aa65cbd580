package org.ablebatch.codec.read;

import java.nio.charset.StandardCharsets;
import java.util.Optional;
import org.ablebatch.codec.heif.Brand;

/** The picture formats that are read, recognised by their first bytes and never by their name. */
public enum FileKind {
  JPEG("JPEG", "image/jpeg"),
  PNG("PNG", "image/png"),
  WEBP("WebP", "image/webp"),
  TIFF("TIFF", "image/tiff"),
  GIF("GIF", "image/gif"),
  BMP("BMP", "image/bmp"),
  HEIC("HEIC", "image/heic"),
  AVIF("AVIF", "image/avif");

  private final String label;
  private final String mediaType;

  FileKind(String label, String mediaType) {
    this.label = label;
    this.mediaType = mediaType;
  }

  public String label() {
    return label;
  }

  public String mediaType() {
    return mediaType;
  }

  /** The kind whose signature stands at the start of {@code bytes}. */
  public static Optional<FileKind> of(byte[] bytes) {
    if (starts(bytes, 0, 0xFF, 0xD8, 0xFF)) return Optional.of(JPEG);
    if (starts(bytes, 0, 0x89, 'P', 'N', 'G', '\r', '\n', 0x1A, '\n')) return Optional.of(PNG);
    if (starts(bytes, 0, 'R', 'I', 'F', 'F') && starts(bytes, 8, 'W', 'E', 'B', 'P')) {
      return Optional.of(WEBP);
    }
    if (starts(bytes, 0, 'I', 'I', 42, 0) || starts(bytes, 0, 'M', 'M', 0, 42)) {
      return Optional.of(TIFF);
    }
    if (starts(bytes, 0, 'G', 'I', 'F', '8')) return Optional.of(GIF);
    if (starts(bytes, 0, 'B', 'M')) return Optional.of(BMP);
    return Brand.of(bytes).map(brand -> brand == Brand.AVIF ? AVIF : HEIC);
  }

  /** Decoded by a program of its own, which takes time. */
  public boolean isHeif() {
    return this == HEIC || this == AVIF;
  }

  private static boolean starts(byte[] bytes, int offset, int... signature) {
    if (bytes.length < offset + signature.length) {
      return false;
    }
    for (int i = 0; i < signature.length; i++) {
      if ((bytes[offset + i] & 0xFF) != signature[i]) {
        return false;
      }
    }
    return true;
  }

  /** True when the bytes read like plain text; helps to say what a wrong file really is. */
  static boolean looksLikeText(byte[] bytes) {
    String head = new String(bytes, 0, Math.min(bytes.length, 200), StandardCharsets.UTF_8);
    return head.chars().allMatch(c -> c >= 32 || c == '\n' || c == '\r' || c == '\t')
        && head.chars().noneMatch(c -> c == 0xFFFD);
  }
}
