package org.ablebatch.server.shelf;

import jakarta.persistence.EntityManager;
import jakarta.persistence.Query;
import java.util.ArrayList;
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
    Where where = new Where(query);
    long total =
        ((Number)
                where
                    .asked(database, "SELECT COUNT(*) FROM shelf_file f" + where.text())
                    .getSingleResult())
            .longValue();
    List<Long> ids = total <= offset ? List.of() : ids(where, offset, limit);
    Map<Long, ShelfFile> byId =
        shelf.findAllById(ids).stream()
            .collect(Collectors.toMap(ShelfFile::id, Function.identity()));
    Map<Long, String> names = namesOf(byId.values().stream().map(ShelfFile::batchId).toList());
    return new PageView(
        total,
        ids.stream().map(byId::get).map(file -> view(file, names.get(file.batchId()))).toList());
  }

  private List<Long> ids(Where where, int offset, int limit) {
    String newest =
        "SELECT f.id FROM shelf_file f" + where.text() + " ORDER BY f.delivered_at DESC, f.id DESC";
    Query asked = where.asked(database, newest);
    List<?> rows = asked.setFirstResult(offset).setMaxResults(limit).getResultList();
    return rows.stream().map(id -> ((Number) id).longValue()).toList();
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
    List<Choice> byBatch = choices("batch_id");
    Map<Long, String> names =
        namesOf(byBatch.stream().map(choice -> Long.valueOf(choice.value())).toList());
    return new ChoicesView(
        byBatch.stream()
            .map(
                choice ->
                    new Choice(
                        choice.value(), names.get(Long.valueOf(choice.value())), choice.files()))
            .toList(),
        choices("spec"),
        choices("look"),
        choices("set_group"),
        choices("format"));
  }

  private List<Choice> choices(String column) {
    String counted =
        "SELECT %1$s, COUNT(*) AS files FROM shelf_file WHERE tidying_id IS NULL AND %1$s IS NOT NULL"
            + " GROUP BY %1$s ORDER BY files DESC, %1$s LIMIT %2$d";
    List<?> rows =
        database.createNativeQuery(counted.formatted(column, MOST_CHOICES)).getResultList();
    return rows.stream()
        .map(Object[].class::cast)
        .map(row -> new Choice(row[0].toString(), row[0].toString(), ((Number) row[1]).longValue()))
        .toList();
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
      if (!query.earlier()) {
        conditions.add("f.replaced_at IS NULL");
      }
      String words =
          SearchWords.asked(query.words()).stream()
              .map(word -> "+" + word + "*")
              .collect(Collectors.joining(" "));
      add("MATCH(f.words) AGAINST(:words IN BOOLEAN MODE)", "words", words);
      add("f.batch_id = :batch", "batch", query.batch());
      add("f.spec = :spec", "spec", query.spec());
      add("f.look = :look", "look", query.look());
      add("f.set_group = :group", "group", query.group());
      add("f.format = :format", "format", query.format());
      add("f.delivered_at >= :since", "since", query.since());
      add("f.delivered_at < :until", "until", query.until());
      add(
          "f.file_id IN (SELECT d.id FROM delivered_file d WHERE d.delivery_id = :delivery)",
          "delivery",
          query.deliveryId());
    }

    private void add(String condition, String name, Object value) {
      if (value != null && !"".equals(value)) {
        conditions.add(condition);
        values.put(name, value);
      }
    }

    String text() {
      return " WHERE " + String.join(" AND ", conditions);
    }

    Query asked(EntityManager database, String sql) {
      Query query = database.createNativeQuery(sql);
      values.forEach(query::setParameter);
      return query;
    }
  }
}
