package org.ablebatch.server.cutting;

import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;
import org.ablebatch.core.cut.Method;
import org.ablebatch.server.batch.Methods;
import org.ablebatch.server.guiding.GuidanceData;
import org.ablebatch.server.picture.PhotoService;
import org.ablebatch.server.picture.PictureView;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api/v1")
class CutController {
  private final CutQueue queue;
  private final PhotoService photos;

  CutController(CutQueue queue, PhotoService photos) {
    this.queue = queue;
    this.photos = photos;
  }

  /** How many pictures were newly queued. */
  @Schema(name = "QueuedPictures")
  record Queued(int queued) {}

  /**
   * @param method to cut the picture with; null = the batch's
   * @param guidance what a person says about the picture; null = nothing, also nothing from before
   */
  record RecutRequest(String method, GuidanceData guidance) {}

  @PostMapping("/batches/{id}/cut")
  @ResponseStatus(HttpStatus.ACCEPTED)
  Queued cut(@PathVariable long id) {
    return new Queued(queue.cutBatch(id));
  }

  /**
   * @param method to cut them with; null = as they were asked for
   * @param ids only these; null = all that could not be cut
   */
  record RetryRequest(String method, List<Long> ids) {}

  /** Cuts once more what could not be cut. */
  @PostMapping("/batches/{id}/cut-failed")
  @ResponseStatus(HttpStatus.ACCEPTED)
  Queued cutFailed(@PathVariable long id, @RequestBody RetryRequest request) {
    return new Queued(queue.cutFailedAgain(id, method(request.method()), request.ids()));
  }

  @PostMapping("/pictures/{id}/recut")
  @ResponseStatus(HttpStatus.ACCEPTED)
  PictureView recut(@PathVariable long id, @RequestBody RecutRequest request) {
    GuidanceData guidance = request.guidance() == null ? GuidanceData.NONE : request.guidance();
    queue.cutAgain(id, method(request.method()), guidance);
    return photos.view(id);
  }

  private static Method method(String name) {
    return name == null ? null : Methods.choosable(name);
  }
}
