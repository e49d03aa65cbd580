package org.ablebatch.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Page;
import com.sun.net.httpserver.HttpServer;
import java.io.IOException;
import java.net.InetSocketAddress;
import java.net.URI;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/** What a page of somebody else can do with the application in the same browser: nothing. */
@SharedApplication
class ForeignPagesTest {
  private static final String TRY_EVERYTHING =
      """
      async ([address, batch, picture]) => {
        const form = new FormData()
        form.append('files', new Blob(['x'], { type: 'image/jpeg' }), 'planted.jpg')
        const sent = (path, init) =>
          fetch(address + path, init).then((r) => r.type, () => 'failed')
        const loaded = (tag, source) => new Promise((done) => {
          const element = document.createElement(tag)
          element.onload = () => done('loaded')
          element.onerror = () => done('failed')
          element.src = source
          document.body.append(element)
        })
        const json = { method: 'POST', mode: 'no-cors', body: '{"name": "planted"}' }
        return [
          await sent(`/api/v1/batches/${batch}/pictures`,
            { method: 'POST', mode: 'no-cors', body: form }),
          await sent('/api/v1/batches', json),
          await sent('/api/v1/batches', {}),
          await loaded('img', `${address}/api/v1/pictures/${picture}/thumbnail`),
          await loaded('script', `${address}/api/v1/batches`),
        ]
      }
      """;

  private static final String PLANT_A_SCRIPT =
      """
      () => {
        const script = document.createElement('script')
        script.textContent = 'window.planted = true'
        document.body.append(script)
        return window.planted === true
      }
      """;

  private HttpServer elsewhere;

  @BeforeEach
  void aServerOfSomebodyElse() throws IOException {
    elsewhere = HttpServer.create(new InetSocketAddress("127.0.0.1", 0), 0);
    byte[] page = "<!doctype html><title>Elsewhere</title><body>".getBytes(StandardCharsets.UTF_8);
    elsewhere.createContext(
        "/",
        exchange -> {
          exchange.getResponseHeaders().set("Content-Type", "text/html");
          exchange.sendResponseHeaders(200, page.length);
          exchange.getResponseBody().write(page);
          exchange.close();
        });
    elsewhere.start();
  }

  @AfterEach
  void stop() {
    elsewhere.stop(0);
  }

  @Test
  void nothingIsChangedShownOrRun(Application application, Browser browser) throws Exception {
    Api api = new Api(application.address());
    long batch = api.newBatch("Not for others", "plain");
    byte[] own = Files.readAllBytes(Photographs.demo("Spring tools", "hand-trowel.jpg"));
    api.upload(batch, Map.of("own.jpg", own));
    long picture = api.pictures(batch).get(0).get("id").asLong();
    int batches = api.get("/api/v1/batches").size();
    Page page = browser.page();

    page.navigate("http://127.0.0.1:" + elsewhere.getAddress().getPort());
    List<String> where =
        List.of(application.address(), String.valueOf(batch), String.valueOf(picture));
    Object got = page.evaluate(TRY_EVERYTHING, where);

    // An opaque answer tells a page nothing, not even whether it was a refusal.
    assertThat((List<?>) got)
        .asString()
        .isIn(
            "[failed, failed, failed, failed, failed]", "[opaque, opaque, failed, failed, failed]");
    assertThat(api.pictures(batch)).hasSize(1);
    assertThat(api.get("/api/v1/batches").size()).isEqualTo(batches);
  }

  @Test
  void aNameThatWasMadeToLeadHereIsNotAnswered(Application application, Browser browser) {
    int port = URI.create(application.address()).getPort();

    var answer =
        browser.page().navigate("http://" + Chromium.REBOUND_NAME + ":" + port + "/api/v1/batches");

    assertThat(answer.status()).isEqualTo(421);
    assertThat(answer.text()).contains("is not a name that Able Batch serves");
  }

  @Test
  void aScriptThatIsWrittenIntoThePageDoesNotRun(Application application, Browser browser) {
    Page page = browser.page();
    page.navigate(application.address());
    page.locator(".drop").waitFor();

    assertThat((Boolean) page.evaluate(PLANT_A_SCRIPT)).isFalse();
    assertThat(browser.errors()).isEmpty();
  }
}
