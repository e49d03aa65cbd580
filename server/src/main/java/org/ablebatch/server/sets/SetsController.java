package org.ablebatch.server.sets;

import java.io.IOException;
import org.ablebatch.codec.list.SetListFile;
import org.ablebatch.codec.list.UnreadableList;
import org.ablebatch.server.problem.BadInput;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.multipart.MultipartFile;

@RestController
@RequestMapping("/api/v1/batches/{id}/sets")
class SetsController {
  private final SetsService sets;

  SetsController(SetsService sets) {
    this.sets = sets;
  }

  /** The pattern by which later pictures are read; no content = none. */
  @GetMapping("/pattern")
  ResponseEntity<PatternData> pattern(@PathVariable long id) {
    PatternData pattern = sets.pattern(id);
    return pattern == null ? ResponseEntity.noContent().build() : ResponseEntity.ok(pattern);
  }

  /** What a pattern would come to; changes nothing. */
  @PostMapping("/preview")
  SetsView preview(@PathVariable long id, @RequestBody PatternData pattern) {
    return sets.preview(id, pattern.toPattern());
  }

  /** Gives codes and groups by a pattern, now and to pictures that come later. */
  @PutMapping("/pattern")
  SetsView apply(@PathVariable long id, @RequestBody PatternData pattern) {
    return sets.apply(id, pattern.toPattern());
  }

  /**
   * Codes and groups from a CSV with the columns file, code and group; pictures that are not in it
   * keep theirs.
   *
   * @param give false = only show what would come of it
   */
  @PostMapping(path = "/list", consumes = MediaType.MULTIPART_FORM_DATA_VALUE)
  SetsView list(
      @PathVariable long id,
      @RequestParam(name = "file", required = false) MultipartFile file,
      @RequestParam(defaultValue = "false") boolean give)
      throws IOException {
    if (file == null || file.isEmpty()) {
      throw new BadInput("file", "There is no list in this upload");
    }
    try {
      return sets.byList(id, SetListFile.read(file.getBytes()), give);
    } catch (UnreadableList e) {
      throw new BadInput("file", e.getMessage());
    }
  }
}
