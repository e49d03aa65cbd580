package org.ablebatch.server.shelf;

import io.swagger.v3.oas.annotations.media.Schema;
import java.time.Instant;
import java.util.List;

/** What may be tidied away, and what was. */
final class TidyViews {
  private TidyViews() {}

  /**
   * @param proposals what nobody may need any more
   * @param done what can still be brought back
   */
  @Schema(name = "Tidy")
  record TidyView(List<ProposalView> proposals, List<DoneView> done) {}

  /**
   * @param kind replaced, or older-than-N for N months
   * @param bytes of room that becomes free after 30 days, at least
   */
  @Schema(name = "TidyProposal")
  record ProposalView(String kind, String said, long files, long bytes) {}

  /**
   * @param until it can be brought back
   */
  @Schema(name = "TidyDone")
  record DoneView(long id, String said, int files, long bytes, Instant doneAt, Instant until) {}
}
