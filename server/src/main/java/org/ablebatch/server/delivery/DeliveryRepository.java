package org.ablebatch.server.delivery;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

interface DeliveryRepository extends JpaRepository<Delivery, Long> {
  List<Delivery> findByBatchIdOrderByIdDesc(long batchId);
}
