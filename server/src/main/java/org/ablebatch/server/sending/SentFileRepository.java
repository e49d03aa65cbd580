package org.ablebatch.server.sending;

import java.time.Instant;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import org.springframework.data.domain.Limit;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface SentFileRepository extends JpaRepository<SentFile, Long> {

  /** How many files of a sending are where. */
  record Count(SentFile.State state, long files) {}

  List<SentFile> findBySendingIdOrderById(long sendingId);

  List<SentFile> findBySendingIdAndStateAndNextTryAtLessThanEqualOrderByNextTryAtAscIdAsc(
      long sendingId, SentFile.State state, Instant now, Limit limit);

  Optional<SentFile> findFirstBySendingIdAndStateOrderByNextTryAt(
      long sendingId, SentFile.State state);

  @Query("select distinct f.sendKey from SentFile f where f.sendKey in :keys and f.state = :state")
  List<String> keysIn(Collection<String> keys, SentFile.State state);

  @Query(
      """
      select new org.ablebatch.server.sending.SentFileRepository$Count(f.state, count(f))
      from SentFile f where f.sendingId = :sendingId group by f.state
      """)
  List<Count> counts(long sendingId);
}
