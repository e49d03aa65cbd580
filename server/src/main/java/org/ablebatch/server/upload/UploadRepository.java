package org.ablebatch.server.upload;

import jakarta.persistence.LockModeType;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import org.springframework.data.domain.Limit;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Lock;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;

interface UploadRepository extends JpaRepository<Upload, Long> {

  /** Uploads of one state, and how many of them became pictures. */
  record StateCount(UploadState state, long count, long pictures) {}

  /** An upload of which bytes are still to come. */
  record Awaited(long id, long batchId, long bytes) {}

  @Query(
      """
      select new org.ablebatch.server.upload.UploadRepository$Awaited(u.id, u.batchId, u.bytes)
      from Upload u where u.state = :state
      """)
  List<Awaited> awaited(UploadState state);

  @Lock(LockModeType.PESSIMISTIC_WRITE)
  @Query("select u from Upload u where u.id = :id")
  Optional<Upload> lock(long id);

  List<Upload> findByBatchIdAndFingerprintIn(long batchId, Collection<String> fingerprints);

  boolean existsByIdAndStateIn(long id, Collection<UploadState> states);

  boolean existsByBatchIdAndFingerprint(long batchId, String fingerprint);

  List<Upload> findByBatchIdAndStateOrderById(long batchId, UploadState state, Limit limit);

  @Query(
      """
      select u.id from Upload u where u.state = :state and u.insideId is null
        and u.id not in :except order by u.id
      """)
  List<Long> next(UploadState state, Collection<Long> except, Limit limit);

  @Query(
      """
      select new org.ablebatch.server.upload.UploadRepository$StateCount(
        u.state, count(u), count(u.photoId))
      from Upload u where u.batchId = :batchId group by u.state
      """)
  List<StateCount> count(long batchId);

  @Query("select u.id from Upload u where u.batchId = :batchId and u.state = :state")
  List<Long> ids(long batchId, UploadState state);

  /** Which of these were taken in and are still in the batch. */
  @Query(
      """
      select u.id from Upload u join Photo p on p.id = u.photoId
      where u.id in :ids and p.removedAt is null
      """)
  List<Long> stillThere(Collection<Long> ids);

  /** Files of a ZIP that were taken in and are still in the batch. */
  @Query(
      """
      select count(u) from Upload u join Photo p on p.id = u.photoId
      where u.insideId = :zipId and p.removedAt is null
      """)
  long countThereInside(long zipId);

  @Modifying
  @Query("delete from Upload u where u.insideId = :zipId")
  void deleteAllInside(long zipId);

  @Modifying
  @Query("delete from Upload u where u.id in :ids")
  void deleteAllOf(Collection<Long> ids);
}
