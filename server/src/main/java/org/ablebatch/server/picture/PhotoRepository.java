package org.ablebatch.server.picture;

import jakarta.persistence.LockModeType;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import org.ablebatch.core.line.PictureState;
import org.springframework.data.domain.Limit;
import org.springframework.data.domain.Page;
import org.springframework.data.domain.Pageable;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Lock;
import org.springframework.data.jpa.repository.Query;

public interface PhotoRepository extends JpaRepository<Photo, Long> {

  /** Counted pictures of one state in one batch. */
  record StateCount(Long batchId, PictureState state, boolean queued, long count) {}

  /** Counted cutouts of one confidence in one batch. */
  record ConfidenceCount(Long batchId, int confidence, long count) {}

  /** A picture by which a batch can be shown. */
  interface Sample {
    Long getBatchId();

    Long getId();
  }

  /** A picture and the first one with the same bytes. */
  record Twin(Long id, Long of) {}

  /** Another picture of a group. */
  record Sibling(long id, PictureState state) {}

  /** Something counted per batch. */
  record BatchCount(Long batchId, long count) {}

  @Lock(LockModeType.PESSIMISTIC_WRITE)
  @Query("select p from Photo p where p.id = :id")
  Optional<Photo> lock(long id);

  @Query(
      """
      select new org.ablebatch.server.picture.PhotoRow(p, v) from Photo p
      left join CutoutVersion v on v.id = p.shown.currentVersionId
      where p.batchId = :batchId and p.removedAt is null
        and (:all = true or p.state in :states)
      """)
  Page<PhotoRow> rows(long batchId, boolean all, Collection<PictureState> states, Pageable page);

  @Query(
      """
      select new org.ablebatch.server.picture.PhotoRow(p, v) from Photo p
      left join CutoutVersion v on v.id = p.shown.currentVersionId where p.id = :id
      """)
  Optional<PhotoRow> row(long id);

  @Query(
      """
      select new org.ablebatch.server.picture.PhotoRow(p, v) from Photo p
      left join CutoutVersion v on v.id = p.shown.currentVersionId
      where p.batchId = :batchId and p.removedAt is null and p.state in :states order by p.place
      """)
  List<PhotoRow> rowsInOrder(long batchId, Collection<PictureState> states);

  @Query(
      """
      select new org.ablebatch.server.picture.PlannedPhoto(
        p.id, p.revision, p.state, p.fileName, p.code, p.group, p.dress.listColumns,
        p.dress.lookChanges, p.taken.originalBlob, p.taken.bytes, p.taken.width, p.taken.height,
        p.crop.x, p.crop.y, p.crop.width, p.crop.height,
        v.id, v.contentX, v.contentY, v.contentWidth, v.contentHeight) from Photo p
      left join CutoutVersion v on v.id = p.shown.currentVersionId
      where p.batchId = :batchId and p.removedAt is null and p.state in :states order by p.place
      """)
  List<PlannedPhoto> plannedInOrder(long batchId, Collection<PictureState> states);

  @Query(
      """
      select new org.ablebatch.server.picture.PhotoRepository$StateCount(
        p.batchId, p.state, p.queue.queued, count(p))
      from Photo p where p.batchId in :batchIds and p.removedAt is null
      group by p.batchId, p.state, p.queue.queued
      """)
  List<StateCount> countByState(Collection<Long> batchIds);

  @Query(
      """
      select new org.ablebatch.server.picture.PhotoRepository$ConfidenceCount(
        p.batchId, v.confidence, count(p))
      from Photo p join CutoutVersion v on v.id = p.shown.currentVersionId
      where p.batchId in :batchIds and p.removedAt is null group by p.batchId, v.confidence
      """)
  List<ConfidenceCount> confidences(Collection<Long> batchIds);

  @Query(
      value =
          """
          SELECT batch_id, id FROM (
            SELECT batch_id, id, place,
              ROW_NUMBER() OVER (PARTITION BY batch_id ORDER BY place) AS rank_in_batch
            FROM photo WHERE batch_id IN (:batchIds) AND removed_at IS NULL) ranked
          WHERE rank_in_batch <= :most ORDER BY batch_id, place
          """,
      nativeQuery = true)
  List<Sample> firstPlaces(Collection<Long> batchIds, int most);

