package org.ablebatch.server.sampling;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import java.time.Instant;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.stream.Collectors;
import org.ablebatch.core.sampling.CodeLetter;
import org.ablebatch.core.sampling.InspectionLevel;
import org.ablebatch.core.sampling.QualityLimit;
import org.ablebatch.core.sampling.SamplingPlan;
import org.ablebatch.core.sampling.Strictness;

/** A sample that was drawn from a batch, and what is known of it. */
@Entity
class Sampling {
  @Id
  @GeneratedValue(strategy = GenerationType.IDENTITY)
  private Long id;

  private long batchId;

  @Enumerated(EnumType.STRING)
  @Column(columnDefinition = "VARCHAR(8)")
  private InspectionLevel level;

  private String qualityLimit;
  private String strictness;
  private long seed;
  private int lotSize;

  @Enumerated(EnumType.STRING)
  @Column(columnDefinition = "CHAR(1)")
  private CodeLetter letter;

  private int sampleSize;
  private int acceptUpTo;
  private int rejectFrom;

  @Column(columnDefinition = "MEDIUMTEXT")
  private String pictures;

  private Instant drawnAt;

  @Enumerated(EnumType.STRING)
  @Column(columnDefinition = "VARCHAR(16)")
  private SamplingPlan.Verdict verdict;

  private int judged;
  private int faulty;
  private Instant decidedAt;
  private boolean ended;

  protected Sampling() {}

  /** What is asked of a sample. */
  record Rule(InspectionLevel level, QualityLimit limit, Strictness strictness) {}

  /**
   * @param versions the drawn pictures' ids with the versions they had
   */
  Sampling(
      long batchId,
      Rule rule,
      int lotSize,
      SamplingPlan plan,
      long seed,
      Map<Long, Long> versions,
      Instant drawnAt) {
    this.batchId = batchId;
    this.level = rule.level();
    this.qualityLimit = rule.limit().percent();
    this.strictness = rule.strictness().wireName();
    this.lotSize = lotSize;
    this.letter = plan.letter();
    this.sampleSize = plan.sampleSize();
    this.acceptUpTo = plan.acceptUpTo();
    this.rejectFrom = plan.rejectFrom();
    this.seed = seed;
    this.pictures =
        versions.entrySet().stream()
            .map(entry -> entry.getKey() + ":" + entry.getValue())
            .collect(Collectors.joining(" "));
    this.drawnAt = drawnAt;
    this.verdict = SamplingPlan.Verdict.OPEN;
  }

  /** Once it has been decided, nothing changes the verdict. */
  void count(int judgedNow, int faultyNow, Instant now) {
    if (verdict != SamplingPlan.Verdict.OPEN) {
      return;
    }
    judged = judgedNow;
    faulty = faultyNow;
    verdict = plan().verdict(judged, faulty);
    decidedAt = verdict == SamplingPlan.Verdict.OPEN ? null : now;
  }

  /** Nobody works on it any more; an undecided one does not count. */
  void end() {
    ended = true;
  }

  boolean isEnded() {
    return ended;
  }

  long id() {
    return id;
  }

  long batchId() {
    return batchId;
  }

  Rule rule() {
    return new Rule(level, QualityLimit.ofPercent(qualityLimit), Strictness.ofWireName(strictness));
  }

  SamplingPlan plan() {
    return new SamplingPlan(letter, sampleSize, acceptUpTo, rejectFrom);
  }

  long seed() {
    return seed;
  }

  int lotSize() {
    return lotSize;
  }

  /** The drawn pictures' ids, in order, with the versions they had. */
  Map<Long, Long> versions() {
    Map<Long, Long> all = new LinkedHashMap<>();
    Arrays.stream(pictures.split(" "))
        .map(pair -> pair.split(":"))
        .forEach(pair -> all.put(Long.parseLong(pair[0]), Long.parseLong(pair[1])));
    return all;
  }

  Instant drawnAt() {
    return drawnAt;
  }

  SamplingPlan.Verdict verdict() {
    return verdict;
  }

  int judged() {
    return judged;
  }

  int faulty() {
    return faulty;
  }

  Instant decidedAt() {
    return decidedAt;
  }
}
