package org.ablebatch.server.demo;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;
import org.ablebatch.codec.spec.SpecEntry;
import org.ablebatch.core.finding.Finding;
import org.ablebatch.core.line.PictureState;
import org.ablebatch.server.AbleSettings;
import org.ablebatch.server.batch.BatchService;
import org.ablebatch.server.batch.BatchView;
import org.ablebatch.server.checking.VerdictRequest;
import org.ablebatch.server.checking.VerdictService;
import org.ablebatch.server.cutting.CutQueue;
import org.ablebatch.server.delivery.DeliveryService;
import org.ablebatch.server.picture.IntakeResult;
import org.ablebatch.server.picture.IntakeService;
import org.ablebatch.server.picture.PhotoRepository;
import org.ablebatch.server.picture.PhotoRow;
import org.ablebatch.server.picture.Remark;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Component;

/**
 * Brings the demo batches of Quillmoor Garden Works in, once per installation, through the same
 * services as a user's clicks: files are taken in, the queue cuts them, some are passed, each batch
 * has its look, one is delivered. Each folder under the demo's {@code batches} is a batch.
 */
@Component
class DemoStory {
  private static final Logger LOG = LoggerFactory.getLogger(DemoStory.class);
  private static final String DONE = "demo";
  private static final String PORTRAITS = "Growers, portraits";
  private static final long WAIT_MILLIS = 500;

  private final AbleSettings settings;
  private final JdbcTemplate jdbc;
  private final BatchService batches;
  private final IntakeService intake;
  private final CutQueue queue;
  private final VerdictService verdicts;
  private final DeliveryService deliveries;
  private final PhotoRepository photos;
  private final DemoLooks looks;

  DemoStory(
      AbleSettings settings,
      JdbcTemplate jdbc,
      BatchService batches,
      IntakeService intake,
      CutQueue queue,
      VerdictService verdicts,
      DeliveryService deliveries,
      PhotoRepository photos,
      DemoLooks looks) {
    this.settings = settings;
    this.jdbc = jdbc;
    this.batches = batches;
    this.intake = intake;
    this.queue = queue;
    this.verdicts = verdicts;
    this.deliveries = deliveries;
    this.photos = photos;
    this.looks = looks;
  }

  @EventListener(ApplicationReadyEvent.class)
  void begin() {
    boolean wanted = settings.demo() != null && !settings.demo().isBlank();
    if (!wanted || isTold() || !batches.viewAll().isEmpty()) {
      return;
    }
    Thread teller = new Thread(this::tell, "demo");
    teller.setDaemon(true);
    teller.start();
  }

  private boolean isTold() {
    return Boolean.TRUE.equals(
        jdbc.queryForObject(
            "SELECT COUNT(*) > 0 FROM installation WHERE name = ?", Boolean.class, DONE));
  }

  private void tell() {
    try {
      // Marked first: a demo that was interrupted stays as it is and is never doubled.
      jdbc.update("INSERT INTO installation (name, value) VALUES (?, ?)", DONE, "told");
      bringIn("Growers, portraits", PORTRAITS, null);
      long row = bringIn("Growers, team row", PORTRAITS, "person");
      long enamel = bringIn("Enamel and glass", "Enamel and glass", null);
      long tools = bringIn("Spring tools", "Spring tools", null);
      looks.give(row, "portrait-slate");
      looks.say(row, "team-row");
      looks.give(enamel, "white-own-shadow");
      looks.give(tools, "oat-sweep-noon-sun");
      queue.cutBatch(enamel);
      queue.cutBatch(row);
      queue.cutBatch(tools);
      waitUntilCut(enamel);
      deliverTheBest(enamel);
      waitUntilCut(row);
      byConfidence(row).forEach(portrait -> judge(portrait, "pass"));
      waitUntilCut(tools);
      workOn(tools);
      LOG.info("The demo is in: batches {}, {} and {}", tools, enamel, row);
    } catch (IOException | RuntimeException e) {
      LOG.error("The demo could not be brought in completely", e);
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
    }
  }

  /**
   * @param folder among the demo's batches
   * @param method of the batch; null = the program's choice for each picture
   */
  private long bringIn(String name, String folder, String method) throws IOException {
    long batch = batches.create(name, method).id();
    List<Path> files;
    try (Stream<Path> inside = Files.list(Path.of(settings.demo(), "batches", folder))) {
      files = inside.sorted().toList();
    }
    for (Path file : files) {
      IntakeResult result =
          intake.take(batch, file.getFileName().toString(), Files.readAllBytes(file), false);
      if (result.problem() != null) {
        LOG.warn("demo file {}: {}", result.fileName(), result.problem());
      }
    }
    return batch;
  }

  private void waitUntilCut(long batch) throws InterruptedException {
    BatchView view = batches.view(batch);
    while (view.queued() > 0) {
      Thread.sleep(WAIT_MILLIS);
      view = batches.view(batch);
    }
  }

  /** The two most trusted cutouts are passed and delivered. */
  private void deliverTheBest(long batch) {
    List<PhotoRow> best = byConfidence(batch);
    best.stream().limit(2).forEach(row -> judge(row, "pass"));
    deliveries.deliver(
        batch,
        List.of(
            SpecEntry.exact("Shop square", 1200, 1200, "JPEG", 90, null),
            SpecEntry.exact("Card", 800, 600, "WEBP", 82, "#E9E0CE")),
        Set.of(),
        null);
  }

  /** One is passed, one waits for a retoucher, the rest wait for a checker. */
  private void workOn(long batch) {
    List<PhotoRow> rows = byConfidence(batch);
    if (rows.size() > 3) {
      judge(rows.get(0), "pass");
      judge(rows.get(1), "pass");
      sendBack(rows.get(rows.size() / 2));
    }
  }

  /** With a word, and the place of what was found. */
  private void sendBack(PhotoRow row) {
    List<Finding> findings = row.version().findings();
    Remark remark =
        findings.isEmpty()
            ? new Remark("Look along the edge once more", null, null, null, null, null)
            : new Remark(
                "Mend this before it goes to the shop",
                findings.get(0).kind().wireName(),
                findings.get(0).box().x(),
                findings.get(0).box().y(),
                findings.get(0).box().width(),
                findings.get(0).box().height());
    verdicts.judge(row.photo().id(), new VerdictRequest("touch-up", null, remark, null));
  }

  private List<PhotoRow> byConfidence(long batch) {
    return photos.rowsInOrder(batch, List.of(PictureState.TO_CHECK)).stream()
        .sorted((a, b) -> b.version().confidence() - a.version().confidence())
        .toList();
  }

  private void judge(PhotoRow row, String verdict) {
    verdicts.judge(row.photo().id(), VerdictRequest.of(verdict));
  }
}
