package org.ablebatch.cli;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.PrintWriter;
import java.io.StringWriter;
import org.junit.jupiter.api.Test;

class ProgressTest {
  private final StringWriter said = new StringWriter();
  private long nanos;

  @Test
  void onATerminalOneLineGrowsAndProblemsStayAboveIt() {
    Progress bar = new ProgressBar(new PrintWriter(said), 4, () -> nanos);
    nanos = 10_000_000_000L;
    bar.done(CutReport.failed("bad.jpg", "This is a text file, not a picture"));
    bar.done(CutReport.failed("worse.jpg", "The file is empty"));
    bar.end();

    String[] drawn = said.toString().split("\r");
    assertThat(said.toString()).contains("bad.jpg: This is a text file");
    assertThat(drawn[drawn.length - 1].strip())
        .isEqualTo("■■■■■■■■■■■■············  2 of 4  10 s left  2 failed");
  }

  @Test
  void inALogEveryFileHasItsLine() {
    Progress lines = new ProgressLines(new PrintWriter(said), 2);
    lines.done(CutReport.failed("bad.jpg", "The file is empty"));
    lines.end();

    assertThat(said.toString()).isEqualTo("1 of 2  bad.jpg: The file is empty%n".formatted());
  }
}
