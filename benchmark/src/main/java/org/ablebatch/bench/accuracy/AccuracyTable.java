package org.ablebatch.bench.accuracy;

import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.TreeMap;
import java.util.function.Function;
import org.ablebatch.bench.accuracy.AccuracyCommand.Contender;
import org.ablebatch.bench.accuracy.AccuracyCommand.Score;

/** The scores as Markdown: per group, per tag, per picture, and what confidence is worth. */
record AccuracyTable(List<Score> scores, List<Contender> contenders) {

  String markdown() {
    StringBuilder out = new StringBuilder();
    out.append(table("backdrop", s -> List.of(s.entry().backdrop())));
    out.append(table("kind", s -> List.of(s.entry().kind())));
    out.append(table("tag", s -> s.entry().tags()));
    out.append(table("picture", s -> List.of(s.entry().name())));
    if (contenders.contains(Contender.ENGINE)) {
      out.append(calibration());
    }
    return out.toString();
  }

  private String table(String title, Function<Score, Collection<String>> groups) {
    Map<String, List<Score>> byGroup = new TreeMap<>();
    for (Score score : scores) {
      for (String group : groups.apply(score)) {
        byGroup.computeIfAbsent(group, g -> new ArrayList<>()).add(score);
      }
    }
    StringBuilder out = new StringBuilder("| " + title + " | n |");
    for (Contender contender : contenders) {
      out.append(" ").append(contender.name().toLowerCase(Locale.ROOT)).append(" |");
    }
    out.append("\n|---|---|").append("---|".repeat(contenders.size())).append("\n");
    byGroup.forEach((group, members) -> out.append(row(group, members)));
    return out.append("\n").toString();
  }

  private String row(String group, List<Score> members) {
    Map<Contender, List<Score>> byContender = new LinkedHashMap<>();
    contenders.forEach(c -> byContender.put(c, new ArrayList<>()));
    members.forEach(m -> byContender.get(m.contender()).add(m));
    StringBuilder out = new StringBuilder("| " + group + " | ");
    out.append(byContender.get(contenders.get(0)).size()).append(" |");
    for (List<Score> own : byContender.values()) {
      Measures mean = Measures.mean(own.stream().map(Score::measures).toList());
      double millis = own.stream().mapToLong(Score::millis).average().orElse(0);
      out.append(
          String.format(
              Locale.ROOT,
              " %.2f / %.3f / %.3f, %.0f ms |",
              mean.matteError(),
              mean.iou(),
              mean.boundaryF(),
              millis));
    }
    return out.append("\n").toString();
  }

  /** How well confidence orders the pictures, and how many bad ones hide among the confident. */
  private String calibration() {
    List<Score> own = scores.stream().filter(s -> s.contender() == Contender.ENGINE).toList();
    if (own.size() < 5) {
      return "";
    }
    double[] confidence = own.stream().mapToDouble(Score::confidence).toArray();
    double[] quality = own.stream().mapToDouble(s -> -s.measures().matteError()).toArray();
    List<Score> worst =
        own.stream().sorted(Comparator.comparingDouble(s -> -s.measures().matteError())).toList();
    int fifth = own.size() / 5;
    List<Score> doubted =
        own.stream().sorted(Comparator.comparingInt(Score::confidence)).limit(fifth).toList();
    long found = worst.subList(0, fifth).stream().filter(doubted::contains).count();
    long bad = own.stream().filter(s -> s.measures().iou() < 0.9).count();
    long badFound = doubted.stream().filter(s -> s.measures().iou() < 0.9).count();
    double calibration =
        own.stream()
            .mapToDouble(
                s -> Math.abs(s.confidence() / 100.0 - (s.measures().iou() >= 0.95 ? 1 : 0)))
            .average()
            .orElse(0);
    return String.format(
        Locale.ROOT,
        "Confidence: rank correlation with the matte error %.2f; of the worst fifth (%d), %d are in"
            + " the least confident fifth; of %d with IoU under 0.9, %d are; mean distance to"
            + " “IoU at least 0.95” %.2f.%n",
        spearman(confidence, quality),
        fifth,
        found,
        bad,
        badFound,
        calibration);
  }

  static double spearman(double[] a, double[] b) {
    double[] ra = ranks(a);
    double[] rb = ranks(b);
    double mean = (a.length - 1) / 2.0;
    double sum = 0;
    double sa = 0;
    double sb = 0;
    for (int i = 0; i < a.length; i++) {
      sum += (ra[i] - mean) * (rb[i] - mean);
      sa += (ra[i] - mean) * (ra[i] - mean);
      sb += (rb[i] - mean) * (rb[i] - mean);
    }
    return sum / Math.sqrt(sa * sb);
  }

  /** Ranks from 0; equal values share their mean rank. */
  private static double[] ranks(double[] values) {
    double[] out = new double[values.length];
    for (int i = 0; i < values.length; i++) {
      for (double other : values) {
        out[i] += other < values[i] ? 1 : 0;
        out[i] += other == values[i] ? 0.5 : 0;
      }
      out[i] -= 0.5;
    }
    return out;
  }
}
