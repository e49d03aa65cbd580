package org.ablebatch.server.shelf;

import java.time.Instant;
import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

interface TidyingRepository extends JpaRepository<Tidying, Long> {
  List<Tidying> findByUndoneAtIsNullAndForgottenAtIsNullOrderByIdDesc();

  List<Tidying> findByUndoneAtIsNullAndForgottenAtIsNullAndDoneAtBefore(Instant time);
}
