package org.ablebatch.server.shelf;

import jakarta.persistence.EntityManager;
import jakarta.persistence.Query;
import java.util.ArrayList;
import java.util.Collections;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.ablebatch.core.shelf.SearchWords;
import org.ablebatch.server.batch.BatchService;
import org.ablebatch.server.shelf.ShelfViews.Choice;
import org.ablebatch.server.shelf.ShelfViews.ChoicesView;
import org.ablebatch.server.shelf.ShelfViews.FileView;
import org.ablebatch.server.shelf.ShelfViews.PageView;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Finds files on the shelf by words (MariaDB's full text) and by what they were made of. */
@Service
class ShelfSearch {
  private static final int MOST_CHOICES = 200;
  private static final String ORDER = " ORDER BY f.delivered_at DESC, f.id DESC";

  /** So many of the newest files are looked through before the full text is asked. */
  private static final int NEWEST = 10_000;

  /** Whoever goes further than this is better served by the full text. */
  private static final int LOOKED_THROUGH = 2_000;

  private static final int MOST_FOUND = 10_000;

  private final EntityManager database;
  private final ShelfFileRepository shelf;
  private final BatchService batches;

  ShelfSearch(EntityManager database, ShelfFileRepository shelf, BatchService batches) {
    this.database = database;
    this.shelf = shelf;
    this.batches = batches;
  }

  /**
   * @param offset the first that is wanted, 0 = the newest
   * @param limit at most so many
   */
  @Transactional(readOnly = true)
  public PageView find(ShelfQuery query, int offset, int limit) {
    List<String> words = SearchWords.asked(query.words());
    Where where = new Where(query);
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
   * the full text would gather and sort all of them first. For words that few have it is quicker.
   */
  private Found found(Where where, List<String> words, int wanted) {
    if (wanted <= LOOKED_THROUGH) {
      Where newest = where.among(newestSince()).withWordsInText(words);
      List<Long> ids = newest.ids(database, 0, wanted + 1);
      if (ids.size() > wanted) {
        return new Found(ids.subList(0, wanted), true);
      }
    }
    List<Long> ids = where.withWordsInIndex(words).ids(database, 0, MOST_FOUND + 1);
    boolean more = ids.size() > MOST_FOUND;
    return new Found(more ? ids.subList(0, MOST_FOUND) : ids, more);
  }

  /** From when on files are among the newest; null = all are. */
  private Object newestSince() {
    List<?> last =
        database
            .createNativeQuery(
                "SELECT f.delivered_at FROM shelf_file f WHERE f.tidying_id IS NULL"
                    + " AND f.replaced_at IS NULL"
                    + ORDER)
            .setFirstResult(NEWEST)
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

  /** The conditions of a query, with what is put into them. */
  private static final class Where {
    private final List<String> conditions = new ArrayList<>();
    private final Map<String, Object> values = new HashMap<>();

    Where(ShelfQuery query) {
      conditions.add("f.tidying_id IS NULL");
      if (!query.earlier() && query.deliveryId() == null) {
        conditions.add("f.replaced_at IS NULL");
      }
      add("f.batch_id = :batch", "batch", query.batch());
      add("f.spec = :spec", "spec", query.spec());
      add("f.look = :look", "look", query.look());
      add("f.set_group = :group", "group", query.group());
      add("f.format = :format", "format", query.format());
      add("f.delivered_at >= :since", "since", query.since());
      add("f.delivered_at < :until", "until", query.until());
      // A file stands on the shelf once, under the delivery that it was in last.
      add(
          "(f.photo_id, f.name, f.blob_id) IN (SELECT d.photo_id, d.name, d.blob_id"
              + " FROM delivered_file d WHERE d.delivery_id = :delivery)",
          "delivery",
          query.deliveryId());
    }

    private Where(Where other) {
      conditions.addAll(other.conditions);
      values.putAll(other.values);
    }

    private void add(String condition, String name, Object value) {
      if (value != null && !"".equals(value)) {
        conditions.add(condition);
        values.put(name, value);
      }
    }

    /**
     * @param since null = all
     */
    Where among(Object since) {
      Where among = new Where(this);
      among.add("f.delivered_at >= :newest", "newest", since);
      return among;
    }

    Where withWordsInText(List<String> words) {
      Where with = new Where(this);
      for (int i = 0; i < words.size(); i++) {
        with.add("CONCAT(' ', f.words) LIKE :word" + i, "word" + i, "% " + words.get(i) + "%");
      }
      return with;
    }

    Where withWordsInIndex(List<String> words) {
      Where with = new Where(this);
      String all = words.stream().map(word -> "+" + word + "*").collect(Collectors.joining(" "));
      with.add("MATCH(f.words) AGAINST(:words IN BOOLEAN MODE)", "words", all);
      return with;
    }

    String text() {
      return conditions.isEmpty() ? "" : " WHERE " + String.join(" AND ", conditions);
    }

    Query asked(EntityManager database, String sql) {
      Query query = database.createNativeQuery(sql);
      values.forEach(query::setParameter);
      return query;
    }

    /** The newest first. */
    List<Long> ids(EntityManager database, int offset, int limit) {
      Query asked = asked(database, "SELECT f.id FROM shelf_file f" + text() + ORDER);
      List<?> rows = asked.setFirstResult(offset).setMaxResults(limit).getResultList();
      return rows.stream().map(id -> ((Number) id).longValue()).toList();
    }
  }
}
