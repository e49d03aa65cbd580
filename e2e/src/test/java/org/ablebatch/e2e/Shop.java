package org.ablebatch.e2e;

import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpRequest.BodyPublishers;
import java.net.http.HttpResponse.BodyHandlers;
import java.util.Map;
import java.util.stream.Collectors;
import tools.jackson.databind.json.JsonMapper;

/** The stand-in shop that the application sends to. */
final class Shop {
  private final HttpClient client = HttpClient.newHttpClient();
  private final JsonMapper json = new JsonMapper();
  private final URI address;

  private Shop(URI address) {
    this.address = address;
  }

  static Shop of(Api api) {
    return new Shop(URI.create(api.get("/api/v1/send-to").get("shop").asString()));
  }

  /**
   * @param failEvery 0 = never
   * @param loseAnswerEvery 0 = never
   */
  void makeTrouble(int failEvery, int loseAnswerEvery) throws IOException, InterruptedException {
    String faults =
        "{\"failEvery\": " + failEvery + ", \"loseAnswerEvery\": " + loseAnswerEvery + "}";
    client.send(
        HttpRequest.newBuilder(address.resolve("/faults"))
            .PUT(BodyPublishers.ofString(faults))
            .build(),
        BodyHandlers.discarding());
  }

  /** How often each file was sent, by the key that it has. */
  Map<String, Integer> sent() throws IOException, InterruptedException {
    HttpRequest request = HttpRequest.newBuilder(address.resolve("/files")).build();
    return json.readTree(client.send(request, BodyHandlers.ofString()).body())
        .valueStream()
        .collect(
            Collectors.toMap(
                file -> file.get("key").asString(), file -> file.get("times").asInt()));
  }
}
