package org.ablebatch.server.shelf;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import org.ablebatch.core.shelf.DaysOfWords;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Service;
import org.springframework.transaction.support.TransactionTemplate;

/**
 * Counts on which days (of UTC) files with a word left. What was replaced, tidied away or delivered
 * once more stays counted, so it is never less than there is.
 */
@Service
class WordDays {
  /** Words are told apart by so many letters. */
  static final int LETTERS = 64;

  private static final int FILES_AT_ONCE = 1_000;
  private static final int ROWS_AT_ONCE = 500;

  /** What begins with one letter is nearly everywhere, and takes long to add up. */
  private static final int FEWEST_LETTERS = 2;

  private final JdbcTemplate database;
  private final TransactionTemplate transaction;

  WordDays(JdbcTemplate database, TransactionTemplate transaction) {
    this.database = database;
    this.transaction = transaction;
  }

  private record Uncounted(long id, String words, LocalDate day) {}

  private record WordOnDay(String word, LocalDate day) implements Comparable<WordOnDay> {
    @Override
    public int compareTo(WordOnDay other) {
      int byWord = word.compareTo(other.word);
      return byWord == 0 ? day.compareTo(other.day) : byWord;
    }
  }

  /** Counts every file that is not counted yet. */
  synchronized void catchUp() {
    int counted;
    do {
      counted = transaction.execute(status -> countSome());
    } while (counted == FILES_AT_ONCE);
  }

  private int countSome() {
    List<Uncounted> files =
        database.query(
            "SELECT id, words, DATE(delivered_at) FROM shelf_file WHERE counted = FALSE LIMIT "
                + FILES_AT_ONCE,
            (row, i) ->
                new Uncounted(row.getLong(1), row.getString(2), row.getObject(3, LocalDate.class)));
    // In the order of the index, which is where its pages are.
    Map<WordOnDay, Integer> counts = new TreeMap<>();
    for (Uncounted file : files) {
      new HashSet<>(Arrays.asList(file.words().split(" ")))
          .forEach(word -> counts.merge(new WordOnDay(cut(word), file.day()), 1, Integer::sum));
    }
    List<Map.Entry<WordOnDay, Integer>> rows = List.copyOf(counts.entrySet());
    for (int from = 0; from < rows.size(); from += ROWS_AT_ONCE) {
      add(rows.subList(from, Math.min(from + ROWS_AT_ONCE, rows.size())));
    }
    database.batchUpdate(
        "UPDATE shelf_file SET counted = TRUE WHERE id = ?",
        files.stream().map(file -> new Object[] {file.id()}).toList());
    return files.size();
  }

  private static String cut(String word) {
    return word.length() > LETTERS ? word.substring(0, LETTERS) : word;
  }

  private void add(List<Map.Entry<WordOnDay, Integer>> rows) {
    List<Object> values = new ArrayList<>();
    for (Map.Entry<WordOnDay, Integer> row : rows) {
      values.add(row.getKey().word());
      values.add(row.getKey().day());
      values.add(row.getValue());
    }
    database.update(
        "INSERT INTO shelf_word_day (word, day, files) VALUES "
            + "(?, ?, ?), ".repeat(rows.size() - 1)
            + "(?, ?, ?) ON DUPLICATE KEY UPDATE files = files + VALUES(files)",
        values.toArray());
  }

  /**
   * @param words beginnings of words
   * @return empty while something is not counted, or when the words are so short that this would
   *     narrow nothing
   */
  Optional<DaysOfWords> of(List<String> words) {
    boolean isComplete =
        database.queryForList("SELECT 1 FROM shelf_file WHERE counted = FALSE LIMIT 1").isEmpty();
    boolean canNarrow = words.stream().allMatch(word -> word.length() >= FEWEST_LETTERS);
    return isComplete && canNarrow
        ? Optional.of(DaysOfWords.of(words.stream().map(this::daysOf).toList()))
        : Optional.empty();
  }

  private Map<LocalDate, Long> daysOf(String word) {
    Map<LocalDate, Long> files = new HashMap<>();
    database.query(
        "SELECT day, SUM(files) FROM shelf_word_day WHERE word LIKE ? GROUP BY day",
        row -> {
          files.put(row.getObject(1, LocalDate.class), row.getLong(2));
        },
        cut(word) + "%");
    return files;
  }
}
