package org.ablebatch.server;

import static org.ablebatch.server.Deliveries.CARD;
import static org.ablebatch.server.Deliveries.SQUARE;
import static org.assertj.core.api.Assertions.assertThat;
import static org.awaitility.Awaitility.await;

import java.util.List;
import org.ablebatch.standin.Faults;
import org.ablebatch.standin.Received;
import org.ablebatch.standin.StandInShop;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** A delivery goes to a shop that makes trouble, and every file gets there once. */
@ExtendWith(RunningServer.class)
class SendingTest {
  private final Api api;
  private final Deliveries deliveries;
  private final StandInShop shop;

  SendingTest(Api api, StandInShop shop) {
    this.api = api;
    this.deliveries = new Deliveries(api);
    this.shop = shop;
  }

  @AfterEach
  void noMoreTrouble() {
    shop.setFaults(Faults.NONE);
  }

  @Test
  void everyFileGetsThereOnceThroughFailuresHangUpsAndLostAnswers() {
    long batch = api.newBatch("To the shop");
    long picture = deliveries.passed(batch, "t1.jpg", 0xB04030);
    deliveries.passed(batch, "t2.jpg", 0x30B040);
    long delivery = deliveries.done(batch, "", SQUARE, CARD);
    shop.setFaults(new Faults(0, 3, 4, 5, 0));

    send(delivery, "");
    JsonNode sent = over(delivery);

    assertThat(sent.get("there").asInt()).isEqualTo(4);
    assertThat(received("t1_", "t2_")).hasSize(4);
    deliveries
        .manifest(delivery)
        .get("files")
        .forEach(
            file ->
                assertThat(received(file.get("name").asString()))
                    .extracting(Received::sha256)
                    .containsExactly(file.get("sha256").asString()));

    // One picture changes: only its files are sent, the others are known to be there.
    shop.setFaults(Faults.NONE);
    int before = received("t2_").stream().mapToInt(Received::times).sum();
    deliveries.mirror(picture);
    long next = deliveries.done(batch, "", SQUARE, CARD);
    send(next, "");
    assertThat(over(next).get("there").asInt()).isEqualTo(4);
    assertThat(received("t1_")).hasSize(4);
    assertThat(received("t2_").stream().mapToInt(Received::times).sum()).isEqualTo(before);
    assertThat(files(next).stream().filter(file -> file.get("tries").asInt() > 0)).hasSize(2);

    // Asked for, all go once more, and none is there twice.
    send(next, "?all=true");
    assertThat(over(next).get("there").asInt()).isEqualTo(4);
    assertThat(received("t1_", "t2_")).hasSize(6);
  }

  @Test
  void whatTheShopDoesNotTakeSaysWhyAndTheRestGoesOn() {
    long batch = api.newBatch("Too heavy for the shop");
    deliveries.passed(batch, "h1.jpg", 0x5050B0);
    long delivery =
        deliveries.done(
            batch,
            "",
            CARD,
            "{\"name\": \"Large\", \"width\": 900, \"height\": 900, \"format\": \"TIFF\"}");
    shop.setFaults(new Faults(0, 0, 0, 0, 20_000));

    send(delivery, "");
    JsonNode sent = over(delivery);

    assertThat(sent.get("there").asInt()).isEqualTo(1);
    assertThat(sent.get("refused").asInt()).isEqualTo(1);
    assertThat(files(delivery).stream().map(file -> file.get("problem").asString("")).toList())
        .anyMatch(problem -> problem.contains("may have 20,000 bytes") && problem.contains("413"));

    shop.setFaults(Faults.NONE);
    send(delivery, "");
    assertThat(over(delivery).get("there").asInt()).isEqualTo(2);
  }

  @Test
  void oneThatIsOnItsWayIsNotBegunTwiceAndCanBeStopped() {
    long batch = api.newBatch("Stopped on the way");
    deliveries.passed(batch, "s1.jpg", 0x905090);
    long delivery = deliveries.done(batch, "", CARD);
    shop.setFaults(new Faults(0, 1, 0, 0, 0));
    assertThat(api.get("/api/v1/deliveries/" + delivery + "/sending").status()).isEqualTo(204);

    long first = send(delivery, "").get("id").asLong();
    assertThat(send(delivery, "").get("id").asLong()).isEqualTo(first);
    assertThat(api.post("/api/v1/sendings/" + first + "/stop", "").body().get("state").asString())
        .isEqualTo("stopped");

    shop.setFaults(Faults.NONE);
    assertThat(send(delivery, "").get("id").asLong()).isNotEqualTo(first);
    assertThat(over(delivery).get("there").asInt()).isEqualTo(1);
    assertThat(api.post("/api/v1/deliveries/99999999/sending", "").status()).isIn(404, 409);
  }

  private JsonNode send(long delivery, String query) {
    Api.Answer answer = api.post("/api/v1/deliveries/" + delivery + "/sending" + query, "");
    assertThat(answer.status()).as("%s", answer.body()).isEqualTo(202);
    return answer.body();
  }

  private JsonNode over(long delivery) {
    String path = "/api/v1/deliveries/" + delivery + "/sending";
    await()
        .atMost(Api.PATIENCE)
        .untilAsserted(
            () -> assertThat(api.get(path).body().get("state").asString()).isEqualTo("done"));
    return api.get(path).body();
  }

  private List<JsonNode> files(long delivery) {
    String sending =
        api.get("/api/v1/deliveries/" + delivery + "/sending").body().get("id").asString();
    return api.get("/api/v1/sendings/" + sending + "/files").body().valueStream().toList();
  }

  private List<Received> received(String... beginnings) {
    return shop.received().stream()
        .filter(file -> List.of(beginnings).stream().anyMatch(file.name()::startsWith))
        .toList();
  }
}
