package org.ablebatch.server.shelf;

import jakarta.persistence.EntityManager;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.ablebatch.core.shelf.DaysOfWords;
import org.ablebatch.core.shelf.DaysOfWords.Span;
import org.ablebatch.core.shelf.SearchWords;
import org.ablebatch.server.batch.BatchService;
import org.ablebatch.server.shelf.ShelfViews.Choice;
import org.ablebatch.server.shelf.ShelfViews.ChoicesView;
import org.ablebatch.server.shelf.ShelfViews.FileView;
import org.ablebatch.server.shelf.ShelfViews.PageView;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Finds files on the shelf by words (MariaDB's full text) and by what they were made of. */
@Service
class ShelfSearch {
  private static final int MOST_CHOICES = 200;

  private static final int MOST_FOUND = 10_000;

  /**
   * How far each way of finding goes.
   *
   * @param newest so many of the newest files are looked through before anything else
   * @param lookedThrough whoever wants more files than this is better served by the full text
   * @param few files of a word that the full text finds at once
   * @param steps through the days of some words; after so many they are hardly ever in one file
   */
  record Reach(int newest, int lookedThrough, int few, int steps) {
    static final Reach USUAL = new Reach(10_000, 2_000, 5_000, 3);
  }

  private final EntityManager database;
  private final ShelfFileRepository shelf;
  private final BatchService batches;
  private final WordDays wordDays;
  private final Reach reach;

  @Autowired
  ShelfSearch(
      EntityManager database, ShelfFileRepository shelf, BatchService batches, WordDays wordDays) {
    this(database, shelf, batches, wordDays, Reach.USUAL);
  }

  ShelfSearch(
      EntityManager database,
      ShelfFileRepository shelf,
      BatchService batches,
      WordDays wordDays,
      Reach reach) {
    this.database = database;
    this.shelf = shelf;
    this.batches = batches;
    this.wordDays = wordDays;
    this.reach = reach;
  }

  /**
   * @param offset the first that is wanted, 0 = the newest
   * @param limit at most so many
   */
  @Transactional(readOnly = true)
  public PageView find(ShelfQuery query, int offset, int limit) {
    List<String> words = SearchWords.asked(query.words());
    ShelfConditions where = new ShelfConditions(query);
    if (words.isEmpty()) {
      String counted = "SELECT COUNT(*) FROM shelf_file f" + where.text();
      long total = ((Number) where.asked(database, counted).getSingleResult()).longValue();
      List<Long> page = total <= offset ? List.of() : where.ids(database, offset, limit);
      return new PageView(total, false, views(page));
    }
    return page(found(where, words, offset + limit), offset, limit);
  }

  /**
   * What is found, the newest first.
   *
   * @param more there is more than these
   */
  private record Found(List<Long> ids, boolean more) {}

  /**
   * Words that many files have are found by looking through the newest ones until there are enough:
   * the full text would gather and sort all of them first. Words that only older files have are
   * looked for on the days of those; words that few have, in the full text.
   */
  private Found found(ShelfConditions where, List<String> words, int wanted) {
    ShelfConditions inText = where.withWordsInText(words);
    boolean looksThrough = wanted <= reach.lookedThrough();
    if (looksThrough) {
      List<Long> ids = inText.among(newestSince()).ids(database, 0, wanted + 1);
      if (ids.size() > wanted) {
        return some(ids, wanted);
      }
    }
    Optional<DaysOfWords> days = wordDays.of(words);
    if (days.isPresent() && days.get().filesOfRarest() <= reach.few()) {
      String rarest = words.get(days.get().rarest());
      return some(inText.withWordInIndex(rarest).ids(database, 0, reach.few()), MOST_FOUND);
    }
    if (looksThrough && days.isPresent()) {
      Optional<Found> byDay = byDay(inText, days.get(), wanted);
      if (byDay.isPresent()) {
        return byDay.get();
      }
    }
    return some(where.withWordsInIndex(words).ids(database, 0, MOST_FOUND + 1), MOST_FOUND);
  }

  private static Found some(List<Long> ids, int most) {
    boolean more = ids.size() > most;
    return new Found(more ? ids.subList(0, most) : ids, more);
  }

  /** Empty when the words are so rarely in the same files that it would take long. */
  private Optional<Found> byDay(ShelfConditions inText, DaysOfWords days, int wanted) {
    List<List<Span>> steps = days.newestFirst(wanted);
    List<Long> ids = new ArrayList<>();
    for (List<Span> step : steps.subList(0, Math.min(steps.size(), reach.steps()))) {
      ids.addAll(inText.on(step).ids(database, 0, wanted + 1 - ids.size()));
      if (ids.size() > wanted) {
        return Optional.of(some(ids, wanted));
      }
    }
    return steps.size() <= reach.steps() ? Optional.of(some(ids, wanted)) : Optional.empty();
  }

  /** From when on files are among the newest; null = all are. */
  private Object newestSince() {
    List<?> last =
        database
            .createNativeQuery(
                "SELECT f.delivered_at FROM shelf_file f WHERE f.tidying_id IS NULL"
                    + " AND f.replaced_at IS NULL"
                    + ShelfConditions.NEWEST_FIRST)
            .setFirstResult(reach.newest())
            .setMaxResults(1)
            .getResultList();
    return last.isEmpty() ? null : last.get(0);
  }

  private PageView page(Found found, int offset, int limit) {
    int size = found.ids().size();
    List<Long> page = found.ids().subList(Math.min(offset, size), Math.min(offset + limit, size));
    return new PageView(size, found.more(), views(page));
  }

  private List<FileView> views(List<Long> ids) {
    Map<Long, ShelfFile> byId =
        shelf.findAllById(ids).stream()
            .collect(Collectors.toMap(ShelfFile::id, Function.identity()));
    Map<Long, String> names = namesOf(byId.values().stream().map(ShelfFile::batchId).toList());
    return ids.stream().map(byId::get).map(file -> view(file, names.get(file.batchId()))).toList();
  }

  FileView view(ShelfFile file) {
    return view(file, namesOf(List.of(file.batchId())).get(file.batchId()));
  }

  private static FileView view(ShelfFile file, String batch) {
    return new FileView(
        file.id(),
        file.name(),
        file.photoId(),
        file.batchId(),
        batch,
        file.spec(),
        file.look(),
        file.code(),
        file.group(),
        file.format(),
        file.width(),
        file.height(),
        file.bytes(),
        file.deliveredAt(),
        file.replacedAt());
  }

  /** By what the shelf can be narrowed. */
  @Transactional(readOnly = true)
  public ChoicesView choices() {
    List<Long> ids = values("batch_id").stream().map(Long::valueOf).toList();
    Map<Long, String> names = namesOf(ids);
    return new ChoicesView(
        ids.stream().map(id -> new Choice(id.toString(), names.get(id))).toList(),
        choices("spec"),
        choices("look"),
        choices("set_group"),
        choices("format"));
  }

  private List<Choice> choices(String column) {
    return values(column).stream().map(value -> new Choice(value, value)).toList();
  }

  private List<String> values(String column) {
    String distinct =
        "SELECT DISTINCT %1$s FROM shelf_file WHERE tidying_id IS NULL AND %1$s IS NOT NULL"
            + " ORDER BY %1$s DESC LIMIT %2$d";
    List<?> rows =
        database.createNativeQuery(distinct.formatted(column, MOST_CHOICES)).getResultList();
    List<String> values = new ArrayList<>(rows.stream().map(Object::toString).toList());
    // Names go from A to Z, batches from the newest.
    if (!column.equals("batch_id")) {
      Collections.reverse(values);
    }
    return values;
  }

  private Map<Long, String> namesOf(List<Long> batchIds) {
    return batches.names(batchIds.stream().distinct().toList());
  }
}
