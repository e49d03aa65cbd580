package org.ablebatch.prior;

import ai.onnxruntime.OnnxTensor;
import ai.onnxruntime.OnnxTensorLike;
import ai.onnxruntime.OrtEnvironment;
import ai.onnxruntime.OrtException;
import ai.onnxruntime.OrtSession;
import java.nio.FloatBuffer;
import java.util.ArrayDeque;
import java.util.Arrays;
import java.util.Deque;
import java.util.HashMap;
import java.util.HashSet;
import java.util.Map;
import java.util.Set;
import org.ablebatch.core.prior.PointedPrior;
import org.ablebatch.core.raster.ColorPlanes;
import org.ablebatch.core.raster.Plane;

/** A second decoder on what the subject prior sees, which hears marks. */
final class OnnxPointed implements PointedPrior {
  private static final String MARKS = "marks";

  /** A mark counts however little of a cell it fills; a cutout where it fills half. */
  private static final float ANY = 1e-4f;

  private static final float HALF = 0.5f;

  /** A picture whole, the part around its cutout, and the last square around a small place. */
  private static final int REMEMBERED = 3;

  private final OrtEnvironment environment = OrtEnvironment.getEnvironment();
  private final OnnxPrior seeing;
  private final OrtSession decoder;
  private final Letterbox letterbox;
  private final Set<String> features;

  /**
   * @param seeing the network whose features the decoder takes
   * @throws OrtException when this machine cannot run the network
   */
  OnnxPointed(OnnxPrior seeing, byte[] decoder, Letterbox letterbox) throws OrtException {
    this.decoder = Sessions.of(decoder);
    this.seeing = seeing;
    this.letterbox = letterbox;
    this.features = new HashSet<>(this.decoder.getInputNames());
    this.features.remove(MARKS);
  }

  /**
   * What was looked at lately: while somebody draws, the same part is asked about again and again.
   *
   * @param planes that the network was given
   */
  private record Seen(float[] planes, OrtSession.Result features) {}

  private final Deque<Seen> lately = new ArrayDeque<>();

  @Override
  public View look(ColorPlanes linear, Plane cutout) {
    float[] planes = letterbox.enter(Letterbox.display(linear));
    float[] kept = letterbox.enter(cutout, HALF);
    try {
      see(planes);
    } catch (OrtException e) {
      throw failed(e);
    }
    return (subject, backdrop) ->
        letterbox.leave(answer(planes, kept, subject, backdrop), linear.width(), linear.height());
  }

  private synchronized float[] answer(float[] planes, float[] kept, Plane subject, Plane backdrop) {
    int side = letterbox.side();
    FloatBuffer said = FloatBuffer.allocate(3 * side * side);
    said.put(letterbox.enter(subject, ANY));
    said.put(letterbox.enter(backdrop, ANY));
    said.put(kept).rewind();
    try (OnnxTensor marks =
        OnnxTensor.createTensor(environment, said, new long[] {1, 3, side, side})) {
      Map<String, OnnxTensorLike> in = new HashMap<>();
      see(planes).forEach(one -> in.put(one.getKey(), (OnnxTensor) one.getValue()));
      in.put(MARKS, marks);
      try (OrtSession.Result result = decoder.run(in)) {
        float[] out = new float[side * side];
        ((OnnxTensor) result.get(0)).getFloatBuffer().get(out);
        return out;
      }
    } catch (OrtException e) {
      throw failed(e);
    }
  }

  private static IllegalStateException failed(OrtException e) {
    return new IllegalStateException("the pointed prior failed", e);
  }

  private synchronized OrtSession.Result see(float[] planes) throws OrtException {
    for (Seen one : lately) {
      if (Arrays.equals(one.planes(), planes)) {
        // Squares come and go; what is around the cutout is asked about every time.
        lately.remove(one);
        lately.addFirst(one);
        return one.features();
      }
    }
    Seen now = new Seen(planes, seeing.features(planes, letterbox.side(), features));
    lately.addFirst(now);
    if (lately.size() > REMEMBERED) {
      lately.removeLast().features().close();
    }
    return now.features();
  }
}
