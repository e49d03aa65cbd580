package org.ablebatch.server.look;

import java.time.Clock;
import java.util.List;
import org.ablebatch.codec.look.LookFile;
import org.ablebatch.core.look.Fill;
import org.ablebatch.core.look.InvalidLook;
import org.ablebatch.core.look.Look;
import org.ablebatch.server.problem.Conflict;
import org.ablebatch.server.problem.NotFound;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Keeps looks by name, in versions. */
@Service
public class LookService {
  private static final int LONGEST_NAME = 80;

  private final KeptLookRepository looks;
  private final LookVersionRepository versions;
  private final Clock clock;

  LookService(KeptLookRepository looks, LookVersionRepository versions, Clock clock) {
    this.looks = looks;
    this.versions = versions;
    this.clock = clock;
  }

  /** The newest version of every look on the shelf. */
  @Transactional(readOnly = true)
  public List<LookVersion> shelf() {
    return versions.newest();
  }

  @Transactional(readOnly = true)
  public LookVersion newest(long lookId) {
    return versions
        .findFirstByKeptIdOrderByNumberDesc(lookId)
        .orElseThrow(() -> new NotFound("look", lookId));
  }

  @Transactional(readOnly = true)
  public LookVersion version(long versionId) {
    return versions.findById(versionId).orElseThrow(() -> new NotFound("look", versionId));
  }

  /** True when a look has no later version than this one. */
  @Transactional(readOnly = true)
  public boolean isNewest(LookVersion version) {
    return newest(version.kept().id()).id().equals(version.id());
  }

  /** A new look; a name that is taken gets a number. */
  @Transactional
  public LookVersion keep(String name, Look look) {
    KeptLook kept = looks.save(new KeptLook(free(checked(name)), clock.instant()));
    return versions.save(new LookVersion(kept, 1, look, clock.instant()));
  }

  /** As {@link #keep}, but one that is there already, under whatever name, is that one. */
  @Transactional
  public LookVersion keepOnce(String name, Look look) {
    String parts = LookFile.partsOf(look);
    return versions.newest().stream()
        .filter(version -> version.parts().equals(parts))
        .findFirst()
        .orElseGet(() -> keep(name, look));
  }

  /** A look of a backdrop and a margin alone. */
  @Transactional
  public LookVersion plain(Fill backdrop, double marginPercent) {
    return keepOnce(plainName(backdrop, marginPercent), Look.plain(backdrop, marginPercent));
  }

  private static String plainName(Fill backdrop, double marginPercent) {
    String behind = backdrop instanceof Fill.Clear ? "Clear" : backdrop.text();
    String margin =
        marginPercent == Math.rint(marginPercent)
            ? String.valueOf((long) marginPercent)
            : String.valueOf(marginPercent);
    return behind + ", " + margin + " %";
  }

  /**
   * Saves a look as a batch's people have changed it. What others use stays as it is: a version
   * that another batch or a delivery refers to is followed by the next one.
   *
   * @param from the version that was changed
   * @param revision of the look as it was read
   * @throws Conflict when somebody saved it in between
   */
  @Transactional
  public LookVersion save(LookVersion from, long revision, String name, Look look, long batchId) {
    KeptLook kept =
        looks.lock(from.kept().id()).orElseThrow(() -> new NotFound("look", from.kept().id()));
    if (kept.revision() != revision) {
      throw new Conflict(
          "“"
              + kept.name()
              + "” was changed by somebody else meanwhile. Your state of it is kept as a look of its"
              + " own when you choose “Keep as a new look”.");
    }
    LookVersion newest = newest(kept.id());
    String newName = checked(name);
    kept.saved(newName.equals(kept.name()) ? newName : free(newName));
    boolean alone = newest.id().equals(from.id()) && versions.othersAt(newest.id(), batchId) == 0;
    if (alone || newest.parts().equals(LookFile.partsOf(look))) {
      newest.change(look);
      return newest;
    }
    return versions.save(new LookVersion(kept, newest.number() + 1, look, clock.instant()));
  }

  /**
   * Takes a look from the shelf. Deliveries go on referring to it.
   *
   * @throws Conflict while a batch uses it
   */
  @Transactional
  public void remove(long lookId) {
    LookVersion newest = newest(lookId);
    long batches = versions.batchesWith(lookId);
    if (batches > 0) {
      throw new Conflict(
          batches == 1
              ? "One batch uses this look. Give it another one, then take this one away."
              : batches
                  + " batches use this look. Give them another one, then take this one away.");
    }
    newest.kept().remove(clock.instant());
  }

  private String free(String name) {
    List<String> taken = versions.newest().stream().map(v -> v.kept().name()).toList();
    String free = name;
    for (int n = 2; taken.contains(free); n++) {
      String number = " " + n;
      free = name.substring(0, Math.min(name.length(), LONGEST_NAME - number.length())) + number;
    }
    return free;
  }

  private static String checked(String name) {
    if (name == null || name.isBlank()) {
      throw new InvalidLook("name", "a look needs a name");
    }
    String stripped = name.strip();
    if (stripped.length() > LONGEST_NAME) {
      throw new InvalidLook("name", "a look’s name has at most " + LONGEST_NAME + " characters");
    }
    return stripped;
  }
}
