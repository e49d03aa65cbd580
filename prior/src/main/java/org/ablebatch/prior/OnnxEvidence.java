package org.ablebatch.prior;

import ai.onnxruntime.OnnxTensor;
import ai.onnxruntime.OrtEnvironment;
import ai.onnxruntime.OrtException;
import ai.onnxruntime.OrtSession;
import java.nio.FloatBuffer;
import java.util.List;
import java.util.Map;
import org.ablebatch.core.prior.EvidenceNetwork;
import org.ablebatch.core.raster.Plane;

/** A network in ONNX Runtime that weighs evidence, at whatever size it comes in. */
final class OnnxEvidence implements EvidenceNetwork {
  private static final String INPUT = "evidence";

  /** The network halves its planes four times. */
  private static final int STEP = 16;

  private final OrtEnvironment environment = OrtEnvironment.getEnvironment();
  private final OrtSession session;

  /**
   * @throws OrtException when this machine cannot run the network
   */
  OnnxEvidence(byte[] network) throws OrtException {
    this.session = Sessions.of(network);
  }

  @Override
  public Plane weigh(List<Plane> evidence) {
    int width = evidence.get(0).width();
    int height = evidence.get(0).height();
    int w = (width + STEP - 1) / STEP * STEP;
    int h = (height + STEP - 1) / STEP * STEP;
    float[] in = new float[evidence.size() * w * h];
    for (int k = 0; k < evidence.size(); k++) {
      pad(evidence.get(k), in, k * w * h, w, h);
    }
    try (OnnxTensor tensor =
            OnnxTensor.createTensor(
                environment, FloatBuffer.wrap(in), new long[] {1, evidence.size(), h, w});
        OrtSession.Result result = session.run(Map.of(INPUT, tensor))) {
      float[] answer = new float[w * h];
      ((OnnxTensor) result.get(0)).getFloatBuffer().get(answer);
      float[] out = new float[width * height];
      for (int y = 0; y < height; y++) {
        System.arraycopy(answer, y * w, out, y * width, width);
      }
      return new Plane(width, height, out);
    } catch (OrtException e) {
      throw new IllegalStateException("the learned weights failed", e);
    }
  }

  /** The last column and row go on to the right and below. */
  private static void pad(Plane plane, float[] to, int start, int w, int h) {
    for (int y = 0; y < h; y++) {
      int row = Math.min(y, plane.height() - 1) * plane.width();
      for (int x = 0; x < w; x++) {
        to[start + y * w + x] = plane.values()[row + Math.min(x, plane.width() - 1)];
      }
    }
  }
}
