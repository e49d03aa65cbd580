package org.ablebatch.cli;

/** What became of one file. */
interface Report {
  boolean isProblem();

  /** In one line, for a person. */
  String line();
}
