package org.ablebatch.server.strip;

import jakarta.persistence.LockModeType;
import java.util.List;
import java.util.Optional;
import org.ablebatch.server.picture.CutoutVersion;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Lock;
import org.springframework.data.jpa.repository.Query;

interface StripCellRepository extends JpaRepository<StripCell, Long> {

  /** A cell with its cutout, null until it is there. */
  record CellRow(StripCell cell, CutoutVersion version) {}

  List<StripCell> findByBatchId(long batchId);

  @Query(
      """
      select new org.ablebatch.server.strip.StripCellRepository$CellRow(c, v)
      from StripCell c left join CutoutVersion v on v.id = c.versionId
      where c.batchId = :batchId order by c.sample, c.id
      """)
  List<CellRow> rows(long batchId);

  @Query(
      value =
          "SELECT id FROM strip_cell WHERE state = 'WAITING' ORDER BY id LIMIT 1"
              + " FOR UPDATE SKIP LOCKED",
      nativeQuery = true)
  Optional<Long> next();

  @Lock(LockModeType.PESSIMISTIC_WRITE)
  @Query("select c from StripCell c where c.id = :id")
  Optional<StripCell> lock(long id);
}
