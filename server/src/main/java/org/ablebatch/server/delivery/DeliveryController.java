package org.ablebatch.server.delivery;

import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Set;
import org.ablebatch.codec.deliver.ContactSheet;
import org.ablebatch.codec.spec.SpecEntry;
import org.ablebatch.server.batch.BatchService;
import org.ablebatch.server.delivery.DeliveryViews.DeliveryView;
import org.ablebatch.server.delivery.DeliveryViews.Manifest;
import org.ablebatch.server.delivery.DeliveryViews.PreflightView;
import org.ablebatch.server.problem.BadInput;
import org.ablebatch.server.storage.InParts;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.servlet.mvc.method.annotation.StreamingResponseBody;

@RestController
@RequestMapping("/api/v1")
class DeliveryController {
  private final DeliveryService deliveries;
  private final DeliveryPackage packages;
  private final ContactSheets sheets;
  private final FolderDelivery folders;
  private final DeliveryZip zips;
  private final Weights weights;
  private final BatchService batches;
  private final TicketSpecs ticket;

  DeliveryController(
      DeliveryService deliveries,
      DeliveryPackage packages,
      ContactSheets sheets,
      FolderDelivery folders,
      DeliveryZip zips,
      Weights weights,
      BatchService batches,
      TicketSpecs ticket) {
    this.deliveries = deliveries;
    this.packages = packages;
    this.sheets = sheets;
    this.folders = folders;
    this.zips = zips;
    this.weights = weights;
    this.batches = batches;
    this.ticket = ticket;
  }

  /**
   * @param specs left out = those on the ticket
   * @param leaveOut files that are not made; left out = all are made
   * @param pictures the only ones that are delivered; left out = all that are passed. The next
   *     delivery is not compared with one of some pictures
   */
  record DeliveryRequest(List<SpecEntry> specs, Set<LeftOut> leaveOut, Set<Long> pictures) {}

  record Queued(long id) {}

  private List<SpecEntry> specs(long batchId, DeliveryRequest request) {
    return request.specs() == null ? ticket.of(batchId) : request.specs();
  }

  /** What would be made, and what would be lost on the way. Makes nothing. */
  @PostMapping("/batches/{id}/preflight")
  PreflightView preflight(@PathVariable long id, @RequestBody DeliveryRequest request) {
    List<SpecEntry> specs = specs(id, request);
    // A ticket without specs is a plan of nothing; specs that were sent have to be some.
    return request.specs() == null && specs.isEmpty()
        ? deliveries.preflightOfNone(id)
        : deliveries.preflight(id, specs);
  }

  /** What the files would weigh; asking again brings more until it is complete. */
  @PostMapping("/batches/{id}/weights")
  Weights.View weights(@PathVariable long id, @RequestBody DeliveryRequest request) {
    return weights.of(id, specs(id, request));
  }

  /**
   * What is passed, on paper for whoever has to say yes to it.
   *
   * @param perPage pictures on a page
   */
  @GetMapping(path = "/batches/{id}/contact-sheet.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
  ResponseEntity<byte[]> contactSheet(
      @PathVariable long id, @RequestParam(defaultValue = "12") int perPage) {
    if (perPage < ContactSheet.FEWEST || perPage > ContactSheet.MOST) {
      throw BadInput.expected("perPage", ContactSheet.FEWEST + " to " + ContactSheet.MOST, perPage);
    }
    String name = batches.require(id).name() + ", contact sheet.pdf";
    return ResponseEntity.ok()
        .header(HttpHeaders.CONTENT_DISPOSITION, attachment(name))
        .body(sheets.of(id, perPage));
  }

  private static String attachment(String name) {
    return ContentDisposition.attachment()
        .filename(name, StandardCharsets.UTF_8)
        .build()
        .toString();
  }

  @PostMapping("/batches/{id}/deliveries")
  @ResponseStatus(HttpStatus.ACCEPTED)
  Queued deliver(@PathVariable long id, @RequestBody DeliveryRequest request) {
    return new Queued(
        deliveries.deliver(
            id,
            specs(id, request),
            request.leaveOut() == null ? Set.of() : request.leaveOut(),
            request.pictures()));
  }

  @GetMapping("/batches/{id}/deliveries")
  List<DeliveryView> list(@PathVariable long id) {
    return deliveries.viewAll(id);
  }

  @GetMapping("/deliveries/{id}")
  DeliveryView get(@PathVariable long id) {
    return deliveries.view(id);
  }

  /** What is being made is finished; nothing more is begun until it goes on. */
  @PostMapping("/deliveries/{id}/pause")
  DeliveryView pause(@PathVariable long id) {
    deliveries.pause(id);
    return deliveries.view(id);
  }

  @PostMapping("/deliveries/{id}/go-on")
  DeliveryView goOn(@PathVariable long id) {
    deliveries.goOn(id);
    return deliveries.view(id);
  }

  /** Makes what was tidied away of it once more, exactly as it was. */
  @PostMapping("/deliveries/{id}/again")
  @ResponseStatus(HttpStatus.ACCEPTED)
  DeliveryView again(@PathVariable long id) {
    deliveries.makeAgain(id);
    return deliveries.view(id);
  }

  /**
   * @param folder below the one that is set up for deliveries
   * @param whenThere keep-both, replace (the old one goes into {@code replaced/}) or skip
   */
  record FolderRequest(String folder, String whenThere, boolean onlyChanged) {}

  /** Writes the files into a folder of the server, each one whole or not at all. */
  @PostMapping("/deliveries/{id}/to-folder")
  FolderDelivery.View toFolder(@PathVariable long id, @RequestBody FolderRequest request) {
    return folders.write(
        id, request.folder(), WhenThere.of(request.whenThere()), request.onlyChanged());
  }

  record DeliverTo(boolean folder) {}

  /** Where this server may deliver to. */
  @GetMapping("/deliver-to")
  DeliverTo deliverTo() {
    return new DeliverTo(folders.isAllowed());
  }

  @GetMapping("/deliveries/{id}/manifest.json")
  Manifest manifest(@PathVariable long id) {
    return packages.manifest(id);
  }

  /** The files with their manifests; a download that broke off goes on where it was. */
  @GetMapping(path = "/deliveries/{id}/files.zip", produces = "application/zip")
  ResponseEntity<StreamingResponseBody> zip(
      @PathVariable long id,
      @RequestParam(defaultValue = "false") boolean onlyChanged,
      @RequestHeader(name = HttpHeaders.RANGE, required = false) String range,
      @RequestHeader(name = HttpHeaders.IF_RANGE, required = false) String ifRange) {
    DeliveryZip.Packed packed = zips.of(id, onlyChanged);
    String name = batches.require(deliveries.view(id).batchId()).name() + ", delivery " + id;
    HttpHeaders headers = new HttpHeaders();
    headers.set(HttpHeaders.CONTENT_DISPOSITION, attachment(name + ".zip"));
    return InParts.answer(
        new InParts.Asked(range, ifRange),
        packed.zip().length(),
        packed.tag(),
        headers,
        packed.zip()::write);
  }
}
