package org.ablebatch.prior;

import ai.onnxruntime.OnnxTensor;
import ai.onnxruntime.OrtEnvironment;
import ai.onnxruntime.OrtException;
import ai.onnxruntime.OrtSession;
import java.nio.FloatBuffer;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.ablebatch.core.prior.SubjectPrior;
import org.ablebatch.core.raster.ColorPlanes;
import org.ablebatch.core.raster.Plane;

/**
 * A network in ONNX Runtime: one square picture in, one square of probabilities out. It may look at
 * a picture several times, at several sizes or at its mirror image: large it sees what is fine, and
 * small what belongs together. One session on one thread serves all callers; the batch's own
 * workers are the parallelism.
 */
final class OnnxPrior implements SubjectPrior {
  private static final String INPUT = "image";

  /** Surer than that one look alone may not be, when several are weighed. */
  private static final float SUREST = 1e-4f;

  /** One look at a picture. */
  record Look(Letterbox letterbox, boolean mirrored) {}

  private final OrtEnvironment environment = OrtEnvironment.getEnvironment();
  private final OrtSession session;
  private final List<Look> looks;
  private final Set<String> answer;

  /**
   * @param looks whose log odds are averaged
   * @param answer name of its output
   * @throws OrtException when this machine cannot run the network
   */
  OnnxPrior(byte[] network, List<Look> looks, String answer) throws OrtException {
    this.session = Sessions.of(network);
    this.looks = looks;
    this.answer = Set.of(answer);
  }

  @Override
  public Plane suggest(ColorPlanes linear) {
    ColorPlanes display = Letterbox.display(linear);
    if (looks.size() == 1) {
      Look only = looks.get(0);
      float[] planes = only.letterbox().enter(display);
      return only.letterbox().leave(answer(only, planes), linear.width(), linear.height());
    }
    Plane out = new Plane(linear.width(), linear.height());
    float[] sum = out.values();
    Map<Letterbox, float[]> entered = new HashMap<>();
    for (Look one : looks) {
      float[] planes = entered.computeIfAbsent(one.letterbox(), box -> box.enter(display));
      float[] odds = logOdds(answer(one, planes));
      float[] there = one.letterbox().leave(odds, out.width(), out.height()).values();
      for (int i = 0; i < sum.length; i++) {
        sum[i] += there[i] / looks.size();
      }
    }
    for (int i = 0; i < sum.length; i++) {
      sum[i] = (float) (1 / (1 + Math.exp(-sum[i])));
    }
    return out;
  }

  private static float[] logOdds(float[] says) {
    float[] out = new float[says.length];
    for (int i = 0; i < out.length; i++) {
      float p = Math.max(SUREST, Math.min(1 - SUREST, says[i]));
      out[i] = (float) Math.log(p / (1 - p));
    }
    return out;
  }

  private float[] answer(Look one, float[] planes) {
    int side = one.letterbox().side();
    return one.mirrored() ? flip(run(flip(planes, side), side), side) : run(planes, side);
  }

  /**
   * What the network sees before it decides; to be closed.
   *
   * @param planes as the letterbox gives them
   * @param side pixels of its square
   * @param names of its outputs
   */
  OrtSession.Result features(float[] planes, int side, Set<String> names) throws OrtException {
    try (OnnxTensor tensor = tensor(planes, side)) {
      return session.run(Map.of(INPUT, tensor), names);
    }
  }

  private OnnxTensor tensor(float[] planes, int side) throws OrtException {
    return OnnxTensor.createTensor(
        environment, FloatBuffer.wrap(planes), new long[] {1, 3, side, side});
  }

  private float[] run(float[] planes, int side) {
    try (OnnxTensor tensor = tensor(planes, side);
        OrtSession.Result result = session.run(Map.of(INPUT, tensor), answer)) {
      float[] out = new float[side * side];
      ((OnnxTensor) result.get(0)).getFloatBuffer().get(out);
      return out;
    } catch (OrtException e) {
      throw new IllegalStateException("the learned prior failed", e);
    }
  }

  /** Left and right exchanged in every plane. */
  private static float[] flip(float[] planes, int side) {
    float[] out = new float[planes.length];
    for (int row = 0; row < planes.length / side; row++) {
      for (int x = 0; x < side; x++) {
        out[row * side + x] = planes[row * side + side - 1 - x];
      }
    }
    return out;
  }
}
