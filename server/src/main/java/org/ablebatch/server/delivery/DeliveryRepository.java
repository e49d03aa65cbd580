package org.ablebatch.server.delivery;

import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;

interface DeliveryRepository extends JpaRepository<Delivery, Long> {
  Optional<Delivery> findFirstByBatchIdAndStateOrderByIdDesc(long batchId, DeliveryState state);

  List<Delivery> findByBatchIdOrderByIdDesc(long batchId);
}
