package org.ablebatch.bench.accuracy;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.OptionalInt;
import java.util.stream.IntStream;

/**
 * Forecasts held against what came of them (reliability diagram; Brier, "Verification of forecasts
 * expressed in terms of probability", Monthly Weather Review 78, 1950).
 */
final class Calibration {
  private static final int BINS = 5;
  private static final int FEW = 10;
  private static final double HUNDRED = 100;

  private record Forecast(int percent, boolean passes) {}

  private final List<Forecast> forecasts = new ArrayList<>();

  /**
   * @param percent 0..100
   */
  void add(int percent, boolean passes) {
    forecasts.add(new Forecast(percent, passes));
  }

  /** Mean squared difference of forecast and outcome, 0..1; 0.25 is a coin. */
  double brier() {
    return forecasts.stream()
        .mapToDouble(one -> square(one.percent() / HUNDRED - (one.passes() ? 1 : 0)))
        .average()
        .orElse(Double.NaN);
  }

  /** Mean distance of what a bin forecasts from what came, weighted by its size, 0..1. */
  double expectedError() {
    double sum = 0;
    for (int bin = 0; bin < BINS; bin++) {
      List<Forecast> in = in(bin);
      sum += in.isEmpty() ? 0 : in.size() * Math.abs(forecast(in) - share(in));
    }
    return sum / forecasts.size();
  }

  /**
   * From where on as many would pass as are asked for: of all from there up, and of the ten least
   * trusted among them too, so that the best do not carry the doubtful.
   *
   * @param share 0..1
   * @return a confidence, 0..100; empty when there is none
   */
  OptionalInt trustedFrom(double share) {
    return IntStream.rangeClosed(0, 100)
        .filter(from -> passes(from(from), share) && passes(leastTrusted(from(from)), share))
        .findFirst();
  }

  private static boolean passes(List<Forecast> some, double share) {
    return !some.isEmpty() && share(some) >= share;
  }

  private static List<Forecast> leastTrusted(List<Forecast> some) {
    return some.stream().sorted(Comparator.comparingInt(Forecast::percent)).limit(FEW).toList();
  }

  /** A sentence about a confidence and above. */
  String wordsFrom(int percent) {
    List<Forecast> above = from(percent);
    long passing = above.stream().filter(Forecast::passes).count();
    return "From %d up, %d of %d would pass".formatted(percent, passing, above.size());
  }

  private List<Forecast> from(int percent) {
    return forecasts.stream().filter(one -> one.percent() >= percent).toList();
  }

  /** One line a bin. */
  String markdown() {
    StringBuilder text =
        new StringBuilder("| Confidence | Cutouts | Mean | Would pass |\n|---|---|---|---|\n");
    for (int bin = 0; bin < BINS; bin++) {
      List<Forecast> in = in(bin);
      text.append(
          String.format(
              Locale.ROOT,
              in.isEmpty() ? "| %d to %d | %d | | |%n" : "| %d to %d | %d | %.0f | %.0f %% |%n",
              bin * 20,
              bin == BINS - 1 ? 100 : bin * 20 + 19,
              in.size(),
              in.isEmpty() ? 0 : HUNDRED * forecast(in),
              in.isEmpty() ? 0 : HUNDRED * share(in)));
    }
    return text.append(
            String.format(
                Locale.ROOT,
                "%nBrier score %.3f, expected calibration error %.3f%n",
                brier(),
                expectedError()))
        .toString();
  }

  private List<Forecast> in(int bin) {
    return forecasts.stream().filter(one -> Math.min(BINS - 1, one.percent() / 20) == bin).toList();
  }

  private static double forecast(List<Forecast> in) {
    return in.stream().mapToInt(Forecast::percent).average().orElseThrow() / HUNDRED;
  }

  private static double share(List<Forecast> in) {
    return in.stream().filter(Forecast::passes).count() / (double) in.size();
  }

  private static double square(double x) {
    return x * x;
  }
}
