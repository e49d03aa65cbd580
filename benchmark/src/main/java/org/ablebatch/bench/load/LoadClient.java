package org.ablebatch.bench.load;

import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpRequest.BodyPublisher;
import java.net.http.HttpRequest.BodyPublishers;
import java.net.http.HttpResponse;
import java.net.http.HttpResponse.BodyHandlers;
import java.nio.file.Path;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** The few requests of the API that the load test makes. */
final class LoadClient {
  private final HttpClient client =
      HttpClient.newBuilder().version(HttpClient.Version.HTTP_1_1).build();
  private final JsonMapper json = new JsonMapper();
  private final String address;

  LoadClient(String address) {
    this.address = address;
  }

  JsonNode get(String path) throws IOException {
    return json.readTree(bytes(path));
  }

  byte[] bytes(String path) throws IOException {
    return send(HttpRequest.newBuilder(uri(path)).GET().build());
  }

  JsonNode send(String method, String path, String body) throws IOException {
    BodyPublisher content =
        body.isEmpty() ? BodyPublishers.noBody() : BodyPublishers.ofString(body);
    byte[] answer =
        send(
            HttpRequest.newBuilder(uri(path))
                .header("Content-Type", "application/json")
                .method(method, content)
                .build());
    return answer.length == 0 ? json.nullNode() : json.readTree(answer);
  }

  /** A whole file to its address, as the browser sends it: asked first, then sent. */
  void upload(long upload, Path file) throws IOException {
    URI uri = uri("/api/v1/uploads/" + upload);
    send(HttpRequest.newBuilder(uri).method("HEAD", BodyPublishers.noBody()).build());
    send(
        HttpRequest.newBuilder(uri)
            .header("Tus-Resumable", "1.0.0")
            .header("Upload-Offset", "0")
            .header("Content-Type", "application/offset+octet-stream")
            .method("PATCH", BodyPublishers.ofFile(file))
            .build());
  }

  private URI uri(String path) {
    return URI.create(address + path);
  }

  private byte[] send(HttpRequest request) throws IOException {
    try {
      HttpResponse<byte[]> response = client.send(request, BodyHandlers.ofByteArray());
      if (response.statusCode() >= 300) {
        throw new IOException(
            request.uri() + " " + response.statusCode() + " " + new String(response.body()));
      }
      return response.body();
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
      throw new IOException(e);
    }
  }
}
