package org.ablebatch.server.delivery;

import java.util.Collection;
import java.util.List;
import java.util.Optional;
import org.springframework.data.domain.Limit;
import org.springframework.data.jpa.repository.JpaRepository;

interface DeliveryRepository extends JpaRepository<Delivery, Long> {
  Optional<Delivery> findFirstByBatchIdAndStateAndOfSomeFalseOrderByIdDesc(
      long batchId, DeliveryState state);

  List<Delivery> findByBatchIdOrderByIdDesc(long batchId);

  List<Delivery> findByShelvedFalseAndStateOrderById(DeliveryState state, Limit limit);

  boolean existsByBatchIdInAndStateIn(Collection<Long> batchIds, Collection<DeliveryState> states);
}
