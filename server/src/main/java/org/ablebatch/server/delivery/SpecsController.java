package org.ablebatch.server.delivery;

import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.nio.charset.StandardCharsets;
import java.util.List;
import org.ablebatch.codec.spec.SpecEntry;
import org.ablebatch.codec.spec.SpecFile;
import org.ablebatch.codec.spec.WordsEntry;
import org.ablebatch.codec.write.PictureWriter;
import org.ablebatch.core.cutline.CutLine;
import org.ablebatch.core.cutline.Outline;
import org.ablebatch.core.deliver.Encoding;
import org.ablebatch.core.deliver.Spec;
import org.ablebatch.core.look.Look;
import org.ablebatch.server.batch.BatchService;
import org.ablebatch.server.dressing.DressingService;
import org.ablebatch.server.picture.PendingEdits;
import org.ablebatch.server.picture.PhotoRow;
import org.ablebatch.server.picture.PhotoService;
import org.ablebatch.server.problem.BadInput;
import org.ablebatch.server.problem.Conflict;
import org.springframework.http.CacheControl;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Specs: those on a ticket, those that ship, those in files, and how one will look. */
@RestController
@RequestMapping("/api/v1")
class SpecsController {
  private static final int LARGEST_PREVIEW_PX = 1600;

  private final TicketSpecs ticket;
  private final TicketWords words;
  private final BatchService batches;
  private final PhotoService photos;
  private final DressingService dressing;
  private final PendingEdits pendingEdits;

  SpecsController(
      TicketSpecs ticket,
      TicketWords words,
      BatchService batches,
      PhotoService photos,
      DressingService dressing,
      PendingEdits pendingEdits) {
    this.ticket = ticket;
    this.words = words;
    this.batches = batches;
    this.photos = photos;
    this.dressing = dressing;
    this.pendingEdits = pendingEdits;
  }

  record Specs(List<SpecEntry> specs) {}

  /** The specs on the ticket. */
  @GetMapping("/batches/{id}/specs")
  List<SpecEntry> specs(@PathVariable long id) {
    return ticket.of(id);
  }

  /** Writes the specs on the ticket; an empty list takes them off. */
  @PutMapping("/batches/{id}/specs")
  List<SpecEntry> setSpecs(@PathVariable long id, @RequestBody Specs request) {
    ticket.set(id, request.specs());
    return ticket.of(id);
  }

  /** What delivered files say of themselves. */
  @GetMapping("/batches/{id}/file-words")
  WordsEntry words(@PathVariable long id) {
    return words.of(id);
  }

  @PutMapping("/batches/{id}/file-words")
  WordsEntry setWords(@PathVariable long id, @RequestBody WordsEntry request) {
    words.set(id, request);
    return words.of(id);
  }

  /** The specs on the ticket as a file, as docs/spec-file.md describes it. */
  @GetMapping(path = "/batches/{id}/specs.json", produces = MediaType.APPLICATION_JSON_VALUE)
  ResponseEntity<byte[]> file(@PathVariable long id) {
    List<SpecEntry> specs = ticket.of(id);
    if (specs.isEmpty()) {
      throw new Conflict("There are no specs on this ticket yet; add one first.");
    }
    String name = batches.require(id).name() + ", specs.json";
    return ResponseEntity.ok()
        .header(
            HttpHeaders.CONTENT_DISPOSITION,
            ContentDisposition.attachment()
                .filename(name, StandardCharsets.UTF_8)
                .build()
                .toString())
        .body(new SpecFile(specs).bytes());
  }

  /** What a file of specs holds; nothing is kept. */
  @PostMapping(path = "/specs/read", consumes = MediaType.APPLICATION_OCTET_STREAM_VALUE)
  List<SpecEntry> read(@RequestBody byte[] file) {
    return SpecFile.read(file).specs();
  }

  /** The specs that ship. */
  @GetMapping("/specs/common")
  List<SpecEntry> common() {
    return SpecFile.shipped().specs();
  }

  /**
   * A spec that is looked at.
   *
   * @param longestPx of the preview's sides, at most
   */
  record SpecTrial(@NotNull SpecEntry spec, int longestPx) {}

  private static void requireSize(SpecTrial trial) {
    if (trial.longestPx() < 1 || trial.longestPx() > LARGEST_PREVIEW_PX) {
      throw BadInput.expected("longestPx", "1 to " + LARGEST_PREVIEW_PX + " px", trial.longestPx());
    }
  }

  /** What a picture's file under a spec will show. */
  @PostMapping(path = "/pictures/{id}/spec-preview.png", produces = MediaType.IMAGE_PNG_VALUE)
  ResponseEntity<byte[]> preview(@PathVariable long id, @Valid @RequestBody SpecTrial trial) {
    requireSize(trial);
    pendingEdits.render(id);
    PhotoRow row = photos.row(id);
    byte[] png =
        PictureWriter.quickPng(
            dressing.preview(
                row,
                trial.spec().toSpec(),
                batches.require(row.photo().batchId()).look(),
                trial.longestPx()));
    return ResponseEntity.ok().cacheControl(CacheControl.noStore()).body(png);
  }

  /**
   * What a cut line will cut, traced at the size of the screen.
   *
   * @param holes that are cut
   * @param joined small parts that get a bridge
   * @param dropped small parts that are left out
   * @param filled holes that are not cut
   */
  @Schema(name = "CutLineCounts")
  record CutLineView(int parts, long holes, int joined, int dropped, int filled) {}

  @PostMapping("/pictures/{id}/cut-line")
  CutLineView cutLine(@PathVariable long id, @Valid @RequestBody SpecTrial trial) {
    requireSize(trial);
    Spec spec = trial.spec().toSpec();
    if (!(spec.encoding() instanceof Encoding.CutLine)) {
      throw BadInput.expected("format", "CUT_LINE", trial.spec().format());
    }
    pendingEdits.render(id);
    PhotoRow row = photos.row(id);
    Look look = batches.require(row.photo().batchId()).look();
    CutLine line = dressing.cutLine(row, spec, look, trial.longestPx()).line();
    return new CutLineView(
        line.parts(),
        line.outlines().stream().filter(Outline::hole).count(),
        line.joined(),
        line.dropped(),
        line.filled());
  }
}
