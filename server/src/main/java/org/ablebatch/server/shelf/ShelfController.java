package org.ablebatch.server.shelf;

import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.time.Instant;
import java.util.Set;
import org.ablebatch.core.deliver.OutputFormat;
import org.ablebatch.server.problem.BadInput;
import org.ablebatch.server.shelf.ShelfViews.ChoicesView;
import org.ablebatch.server.shelf.ShelfViews.PageView;
import org.ablebatch.server.shelf.ShelfViews.StoryView;
import org.ablebatch.server.shelf.TidyViews.DoneView;
import org.ablebatch.server.shelf.TidyViews.ProposalView;
import org.ablebatch.server.shelf.TidyViews.TidyView;
import org.ablebatch.server.storage.Renditions;
import org.springframework.http.CacheControl;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api/v1/shelf")
class ShelfController {
  private static final CacheControl FOR_GOOD =
      CacheControl.maxAge(Duration.ofDays(365)).cachePrivate().immutable();
  private static final int MOST_AT_ONCE = 500;

  private final ShelfSearch search;
  private final ShelfStory story;
  private final ShelfPictures pictures;
  private final TidyUp tidyUp;

  ShelfController(ShelfSearch search, ShelfStory story, ShelfPictures pictures, TidyUp tidyUp) {
    this.search = search;
    this.story = story;
    this.pictures = pictures;
    this.tidyUp = tidyUp;
  }

  /**
   * Finished files, newest first.
   *
   * @param words beginnings of words that all have to be there: of names, codes, groups, batches,
   *     specs, looks, sizes such as 800x600, and of what files say of themselves
   * @param since delivered at this time or later
   * @param until delivered before this time
   * @param earlier also what was replaced by something newer
   * @param limit 1..500
   */
  @GetMapping
  PageView find(
      @RequestParam(required = false) String words,
      @RequestParam(required = false) Long batch,
      @RequestParam(required = false) String spec,
      @RequestParam(required = false) String look,
      @RequestParam(required = false) String group,
      @RequestParam(required = false) String format,
      @RequestParam(required = false) Instant since,
      @RequestParam(required = false) Instant until,
      @RequestParam(required = false) Long delivery,
      @RequestParam(defaultValue = "false") boolean earlier,
      @RequestParam(defaultValue = "0") int offset,
      @RequestParam(defaultValue = "100") int limit) {
    if (limit < 1 || limit > MOST_AT_ONCE) {
      throw BadInput.expected("limit", "1 to " + MOST_AT_ONCE, limit);
    }
    if (offset < 0) {
      throw BadInput.expected("offset", "0 or more", offset);
    }
    return search.find(
        new ShelfQuery(words, batch, spec, look, group, format, since, until, delivery, earlier),
        offset,
        limit);
  }

  /** By what the shelf can be narrowed. */
  @GetMapping("/choices")
  ChoicesView choices() {
    return search.choices();
  }

  /** Where a file comes from and where it went. */
  @GetMapping("/files/{id}")
  StoryView story(@PathVariable long id) {
    return story.of(id);
  }

  /** The file itself, under its name. */
  @GetMapping("/files/{id}/file")
  ResponseEntity<byte[]> file(@PathVariable long id) {
    ShelfFile file = story.require(id);
    return ResponseEntity.ok()
        .contentType(typeOf(file))
        .cacheControl(FOR_GOOD)
        .header(
            HttpHeaders.CONTENT_DISPOSITION,
            ContentDisposition.attachment()
                .filename(file.name(), StandardCharsets.UTF_8)
                .build()
                .toString())
        .body(pictures.file(file));
  }

  /** A browser might run an SVG. */
  private static MediaType typeOf(ShelfFile file) {
    OutputFormat format = OutputFormat.valueOf(file.format());
    return format == OutputFormat.CUT_LINE
        ? MediaType.APPLICATION_OCTET_STREAM
        : MediaType.parseMediaType(format.mediaType());
  }

  @GetMapping("/files/{id}/thumbnail")
  ResponseEntity<byte[]> thumbnail(@PathVariable long id) {
    byte[] small = pictures.thumbnail(story.require(id));
    return ResponseEntity.ok()
        .contentType(Renditions.typeOf(small))
        .cacheControl(FOR_GOOD)
        .body(small);
  }

  /** As a PNG with its transparency, whatever it was delivered as. */
  @GetMapping(path = "/files/{id}/picture.png", produces = MediaType.IMAGE_PNG_VALUE)
  ResponseEntity<byte[]> png(@PathVariable long id) {
    return ResponseEntity.ok().cacheControl(FOR_GOOD).body(pictures.png(story.require(id)));
  }

  @GetMapping("/tidy")
  TidyView tidy() {
    return tidyUp.view();
  }

  /**
   * @param kind of a proposal; left out = the files
   */
  record TidyRequest(String kind, Set<Long> ids) {}

  /** How much room these files would free. Takes nothing away. */
  @PostMapping("/tidy/weigh")
  ProposalView weigh(@RequestBody TidyRequest request) {
    return tidyUp.weigh(request.ids() == null ? Set.of() : request.ids());
  }

  /** Takes files off the shelf; they can be brought back for 30 days. */
  @PostMapping("/tidy")
  DoneView tidy(@RequestBody TidyRequest request) {
    return tidyUp.tidy(request.kind(), request.ids());
  }

  @PostMapping("/tidy/{id}/bring-back")
  TidyView bringBack(@PathVariable long id) {
    tidyUp.bringBack(id);
    return tidyUp.view();
  }
}
