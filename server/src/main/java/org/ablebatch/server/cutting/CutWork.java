package org.ablebatch.server.cutting;

import java.time.Instant;
import java.util.List;
import org.ablebatch.core.cut.CutOutcome;
import org.ablebatch.core.cut.CutProgress;
import org.ablebatch.core.cut.CutRequest;
import org.ablebatch.core.cut.CutStopped;
import org.ablebatch.core.cut.Cutter;
import org.ablebatch.core.cut.Method;
import org.ablebatch.core.finding.Expectations;
import org.ablebatch.core.finding.PhotographReading;
import org.ablebatch.core.line.FailureKind;
import org.ablebatch.core.mend.HintEdit;
import org.ablebatch.core.proposal.Examined;
import org.ablebatch.core.proposal.Examiner;
import org.ablebatch.core.raster.Picture;
import org.ablebatch.server.batch.Batch;
import org.ablebatch.server.batch.EmptySetService;
import org.ablebatch.server.guiding.GuidanceJson;
import org.ablebatch.server.picture.CutoutFiles;
import org.ablebatch.server.picture.CutoutVersion;
import org.ablebatch.server.picture.Photo;
import org.ablebatch.server.picture.SavedCutout;
import org.ablebatch.server.picture.TriedWay;
import org.ablebatch.server.storage.StorageFailed;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Component;

/** Lets the engine cut one picture and keeps the bytes; the database is not touched. */
@Component
public class CutWork {
  private static final Logger LOG = LoggerFactory.getLogger(CutWork.class);

  private final Cutter cutter;
  private final Examiner examiner;
  private final CutoutFiles files;
  private final EmptySetService emptySets;
  private final GuidanceJson json;

  CutWork(
      Cutter cutter,
      Examiner examiner,
      CutoutFiles files,
      EmptySetService emptySets,
      GuidanceJson json) {
    this.cutter = cutter;
    this.examiner = examiner;
    this.files = files;
    this.emptySets = emptySets;
    this.json = json;
  }

  /** What came of it. */
  public sealed interface Result {
    record Saved(SavedCutout cutout, CutoutVersion.Judgement judgement, List<Examined> findings)
        implements Result {

      /** The row of a version that was cut of {@code photo}. */
      public CutoutVersion version(Photo photo, int number, Instant now) {
        CutoutVersion version = new CutoutVersion(photo, number, cutout, judgement, now);
        version.inspected(findings);
        return version;
      }
    }

    record Failed(FailureKind kind, String sentence) implements Result {}
  }

  /**
   * @param guidance what a person said about the picture, as text; null = nothing
   * @throws StorageFailed when the disk is full; nothing is wrong with the picture
   * @throws CutStopped when {@code progress} says so
   */
  public Result cut(
      Photo photo, Batch batch, Method method, String guidance, CutProgress progress) {
    try {
      return attempt(photo, batch, method, guidance, progress);
    } catch (StorageFailed e) {
      if (e.isLasting()) {
        return new Result.Failed(FailureKind.DAMAGED, e.getMessage());
      }
      throw e;
    } catch (CutStopped e) {
      throw e;
    } catch (OutOfMemoryError e) {
      LOG.error("cutting picture {} needs more memory", photo.id(), e);
      return new Result.Failed(
          FailureKind.OUT_OF_MEMORY,
          "The picture needs more memory than the program may use; the original is kept");
    } catch (RuntimeException e) {
      LOG.error("cutting picture {} failed", photo.id(), e);
      return new Result.Failed(
          FailureKind.UNEXPECTED,
          "Cutting stopped unexpectedly; the original is kept. Cut it again or leave it whole");
    }
  }

  private Result attempt(
      Photo photo, Batch batch, Method method, String guidance, CutProgress progress) {
    long began = System.nanoTime();
    Picture original = files.original(photo);
    CutRequest request =
        json.guidance(guidance)
            .addTo(CutRequest.of(original, method))
            .withEmptySet(emptySets.photograph(batch));
    CutOutcome outcome = cutter.cut(request, progress);
    if (outcome instanceof CutOutcome.NothingFound nothing) {
      return new Result.Failed(nothing.kind(), nothing.reason());
    }
    CutOutcome.Done done = (CutOutcome.Done) outcome;
    SavedCutout saved = files.save(original, done.cutout());
    long millis = (System.nanoTime() - began) / 1_000_000;
    return new Result.Saved(
        saved,
        new CutoutVersion.Judgement(
            CutKey.of(photo, batch, method, guidance),
            done.method().wireName(),
            done.reason(),
            TriedWay.of(done.tried()),
            done.confidence().percent(),
            new CutoutVersion.FoundSubjects(
                done.subjects().keptCount(),
                json.write(done.subjects()),
                files.saveLabels(done.subjects())),
            guidance,
            millis),
        examiner.examine(
            PhotographReading.of(original),
            done.cutout(),
            Expectations.of(done.method()),
            done.opinions(),
            request.hints().stream().map(HintEdit::new).toList()));
  }
}
