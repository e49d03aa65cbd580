package org.ablebatch.bench.learning;

import java.nio.file.Path;
import java.util.List;
import java.util.concurrent.Callable;
import org.ablebatch.bench.accuracy.TestSet;
import picocli.CommandLine.Parameters;

/** Writes lines about the pictures of a set into a file. */
abstract class TableCommand implements Callable<Integer> {
  @Parameters(index = "0", paramLabel = "SET", description = "Pictures and mattes.")
  private Path folder;

  @Parameters(index = "1", paramLabel = "OUT", description = "A file of comma-separated values.")
  private Path out;

  @Override
  public final Integer call() throws Exception {
    Lines.write(folder, out, this::lines);
    return 0;
  }

  /** What there is to say of one picture; called for several at once. */
  abstract List<String> lines(TestSet set, TestSet.Entry entry) throws Exception;
}
