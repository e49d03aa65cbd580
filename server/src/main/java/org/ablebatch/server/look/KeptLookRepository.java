package org.ablebatch.server.look;

import jakarta.persistence.LockModeType;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Lock;
import org.springframework.data.jpa.repository.Query;

interface KeptLookRepository extends JpaRepository<KeptLook, Long> {
  @Lock(LockModeType.PESSIMISTIC_WRITE)
  @Query("select l from KeptLook l where l.id = :id")
  Optional<KeptLook> lock(long id);
}
