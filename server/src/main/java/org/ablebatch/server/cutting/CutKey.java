package org.ablebatch.server.cutting;

import java.nio.charset.StandardCharsets;
import org.ablebatch.core.cut.Cutter;
import org.ablebatch.core.cut.Method;
import org.ablebatch.server.batch.Batch;
import org.ablebatch.server.picture.CutoutVersion;
import org.ablebatch.server.picture.Photo;
import org.ablebatch.server.storage.Sha256;

/** Stands for everything that decides a cutout: the engine gives the same bytes for the same. */
public final class CutKey {
  private CutKey() {}

  /**
   * @param guidance as text; null = nothing was said
   */
  public static CutoutVersion.Asked of(Photo photo, Batch batch, Method method, String guidance) {
    String everything =
        String.join(
            "\n",
            String.valueOf(Cutter.REVISION),
            photo.originalBlob(),
            String.valueOf(photo.crop()),
            String.valueOf(guidance),
            String.valueOf(batch.emptySetBlob()));
    return new CutoutVersion.Asked(
        method.wireName(), Sha256.of(everything.getBytes(StandardCharsets.UTF_8)));
  }
}
