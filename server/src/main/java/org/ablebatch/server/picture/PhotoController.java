package org.ablebatch.server.picture;

import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import org.ablebatch.server.batch.BatchService;
import org.ablebatch.server.problem.BadInput;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
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

  PhotoController(BatchService batches, UploadIntake intake, PhotoService photos) {
    this.batches = batches;
    this.intake = intake;
    this.photos = photos;
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

  @GetMapping("/batches/{id}/pictures")
  PageView page(
      @PathVariable long id,
      @RequestParam(defaultValue = "0") int page,
      @RequestParam(defaultValue = "100") int size,
      @RequestParam(defaultValue = "place") String sort,
      @RequestParam(required = false) String state) {
    batches.require(id);
    return photos.page(id, page, size, sort, state);
  }

  @GetMapping("/pictures/{id}")
  PictureView get(@PathVariable long id) {
    return photos.row(id).view();
  }

  @PostMapping("/pictures/{id}/leave-whole")
  PictureView leaveWhole(@PathVariable long id) {
    return photos.leaveWhole(id);
  }
}
