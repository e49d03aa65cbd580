package org.ablebatch.server.checking;

import java.time.Instant;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;

interface VerdictRepository extends JpaRepository<Verdict, Long> {
  Optional<Verdict> findFirstByPhotoIdAndTakenBackAtIsNullOrderByIdDesc(long photoId);

  List<Verdict> findByTogetherAndTakenBackAtIsNull(String together);

  List<Verdict> findByPhotoIdInAndGivenAtGreaterThanEqualAndTakenBackAtIsNullOrderById(
      Collection<Long> photoIds, Instant since);
}
