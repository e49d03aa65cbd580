package org.ablebatch.prior;

import ai.onnxruntime.OrtEnvironment;
import ai.onnxruntime.OrtException;
import ai.onnxruntime.OrtSession;

/** How networks are run in ONNX Runtime. */
final class Sessions {
  /**
   * Processors without VNNI add pairs of products in sixteen bits and cut off what is larger, if
   * they are not told to multiply otherwise; with it every processor comes to the same sums.
   */
  private static final String EXACT_SUMS = "session.x64quantprecision";

  private Sessions() {}

  /**
   * On one thread: the batch's own workers are the parallelism.
   *
   * @throws OrtException when this machine cannot run the network
   */
  static OrtSession of(byte[] network) throws OrtException {
    try (OrtSession.SessionOptions options = new OrtSession.SessionOptions()) {
      options.setIntraOpNumThreads(1);
      options.setInterOpNumThreads(1);
      options.addConfigEntry(EXACT_SUMS, "1");
      return OrtEnvironment.getEnvironment().createSession(network, options);
    }
  }
}
