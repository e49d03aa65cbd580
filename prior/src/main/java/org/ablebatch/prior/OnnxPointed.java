package org.ablebatch.prior;

import ai.onnxruntime.OnnxTensor;
import ai.onnxruntime.OnnxTensorLike;
import ai.onnxruntime.OrtEnvironment;
import ai.onnxruntime.OrtException;
import ai.onnxruntime.OrtSession;
import java.nio.FloatBuffer;
import java.util.Arrays;
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
    try (OrtSession.SessionOptions options = new OrtSession.SessionOptions()) {
      options.setIntraOpNumThreads(1);
      options.setInterOpNumThreads(1);
      this.decoder = environment.createSession(decoder, options);
    }
    this.seeing = seeing;
    this.letterbox = letterbox;
    this.features = new HashSet<>(this.decoder.getInputNames());
    this.features.remove(MARKS);
  }

  /**
   * What was looked at last: while somebody draws, the same part is asked about again and again.
   *
   * @param planes that the network was given
   */
  private record Seen(float[] planes, OrtSession.Result features) {}

  private Seen last;

  @Override
  public synchronized Plane answer(
      ColorPlanes linear, Plane subject, Plane backdrop, Plane cutout) {
    int side = letterbox.side();
    FloatBuffer planes = FloatBuffer.allocate(3 * side * side);
    planes.put(letterbox.enter(subject, ANY));
    planes.put(letterbox.enter(backdrop, ANY));
    planes.put(letterbox.enter(cutout, HALF)).rewind();
    try (OnnxTensor marks =
        OnnxTensor.createTensor(environment, planes, new long[] {1, 3, side, side})) {
      Map<String, OnnxTensorLike> in = new HashMap<>();
      seen(letterbox.enter(linear))
          .forEach(one -> in.put(one.getKey(), (OnnxTensor) one.getValue()));
      in.put(MARKS, marks);
      try (OrtSession.Result result = decoder.run(in)) {
        float[] out = new float[side * side];
        ((OnnxTensor) result.get(0)).getFloatBuffer().get(out);
        return letterbox.leave(out, linear.width(), linear.height());
      }
    } catch (OrtException e) {
      throw new IllegalStateException("the pointed prior failed", e);
    }
  }

  private OrtSession.Result seen(float[] planes) throws OrtException {
    if (last == null || !Arrays.equals(last.planes(), planes)) {
      OrtSession.Result now = seeing.features(planes, features);
      if (last != null) {
        last.features().close();
      }
      last = new Seen(planes, now);
    }
    return last.features();
  }
}
