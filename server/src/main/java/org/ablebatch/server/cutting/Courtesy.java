package org.ablebatch.server.cutting;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.function.LongSupplier;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * While a person's request is being answered, workers hold still at their next beat. A person waits
 * milliseconds for a stroke or a preview; a batch never notices them.
 */
@Component
class Courtesy extends OncePerRequestFilter {
  private static final long STEP_MILLIS = 2;
  private static final long MOST_NANOS = 200_000_000;

  private final AtomicInteger beingAnswered = new AtomicInteger();
  private final LongSupplier nanos;
  private final Nap nap;

  /** However many people click, a worker works as long as it waited before it waits again. */
  private final ThreadLocal<Long> worksUntil;

  /** Waits for a moment. */
  interface Nap {
    void millis(long millis) throws InterruptedException;
  }

  Courtesy() {
    this(System::nanoTime, Thread::sleep);
  }

  Courtesy(LongSupplier nanos, Nap nap) {
    this.nanos = nanos;
    this.nap = nap;
    this.worksUntil = ThreadLocal.withInitial(nanos::getAsLong);
  }

  @Override
  protected void doFilterInternal(
      HttpServletRequest request, HttpServletResponse response, FilterChain chain)
      throws ServletException, IOException {
    beingAnswered.incrementAndGet();
    try {
      chain.doFilter(request, response);
    } finally {
      beingAnswered.decrementAndGet();
    }
  }

  /** Uploads and event streams are long, and nobody holds a pointer still for them. */
  @Override
  protected boolean shouldNotFilter(HttpServletRequest request) {
    String path = request.getRequestURI();
    boolean upload = request.getMethod().equals("PATCH") && path.contains("/uploads/");
    return !path.startsWith("/api/")
        || upload
        || path.endsWith("/events")
        || (request.getMethod().equals("POST") && path.endsWith("/pictures"));
  }

  /** Waits until nobody waits, or for a fifth of a second. */
  void letOthersFirst() {
    long works = worksUntil.get();
    long began = nanos.getAsLong();
    if (beingAnswered.get() == 0 || began - works < 0) {
      return;
    }
    long waited = 0;
    while (beingAnswered.get() > 0 && waited < MOST_NANOS) {
      try {
        nap.millis(STEP_MILLIS);
      } catch (InterruptedException e) {
        Thread.currentThread().interrupt();
        return;
      }
      waited = nanos.getAsLong() - began;
    }
    worksUntil.set(began + 2 * waited);
  }
}
