package org.ablebatch.server.look;

import java.net.URI;
import java.nio.charset.StandardCharsets;
import java.util.List;
import org.ablebatch.codec.look.LookFile;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api/v1/looks")
class LookController {
  private final LookService looks;

  LookController(LookService looks) {
    this.looks = looks;
  }

  @GetMapping
  List<LookViews.LookView> shelf() {
    return LookViews.of(looks.shelf());
  }

  @GetMapping("/{id}")
  LookViews.LookView get(@PathVariable long id) {
    return LookViews.LookView.of(looks.newest(id));
  }

  /** A look as it was in one of its versions. */
  @GetMapping("/versions/{versionId}")
  LookViews.LookView version(@PathVariable long versionId) {
    return LookViews.LookView.of(looks.version(versionId));
  }

  /** A new look, given as a look file. */
  @PostMapping(consumes = MediaType.APPLICATION_JSON_VALUE)
  ResponseEntity<LookViews.LookView> keep(@RequestBody byte[] file) {
    LookFile read = LookFile.read(file);
    LookVersion kept = looks.keep(read.name(), read.look());
    return ResponseEntity.created(URI.create("/api/v1/looks/" + kept.kept().id()))
        .body(LookViews.LookView.of(kept));
  }

  /** The look as a file, to be kept elsewhere or taken in again. */
  @GetMapping(path = "/{id}/file", produces = MediaType.APPLICATION_JSON_VALUE)
  ResponseEntity<byte[]> file(@PathVariable long id) {
    LookVersion version = looks.newest(id);
    String name = version.kept().name().replaceAll("[^\\p{L}\\p{N} _-]", "-") + ".look.json";
    return ResponseEntity.ok()
        .header(
            HttpHeaders.CONTENT_DISPOSITION,
            ContentDisposition.attachment()
                .filename(name, StandardCharsets.UTF_8)
                .build()
                .toString())
        .body(LookViews.file(version));
  }

  @DeleteMapping("/{id}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void remove(@PathVariable long id) {
    looks.remove(id);
  }
}
