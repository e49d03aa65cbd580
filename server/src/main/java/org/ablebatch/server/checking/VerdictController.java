package org.ablebatch.server.checking;

import org.ablebatch.server.picture.PictureView;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api/v1/pictures/{id}/verdict")
class VerdictController {
  private final VerdictService verdicts;

  VerdictController(VerdictService verdicts) {
    this.verdicts = verdicts;
  }

  @PostMapping
  PictureView judge(@PathVariable long id, @RequestBody VerdictRequest request) {
    return verdicts.judge(id, request);
  }

  @DeleteMapping
  PictureView takeBack(@PathVariable long id) {
    return verdicts.takeBack(id);
  }
}
