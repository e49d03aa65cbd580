package org.ablebatch.server.shelf;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;

interface ShelfFileRepository extends JpaRepository<ShelfFile, Long> {
  List<ShelfFile> findByBatchId(long batchId);

  List<ShelfFile> findByTidyingId(long tidyingId);

  /** Nothing else of the file is written: it may be tidied away at the same time. */
  @Modifying
  @Query("update ShelfFile f set f.thumbnailBlob = :blob where f.id = :id")
  void showThumbnail(long id, String blob);
}
