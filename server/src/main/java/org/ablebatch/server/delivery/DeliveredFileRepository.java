package org.ablebatch.server.delivery;

import java.util.Collection;
import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface DeliveredFileRepository extends JpaRepository<DeliveredFile, Long> {

  /** Progress of one delivery. */
  record Progress(
      Long deliveryId,
      long planned,
      long made,
      long failed,
      long same,
      long forgotten,
      long bytes) {}

  /** Files that the last delivery of a batch made. */
  record Delivered(Long batchId, long count) {}

  List<DeliveredFile> findByDeliveryIdOrderById(long deliveryId);

  List<DeliveredFile> findByPhotoIdOrderByIdDesc(long photoId);

  @Query(
      """
      select new org.ablebatch.server.delivery.DeliveredFileRepository$Progress(
        f.deliveryId, count(f),
        sum(case when f.blobId is not null then 1 else 0 end),
        sum(case when f.problem is not null then 1 else 0 end),
        sum(case when f.changeKind = 'same' then 1 else 0 end),
        sum(case when f.forgotten = true then 1 else 0 end),
        coalesce(sum(f.bytes), 0))
      from DeliveredFile f where f.deliveryId in :deliveryIds group by f.deliveryId
      """)
  List<Progress> progress(Collection<Long> deliveryIds);

  @Query(
      """
      select new org.ablebatch.server.delivery.DeliveredFileRepository$Delivered(d.batchId, count(f))
      from Delivery d join DeliveredFile f on f.deliveryId = d.id
      where d.batchId in :batchIds and f.blobId is not null
        and d.id = (select max(e.id) from Delivery e where e.batchId = d.batchId and e.ofSome = false)
      group by d.batchId
      """)
  List<Delivered> lastDelivered(Collection<Long> batchIds);
}
