package org.ablebatch.server.bench;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import org.ablebatch.core.cut.Cutter;
import org.ablebatch.core.mend.Means;
import org.ablebatch.core.mend.Mender;
import org.ablebatch.core.mend.NothingThere;
import org.ablebatch.core.raster.Cutout;
import org.ablebatch.core.raster.Picture;
import org.ablebatch.server.picture.CutoutFiles;
import org.ablebatch.server.picture.CutoutVersion;
import org.ablebatch.server.picture.CutoutVersionRepository;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;

/** The pictures that lie on benches; the one that was longest untouched makes room for the next. */
@Component
public class Benches {
  private static final int SHARE_OF_MEMORY = 4;
  private static final long LOOK_MILLIS = 60_000;

  /** A retoucher who comes back later than this waits for the picture to be laid once more. */
  private static final Duration IDLE = Duration.ofMinutes(15);

  private final CutoutFiles files;
  private final CutoutVersionRepository versions;
  private final Cutter cutter;
  private final Clock clock;
  private final Map<Long, Bench> byBase = new LinkedHashMap<>(16, 0.75f, true);
  private final Map<Long, Instant> usedAt = new HashMap<>();
  private final Map<Long, Object> laying = new ConcurrentHashMap<>();

  Benches(CutoutFiles files, CutoutVersionRepository versions, Cutter cutter, Clock clock) {
    this.files = files;
    this.versions = versions;
    this.cutter = cutter;
    this.clock = clock;
  }

  /** The bench of edits over a version; null when none is laid. */
  public Bench known(long baseVersionId) {
    synchronized (byBase) {
      Bench known = byBase.get(baseVersionId);
      if (known != null) {
        usedAt.put(baseVersionId, clock.instant());
      }
      return known;
    }
  }

  /** The same, laid if need be: that takes as long as reading the picture does. */
  public Bench of(CutoutVersion base) {
    Bench known = known(base.id());
    if (known != null) {
      return known;
    }
    synchronized (laying.computeIfAbsent(base.id(), id -> new Object())) {
      Bench meanwhile = known(base.id());
      Bench bench = meanwhile == null ? lay(base) : meanwhile;
      laying.remove(base.id());
      return bench;
    }
  }

  /** For somebody who needs the result once: what others work on is not cleared away for it. */
  public Bench knownOrAside(CutoutVersion base) {
    Bench known = known(base.id());
    return known == null ? aside(base) : known;
  }

  private Bench aside(CutoutVersion base) {
    Picture original = files.original(base);
    Mender mender = new Mender(new Means(cutter, id -> version(id, base, original)));
    return new Bench(base.id(), original, () -> files.cutout(original, base), mender);
  }

  private Bench lay(CutoutVersion base) {
    Bench bench = aside(base);
    synchronized (byBase) {
      byBase.put(base.id(), bench);
      usedAt.put(base.id(), clock.instant());
      makeRoom(base.id());
    }
    return bench;
  }

  private Cutout version(long id, CutoutVersion base, Picture original) {
    CutoutVersion other = versions.findById(id).orElse(null);
    if (other == null || other.photoId() != base.photoId() || !other.isOfTheSameAs(base)) {
      throw new NothingThere("The version to take from is not one of this photograph");
    }
    return files.cutout(original, other);
  }

  /** Memory is for those who work, and for the workers that cut. */
  @Scheduled(fixedDelay = LOOK_MILLIS)
  void clearIdle() {
    Instant since = clock.instant().minus(IDLE);
    synchronized (byBase) {
      usedAt.entrySet().removeIf(used -> used.getValue().isBefore(since));
      byBase.keySet().retainAll(usedAt.keySet());
    }
  }

  private void makeRoom(long but) {
    long most = Runtime.getRuntime().maxMemory() / SHARE_OF_MEMORY;
    long held = byBase.values().stream().mapToLong(Bench::bytes).sum();
    var oldest = byBase.entrySet().iterator();
    while (held > most && oldest.hasNext()) {
      var entry = oldest.next();
      if (entry.getKey() != but) {
        held -= entry.getValue().bytes();
        usedAt.remove(entry.getKey());
        oldest.remove();
      }
    }
  }
}
