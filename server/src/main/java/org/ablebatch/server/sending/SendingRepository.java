package org.ablebatch.server.sending;

import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;

interface SendingRepository extends JpaRepository<Sending, Long> {
  Optional<Sending> findFirstByDeliveryIdOrderByIdDesc(long deliveryId);
}
