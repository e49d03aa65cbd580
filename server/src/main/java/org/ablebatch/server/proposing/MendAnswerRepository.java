package org.ablebatch.server.proposing;

import java.util.List;
import java.util.Optional;
import org.ablebatch.core.line.PictureState;
import org.ablebatch.server.picture.CutoutVersion.Maker;
import org.springframework.data.domain.Limit;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface MendAnswerRepository extends JpaRepository<MendAnswer, Long> {
  List<MendAnswer> findByVersionId(long versionId);

  Optional<MendAnswer> findByVersionIdAndFinding(long versionId, int finding);

  List<MendAnswer> findByBatchIdAndTogether(long batchId, String together);

  /** Answers of one sort to one kind of finding. */
  record Count(String kind, boolean taken, boolean byTicket, long count) {}

  @Query(
      """
      select new org.ablebatch.server.proposing.MendAnswerRepository$Count(
        a.kind, a.taken, a.byTicket, count(a))
      from MendAnswer a where a.batchId = :batchId
      group by a.kind, a.taken, a.byTicket order by a.kind
      """)
  List<Count> counts(long batchId);

  /**
   * Pictures with a cutout by the engine whose ticket takes safe mends and has not decided about
   * theirs.
   *
   * @param state only of pictures in this state
   */
  @Query(
      """
      select p.id from Batch b join Photo p on p.batchId = b.id
      join CutoutVersion v on v.id = p.shown.currentVersionId
      where b.takesSafeMends = true and p.state = :state and p.removedAt is null
        and v.maker = :maker and v.inspected = true and v.seenByTicket = false order by p.id
      """)
  List<Long> unseenByTicket(PictureState state, Maker maker, Limit limit);
}
