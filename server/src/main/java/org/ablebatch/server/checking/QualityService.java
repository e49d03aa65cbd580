package org.ablebatch.server.checking;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.TreeMap;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.ablebatch.core.line.PictureState;
import org.ablebatch.server.checking.QualityView.HourView;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Counts the verdicts of a batch. */
@Service
class QualityService {
  private static final String OTHER = "other";

  private static final Duration LATELY = Duration.ofDays(30);

  private final VerdictRepository verdicts;
  private final Clock clock;

  QualityService(VerdictRepository verdicts, Clock clock) {
    this.verdicts = verdicts;
    this.clock = clock;
  }

  @Transactional(readOnly = true)
  public QualityView of(long batchId) {
    List<Verdict> all = verdicts.standing(batchId);
    return new QualityView(
        counts(all, verdict -> verdict.toState().wireName()),
        (int) all.stream().filter(verdict -> passed(verdict) && verdict.isTogether()).count(),
        counts(all.stream().filter(verdict -> !passed(verdict)).toList(), QualityService::reason),
        counts(
            verdicts.notPassedSince(PictureState.PASSED, clock.instant().minus(LATELY)),
            QualityService::reason),
        hours(all),
        median(all.stream().map(Verdict::lookedMillis).filter(Objects::nonNull).toList()),
        firstTimeRight(all));
  }

  private static boolean passed(Verdict verdict) {
    return verdict.toState() == PictureState.PASSED;
  }

  private static String reason(Verdict verdict) {
    return verdict.remark() == null || verdict.remark().reason() == null
        ? OTHER
        : verdict.remark().reason();
  }

  private static Map<String, Integer> counts(
      Collection<Verdict> all, Function<Verdict, String> key) {
    return all.stream().collect(Collectors.toMap(key, verdict -> 1, Integer::sum, TreeMap::new));
  }

  private static List<HourView> hours(List<Verdict> all) {
    Map<Instant, List<Verdict>> byHour =
        all.stream()
            .collect(
                Collectors.groupingBy(
                    verdict -> verdict.givenAt().truncatedTo(ChronoUnit.HOURS),
                    TreeMap::new,
                    Collectors.toList()));
    return byHour.entrySet().stream()
        .map(
            hour -> {
              int right = (int) hour.getValue().stream().filter(QualityService::passed).count();
              return new HourView(hour.getKey(), right, hour.getValue().size() - right);
            })
        .toList();
  }

  private static Long median(List<Long> values) {
    List<Long> sorted = values.stream().sorted().toList();
    return sorted.isEmpty() ? null : sorted.get(sorted.size() / 2);
  }

  private static Double firstTimeRight(List<Verdict> inOrder) {
    Map<Long, Verdict> first = new HashMap<>();
    inOrder.forEach(verdict -> first.putIfAbsent(verdict.photoId(), verdict));
    return first.isEmpty()
        ? null
        : first.values().stream().filter(QualityService::passed).count() / (double) first.size();
  }
}
