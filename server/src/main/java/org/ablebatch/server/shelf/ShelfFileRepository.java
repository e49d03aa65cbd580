package org.ablebatch.server.shelf;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

interface ShelfFileRepository extends JpaRepository<ShelfFile, Long> {
  List<ShelfFile> findByBatchId(long batchId);

  List<ShelfFile> findByTidyingId(long tidyingId);
}
