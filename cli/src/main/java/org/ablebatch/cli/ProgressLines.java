package org.ablebatch.cli;

import java.io.PrintWriter;

/** One line for every file, for logs. */
final class ProgressLines implements Progress {
  private final PrintWriter out;
  private final int total;
  private int done;

  ProgressLines(PrintWriter out, int total) {
    this.out = out;
    this.total = total;
  }

  @Override
  public void done(Report report) {
    out.printf("%d of %d  %s%n", ++done, total, report.line());
    out.flush();
  }

  @Override
  public void end() {}
}
