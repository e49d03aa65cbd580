package org.ablebatch.server.touchup;

import io.swagger.v3.oas.annotations.media.Schema;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import org.ablebatch.codec.write.PictureWriter;
import org.ablebatch.core.mend.NothingThere;
import org.ablebatch.core.raster.Picture;
import org.ablebatch.core.raster.Rect;
import org.ablebatch.core.stroke.StrokePoint;
import org.ablebatch.server.bench.Bench;
import org.ablebatch.server.bench.Benches;
import org.ablebatch.server.editing.EditData;
import org.ablebatch.server.editing.EditReading;
import org.ablebatch.server.picture.FindingView;
import org.ablebatch.server.problem.Conflict;
import org.springframework.http.CacheControl;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/**
 * What lies on the bench, tile by tile: level 0 is full size, every further one half of it. Pixels
 * are bytes of red, green, blue and coverage in turn, row by row, not premultiplied, so that the
 * browser's brush starts from the very values that the server has.
 */
@RestController
@RequestMapping("/api/v1/pictures/{id}/bench")
class BenchController {
  static final int TILE_PX = 512;
  private static final int LOOK_PX = 96;
  private static final String STATE = "X-State";
  private static final CacheControl FOR_GOOD =
      CacheControl.maxAge(Duration.ofDays(1)).cachePrivate().immutable();

  private final TouchUpService touchUp;
  private final Benches benches;

  BenchController(TouchUpService touchUp, Benches benches) {
    this.touchUp = touchUp;
    this.benches = benches;
  }

  /**
   * An edit that is only being tried, and where it is looked at.
   *
   * @param base the cutout that is on the bench
   * @param x in pixels of the level
   */
  record Trial(EditData edit, long base, int level, int x, int y, int width, int height) {}

  /**
   * @param area what would change sides; null = nothing, or the surroundings only
   */
  @Schema(name = "Thing")
  record Thing(EditData.AreaData area) {}

  @GetMapping("/{base}/photograph/{level}/{column}/{row}")
  ResponseEntity<byte[]> photograph(
      @PathVariable long id,
      @PathVariable long base,
      @PathVariable int level,
      @PathVariable int column,
      @PathVariable int row) {
    Bench bench = bench(id, base, null);
    return bytes(bench.photograph(level, tile(column, row)), bench.state(), true);
  }

  /**
   * @param state the state that is wanted; the answer's header says which it is
   */
  @GetMapping("/{base}/cutout/{level}/{column}/{row}")
  ResponseEntity<byte[]> cutout(
      @PathVariable long id,
      @PathVariable long base,
      @PathVariable int level,
      @PathVariable int column,
      @PathVariable int row,
      @RequestParam String state) {
    Bench bench = bench(id, base, state);
    synchronized (bench) {
      boolean asked = bench.state().equals(state);
      return bytes(bench.cutout(level, tile(column, row)), bench.state(), asked);
    }
  }

  /** A laid bench is taken as it is; only without one, or in another state, the list is read. */
  private Bench bench(long photoId, long base, String state) {
    Bench known = benches.known(base);
    boolean enough = known != null && (state == null || known.state().equals(state));
    return enough ? known : touchUp.bench(photoId);
  }

  private static Rect tile(int column, int row) {
    return new Rect(column * TILE_PX, row * TILE_PX, TILE_PX, TILE_PX);
  }

  /**
   * A small picture of a part, on grey.
   *
   * @param edit only makes the address unique
   */
  @GetMapping(path = "/{base}/look.png", produces = MediaType.IMAGE_PNG_VALUE)
  ResponseEntity<byte[]> look(
      @PathVariable long id,
      @PathVariable long base,
      @RequestParam int x,
      @RequestParam int y,
      @RequestParam int width,
      @RequestParam int height,
      @RequestParam(required = false) Long edit) {
    Bench bench = bench(id, base, null);
    Picture small = bench.look(new Rect(x, y, width, height), LOOK_PX);
    return ResponseEntity.ok()
        .contentType(MediaType.IMAGE_PNG)
        .cacheControl(edit == null ? CacheControl.noStore() : FOR_GOOD)
        .body(PictureWriter.quickPng(small));
  }

  /** How a part would look after one more edit. */
  @PostMapping("/preview")
  ResponseEntity<byte[]> preview(@PathVariable long id, @RequestBody Trial trial) {
    Bench bench = bench(id, trial.base(), null);
    try {
      Picture seen =
          bench.preview(
              EditReading.edit(trial.edit()),
              trial.level(),
              new Rect(trial.x(), trial.y(), trial.width(), trial.height()));
      return bytes(seen, bench.state(), false);
    } catch (NothingThere e) {
      throw new Conflict(e.getMessage() + ".");
    }
  }

  /** Looks at the picture as it lies there, so that the next hint is answered sooner. */
  @PostMapping("/ready-for-hints")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void readyForHints(@PathVariable long id) {
    touchUp.getReadyForHints(id);
  }

  /** What a hint would change, while it is drawn; null where it speaks for its surroundings. */
  @PostMapping("/thing")
  Thing thing(@PathVariable long id, @RequestBody EditData hint) {
    return new Thing(touchUp.thing(id, hint).orElse(null));
  }

  /** A line along the photograph's edges, x and y in turn. */
  @GetMapping("/edge-path")
  List<Double> edgePath(
      @PathVariable long id,
      @RequestParam double fromX,
      @RequestParam double fromY,
      @RequestParam double toX,
      @RequestParam double toY) {
    List<Double> line = new ArrayList<>();
    for (StrokePoint p :
        touchUp.bench(id).edgeBetween(new StrokePoint(fromX, fromY), new StrokePoint(toX, toY))) {
      line.add(p.x());
      line.add(p.y());
    }
    return line;
  }

  /** Looks the cutout over as it is now; nothing is kept. What a hint has said is no fault. */
  @GetMapping("/findings")
  List<FindingView> findings(@PathVariable long id) {
    return touchUp.findings(id).stream().map(FindingView::of).toList();
  }

  private static ResponseEntity<byte[]> bytes(Picture picture, String state, boolean forGood) {
    byte[] out = new byte[4 * picture.argb().length];
    for (int i = 0; i < picture.argb().length; i++) {
      int argb = picture.argb()[i];
      out[4 * i] = (byte) (argb >> 16);
      out[4 * i + 1] = (byte) (argb >> 8);
      out[4 * i + 2] = (byte) argb;
      out[4 * i + 3] = (byte) (argb >>> 24);
    }
    return ResponseEntity.ok()
        .contentType(MediaType.APPLICATION_OCTET_STREAM)
        .cacheControl(forGood ? FOR_GOOD : CacheControl.noStore())
        .header(STATE, state)
        .body(out);
  }
}
