package org.ablebatch.server.proposing;

import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface MendAnswerRepository extends JpaRepository<MendAnswer, Long> {
  List<MendAnswer> findByVersionId(long versionId);

  Optional<MendAnswer> findByVersionIdAndFinding(long versionId, int finding);

  List<MendAnswer> findByBatchIdAndTogether(long batchId, String together);

  /** Answers of one sort to one kind of finding. */
  record Count(String kind, boolean taken, long count) {}

  @Query(
      """
      select new org.ablebatch.server.proposing.MendAnswerRepository$Count(
        a.kind, a.taken, count(a))
      from MendAnswer a where a.batchId = :batchId group by a.kind, a.taken order by a.kind
      """)
  List<Count> counts(long batchId);
}
