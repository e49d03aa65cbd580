package org.ablebatch.server.cutting;

import java.util.Iterator;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import org.ablebatch.core.cut.Cutter;
import org.ablebatch.core.cut.Opinions;
import org.ablebatch.core.raster.Picture;
import org.ablebatch.core.raster.Rect;
import org.ablebatch.core.work.Pulse;
import org.ablebatch.server.picture.CutoutVersion;
import org.springframework.stereotype.Component;

/**
 * What else can be thought of the photographs that were asked about last. It takes a whole search
 * to know, and a photograph that is being mended is asked about after every edit.
 */
@Component
public class SecondOpinions {
  private static final long MOST_BYTES = 96L << 20;

  private final Cutter cutter;
  private final Map<Asked, Optional<Opinions>> lately = new LinkedHashMap<>(16, 0.75f, true);

  SecondOpinions(Cutter cutter) {
    this.cutter = cutter;
  }

  /** The part of a photograph that counts. */
  private record Asked(String blob, Rect crop) {}

  /**
   * @param original the photograph that the version was cut of
   * @return empty where nobody has any, and where a person has said what the subject is
   */
  public Optional<Opinions> of(CutoutVersion version, Picture original) {
    if (version.guidance() != null) {
      return Optional.empty();
    }
    Asked asked = new Asked(version.sourceBlob(), version.crop());
    Optional<Opinions> known = known(asked);
    if (known == null) {
      known = cutter.opinions(original, Pulse.NONE);
      remember(asked, known);
    }
    return known;
  }

  private synchronized Optional<Opinions> known(Asked asked) {
    return lately.get(asked);
  }

  private synchronized void remember(Asked asked, Optional<Opinions> opinions) {
    lately.put(asked, opinions);
    long bytes = lately.values().stream().mapToLong(SecondOpinions::bytes).sum();
    Iterator<Optional<Opinions>> eldest = lately.values().iterator();
    while (bytes > MOST_BYTES && lately.size() > 1) {
      bytes -= bytes(eldest.next());
      eldest.remove();
    }
  }

  private static long bytes(Optional<Opinions> opinions) {
    return opinions.map(Opinions::bytes).orElse(0L);
  }
}
