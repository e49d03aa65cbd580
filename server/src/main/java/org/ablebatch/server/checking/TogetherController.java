package org.ablebatch.server.checking;

import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** One verdict on many pictures, and all of it back. */
@RestController
@RequestMapping("/api/v1/batches/{batchId}/verdicts")
class TogetherController {
  private final VerdictService verdicts;

  TogetherController(VerdictService verdicts) {
    this.verdicts = verdicts;
  }

  /** A picture as somebody saw it. */
  @Schema(name = "SeenPicture")
  record Seen(Long id, Long revision) {}

  @Schema(name = "VerdictOnMany")
  record TogetherRequest(String verdict, List<Seen> pictures) {}

  /**
   * @param together names these verdicts, to take them back
   * @param done on so many pictures
   * @param leftAlone pictures that had changed, or did not wait to be checked
   */
  @Schema(name = "VerdictsTogether")
  record TogetherView(String together, int done, int leftAlone) {}

  @PostMapping
  TogetherView judge(@PathVariable long batchId, @RequestBody TogetherRequest request) {
    return verdicts.judgeTogether(batchId, request.verdict(), request.pictures());
  }

  @DeleteMapping("/{together}")
  TogetherView takeBack(@PathVariable long batchId, @PathVariable String together) {
    return verdicts.takeBackTogether(batchId, together);
  }
}
