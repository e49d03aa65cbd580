package org.ablebatch.server.picture;

import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import org.ablebatch.server.batch.BatchService;
import org.ablebatch.server.problem.BadInput;
import org.ablebatch.server.problem.Conflict;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.multipart.MultipartFile;

@RestController
@RequestMapping("/api/v1")
class PhotoController {
  private final BatchService batches;
  private final UploadIntake intake;
  private final PhotoService photos;
  private final PictureActions actions;

  PhotoController(
      BatchService batches, UploadIntake intake, PhotoService photos, PictureActions actions) {
    this.batches = batches;
    this.intake = intake;
    this.photos = photos;
    this.actions = actions;
  }

  /** One entry for every file, and for every file in a ZIP. */
  @PostMapping(path = "/batches/{id}/pictures", consumes = MediaType.MULTIPART_FORM_DATA_VALUE)
  @ResponseStatus(HttpStatus.CREATED)
  List<IntakeResult> upload(
      @PathVariable long id,
      @RequestParam(name = "files", required = false) List<MultipartFile> files,
      @RequestParam(defaultValue = "false") boolean keepDuplicates)
      throws IOException {
    batches.require(id);
    if (files == null || files.isEmpty()) {
      throw new BadInput("files", "There are no files in this upload");
    }
    List<IntakeResult> results = new ArrayList<>();
    for (MultipartFile file : files) {
      results.addAll(intake.take(id, file, keepDuplicates));
    }
    return results;
  }

  /**
   * @param ids only these, where they are still in the batch; the other parameters don't count then
   */
  @GetMapping("/batches/{id}/pictures")
  PageView page(
      @PathVariable long id,
      @RequestParam(defaultValue = "0") int page,
      @RequestParam(defaultValue = "100") int size,
      @RequestParam(defaultValue = "place") String sort,
      @RequestParam(required = false) String state,
      @RequestParam(required = false) List<Long> ids) {
    batches.require(id);
    return ids != null ? photos.some(id, ids) : photos.page(id, page, size, sort, state);
  }

  @GetMapping("/pictures/{id}")
  PictureView get(@PathVariable long id) {
    return photos.view(id);
  }

  @PostMapping("/pictures/{id}/leave-whole")
  PictureView leaveWhole(@PathVariable long id) {
    PhotoRow row = photos.row(id);
    ActResult result =
        actions.act(
            row.photo().batchId(), new ActRequest(List.of(id), "leave-whole", null, null, null));
    if (!result.refused().isEmpty()) {
      throw new Conflict(result.refused().get(0).problem());
    }
    return photos.view(id);
  }

  /** What was taken out of the batch and can be brought back. */
  @GetMapping("/batches/{id}/removed")
  List<PictureView> removed(@PathVariable long id) {
    batches.require(id);
    return photos.removed(id);
  }

  /** Does one thing to many pictures; those it can't be done to are named, the rest is done. */
  @PostMapping("/batches/{id}/pictures/act")
  ActResult act(@PathVariable long id, @RequestBody ActRequest request) {
    batches.require(id);
    return actions.act(id, request);
  }

  /** Puts another photograph behind the picture; its name, place, code and group stay. */
  @PutMapping(path = "/pictures/{id}/original", consumes = MediaType.MULTIPART_FORM_DATA_VALUE)
  PictureView swap(
      @PathVariable long id, @RequestParam(name = "file", required = false) MultipartFile file)
      throws IOException {
    if (file == null || file.isEmpty()) {
      throw new BadInput("file", "There is no file in this upload");
    }
    actions.swap(id, file.getBytes());
    return photos.view(id);
  }
}
