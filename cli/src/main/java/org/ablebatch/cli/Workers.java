package org.ablebatch.cli;

import java.io.PrintWriter;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.function.Function;

/** Works on several files at once and says how far it is. */
record Workers(int threads, PrintWriter out) {
  /** Reports in the order of the files, whatever the order in which they are done. */
  <R extends Report> List<R> all(List<Inputs.Task> tasks, Function<Inputs.Task, R> work) {
    Progress progress = Progress.to(out, tasks.size(), System.console() != null);
    ExecutorService pool = Executors.newFixedThreadPool(threads);
    try {
      List<Future<R>> futures = new ArrayList<>();
      for (Inputs.Task task : tasks) {
        futures.add(
            pool.submit(
                () -> {
                  R done = work.apply(task);
                  synchronized (progress) {
                    progress.done(done);
                  }
                  return done;
                }));
      }
      List<R> reports = new ArrayList<>();
      for (Future<R> future : futures) {
        reports.add(future.get());
      }
      progress.end();
      return reports;
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
      throw new IllegalStateException("stopped", e);
    } catch (ExecutionException e) {
      throw new IllegalStateException(e.getCause());
    } finally {
      pool.shutdownNow();
    }
  }
}
