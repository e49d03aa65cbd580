package org.ablebatch.server.delivery;

import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.util.List;
import org.ablebatch.codec.look.LookFile;
import org.ablebatch.codec.spec.SpecEntry;
import org.ablebatch.core.deliver.WordsPlan;
import org.ablebatch.core.look.Look;
import org.ablebatch.server.picture.PlannedPhoto;
import org.ablebatch.server.storage.Sha256;
import tools.jackson.databind.json.JsonMapper;

/**
 * Names everything that a file's bytes depend on, so that two deliveries can be compared without
 * making anything: the same recipe gives the same file.
 */
final class Recipes {
  /** Raised when the same picture, look and spec come to give other bytes. */
  private static final String MAKER = "1";

  private static final JsonMapper JSON = new JsonMapper();

  private final List<byte[]> specs;
  private final Look look;
  private final String lookText;
  private final WordsPlan words;
  private final boolean sharpen;

  Recipes(List<SpecEntry> specs, Look look, WordsPlan words, boolean sharpen) {
    this.words = words;
    this.specs = specs.stream().map(spec -> JSON.writeValueAsBytes(spec.withoutNames())).toList();
    this.look = look;
    this.lookText = LookFile.partsOf(look);
    this.sharpen = sharpen;
  }

  /**
   * @param own the look with what the picture does otherwise
   */
  OfPicture of(PlannedPhoto photo, Look own) {
    return new OfPicture(photo, own);
  }

  /** Of one picture. Put together when they are asked for: a first delivery needs none. */
  final class OfPicture {
    private final PlannedPhoto photo;
    private final Look own;
    private List<String> bySpec;

    private OfPicture(PlannedPhoto photo, Look own) {
      this.photo = photo;
      this.own = own;
    }

    /** SHA-256 in hexadecimal digits for a spec, by its place among all. */
    synchronized String under(int specIndex) {
      if (bySpec == null) {
        bySpec = written(photo, own);
      }
      return bySpec.get(specIndex);
    }
  }

  private List<String> written(PlannedPhoto photo, Look own) {
    String ofPicture =
        String.join(
            "\n",
            MAKER,
            photo.originalBlob(),
            photo.isWhole() ? "whole" : String.valueOf(photo.versionId()),
            String.valueOf(photo.crop()),
            photo.labels().toString(),
            own.equals(look) ? lookText : LookFile.partsOf(own),
            words.of(photo.labels()).toString(),
            String.valueOf(sharpen),
            "");
    MessageDigest begun = Sha256.digest();
    begun.update(ofPicture.getBytes(StandardCharsets.UTF_8));
    return specs.stream().map(spec -> Sha256.of(begun, spec)).toList();
  }
}
