package org.ablebatch.server.sampling;

import java.time.Instant;
import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.ablebatch.core.finding.FindingKind;
import org.ablebatch.server.batch.BatchService;
import org.ablebatch.server.checking.VerdictService;
import org.ablebatch.server.picture.PhotoRepository;
import org.ablebatch.server.picture.PhotoRow;
import org.ablebatch.server.picture.Remark;
import org.ablebatch.server.problem.NotFound;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.util.HtmlUtils;

/** The record of a sample as a page of its own, without anything that must be fetched. */
@Component
class SamplingRecord {
  private static final DateTimeFormatter TIME =
      DateTimeFormatter.ofPattern("yyyy-MM-dd HH:mm", Locale.ROOT).withZone(ZoneId.systemDefault());
  private static final String HEAD =
      """
      <!doctype html><html lang="en"><meta charset="utf-8"><title>Sampling record</title>
      <style>body{font:14px/1.5 sans-serif;max-width:52em;margin:2em auto;color:#1b2333}
      table{border-collapse:collapse;width:100%}td,th{border-bottom:1px solid #ddd5c6;
      padding:3px 8px;text-align:left;vertical-align:top}h1{font-size:22px}
      dl{display:grid;grid-template-columns:14em 1fr;gap:2px 12px}dd{margin:0}</style>
      """;

  private final SamplingRepository samplings;
  private final PhotoRepository photos;
  private final VerdictService verdicts;
  private final BatchService batches;

  SamplingRecord(
      SamplingRepository samplings,
      PhotoRepository photos,
      VerdictService verdicts,
      BatchService batches) {
    this.samplings = samplings;
    this.photos = photos;
    this.verdicts = verdicts;
    this.batches = batches;
  }

  /**
   * @throws NotFound when no sample was ever drawn of the batch
   */
  @Transactional(readOnly = true)
  public String html(long batchId) {
    Sampling sampling =
        samplings
            .findFirstByBatchIdOrderByIdDesc(batchId)
            .orElseThrow(() -> new NotFound("sample of batch", batchId));
    StringBuilder page = new StringBuilder(HEAD);
    page.append("<h1>Sampling record: ")
        .append(escaped(batches.require(batchId).name()))
        .append("</h1><dl>");
    Sampling.Rule rule = sampling.rule();
    fact(page, "Plan", "single sampling after ISO 2859-1:1999");
    fact(page, "Inspection level", rule.level().name() + ", " + rule.strictness().wireName());
    fact(page, "Quality limit", rule.limit().percent() + " %");
    fact(page, "Lot", sampling.lotSize() + " cutouts");
    fact(
        page,
        "Sample",
        "%d cutouts, code letter %s"
            .formatted(sampling.plan().sampleSize(), sampling.plan().letter()));
    fact(page, "Accepted with at most", sampling.plan().acceptUpTo() + " faulty");
    fact(page, "Drawn", time(sampling.drawnAt()) + ", seed " + sampling.seed());
    fact(page, "Found", "%d faulty of %d judged".formatted(sampling.faulty(), sampling.judged()));
    fact(page, "Verdict", words(sampling));
    page.append("</dl><h2>The sample</h2><table><tr><th>Picture<th>Code<th>Verdict<th>Remark");
    rows(page, sampling);
    return page.append("</table></html>").toString();
  }

  private void rows(StringBuilder page, Sampling sampling) {
    Map<Long, Long> versions = sampling.versions();
    Map<Long, VerdictService.First> first =
        verdicts.firstSince(versions.keySet(), sampling.drawnAt());
    Map<Long, PhotoRow> rows =
        photos.rowsOf(sampling.batchId(), versions.keySet()).stream()
            .collect(Collectors.toMap(row -> row.photo().id(), Function.identity()));
    for (long id : versions.keySet()) {
      PhotoRow row = rows.get(id);
      VerdictService.First verdict = first.get(id);
      List<String> cells =
          List.of(
              row == null ? "taken out" : row.photo().fileName(),
              row == null || row.photo().code() == null ? "" : row.photo().code(),
              verdict == null ? "not judged" : verdict.words(),
              verdict == null ? "" : words(verdict.remark()));
      page.append("<tr>");
      cells.forEach(cell -> page.append("<td>").append(escaped(cell)));
    }
  }

  private static String words(Remark remark) {
    if (remark == null) {
      return "";
    }
    String about = remark.reason() == null ? "" : FindingKind.ofWireName(remark.reason()).label();
    String text = remark.text() == null ? "" : remark.text();
    return about.isEmpty() || text.isEmpty() ? about + text : about + ": " + text;
  }

  private static String words(Sampling sampling) {
    return switch (sampling.verdict()) {
      case OPEN -> "open";
      case ACCEPTED -> "accepted, " + time(sampling.decidedAt());
      case NOT_ACCEPTED -> "not accepted, " + time(sampling.decidedAt());
    };
  }

  private static void fact(StringBuilder page, String name, String value) {
    page.append("<dt>").append(name).append("<dd>").append(escaped(value));
  }

  private static String time(Instant instant) {
    return TIME.format(instant);
  }

  private static String escaped(String text) {
    return HtmlUtils.htmlEscape(text);
  }
}
