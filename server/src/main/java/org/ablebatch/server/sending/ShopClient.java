package org.ablebatch.server.sending;

import java.io.IOException;
import java.net.ConnectException;
import java.net.URLEncoder;
import java.net.http.HttpClient;
import java.net.http.HttpConnectTimeoutException;
import java.net.http.HttpRequest;
import java.net.http.HttpRequest.BodyPublishers;
import java.net.http.HttpResponse;
import java.net.http.HttpResponse.BodyHandlers;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.util.Base64;
import java.util.HexFormat;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.CompletionException;
import org.ablebatch.core.send.Reply;
import org.ablebatch.server.delivery.FinishedFile;
import org.springframework.stereotype.Component;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Speaks to the shop: one file a request, with a key under which it counts once. */
@Component
class ShopClient {
  private static final Duration PATIENCE = Duration.ofSeconds(90);
  private static final Duration CONNECT_PATIENCE = Duration.ofSeconds(10);
  private static final int LONGEST_SENTENCE = 300;

  private final SendingSettings settings;
  private final JsonMapper json;
  private final HttpClient client =
      HttpClient.newBuilder().connectTimeout(CONNECT_PATIENCE).build();

  ShopClient(SendingSettings settings, JsonMapper json) {
    this.settings = settings;
    this.json = json;
  }

  /**
   * What came of a try.
   *
   * @param silent the shop could not be reached at all
   * @param sentence why it is not there; null where it is
   * @param atLeast that it asked to be waited for
   */
  record Tried(Reply reply, boolean silent, String sentence, Duration atLeast) {}

  /**
   * @param type of the bytes
   */
  CompletableFuture<Tried> send(FinishedFile file, String type, String key, byte[] bytes) {
    String name = URLEncoder.encode(file.name(), StandardCharsets.UTF_8).replace("+", "%20");
    byte[] sha256 = HexFormat.of().parseHex(file.blobId());
    HttpRequest request =
        HttpRequest.newBuilder(settings.addressOf(name))
            .timeout(PATIENCE)
            .header("Content-Type", type)
            .header("Idempotency-Key", key)
            // RFC 9530: the receiver can tell whether it has all of it.
            .header("Repr-Digest", "sha-256=:" + Base64.getEncoder().encodeToString(sha256) + ":")
            .PUT(BodyPublishers.ofByteArray(bytes))
            .build();
    return client
        .sendAsync(request, BodyHandlers.ofString())
        .handle((answer, problem) -> problem == null ? of(answer) : of(problem));
  }

  private Tried of(HttpResponse<String> answer) {
    Reply reply = Reply.of(answer.statusCode());
    return new Tried(
        reply,
        false,
        reply == Reply.THERE ? null : sentence(answer),
        answer
            .headers()
            .firstValue("Retry-After")
            .filter(value -> value.matches("\\d{1,5}"))
            .map(value -> Duration.ofSeconds(Long.parseLong(value)))
            .orElse(Duration.ZERO));
  }

  private static Tried of(Throwable problem) {
    Throwable cause = problem instanceof CompletionException ? problem.getCause() : problem;
    boolean silent =
        cause instanceof ConnectException || cause instanceof HttpConnectTimeoutException;
    String sentence =
        silent
            ? "The shop can’t be reached"
            : cause instanceof IOException
                ? "The connection to the shop ended before its answer"
                : "Sending failed: " + cause.getMessage();
    return new Tried(Reply.LATER, silent, sentence, Duration.ZERO);
  }

  /** The shop's own words where it has some. */
  private String sentence(HttpResponse<String> answer) {
    String said = detail(answer.body());
    String text =
        said == null
            ? "The shop answered " + answer.statusCode()
            : "The shop says: " + said + " (" + answer.statusCode() + ")";
    return text.length() > LONGEST_SENTENCE ? text.substring(0, LONGEST_SENTENCE) : text;
  }

  private String detail(String body) {
    try {
      JsonNode detail = json.readTree(body).path("detail");
      return detail.isString() ? detail.asString() : null;
    } catch (JacksonException e) {
      return null;
    }
  }
}
