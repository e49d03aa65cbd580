package org.ablebatch.server.checking;

import java.time.Instant;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import org.ablebatch.core.line.PictureState;
import org.springframework.data.domain.Limit;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface VerdictRepository extends JpaRepository<Verdict, Long> {
  Optional<Verdict> findFirstByPhotoIdAndTakenBackAtIsNullOrderByIdDesc(long photoId);

  List<Verdict> findByTogetherAndTakenBackAtIsNull(String together);

  List<Verdict> findByPhotoIdInAndGivenAtGreaterThanEqualAndTakenBackAtIsNullOrderById(
      Collection<Long> photoIds, Instant since);

  @Query(
      """
      select v from Verdict v
      where v.photoId = :photoId and v.versionId = :versionId and v.toState = :state
        and v.givenAt <= :before and v.takenBackAt is null
      order by v.id desc
      """)
  List<Verdict> latest(
      long photoId, Long versionId, PictureState state, Instant before, Limit limit);

  /** Verdicts of a batch that were not taken back, in the order in which they were given. */
  @Query(
      """
      select v from Verdict v join Photo p on p.id = v.photoId
      where p.batchId = :batchId and v.takenBackAt is null order by v.id
      """)
  List<Verdict> standing(long batchId);

  /** Verdicts of any batch that sent a picture back or away and were not taken back. */
  @Query(
      """
      select v from Verdict v
      where v.takenBackAt is null and v.toState <> :passed and v.givenAt >= :since
      """)
  List<Verdict> notPassedSince(PictureState passed, Instant since);
}
