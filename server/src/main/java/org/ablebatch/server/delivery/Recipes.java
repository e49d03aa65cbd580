package org.ablebatch.server.delivery;

import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.HexFormat;
import java.util.List;
import org.ablebatch.codec.look.LookFile;
import org.ablebatch.codec.spec.SpecEntry;
import org.ablebatch.core.deliver.WordsPlan;
import org.ablebatch.core.look.Look;
import org.ablebatch.server.dressing.DressingService;
import org.ablebatch.server.picture.Photo;
import org.ablebatch.server.picture.PhotoRow;
import tools.jackson.databind.json.JsonMapper;

/**
 * Names everything that a file's bytes depend on, so that two deliveries can be compared without
 * making anything: the same recipe gives the same file.
 */
final class Recipes {
  /** Raised when the same picture, look and spec come to give other bytes. */
  private static final String MAKER = "1";

  private static final JsonMapper JSON = new JsonMapper();

  private final List<String> specs;
  private final Look look;
  private final String lookText;
  private final WordsPlan words;
  private final boolean sharpen;

  Recipes(List<SpecEntry> specs, Look look, WordsPlan words, boolean sharpen) {
    this.words = words;
    this.specs = specs.stream().map(JSON::writeValueAsString).toList();
    this.look = look;
    this.lookText = LookFile.partsOf(look);
    this.sharpen = sharpen;
  }

  /** SHA-256 in hexadecimal digits. */
  String of(PhotoRow row, int specIndex) {
    Photo photo = row.photo();
    Look own = DressingService.lookOf(look, photo);
    String text =
        String.join(
            "\n",
            MAKER,
            photo.originalBlob(),
            row.isWhole() ? "whole" : String.valueOf(row.version().id()),
            String.valueOf(photo.crop()),
            photo.labels().toString(),
            own.equals(look) ? lookText : LookFile.partsOf(own),
            words.of(photo.labels()).toString(),
            String.valueOf(sharpen),
            specs.get(specIndex));
    return HexFormat.of().formatHex(sha256(text.getBytes(StandardCharsets.UTF_8)));
  }

  private static byte[] sha256(byte[] bytes) {
    try {
      return MessageDigest.getInstance("SHA-256").digest(bytes);
    } catch (NoSuchAlgorithmException e) {
      throw new IllegalStateException("every Java has SHA-256", e);
    }
  }
}
