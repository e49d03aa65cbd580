package org.ablebatch.server.picture;

import java.util.List;
import java.util.Optional;
import org.ablebatch.core.line.PictureState;
import org.springframework.data.domain.Limit;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

public interface CutoutVersionRepository extends JpaRepository<CutoutVersion, Long> {
  @Query("select coalesce(max(v.number), 0) from CutoutVersion v where v.photoId = :photoId")
  int lastNumber(long photoId);

  List<CutoutVersion> findByPhotoIdOrderByNumber(long photoId);

  /** A cutout that was asked for in just this way before. */
  Optional<CutoutVersion> findFirstByPhotoIdAndAskedMethodAndSourceKey(
      long photoId, String askedMethod, String sourceKey);

  /**
   * Current versions that nobody has looked over yet, the newest first: somebody may wait.
   *
   * @param state only of pictures in this state
   */
  @Query(
      """
      select v.id from CutoutVersion v join Photo p on p.shown.currentVersionId = v.id
      where v.inspected = false and p.state = :state and p.removedAt is null order by v.id desc
      """)
  List<Long> toInspect(PictureState state, Limit limit);
}
