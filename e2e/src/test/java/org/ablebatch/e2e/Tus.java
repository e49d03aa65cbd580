package org.ablebatch.e2e;

import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpRequest.BodyPublishers;
import java.net.http.HttpResponse;
import java.net.http.HttpResponse.BodyHandlers;
import java.util.Arrays;
import java.util.Iterator;
import java.util.Map;
import java.util.stream.Collectors;
import tools.jackson.databind.JsonNode;

/**
 * Sends files by the tus protocol as any client does: announced, in pieces, going on where it was.
 */
final class Tus {
  private static final int PIECE = 64 * 1024;

  private final HttpClient client = HttpClient.newHttpClient();
  private final String address;

  Tus(String address) {
    this.address = address;
  }

  /**
   * @throws IOException when the server goes away in the middle
   */
  void send(long batch, Map<String, byte[]> files) throws IOException {
    String announced =
        files.entrySet().stream()
            .map(
                file ->
                    "{\"path\": \"%s\", \"bytes\": %d, \"modified\": 1}"
                        .formatted(file.getKey(), file.getValue().length))
            .collect(Collectors.joining(",", "{\"files\": [", "]}"));
    JsonNode answers = new Api(address).post("/api/v1/batches/" + batch + "/uploads", announced);
    Iterator<byte[]> bytes = files.values().iterator();
    for (JsonNode answer : answers) {
      byte[] file = bytes.next();
      if (answer.get("state").asString().equals("coming")) {
        send(answer.get("id").asLong(), file, answer.get("offset").asInt());
      }
    }
  }

  private void send(long upload, byte[] file, int from) throws IOException {
    for (int offset = from; offset < file.length; offset += PIECE) {
      byte[] piece = Arrays.copyOfRange(file, offset, Math.min(file.length, offset + PIECE));
      HttpRequest request =
          HttpRequest.newBuilder(URI.create(address + "/api/v1/uploads/" + upload))
              .header("Tus-Resumable", "1.0.0")
              .header("Upload-Offset", String.valueOf(offset))
              .header("Content-Type", "application/offset+octet-stream")
              .method("PATCH", BodyPublishers.ofByteArray(piece))
              .build();
      try {
        HttpResponse<Void> response = client.send(request, BodyHandlers.discarding());
        if (response.statusCode() != 204) {
          throw new IOException("refused with " + response.statusCode());
        }
      } catch (InterruptedException e) {
        Thread.currentThread().interrupt();
        throw new IOException(e);
      }
    }
  }
}
