package org.ablebatch.server.checking;

import java.time.Instant;
import java.util.Optional;
import org.ablebatch.core.line.PictureState;
import org.springframework.data.domain.Limit;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** When pictures were passed. */
@Component
public class Passings {
  private final VerdictRepository verdicts;

  Passings(VerdictRepository verdicts) {
    this.verdicts = verdicts;
  }

  /**
   * @param together with others at once
   */
  public record Passing(Instant at, boolean together) {}

  /**
   * The last time before another that a version of a picture was passed.
   *
   * @param versionId null = left whole
   */
  @Transactional(readOnly = true)
  public Optional<Passing> last(long photoId, Long versionId, Instant before) {
    return verdicts.latest(photoId, versionId, PictureState.PASSED, before, Limit.of(1)).stream()
        .findFirst()
        .map(verdict -> new Passing(verdict.givenAt(), verdict.isTogether()));
  }
}
