package org.ablebatch.server.progress;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.concurrent.CompletableFuture;
import java.util.stream.LongStream;
import org.junit.jupiter.api.Test;

class GatheredTest {
  private static final int WRITERS = 3;
  private static final long PICTURES = 200_000;

  private final Gathered<String> gathered = new Gathered<>();

  @Test
  void theNewestOfAPictureIsToldOnce() {
    gathered.add(1, 7, "a");
    gathered.add(1, 7, "b");
    gathered.add(2);
    assertThat(gathered.take())
        .containsExactlyInAnyOrder(
            new Gathered.OfBatch<>(1, Map.of(7L, "b")), new Gathered.OfBatch<>(2, Map.of()));
    assertThat(gathered.take()).isEmpty();
  }

  @Test
  void nothingIsLostWhileItIsTaken() {
    List<CompletableFuture<Void>> writers = new ArrayList<>();
    for (int w = 0; w < WRITERS; w++) {
      long first = w * PICTURES;
      writers.add(
          CompletableFuture.runAsync(
              () ->
                  LongStream.range(first, first + PICTURES)
                      .forEach(photo -> gathered.add(1, photo, "new"))));
    }
    CompletableFuture<Void> written =
        CompletableFuture.allOf(writers.toArray(CompletableFuture[]::new));
    Set<Long> told = new HashSet<>();
    boolean all;
    do {
      all = written.isDone();
      gathered.take().forEach(one -> told.addAll(one.ofPictures().keySet()));
    } while (!all);
    written.join();
    assertThat((long) told.size()).isEqualTo(WRITERS * PICTURES);
  }
}
