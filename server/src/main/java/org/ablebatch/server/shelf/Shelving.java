package org.ablebatch.server.shelf;

import jakarta.annotation.PreDestroy;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.ablebatch.core.deliver.FileWords;
import org.ablebatch.core.dress.Labels;
import org.ablebatch.core.shelf.SearchWords;
import org.ablebatch.server.batch.BatchService;
import org.ablebatch.server.delivery.DeliveryFinished;
import org.ablebatch.server.delivery.FinishedFile;
import org.ablebatch.server.delivery.FinishedFiles;
import org.ablebatch.server.picture.Photo;
import org.ablebatch.server.picture.PhotoRepository;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.context.event.EventListener;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionTemplate;

/**
 * Puts what deliveries made onto the shelf. It looks for deliveries that are not there yet, so that
 * one that was finished just before a kill gets there too.
 */
@Component
class Shelving {
  private static final Logger LOG = LoggerFactory.getLogger(Shelving.class);
  private static final int MOST_WORDS = 15_000;

  private final FinishedFiles finished;
  private final ShelfFileRepository shelf;
  private final PhotoRepository photos;
  private final BatchService batches;
  private final ShelfThumbnails thumbnails;
  private final WordDays wordDays;
  private final TransactionTemplate transaction;
  private final ExecutorService thread =
      Executors.newSingleThreadExecutor(
          work -> {
            Thread made = new Thread(work, "shelving");
            made.setDaemon(true);
            return made;
          });

  Shelving(
      FinishedFiles finished,
      ShelfFileRepository shelf,
      PhotoRepository photos,
      BatchService batches,
      ShelfThumbnails thumbnails,
      WordDays wordDays,
      TransactionTemplate transaction) {
    this.finished = finished;
    this.shelf = shelf;
    this.photos = photos;
    this.batches = batches;
    this.thumbnails = thumbnails;
    this.wordDays = wordDays;
    this.transaction = transaction;
  }

  @EventListener
  void finished(DeliveryFinished delivery) {
    ring();
  }

  /** Also what was delivered before there was a shelf, and what a kill left lying. */
  @Scheduled(fixedDelayString = "PT1M")
  void ring() {
    // Whoever rings may be at the end of a transaction of its own, in which nothing more is kept.
    thread.execute(this::catchUp);
  }

  private void catchUp() {
    try {
      List<Long> next = finished.nextUnshelved();
      while (!next.isEmpty()) {
        long deliveryId = next.get(0);
        thumbnails.want(transaction.execute(status -> shelve(deliveryId)));
        next = finished.nextUnshelved();
      }
      wordDays.catchUp();
    } catch (RuntimeException e) {
      LOG.warn("what was delivered comes onto the shelf later: {}", e.getMessage());
    }
  }

  @PreDestroy
  void stop() {
    thread.shutdownNow();
  }

  /** What makes a file the same one that was delivered before. */
  private record Once(long photoId, String spec, String name, String blobId) {}

  private record Place(long photoId, String spec) {}

  /** The files' numbers on the shelf. */
  private List<Long> shelve(long deliveryId) {
    List<FinishedFile> files = finished.of(deliveryId);
    List<Long> shelved = files.isEmpty() ? List.of() : shelve(deliveryId, files);
    finished.markShelved(deliveryId);
    return shelved;
  }

  private List<Long> shelve(long deliveryId, List<FinishedFile> files) {
    long batchId = files.get(0).batchId();
    String batch = batches.require(batchId).name();
    Function<Labels, FileWords> said = finished.words(deliveryId);
    Map<Long, Photo> pictures =
        photos.findAllById(files.stream().map(FinishedFile::photoId).distinct().toList()).stream()
            .collect(Collectors.toMap(Photo::id, Function.identity()));
    Map<Once, ShelfFile> there = new HashMap<>();
    Map<Place, List<ShelfFile>> places = new HashMap<>();
    for (ShelfFile file : shelf.findByBatchId(batchId)) {
      there.put(new Once(file.photoId(), file.spec(), file.name(), file.blobId()), file);
      places
          .computeIfAbsent(new Place(file.photoId(), file.spec()), p -> new ArrayList<>())
          .add(file);
    }
    Collection<ShelfFile> kept = new ArrayList<>();
    for (FinishedFile file : files) {
      Labels labels = pictures.get(file.photoId()).labels();
      String words = words(file, batch, labels, said.apply(labels));
      String spec = file.spec().name();
      List<ShelfFile> others = places.getOrDefault(new Place(file.photoId(), spec), List.of());
      ShelfFile once = there.get(new Once(file.photoId(), spec, file.name(), file.blobId()));
      // One that was made again as it was is as old as it was.
      Optional<Instant> newer =
          others.stream()
              .filter(other -> other != once)
              .map(ShelfFile::deliveredAt)
              .filter(at -> at.isAfter(file.at()))
              .min(Comparator.naturalOrder());
      ShelfFile now = once == null ? new ShelfFile(file, labels, words) : once;
      if (once != null && !once.deliveredAt().isAfter(file.at())) {
        once.delivered(file, words);
      }
      if (newer.isPresent()) {
        now.replaced(newer.get());
      } else {
        others.stream().filter(other -> other != once).forEach(o -> o.replaced(file.at()));
      }
      kept.add(now);
    }
    return shelf.saveAll(kept).stream().map(ShelfFile::id).toList();
  }

  private static String words(FinishedFile file, String batch, Labels labels, FileWords said) {
    List<String> texts = new ArrayList<>();
    texts.add(file.name());
    texts.add(labels.fileName());
    texts.add(labels.code());
    texts.add(labels.group());
    texts.add(batch);
    texts.add(file.spec().name());
    texts.add(file.look());
    texts.add(file.spec().toSpec().format().name());
    texts.add(SearchWords.size(file.width(), file.height()));
    texts.add(said.title());
    texts.add(said.description());
    texts.add(said.author());
    texts.add(said.copyright());
    texts.addAll(said.keywords());
    texts.addAll(labels.columns().values());
    String words = String.join(" ", SearchWords.kept(texts));
    return words.length() > MOST_WORDS ? words.substring(0, MOST_WORDS) : words;
  }
}
