package org.ablebatch.core.shelf;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.NavigableMap;
import java.util.TreeMap;
import java.util.stream.IntStream;

/**
 * On which days files that have all of some words can have left, and how many at the most. Whoever
 * looks for the newest of them reads these days, newest first, and none of the others.
 */
public final class DaysOfWords {
  /** More pieces than this make one question to a database long rather than narrow. */
  private static final int MOST_SPANS = 40;

  private final NavigableMap<LocalDate, Long> most;
  private final int rarest;
  private final long filesOfRarest;

  private DaysOfWords(NavigableMap<LocalDate, Long> most, int rarest, long filesOfRarest) {
    this.most = most;
    this.rarest = rarest;
    this.filesOfRarest = filesOfRarest;
  }

  /**
   * Days without a gap between them.
   *
   * @param first the earliest
   * @param last the latest, also one of them
   */
  public record Span(LocalDate first, LocalDate last) {}

  /**
   * @param files of each word, how many files with it left on a day; at least one word
   */
  public static DaysOfWords of(List<Map<LocalDate, Long>> files) {
    NavigableMap<LocalDate, Long> most = new TreeMap<>(files.get(0));
    for (Map<LocalDate, Long> ofWord : files.subList(1, files.size())) {
      most.keySet().retainAll(ofWord.keySet());
      most.replaceAll((day, count) -> Math.min(count, ofWord.get(day)));
    }
    int rarest =
        IntStream.range(0, files.size())
            .boxed()
            .min(Comparator.comparingLong(i -> sum(files.get(i))))
            .orElseThrow();
    return new DaysOfWords(most, rarest, sum(files.get(rarest)));
  }

  private static long sum(Map<LocalDate, Long> files) {
    return files.values().stream().mapToLong(Long::longValue).sum();
  }

  /** Which of the words the fewest files have. */
  public int rarest() {
    return rarest;
  }

  /** How many files have that one, at the most. */
  public long filesOfRarest() {
    return filesOfRarest;
  }

  /**
   * The days in the order in which they are read: steps that may hold as many files as are wanted,
   * each step twice as many as the one before, since the words may have been in different files.
   *
   * @param wanted how many files, at least 1
   * @return each step's spans, newest first; together all the days
   */
  public List<List<Span>> newestFirst(int wanted) {
    List<List<Span>> steps = new ArrayList<>();
    List<Span> step = new ArrayList<>();
    long files = 0;
    long enough = 2L * wanted;
    for (Map.Entry<LocalDate, Long> day : most.descendingMap().entrySet()) {
      if (files >= enough || step.size() == MOST_SPANS && !follows(step, day.getKey())) {
        steps.add(step);
        step = new ArrayList<>();
        files = 0;
        enough *= 2;
      }
      add(step, day.getKey());
      files += day.getValue();
    }
    if (!step.isEmpty()) {
      steps.add(step);
    }
    return steps;
  }

  private static boolean follows(List<Span> step, LocalDate day) {
    return !step.isEmpty() && step.get(step.size() - 1).first().minusDays(1).equals(day);
  }

  private static void add(List<Span> step, LocalDate day) {
    if (follows(step, day)) {
      Span last = step.remove(step.size() - 1);
      step.add(new Span(day, last.last()));
    } else {
      step.add(new Span(day, day));
    }
  }
}
