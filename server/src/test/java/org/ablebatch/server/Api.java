package org.ablebatch.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.awaitility.Awaitility.await;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpRequest.BodyPublisher;
import java.net.http.HttpRequest.BodyPublishers;
import java.net.http.HttpResponse;
import java.net.http.HttpResponse.BodyHandlers;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.util.List;
import org.ablebatch.codec.read.PictureReader;
import org.ablebatch.codec.read.ReadLimits;
import org.ablebatch.codec.read.UnreadablePicture;
import org.ablebatch.core.raster.Matte;
import org.ablebatch.core.raster.Picture;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** The application's API as a test uses it. */
public final class Api {
  private static final String BOUNDARY = "----pictures";

  /**
   * So long a test waits for what has to come; on a machine with other work it may take minutes.
   */
  static final Duration PATIENCE = Duration.ofMinutes(10);

  private final HttpClient client = HttpClient.newHttpClient();
  private final JsonMapper json = new JsonMapper();
  private final PictureReader reader = new PictureReader(ReadLimits.DEFAULT);
  private final URI base;

  Api(URI base) {
    this.base = base;
  }

  /** One file of an upload. */
  public record UploadedFile(String name, byte[] bytes) {}

  /** An answer with its status. */
  public record Answer(int status, JsonNode body) {}

  /**
   * One whose pictures are cut by one way alone: that costs a part of what the contest of all does.
   */
  public long newBatch(String name) {
    return newBatch(name, "plain");
  }

  public long newBatch(String name, String method) {
    return post("/api/v1/batches", "{\"name\": \"" + name + "\", \"method\": \"" + method + "\"}")
        .body()
        .get("id")
        .asLong();
  }

  public JsonNode upload(long batch, UploadedFile... files) {
    Answer answer =
        multipart("POST", "/api/v1/batches/" + batch + "/pictures", "files", List.of(files));
    assertThat(answer.status()).isEqualTo(201);
    return answer.body();
  }

  public Answer putFile(String path, UploadedFile file) {
    return multipart("PUT", path, "file", List.of(file));
  }

  public Answer postFile(String path, UploadedFile file) {
    return multipart("POST", path, "file", List.of(file));
  }

  private Answer multipart(String method, String path, String field, List<UploadedFile> files) {
    try {
      ByteArrayOutputStream body = new ByteArrayOutputStream();
      for (UploadedFile file : files) {
        String head =
            "--%s\r\nContent-Disposition: form-data; name=\"%s\"; filename=\"%s\"\r\n\r\n"
                .formatted(BOUNDARY, field, file.name());
        body.write(head.getBytes(StandardCharsets.UTF_8));
        body.write(file.bytes());
        body.write("\r\n".getBytes(StandardCharsets.UTF_8));
      }
      body.write(("--" + BOUNDARY + "--\r\n").getBytes(StandardCharsets.UTF_8));
      return send(
          HttpRequest.newBuilder(base.resolve(path))
              .header("Content-Type", "multipart/form-data; boundary=" + BOUNDARY)
              .method(method, BodyPublishers.ofByteArray(body.toByteArray()))
              .build());
    } catch (IOException e) {
      throw new IllegalStateException(e);
    }
  }

  /** Uploads, cuts, and waits for the cutout. */
  public long cutPicture(long batch, String name, byte[] bytes) {
    long id = upload(batch, new UploadedFile(name, bytes)).get(0).get("id").asLong();
    post("/api/v1/batches/" + batch + "/cut", "");
    awaitState(id, "to-check");
    return id;
  }

  public void awaitState(long picture, String state) {
    await()
        .atMost(PATIENCE)
        .untilAsserted(() -> assertThat(picture(picture).get("state").asString()).isEqualTo(state));
  }

  public JsonNode picture(long id) {
    return get("/api/v1/pictures/" + id).body();
  }

  public Answer verdict(long picture, String verdict) {
    return post("/api/v1/pictures/" + picture + "/verdict", "{\"verdict\": \"" + verdict + "\"}");
  }

  public Matte matte(long picture) {
    try {
      return reader.readMatte(bytes("/api/v1/pictures/" + picture + "/matte.png"));
    } catch (UnreadablePicture e) {
      throw new IllegalStateException(e);
    }
  }

