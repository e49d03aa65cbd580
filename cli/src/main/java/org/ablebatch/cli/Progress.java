package org.ablebatch.cli;

import java.io.PrintWriter;

/** Tells the person who waits how far a run is; called by one thread at a time. */
interface Progress {
  void done(Report report);

  /** The run is over; leaves the cursor on a new line. */
  void end();

  /**
   * A bar that is drawn over itself on a terminal; line by line where output goes to a file.
   *
   * @param total files in the run, at least 1
   */
  static Progress to(PrintWriter out, int total, boolean terminal) {
    return terminal ? new ProgressBar(out, total, System::nanoTime) : new ProgressLines(out, total);
  }
}
