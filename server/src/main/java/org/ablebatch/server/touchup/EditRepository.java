package org.ablebatch.server.touchup;

import java.util.List;
import java.util.Optional;
import org.ablebatch.server.picture.PhotoRepository.Sibling;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface EditRepository extends JpaRepository<EditRow, Long> {
  List<EditRow> findByPhotoIdAndBaseVersionIdOrderByPositionAscIdAsc(
      long photoId, long baseVersionId);

  Optional<EditRow> findByPhotoIdAndClientKey(long photoId, String clientKey);

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