  public Picture image(byte[] bytes) {
    try {
      return reader.read(bytes).picture();
    } catch (UnreadablePicture e) {
      throw new IllegalStateException(e);
    }
  }

  public List<JsonNode> pictures(long batch) {
    return get("/api/v1/batches/" + batch + "/pictures?size=1000")
        .body()
        .get("content")
        .valueStream()
        .toList();
  }

  /**
   * @param more further members of the request, beginning with a comma; may be empty
   */
  public JsonNode act(long batch, String action, List<Long> ids, String more) {
    Answer answer =
        post(
            "/api/v1/batches/" + batch + "/pictures/act",
            "{\"action\": \"%s\", \"ids\": %s%s}".formatted(action, ids, more));
    assertThat(answer.status()).as(String.valueOf(answer.body())).isEqualTo(200);
    return answer.body();
  }

  /** A piece of a file, by the tus protocol. */
  public HttpResponse<String> patch(long upload, long offset, byte[] piece) {
    return raw(
        HttpRequest.newBuilder(base.resolve("/api/v1/uploads/" + upload))
            .header("Tus-Resumable", "1.0.0")
            .header("Upload-Offset", String.valueOf(offset))
            .header("Content-Type", "application/offset+octet-stream")
            .method("PATCH", BodyPublishers.ofByteArray(piece))
            .build());
  }

  public HttpResponse<String> head(long upload) {
    return raw(
        HttpRequest.newBuilder(base.resolve("/api/v1/uploads/" + upload))
            .method("HEAD", BodyPublishers.noBody())
            .build());
  }

  public URI base() {
    return base;
  }

  public Answer get(String path) {
    return send(HttpRequest.newBuilder(base.resolve(path)).GET().build());
  }

  public Answer post(String path, String body) {
    return withBody("POST", path, body);
  }

  public Answer withBody(String method, String path, String body) {
    BodyPublisher publisher =
        body.isEmpty() ? BodyPublishers.noBody() : BodyPublishers.ofString(body);
    return send(
        HttpRequest.newBuilder(base.resolve(path))
            .header("Content-Type", "application/json")
            .method(method, publisher)
            .build());
  }

  /** The bytes of an answer to a JSON question. */
  public byte[] postForBytes(String path, String json) {
    try {
      HttpResponse<byte[]> answer =
          client.send(
              HttpRequest.newBuilder(base.resolve(path))
                  .header("Content-Type", "application/json")
                  .POST(BodyPublishers.ofString(json))
                  .build(),
              BodyHandlers.ofByteArray());
      assertThat(answer.statusCode()).as(path).isEqualTo(200);
      return answer.body();
    } catch (IOException e) {
      throw new IllegalStateException(e);
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
      throw new IllegalStateException(e);
    }
  }

  public byte[] bytes(String path) {
    HttpRequest request = HttpRequest.newBuilder(base.resolve(path)).GET().build();
    try {
      HttpResponse<byte[]> response = client.send(request, BodyHandlers.ofByteArray());
      assertThat(response.statusCode()).isEqualTo(200);
      return response.body();
    } catch (IOException | InterruptedException e) {
      throw new IllegalStateException(e);
    }
  }

  /**
   * @param headers names and values in turn
   */
  public HttpResponse<byte[]> fetch(String path, String... headers) {
    HttpRequest.Builder request = HttpRequest.newBuilder(base.resolve(path)).GET();
    if (headers.length > 0) {
      request.headers(headers);
    }
    try {
      return client.send(request.build(), BodyHandlers.ofByteArray());
    } catch (IOException | InterruptedException e) {
      throw new IllegalStateException(e);
    }
  }

  private Answer send(HttpRequest request) {
    HttpResponse<String> response = raw(request);
    String body = response.body();
    return new Answer(
        response.statusCode(), body.isEmpty() ? json.nullNode() : json.readTree(body));
  }

  private HttpResponse<String> raw(HttpRequest request) {
    try {
      return client.send(request, BodyHandlers.ofString());
    } catch (IOException | InterruptedException e) {
      throw new IllegalStateException(e);
    }
  }
}
