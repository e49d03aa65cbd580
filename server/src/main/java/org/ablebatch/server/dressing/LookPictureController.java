package org.ablebatch.server.dressing;

import java.io.IOException;
import java.time.Duration;
import java.util.List;
import org.ablebatch.server.problem.BadInput;
import org.springframework.http.CacheControl;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.multipart.MultipartFile;

@RestController
@RequestMapping("/api/v1/look-pictures")
class LookPictureController {
  private final LookPictures pictures;

  LookPictureController(LookPictures pictures) {
    this.pictures = pictures;
  }

  @GetMapping
  List<LookPictures.Choice> all() {
    return pictures.all();
  }

  @PostMapping(consumes = MediaType.MULTIPART_FORM_DATA_VALUE)
  LookPictures.Choice take(@RequestParam("file") MultipartFile file) {
    try {
      String name = file.getOriginalFilename();
      return pictures.take(name == null ? "picture" : name, file.getBytes());
    } catch (IOException e) {
      throw new BadInput("file", "The file did not arrive whole: " + e.getMessage());
    }
  }

  @GetMapping(path = "/{name}/thumbnail.png", produces = MediaType.IMAGE_PNG_VALUE)
  ResponseEntity<byte[]> thumbnail(@PathVariable String name) {
    return ResponseEntity.ok()
        .cacheControl(CacheControl.maxAge(Duration.ofDays(30)).cachePrivate())
        .body(pictures.thumbnail(name));
  }
}
