package org.ablebatch.standin;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpRequest.BodyPublishers;
import java.net.http.HttpResponse;
import java.net.http.HttpResponse.BodyHandlers;
import java.nio.file.Path;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class StandInShopTest {
  private final HttpClient client = HttpClient.newHttpClient();

  @TempDir Path folder;
  private StandInShop shop;

  @BeforeEach
  void open() throws IOException {
    shop = new StandInShop(0, folder);
  }

  @AfterEach
  void close() {
    shop.close();
  }

  @Test
  void theSameFileIsKeptOnce() throws Exception {
    assertThat(send("can.png", "k1", "abc")).isEqualTo(201);
    assertThat(send("can.png", "k1", "abc")).isEqualTo(200);

    assertThat(shop.received())
        .singleElement()
        .satisfies(file -> assertThat(file.name() + file.times()).isEqualTo("can.png2"));
    assertThat(get("/files/can.png")).isEqualTo("abc");
  }

  @Test
  void aKeyThatBelongsToAnotherFileIsRefused() throws Exception {
    send("can.png", "k1", "abc");

    assertThat(send("can.png", "k1", "other")).isEqualTo(409);
    assertThat(send("pot.png", "k1", "abc")).isEqualTo(409);
    assertThat(send("pot.png", " ", "abc")).isEqualTo(400);
    assertThat(get("/files/can.png")).isEqualTo("abc");
  }

  @Test
  void whatCameIsThereAfterARestart() throws Exception {
    send("../can.png", "../k", "abc");
    shop.close();
    shop = new StandInShop(0, folder);

    assertThat(shop.received()).extracting(Received::name).containsExactly("../can.png");
    assertThat(send("../can.png", "../k", "abc")).isEqualTo(200);
  }

  @Test
  void troubleComesAtItsTurn() throws Exception {
    shop.setFaults(new Faults(0, 2, 0, 0, 4));

    assertThat(send("a", "a", "123")).isEqualTo(201);
    assertThat(send("b", "b", "123")).isEqualTo(500);
    assertThat(send("b", "b", "12345")).isEqualTo(413);
    assertThat(shop.received()).extracting(Received::name).containsExactly("a");
  }

  @Test
  void aConnectionThatEndsInTheMiddleLeavesNothing() {
    shop.setFaults(new Faults(0, 0, 1, 0, 0));

    assertThatThrownBy(() -> send("a", "a", "x".repeat(100_000))).isInstanceOf(IOException.class);
    assertThat(shop.received()).isEmpty();
  }

  @Test
  void anAnswerThatIsLostLeavesTheFile() throws Exception {
    shop.setFaults(new Faults(0, 0, 0, 1, 0));
    assertThatThrownBy(() -> send("a", "a", "x")).isInstanceOf(IOException.class);

    shop.setFaults(Faults.NONE);
    assertThat(send("a", "a", "x")).isEqualTo(200);
    assertThat(shop.received()).hasSize(1);
  }

  @Test
  void faultsAreSetFromItsPageAndFromNoOther() throws Exception {
    HttpRequest.Builder change =
        HttpRequest.newBuilder(shop.address().resolve("/faults"))
            .PUT(BodyPublishers.ofString("{\"slowMillis\": 1, \"failEvery\": 3}"));

    assertThat(status(change.copy().header("Origin", "http://other.test"))).isEqualTo(403);
    assertThat(status(change.copy().header("Origin", shop.address().toString()))).isEqualTo(200);
    assertThat(get("/faults")).contains("\"failEvery\":3");
    assertThat(
            status(
                HttpRequest.newBuilder(shop.address().resolve("/faults"))
                    .PUT(BodyPublishers.ofString("{\"slowMillis\": -1}"))))
        .isEqualTo(400);
    assertThat(get("/")).contains("Stand-in shop");
  }

  private int send(String name, String key, String bytes) throws Exception {
    String path =
        "/files/" + java.net.URLEncoder.encode(name, java.nio.charset.StandardCharsets.UTF_8);
    return status(
        HttpRequest.newBuilder(shop.address().resolve(path))
            .header("Idempotency-Key", key)
            .header("Content-Type", "image/png")
            .PUT(BodyPublishers.ofString(bytes)));
  }

  private int status(HttpRequest.Builder request) throws Exception {
    return client.send(request.build(), BodyHandlers.discarding()).statusCode();
  }

  private String get(String path) throws Exception {
    HttpResponse<String> answer =
        client.send(
            HttpRequest.newBuilder(shop.address().resolve(path)).build(), BodyHandlers.ofString());
    assertThat(answer.statusCode()).isEqualTo(200);
    return answer.body();
  }
}
