package org.ablebatch.server.batch;

import jakarta.persistence.LockModeType;
import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Lock;
import org.springframework.data.jpa.repository.Query;

public interface BatchRepository extends JpaRepository<Batch, Long> {
  List<Batch> findAllByOrderByIdDesc();

  @Lock(LockModeType.PESSIMISTIC_WRITE)
  @Query("select b from Batch b where b.id = :id")
  Optional<Batch> lock(long id);
}
