package org.ablebatch.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.awaitility.Awaitility.await;

import org.ablebatch.server.Api.Answer;
import tools.jackson.databind.JsonNode;

/** Deliveries as a test makes them. */
public final class Deliveries {
  static final String SQUARE =
      "{\"name\": \"Square\", \"width\": 120, \"height\": 120, \"format\": \"PNG\"}";
  static final String CARD =
      "{\"name\": \"Card\", \"width\": 90, \"height\": 60, \"format\": \"JPEG\"}";

  private final Api api;

  public Deliveries(Api api) {
    this.api = api;
  }

  /** A picture of a disc that is cut and passed. */
  public long passed(long batch, String name, int rgb) {
    long picture = api.cutPicture(batch, name, TestPictures.discJpeg(150, 100, rgb));
    assertThat(api.verdict(picture, "pass").status()).isEqualTo(200);
    return picture;
  }

  /** The same picture with its subject turned round, so that every file of it changes. */
  void mirror(long picture) {
    Answer answer =
        api.withBody(
            "PUT",
            "/api/v1/pictures/" + picture + "/look-changes",
            """
            {"parts": [{"id": "subject", "name": "Subject", "on": true, "setting": {
              "kind": "subject", "size": "margin", "percent": 20, "stand": "centre", "floor": 10,
              "x": 0, "y": 0, "rotate": 0, "flip": true, "keepCutSides": true}}]}
            """);
    assertThat(answer.status()).as("%s", answer.body()).isEqualTo(200);
  }

  /**
   * @param more further members of the request, beginning with a comma; may be empty
   */
  long start(long batch, String more, String... specs) {
    Answer queued =
        api.post(
            "/api/v1/batches/" + batch + "/deliveries",
            "{\"specs\": [" + String.join(", ", specs) + "]" + more + "}");
    assertThat(queued.status()).as("%s", queued.body()).isEqualTo(202);
    return queued.body().get("id").asLong();
  }

  /** Waits until it is done, and gives its id. */
  long done(long batch, String more, String... specs) {
    long delivery = start(batch, more, specs);
    await().atMost(Api.PATIENCE).untilAsserted(() -> assertThat(state(delivery)).isEqualTo("done"));
    return delivery;
  }

  String state(long delivery) {
    return api.get("/api/v1/deliveries/" + delivery).body().get("state").asString();
  }

  JsonNode manifest(long delivery) {
    return api.get("/api/v1/deliveries/" + delivery + "/manifest.json").body();
  }
}
