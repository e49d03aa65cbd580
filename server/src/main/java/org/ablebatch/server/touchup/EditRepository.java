package org.ablebatch.server.touchup;

import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;

interface EditRepository extends JpaRepository<EditRow, Long> {
  List<EditRow> findByPhotoIdAndBaseVersionIdOrderByPositionAscIdAsc(
      long photoId, long baseVersionId);

  Optional<EditRow> findByPhotoIdAndClientKey(long photoId, String clientKey);
}
