package org.ablebatch.server.sampling;

import java.security.SecureRandom;
import java.time.Clock;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.ablebatch.core.line.PictureState;
import org.ablebatch.core.sampling.InspectionLevel;
import org.ablebatch.core.sampling.QualityLimit;
import org.ablebatch.core.sampling.SampleDraw;
import org.ablebatch.core.sampling.SamplingPlan;
import org.ablebatch.core.sampling.SamplingTable;
import org.ablebatch.core.sampling.Switching;
import org.ablebatch.server.batch.BatchService;
import org.ablebatch.server.checking.VerdictService;
import org.ablebatch.server.picture.PhotoRepository;
import org.ablebatch.server.picture.PhotoRow;
import org.ablebatch.server.problem.Choice;
import org.ablebatch.server.problem.Conflict;
import org.ablebatch.server.progress.BatchEvents;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Draws samples, and says what follows from the verdicts on them. */
@Service
class SamplingService {
  private final SamplingRepository samplings;
  private final PhotoRepository photos;
  private final VerdictService verdicts;
  private final BatchService batches;
  private final BatchEvents events;
  private final Clock clock;
  private final SecureRandom seeds = new SecureRandom();

  SamplingService(
      SamplingRepository samplings,
      PhotoRepository photos,
      VerdictService verdicts,
      BatchService batches,
      BatchEvents events,
      Clock clock) {
    this.samplings = samplings;
    this.photos = photos;
    this.verdicts = verdicts;
    this.batches = batches;
    this.events = events;
    this.clock = clock;
  }

  @Transactional
  public SamplingView view(long batchId, String level, String limit) {
    batches.require(batchId);
    Sampling current = current(batchId);
    if (current != null) {
      return view(current);
    }
    int lotSize = lot(batchId).size();
    Switching state = switching();
    Sampling.Rule rule = rule(level, limit, state);
    SamplingPlan plan = lotSize < 2 ? null : plan(lotSize, rule);
    return new SamplingView(
        rule.level().name(),
        rule.limit().percent(),
        rule.strictness().wireName(),
        state.isStopped(),
        lotSize,
        plan == null ? "" : plan.letter().name(),
        plan == null ? lotSize : plan.sampleSize(),
        plan == null ? 0 : plan.acceptUpTo(),
        plan == null ? 1 : plan.rejectFrom(),
        List.of(),
        0,
        0,
        "none",
        null,
        samplings.existsByBatchId(batchId));
  }

  /** The one that is being inspected, counted anew; null = none. */
  private Sampling current(long batchId) {
    Sampling last = samplings.findFirstByBatchIdOrderByIdDesc(batchId).orElse(null);
    if (last == null || last.isEnded()) {
      return null;
    }
    count(last);
    return last;
  }

  /** A picture that was cut again before anybody passed it was not right as it was drawn. */
  private void count(Sampling sampling) {
    Map<Long, Long> versions = sampling.versions();
    Map<Long, VerdictService.First> first =
        verdicts.firstSince(versions.keySet(), sampling.drawnAt());
    long faulty =
        first.entrySet().stream()
            .filter(
                entry ->
                    !entry.getValue().passed()
                        || !versions.get(entry.getKey()).equals(entry.getValue().versionId()))
            .count();
    sampling.count(first.size(), (int) faulty, clock.instant());
  }

  private static SamplingView view(Sampling sampling) {
    SamplingPlan plan = sampling.plan();
    Sampling.Rule rule = sampling.rule();
    return new SamplingView(
        rule.level().name(),
        rule.limit().percent(),
        rule.strictness().wireName(),
        false,
        sampling.lotSize(),
        plan.letter().name(),
        plan.sampleSize(),
        plan.acceptUpTo(),
        plan.rejectFrom(),
        List.copyOf(sampling.versions().keySet()),
        sampling.judged(),
        sampling.faulty(),
        sampling.verdict().name().toLowerCase(java.util.Locale.ROOT).replace('_', '-'),
        sampling.drawnAt(),
        true);
  }

  /**
   * @throws Conflict when a sample is being inspected, or when there is no lot
   */
  @Transactional
  public SamplingView draw(long batchId, String level, String limit) {
    batches.require(batchId);
    if (current(batchId) != null) {
      throw new Conflict("A sample of this batch is being inspected already; end that first.");
    }
    Sampling.Rule rule = rule(level, limit, switching());
    List<PhotoRow> lot = lot(batchId);
    if (lot.size() < 2) {
      throw new Conflict("At least two cutouts must wait to be checked before a sample is drawn.");
    }
    SamplingPlan plan = plan(lot.size(), rule);
    long seed = seeds.nextLong();
    List<Long> drawn =
        SampleDraw.draw(
            lot.stream()
                .map(row -> new SampleDraw.Unit(row.photo().id(), row.photo().group()))
                .toList(),
            plan.sampleSize(),
            seed);
    Map<Long, PhotoRow> rows =
        lot.stream().collect(Collectors.toMap(row -> row.photo().id(), Function.identity()));
    Map<Long, Long> versions = new LinkedHashMap<>();
    drawn.stream()
        .sorted(Comparator.comparingInt(id -> rows.get(id).photo().place()))
        .forEach(id -> versions.put(id, rows.get(id).version().id()));
    Sampling made =
        samplings.save(
            new Sampling(batchId, rule, lot.size(), plan, seed, versions, clock.instant()));
    events.changed(batchId);
    return view(made);
  }

  @Transactional
  public SamplingView end(long batchId) {
    Sampling current = current(batchId);
    if (current == null) {
      throw new Conflict("No sample of this batch is being inspected.");
    }
    current.end();
    events.changed(batchId);
    return view(current);
  }

  /** Every cutout that waits to be checked. */
  private List<PhotoRow> lot(long batchId) {
    return photos.rowsInOrder(batchId, EnumSet.of(PictureState.TO_CHECK)).stream()
        .filter(row -> row.version() != null)
        .toList();
  }

  /**
   * By the lots that came before, of whichever batch: one team's work is one process. A lot whose
   * last verdict was just given is decided, though nobody has opened its batch since.
   */
  private Switching switching() {
    samplings.findByVerdictAndEndedFalse(SamplingPlan.Verdict.OPEN).forEach(this::count);
    samplings.flush();
    Switching state = Switching.START;
    for (Sampling lot : samplings.findByVerdictNotOrderByDecidedAt(SamplingPlan.Verdict.OPEN)) {
      Sampling.Rule rule = lot.rule();
      QualityLimit[] limits = QualityLimit.values();
      QualityLimit finer = limits[Math.max(0, rule.limit().ordinal() - 1)];
      SamplingPlan strict =
          SamplingTable.plan(lot.lotSize(), rule.level(), rule.strictness(), finer);
      state =
          state.after(
              lot.verdict() == SamplingPlan.Verdict.ACCEPTED,
              lot.plan(),
              lot.faulty() <= strict.acceptUpTo());
    }
    return state;
  }

  private static SamplingPlan plan(int lotSize, Sampling.Rule rule) {
    return SamplingTable.plan(lotSize, rule.level(), rule.strictness(), rule.limit());
  }

  private static Sampling.Rule rule(String level, String limit, Switching state) {
    return new Sampling.Rule(
        Choice.of("level", List.of(InspectionLevel.values()), Enum::name, level),
        Choice.of("limit", List.of(QualityLimit.values()), QualityLimit::percent, limit),
        state.strictness());
  }
}
