package org.ablebatch.server.picture;

import java.util.List;
import java.util.Optional;
import org.ablebatch.server.picture.CutoutVersion.Maker;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

public interface CutoutVersionRepository extends JpaRepository<CutoutVersion, Long> {
  @Query("select coalesce(max(v.number), 0) from CutoutVersion v where v.photoId = :photoId")
  int lastNumber(long photoId);

  Optional<CutoutVersion> findFirstByPhotoIdAndMakerOrderByNumberDesc(long photoId, Maker maker);

  List<CutoutVersion> findByPhotoIdOrderByNumber(long photoId);
}
