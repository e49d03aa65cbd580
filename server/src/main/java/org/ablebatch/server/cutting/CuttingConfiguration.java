package org.ablebatch.server.cutting;

import org.ablebatch.core.cut.Cutter;
import org.ablebatch.core.prior.Lesson;
import org.ablebatch.core.proposal.Examiner;
import org.ablebatch.prior.LearnedPriors;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

@Configuration
class CuttingConfiguration {
  /** The engine, with whatever learned priors run on this machine. */
  @Bean
  Cutter cutter() {
    return new Cutter(LearnedPriors.shared());
  }

  /** Looks cutouts over. */
  @Bean
  Examiner examiner() {
    return new Examiner(LearnedPriors.shared().trees(Lesson.MENDS));
  }
}
