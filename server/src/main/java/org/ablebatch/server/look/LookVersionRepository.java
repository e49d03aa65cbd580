package org.ablebatch.server.look;

import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface LookVersionRepository extends JpaRepository<LookVersion, Long> {
  /** The newest version of every look on the shelf, by name. */
  @Query(
      """
      select v from LookVersion v join fetch v.kept l
      where l.removedAt is null
        and v.number = (select max(o.number) from LookVersion o where o.kept = l)
      order by l.name, l.id
      """)
  List<LookVersion> newest();

  Optional<LookVersion> findFirstByKeptIdOrderByNumberDesc(long lookId);

  /** Batches and deliveries that refer to a version, without the batch that asks. */
  @Query(
      """
      select (select count(b) from Batch b where b.lookVersion.id = :version and b.id <> :batch)
        + (select count(d) from Delivery d where d.lookVersion.id = :version)
      from LookVersion v where v.id = :version
      """)
  long othersAt(long version, long batch);

  /** Batches at any version of a look. */
  @Query("select count(b) from Batch b where b.lookVersion.kept.id = :look")
  long batchesWith(long look);
}
