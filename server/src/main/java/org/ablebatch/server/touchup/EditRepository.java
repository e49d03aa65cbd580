package org.ablebatch.server.touchup;

import java.util.Collection;
import java.util.List;
import java.util.Optional;
import org.ablebatch.core.line.PictureState;
import org.ablebatch.server.picture.CutoutVersion;
import org.ablebatch.server.picture.PhotoRepository.Sibling;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface EditRepository extends JpaRepository<EditRow, Long> {
  List<EditRow> findByPhotoIdAndBaseVersionIdOrderByPositionAscIdAsc(
      long photoId, long baseVersionId);

  Optional<EditRow> findByPhotoIdAndClientKey(long photoId, String clientKey);

  /** In how many other pictures of one state an edit shows. */
  record Shared(String clientKey, PictureState state, long pictures) {}

  /**
   * The same edits in other pictures of a batch, as far as they belong to the cutouts that stand
   * there now.
   *
   * @param hand {@link CutoutVersion.Maker#HAND}
   */
  @Query(
      """
      select new org.ablebatch.server.touchup.EditRepository$Shared(e.clientKey, p.state, count(p))
      from EditRow e join Photo p on p.id = e.photoId
      join CutoutVersion v on v.id = p.shown.currentVersionId
      where e.clientKey in :keys and e.undone = false and p.batchId = :batchId
        and p.id <> :photoId and p.removedAt is null
        and (e.baseVersionId = v.id or v.maker = :hand and e.baseVersionId = v.baseVersionId)
      group by e.clientKey, p.state
      """)
  List<Shared> shared(
      long batchId, long photoId, Collection<String> keys, CutoutVersion.Maker hand);

  /** Other pictures of a batch that keep an edit under the same key. */
  @Query(
      """
      select new org.ablebatch.server.picture.PhotoRepository$Sibling(p.id, p.state)
      from EditRow e join Photo p on p.id = e.photoId
      where e.clientKey = :clientKey and p.batchId = :batchId and p.id <> :photoId
        and p.removedAt is null order by p.place
      """)
  List<Sibling> siblingsWith(long batchId, long photoId, String clientKey);
}
