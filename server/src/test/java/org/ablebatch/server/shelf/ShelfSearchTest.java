package org.ablebatch.server.shelf;

import static org.assertj.core.api.Assertions.assertThat;

import jakarta.persistence.EntityManager;
import java.time.LocalDate;
import java.util.List;
import java.util.stream.Stream;
import org.ablebatch.server.RunningServer;
import org.ablebatch.server.batch.BatchService;
import org.ablebatch.server.shelf.ShelfSearch.Reach;
import org.ablebatch.server.shelf.ShelfViews.FileView;
import org.ablebatch.server.shelf.ShelfViews.PageView;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.springframework.context.ApplicationContext;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.transaction.support.TransactionTemplate;

/** Whichever way files are found, the same ones are, the newest first. */
@ExtendWith(RunningServer.class)
class ShelfSearchTest {
  private static final long BATCH = 900_000_001;

  /** Twelve days of this year had ten files each. */
  private static final LocalDate FIRST_DAY = LocalDate.of(2026, 3, 1);

  private static final Reach ONLY_NEWEST = new Reach(1_000_000, 1_000, 0, 0);
  private static final Reach ONLY_DAYS = new Reach(1, 1_000, 0, 100);
  private static final Reach ONLY_FEW = new Reach(1, 1_000, 1_000, 0);
  private static final Reach ONLY_FULL_TEXT = new Reach(1, 0, 0, 0);

  private final ApplicationContext context;
  private final JdbcTemplate database;
  private final WordDays wordDays;

  ShelfSearchTest(ApplicationContext context) {
    this.context = context;
    this.database = context.getBean(JdbcTemplate.class);
    this.wordDays = context.getBean(WordDays.class);
  }

  @BeforeEach
  void shelve() {
    context
        .getBean(TransactionTemplate.class)
        .executeWithoutResult(
            status -> {
              database.execute("SET foreign_key_checks = 0");
              database.update(
                  "INSERT INTO shelf_file (file_id, batch_id, photo_id, name, spec, look, format,"
                      + " width, height, bytes, blob_id, words, delivered_at)"
                      + " SELECT seq, ?, seq, CONCAT('file-', seq), 'Square', 'Oat', 'PNG', 9, 9,"
                      + " 9, REPEAT('0', 64), CONCAT_WS(' ', 'heirloomed', IF(seq % 4 = 0,"
                      + " 'brassy', 'oaken'), IF(seq >= 100, 'recently', 'formerly'), seq),"
                      + " ? + INTERVAL seq DIV 10 DAY + INTERVAL seq SECOND FROM seq_0_to_119",
                  BATCH, FIRST_DAY);
              database.execute("SET foreign_key_checks = 1");
            });
    wordDays.catchUp();
  }

  @AfterEach
  void clear() {
    database.update("DELETE FROM shelf_file WHERE batch_id = ?", BATCH);
    database.update("DELETE FROM shelf_word_day WHERE word IN ('heirloomed', 'brassy', 'oaken')");
  }

  @Test
  void everyWayFindsTheSame() {
    for (String words : List.of("heirl", "oaken heir", "brassy formerly", "file heirloomed")) {
      List<Long> expected = numbers(ask(ONLY_NEWEST, words, 0, 25));
      for (Reach reach : List.of(ONLY_DAYS, ONLY_FULL_TEXT, ONLY_FEW, Reach.USUAL)) {
        assertThat(numbers(ask(reach, words, 0, 25))).as(words + reach).isEqualTo(expected);
      }
    }
  }

  @Test
  void theNewestOfThemComeFirstAndSomebodySaysWhetherThereAreMore() {
    PageView page = ask(ONLY_DAYS, "formerly heirloomed", 0, 25);
    assertThat(numbers(page)).hasSize(25).startsWith(99L, 98L, 97L).endsWith(75L);
    assertThat(page.more()).isTrue();
    PageView last = ask(ONLY_DAYS, "formerly brassy heirloomed", 0, 30);
    assertThat(numbers(last)).hasSize(25).startsWith(96L, 92L).endsWith(0L);
    assertThat(last.more()).isFalse();
    assertThat(last.total()).isEqualTo(25);
    assertThat(numbers(ask(ONLY_DAYS, "heirloomed", 30, 10))).startsWith(89L).endsWith(80L);
  }

  @Test
  void wordsThatNoFileHasTogetherFindNone() {
    for (Reach reach : List.of(ONLY_DAYS, ONLY_FULL_TEXT, ONLY_FEW, Reach.USUAL)) {
      assertThat(ask(reach, "brassy oaken", 0, 9).total()).isZero();
      assertThat(ask(reach, "heirloomed nobodyhasthis", 0, 9).total()).isZero();
    }
  }

  @Test
  void whatIsNotCountedYetIsFoundAllTheSame() {
    database.update(
        "UPDATE shelf_file SET counted = FALSE, words = CONCAT(words, ' newly') WHERE batch_id = ?",
        BATCH);
    assertThat(ask(ONLY_DAYS, "newly oaken", 0, 90).total()).isEqualTo(90);
    wordDays.catchUp();
    assertThat(ask(ONLY_DAYS, "newly oaken", 0, 90).total()).isEqualTo(90);
    database.update("DELETE FROM shelf_word_day WHERE word = 'newly'");
  }

  private PageView ask(Reach reach, String words, int offset, int limit) {
    ShelfSearch search =
        new ShelfSearch(
            context.getBean(EntityManager.class),
            context.getBean(ShelfFileRepository.class),
            context.getBean(BatchService.class),
            wordDays,
            reach);
    return search.find(
        new ShelfQuery(words, BATCH, null, null, null, null, null, null, null, false),
        offset,
        limit);
  }

  private static List<Long> numbers(PageView page) {
    Stream<String> names = page.files().stream().map(FileView::name);
    return names.map(name -> Long.valueOf(name.substring("file-".length()))).toList();
  }
}
