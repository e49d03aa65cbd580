package org.ablebatch.server.comparing;

import java.util.List;
import org.ablebatch.server.comparing.VersionViews.ChooseRequest;
import org.ablebatch.server.comparing.VersionViews.ComparisonView;
import org.ablebatch.server.comparing.VersionViews.CutBesideRequest;
import org.ablebatch.server.comparing.VersionViews.TakeRequest;
import org.ablebatch.server.comparing.VersionViews.VersionView;
import org.ablebatch.server.picture.PictureView;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api/v1/pictures/{id}")
class VersionController {
  private final VersionService versions;

  VersionController(VersionService versions) {
    this.versions = versions;
  }

  /** Versions of the photograph as it is cropped now, the oldest first. */
  @GetMapping("/versions")
  List<VersionView> list(@PathVariable long id) {
    return versions.list(id);
  }

  /** One more by another method, beside what is there. */
  @PostMapping("/versions")
  VersionView cutBeside(@PathVariable long id, @RequestBody CutBesideRequest request) {
    return versions.cutBeside(id, request.method());
  }

  /** Where two of them differ. */
  @GetMapping("/comparison")
  ComparisonView compare(
      @PathVariable long id, @RequestParam long first, @RequestParam long second) {
    return versions.compare(id, first, second);
  }

  /** Makes a version the picture's cutout; it waits to be checked. */
  @PutMapping("/version")
  PictureView choose(@PathVariable long id, @RequestBody ChooseRequest request) {
    return versions.choose(id, request);
  }

  /** Makes a new version of the one in use with a region of another, and chooses it. */
  @PostMapping("/versions/take")
  PictureView take(@PathVariable long id, @RequestBody TakeRequest request) {
    return versions.take(id, request);
  }
}
