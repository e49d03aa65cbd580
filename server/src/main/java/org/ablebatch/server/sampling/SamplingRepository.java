package org.ablebatch.server.sampling;

import java.util.List;
import java.util.Optional;
import org.ablebatch.core.sampling.SamplingPlan;
import org.springframework.data.jpa.repository.JpaRepository;

interface SamplingRepository extends JpaRepository<Sampling, Long> {
  Optional<Sampling> findFirstByBatchIdOrderByIdDesc(long batchId);

  /** Samples that are being inspected. */
  List<Sampling> findByVerdictAndEndedFalse(SamplingPlan.Verdict open);

  boolean existsByBatchId(long batchId);

  /** Lots that were decided, in the order in which that happened. */
  List<Sampling> findByVerdictNotOrderByDecidedAt(SamplingPlan.Verdict open);
}
