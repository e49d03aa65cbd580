package org.ablebatch.cli;

import java.io.PrintWriter;
import java.util.function.LongSupplier;

/** A bar with count, pace and time left, drawn over itself; problems stay above it. */
final class ProgressBar implements Progress {
  private static final int CELLS = 24;
  private static final int LONGEST_LINE = 78;
  private static final double NANOS_PER_SECOND = 1e9;

  private final PrintWriter out;
  private final int total;
  private final LongSupplier nanos;
  private final long began;
  private int done;
  private int problems;

  ProgressBar(PrintWriter out, int total, LongSupplier nanos) {
    this.out = out;
    this.total = total;
    this.nanos = nanos;
    this.began = nanos.getAsLong();
  }

  @Override
  public void done(Report report) {
    done++;
    if (report.isProblem()) {
      problems++;
      out.print('\r' + " ".repeat(LONGEST_LINE) + '\r');
      out.println(report.line());
    }
    draw();
  }

  private void draw() {
    int filled = CELLS * done / total;
    double seconds = (nanos.getAsLong() - began) / NANOS_PER_SECOND;
    double left = seconds / done * (total - done);
    String line =
        "%s%s  %d of %d  %s%s"
            .formatted(
                "■".repeat(filled),
                "·".repeat(CELLS - filled),
                done,
                total,
                done == total ? "in " + spell(seconds) : spell(left) + " left",
                problems == 0 ? "" : "  " + problems + " failed");
    out.print('\r' + line + " ".repeat(Math.max(0, LONGEST_LINE - line.length())));
    out.flush();
  }

  private static String spell(double seconds) {
    long whole = Math.round(seconds);
    return whole < 90 ? whole + " s" : "%d min".formatted(Math.round(whole / 60.0));
  }

  @Override
  public void end() {
    out.println();
    out.flush();
  }
}
