package org.ablebatch.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpRequest.BodyPublishers;
import java.net.http.HttpResponse;
import java.net.http.HttpResponse.BodyHandlers;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.function.BooleanSupplier;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** The few calls that tests make beside the browser. */
final class Api {
  /** For what takes seconds on a quiet machine, and may take minutes on a busy one. */
  static final Duration PATIENCE = Duration.ofMinutes(10);

  private static final String BOUNDARY = "----pictures";

  private static final int LOOK_AGAIN_MS = 100;

  private final HttpClient client = HttpClient.newHttpClient();
  private final JsonMapper json = new JsonMapper();
  private final String address;

  Api(String address) {
    this.address = address;
  }

  JsonNode get(String path) {
    return json.readTree(bytes(path));
  }

  byte[] bytes(String path) {
    return send(HttpRequest.newBuilder(URI.create(address + path)).GET().build());
  }

  JsonNode post(String path, String body) {
    return withBody("POST", path, body);
  }

  JsonNode put(String path, String body) {
    return withBody("PUT", path, body);
  }

  private JsonNode withBody(String method, String path, String body) {
    byte[] answer =
        send(
            HttpRequest.newBuilder(URI.create(address + path))
                .header("Content-Type", "application/json")
                .method(method, BodyPublishers.ofString(body))
                .build());
    return json.readTree(answer);
  }

  long newBatch(String name) {
    return newBatch(name, "auto");
  }

  /**
   * @param method one alone costs a part of what the contest of all does
   */
  long newBatch(String name, String method) {
    return post("/api/v1/batches", "{\"name\": \"" + name + "\", \"method\": \"" + method + "\"}")
        .get("id")
        .asLong();
  }

  void upload(long batch, Map<String, byte[]> files) throws IOException {
    multipart("/api/v1/batches/" + batch + "/pictures", "files", files);
  }

  /** Codes, groups and words for a batch's pictures. */
  void giveList(long batch, String csv) throws IOException {
    multipart(
        "/api/v1/batches/" + batch + "/sets/list?give=true",
        "file",
        Map.of("list.csv", csv.getBytes(StandardCharsets.UTF_8)));
  }

  private void multipart(String path, String field, Map<String, byte[]> files) throws IOException {
    ByteArrayOutputStream body = new ByteArrayOutputStream();
    for (Map.Entry<String, byte[]> file : files.entrySet()) {
      String head =
          "--%s\r\nContent-Disposition: form-data; name=\"%s\"; filename=\"%s\"\r\n\r\n"
              .formatted(BOUNDARY, field, file.getKey());
      body.write(head.getBytes(StandardCharsets.UTF_8));
      body.write(file.getValue());
      body.write("\r\n".getBytes(StandardCharsets.UTF_8));
    }
    body.write(("--" + BOUNDARY + "--\r\n").getBytes(StandardCharsets.UTF_8));
    send(
        HttpRequest.newBuilder(URI.create(address + path))
            .header("Content-Type", "multipart/form-data; boundary=" + BOUNDARY)
            .POST(BodyPublishers.ofByteArray(body.toByteArray()))
            .build());
  }

  List<JsonNode> pictures(long batch) {
    return get("/api/v1/batches/" + batch + "/pictures?size=1000")
        .get("content")
        .valueStream()
        .toList();
  }

  int count(long batch, String state) {
    return get("/api/v1/batches/" + batch).get("counts").get(state).asInt();
  }

  /** Waits for something that the application does by itself. */
  static void await(BooleanSupplier holds) throws InterruptedException {
    Instant end = Instant.now().plus(PATIENCE);
    while (!holds.getAsBoolean()) {
      assertThat(Instant.now()).as("still waiting after " + PATIENCE).isBefore(end);
      Thread.sleep(LOOK_AGAIN_MS);
    }
  }

  private byte[] send(HttpRequest request) {
    try {
      HttpResponse<byte[]> response = client.send(request, BodyHandlers.ofByteArray());
      assertThat(response.statusCode())
          .as(
              request.uri()
                  + " "
                  + new String(response.body(), StandardCharsets.UTF_8)
                      .lines()
                      .findFirst()
                      .orElse(""))
          .isBetween(200, 299);
      return response.body();
    } catch (IOException e) {
      throw new IllegalStateException(e);
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
      throw new IllegalStateException(e);
    }
  }
}
