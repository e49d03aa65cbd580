package org.ablebatch.server.proposing;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.time.Duration;
import java.util.List;
import org.ablebatch.codec.write.PictureWriter;
import org.ablebatch.core.raster.Picture;
import org.ablebatch.server.cutting.CutWorkers;
import org.ablebatch.server.picture.PictureView;
import org.ablebatch.server.proposing.MendViews.ProposedView;
import org.ablebatch.server.proposing.MendViews.TakenView;
import org.springframework.http.CacheControl;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Mends that are proposed for one picture. */
@RestController
@RequestMapping("/api/v1/pictures/{id}")
class MendController {
  private static final CacheControl FOR_GOOD =
      CacheControl.maxAge(Duration.ofDays(1)).cachePrivate().immutable();

  private final MendService mends;
  private final MendLooks looks;
  private final CutWorkers workers;

  MendController(MendService mends, MendLooks looks, CutWorkers workers) {
    this.mends = mends;
    this.looks = looks;
    this.workers = workers;
  }

  /**
   * @param versionId the cutout that was looked at
   * @param findings whose mends are taken, by their places in the list; null = all safe ones
   */
  record Taking(@NotNull Long versionId, List<Integer> findings) {}

  /**
   * @param versionId the cutout that was looked at
   */
  record Saying(@NotNull Long versionId) {}

  @GetMapping("/mends")
  ProposedView proposed(@PathVariable long id) {
    return mends.proposed(id);
  }

  @PostMapping("/mends")
  TakenView take(@PathVariable long id, @Valid @RequestBody Taking taking) {
    TakenView taken = mends.take(id, taking.versionId(), taking.findings());
    workers.ring();
    return taken;
  }

  /**
   * The place of a finding, on grey, as it is or as it would be.
   *
   * @param version the cutout that is looked at
   */
  @GetMapping(path = "/mends/{finding}/look.png", produces = MediaType.IMAGE_PNG_VALUE)
  ResponseEntity<byte[]> look(
      @PathVariable long id,
      @PathVariable int finding,
      @RequestParam long version,
      @RequestParam boolean mended) {
    Picture small = looks.of(id, version, finding, mended);
    return ResponseEntity.ok()
        .contentType(MediaType.IMAGE_PNG)
        .cacheControl(FOR_GOOD)
        .body(PictureWriter.quickPng(small));
  }

  /** A person says that a finding is no fault. */
  @PostMapping("/findings/{finding}/right")
  PictureView right(
      @PathVariable long id, @PathVariable int finding, @Valid @RequestBody Saying saying) {
    return mends.say(id, saying.versionId(), finding, true);
  }

  /** It may be a fault after all. */
  @DeleteMapping("/findings/{finding}/right")
  PictureView notRight(
      @PathVariable long id, @PathVariable int finding, @RequestParam long version) {
    return mends.say(id, version, finding, false);
  }
}
