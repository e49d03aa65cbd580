package org.ablebatch.bench.load;

import java.io.IOException;
import java.util.Arrays;
import java.util.Locale;
import java.util.UUID;

/** How long a person waits for the requests that hold a hand still; milliseconds. */
final class Latency {
  private static final String STROKE =
      """
      {"clientKey": "%s", "edit": {"mode": "erase", "sizePx": 40, "softness": 0.5, "strength": 1,
      "points": [%d, 100, %d, 140]}}
      """;

  /** Measured one after the other. */
  record Result(double[] stroke, double[] preview, double[] page) {
    String row(String when) {
      return String.format(
          Locale.ROOT, "| %s | %s | %s | %s |", when, words(stroke), words(preview), words(page));
    }

    private static String words(double[] sorted) {
      return String.format(
          Locale.ROOT,
          "%.0f / %.0f ms",
          sorted[sorted.length / 2],
          sorted[(int) (0.99 * (sorted.length - 1))]);
    }
  }

  private Latency() {}

  /**
   * @param picture in touch-up, with a cutout
   */
  static Result measure(LoadClient client, long batch, long picture, int times)
      throws IOException, InterruptedException {
    double[] stroke = new double[times];
    double[] preview = new double[times];
    double[] page = new double[times];
    String of = "/api/v1/pictures/" + picture;
    long look = client.get("/api/v1/batches/" + batch).get("look").get("versionId").asLong();
    for (int i = 0; i < times; i++) {
      String body = STROKE.formatted(UUID.randomUUID(), 100 + i, 160 + i);
      stroke[i] = millis(() -> client.send("POST", of + "/edits", body));
      int width = 600 + i;
      preview[i] =
          millis(
              () ->
                  client.bytes(
                      of
                          + "/dressed.png?backdrop=%23E9E0CE&marginPercent=8&height=600&look="
                          + look
                          + "&width="
                          + width));
      page[i] =
          millis(() -> client.bytes("/api/v1/batches/" + batch + "/pictures?size=100&page=1"));
      Thread.sleep(60);
    }
    for (double[] all : new double[][] {stroke, preview, page}) {
      Arrays.sort(all);
    }
    return new Result(stroke, preview, page);
  }

  private interface Request {
    void send() throws IOException;
  }

  private static double millis(Request request) throws IOException {
    long began = System.nanoTime();
    request.send();
    return (System.nanoTime() - began) / 1e6;
  }
}
