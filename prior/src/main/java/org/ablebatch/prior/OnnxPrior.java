package org.ablebatch.prior;

import ai.onnxruntime.OnnxTensor;
import ai.onnxruntime.OrtEnvironment;
import ai.onnxruntime.OrtException;
import ai.onnxruntime.OrtSession;
import java.nio.FloatBuffer;
import java.util.Map;
import java.util.Set;
import org.ablebatch.core.prior.SubjectPrior;
import org.ablebatch.core.raster.ColorPlanes;
import org.ablebatch.core.raster.Plane;

/**
 * A network in ONNX Runtime: one square picture in, one square of probabilities out. One session on
 * one thread serves all callers; the batch's own workers are the parallelism.
 */
final class OnnxPrior implements SubjectPrior {
  private static final String INPUT = "image";

  private final OrtEnvironment environment = OrtEnvironment.getEnvironment();
  private final OrtSession session;
  private final Letterbox letterbox;
  private final boolean mirrored;
  private final Set<String> answer;

  /**
   * @param mirrored also ask about the mirrored picture and take the mean, for twice the time
   * @param answer name of its output
   * @throws OrtException when this machine cannot run the network
   */
  OnnxPrior(byte[] network, Letterbox letterbox, boolean mirrored, String answer)
      throws OrtException {
    try (OrtSession.SessionOptions options = new OrtSession.SessionOptions()) {
      options.setIntraOpNumThreads(1);
      options.setInterOpNumThreads(1);
      this.session = environment.createSession(network, options);
    }
    this.letterbox = letterbox;
    this.mirrored = mirrored;
    this.answer = Set.of(answer);
  }

  @Override
  public Plane suggest(ColorPlanes linear) {
    float[] entered = letterbox.enter(linear);
    float[] answer = run(entered);
    if (mirrored) {
      float[] other = flip(run(flip(entered)));
      for (int i = 0; i < answer.length; i++) {
        answer[i] = (answer[i] + other[i]) / 2;
      }
    }
    return letterbox.leave(answer, linear.width(), linear.height());
  }

  /**
   * What the network sees before it decides; to be closed.
   *
   * @param planes as the letterbox gives them
   * @param names of its outputs
   */
  OrtSession.Result features(float[] planes, Set<String> names) throws OrtException {
    try (OnnxTensor tensor = tensor(planes)) {
      return session.run(Map.of(INPUT, tensor), names);
    }
  }

  private OnnxTensor tensor(float[] planes) throws OrtException {
    int side = letterbox.side();
    return OnnxTensor.createTensor(
        environment, FloatBuffer.wrap(planes), new long[] {1, 3, side, side});
  }

  private float[] run(float[] planes) {
    int side = letterbox.side();
    try (OnnxTensor tensor = tensor(planes);
        OrtSession.Result result = session.run(Map.of(INPUT, tensor), answer)) {
      float[] out = new float[side * side];
      ((OnnxTensor) result.get(0)).getFloatBuffer().get(out);
      return out;
    } catch (OrtException e) {
      throw new IllegalStateException("the learned prior failed", e);
    }
  }

  /** Left and right exchanged in every plane. */
  private float[] flip(float[] planes) {
    int side = letterbox.side();
    float[] out = new float[planes.length];
    for (int row = 0; row < planes.length / side; row++) {
      for (int x = 0; x < side; x++) {
        out[row * side + x] = planes[row * side + side - 1 - x];
      }
    }
    return out;
  }
}
