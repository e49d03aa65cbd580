package org.ablebatch.server.proposing;

import java.util.List;
import org.ablebatch.core.cut.CutProgress;
import org.ablebatch.core.line.PictureState;
import org.ablebatch.server.cutting.BackgroundWork;
import org.ablebatch.server.cutting.Patience;
import org.ablebatch.server.picture.CutoutVersion.Maker;
import org.springframework.core.annotation.Order;
import org.springframework.data.domain.Limit;
import org.springframework.stereotype.Component;

/** Takes safe mends where the ticket says so. The workers draw them like all edits. */
@Component
@Order(1)
class TicketMends implements BackgroundWork {
  private final MendAnswerRepository answers;
  private final MendService mends;
  private final Patience patience;

  TicketMends(MendAnswerRepository answers, MendService mends, Patience patience) {
    this.answers = answers;
    this.mends = mends;
    this.patience = patience;
  }

  /** Two workers with the same picture wait for each other, and the second finds it decided. */
  @Override
  public boolean runNext(CutProgress goesOn) {
    List<Long> next =
        patience.inTransaction(
            () -> answers.unseenByTicket(PictureState.TO_CHECK, Maker.ENGINE, Limit.of(1)));
    for (long photo : next) {
      patience.inTransaction(
          () -> {
            mends.takeByTicket(photo);
            return null;
          });
    }
    return !next.isEmpty();
  }
}