  @Query(
      """
      select new org.ablebatch.server.picture.PhotoRepository$BatchCount(p.batchId, count(p))
      from Photo p where p.batchId in :batchIds and p.removedAt is not null group by p.batchId
      """)
  List<BatchCount> countRemoved(Collection<Long> batchIds);

  long countByBatchIdAndRemovedAtIsNull(long batchId);

  /** The last place that is taken, or kept for a file on its way. */
  @Query(
      value =
          """
          SELECT GREATEST(
            (SELECT COALESCE(MAX(place), 0) FROM photo WHERE batch_id = :batchId),
            (SELECT COALESCE(MAX(place), 0) FROM upload WHERE batch_id = :batchId))
          """,
      nativeQuery = true)
  int lastPlace(long batchId);

  /**
   * The others of a group that have a cutout, in their order.
   *
   * @param group null = those of the batch that have none
   */
  @Query(
      """
      select new org.ablebatch.server.picture.PhotoRepository$Sibling(p.id, p.state) from Photo p
      where p.batchId = :batchId and p.id <> :photoId and p.removedAt is null
        and p.shown.currentVersionId is not null
        and (p.group = :group or (:group is null and p.group is null)) order by p.place
      """)
  List<Sibling> siblings(long batchId, long photoId, String group);

  /** Pictures with edits that no version shows yet. */
  @Query(
      """
      select p.id from Photo p where p.state = :state and p.shown.editsPending = true
        and p.removedAt is null and p.id not in :but order by p.id
      """)
  List<Long> toMend(PictureState state, Collection<Long> but, Limit limit);

  Optional<Photo> findFirstByBatchIdAndTakenOriginalBlobAndRemovedAtIsNullOrderByPlace(
      long batchId, String originalBlob);

  /** Locked, so that no worker takes one of them meanwhile. */
  @Lock(LockModeType.PESSIMISTIC_WRITE)
  @Query(
      """
      select p from Photo p where p.batchId = :batchId and p.state = :state and p.queue.queued = :queued
        and p.removedAt is null order by p.place
      """)
  List<Photo> lockAllInState(long batchId, PictureState state, boolean queued);

  List<Photo> findByBatchIdAndRemovedAtIsNullOrderByPlace(long batchId);

  @Query(
      """
      select new org.ablebatch.server.picture.PhotoRow(p, v) from Photo p
      left join CutoutVersion v on v.id = p.shown.currentVersionId
      where p.batchId = :batchId and p.id in :ids order by p.place
      """)
  List<PhotoRow> rowsOf(long batchId, Collection<Long> ids);

  @Query(
      """
      select new org.ablebatch.server.picture.PhotoRow(p, v) from Photo p
      left join CutoutVersion v on v.id = p.shown.currentVersionId
      where p.batchId = :batchId and p.removedAt is not null order by p.place
      """)
  List<PhotoRow> removedRows(long batchId);

  @Lock(LockModeType.PESSIMISTIC_WRITE)
  @Query("select p from Photo p where p.batchId = :batchId and p.id in :ids order by p.id")
  List<Photo> lockAll(long batchId, Collection<Long> ids);

  @Query("select p.id from Photo p where p.renditionsDue = true order by p.id")
  List<Long> renditionsDue(Limit limit);

  /** Those of these pictures of a batch that have the same bytes as an earlier one of it. */
  @Query(
      """
      select new org.ablebatch.server.picture.PhotoRepository$Twin(q.id, min(p.id))
      from Photo p join Photo q on q.batchId = p.batchId and q.taken.originalBlob = p.taken.originalBlob
        and q.place > p.place
      where p.batchId = :batchId and q.id in :ids and p.removedAt is null and q.removedAt is null
      group by q.id
      """)
  List<Twin> twins(long batchId, Collection<Long> ids);
}
