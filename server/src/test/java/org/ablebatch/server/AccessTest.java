package org.ablebatch.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.net.Socket;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpRequest.BodyPublishers;
import java.net.http.HttpResponse;
import java.net.http.HttpResponse.BodyHandlers;
import java.nio.charset.StandardCharsets;
import java.util.Locale;
import org.ablebatch.server.Api.UploadedFile;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Who may use the application while nobody signs in, and what its answers let browsers do. */
@ExtendWith(RunningServer.class)
class AccessTest {
  private final Api api;

  AccessTest(Api api) {
    this.api = api;
  }

  @ParameterizedTest
  @CsvSource({
    "127.0.0.1,200",
    "localhost:8080,200",
    "[::1],200",
    "evil.example,421",
    "127.0.0.1.evil.example,421"
  })
  void onlyNamesThatAreServedAreAnswered(String host, int status) throws IOException {
    String answer = plain("GET /api/v1/batches HTTP/1.1\r\nHost: " + host + "\r\n");

    assertThat(answer).startsWith("HTTP/1.1 " + status);
    if (status == 421) {
      assertThat(answer).contains("application/problem+json", "--host");
    }
  }

  @ParameterizedTest
  @ValueSource(
      strings = {
        "Origin: http://evil.example",
        "Origin: http://localhost:1",
        "Origin: null",
        "Sec-Fetch-Site: cross-site",
        "Sec-Fetch-Site: same-site"
      })
  void whatAPageOfAnotherOriginSendsChangesNothing(String header) throws Exception {
    String planted = "{\"name\": \"Planted by others\"}";

    HttpResponse<String> json = send(header, "application/json", planted);
    HttpResponse<String> form = send(header, "text/plain", planted);

    assertThat(json.statusCode()).isEqualTo(403);
    assertThat(json.body()).contains("nothing was changed");
    assertThat(form.statusCode()).isEqualTo(403);
    assertThat(api.get("/api/v1/batches").body().toString()).doesNotContain("Planted by others");
  }

  @ParameterizedTest
  @CsvSource({"127.0.0.1,false", "localhost,false", "studio.example,true"})
  void answersAreCompressedForWhoeverIsNotAtTheMachineItself(String host, boolean compressed)
      throws IOException {
    String answer =
        plain("GET /api/v1/openapi HTTP/1.1\r\nAccept-Encoding: gzip\r\nHost: " + host + "\r\n");

    assertThat(answer).startsWith("HTTP/1.1 200");
    assertThat(answer.toLowerCase(Locale.ROOT).contains("content-encoding: gzip"))
        .isEqualTo(compressed);
  }

  @Test
  void onesOwnPagesAndProgramsThatAreNoBrowserGoOn() throws Exception {
    String own = "http://127.0.0.1:" + api.base().getPort();
    String body = "{\"name\": \"One’s own\"}";

    assertThat(send("Origin: " + own, "application/json", body).statusCode()).isEqualTo(201);
    assertThat(send("Sec-Fetch-Site: same-origin", "application/json", body).statusCode())
        .isEqualTo(201);
    assertThat(api.newBatch("By a script")).isPositive();
  }

  @ParameterizedTest
  @ValueSource(strings = {"/", "/api/v1/batches", "/api/v1/nowhere", "/actuator/health"})
  void everyAnswerKeepsOthersOut(String path) throws Exception {
    var headers = get(path).headers();

    assertThat(headers.firstValue("Content-Security-Policy").orElseThrow())
        .contains("script-src 'self';", "frame-ancestors 'none'", "default-src 'none'");
    assertThat(headers.firstValue("X-Content-Type-Options")).hasValue("nosniff");
    assertThat(headers.firstValue("X-Frame-Options")).hasValue("DENY");
    assertThat(headers.firstValue("Referrer-Policy")).hasValue("no-referrer");
    assertThat(headers.firstValue("Cross-Origin-Resource-Policy")).hasValue("same-origin");
  }

  @Test
  void picturesComeWithTheirOwnTypeAndWhatBrowsersWouldRunAsFiles() throws Exception {
    long batch = api.newBatch("Types <script>");
    byte[] jpeg = TestPictures.discJpeg(80, 60, 0x336699);
    byte[] script = "<svg xmlns='http://www.w3.org/2000/svg'/>".getBytes(StandardCharsets.UTF_8);
    var taken =
        api.upload(batch, new UploadedFile("a.jpg", jpeg), new UploadedFile("b.svg", script));
    String picture = "/api/v1/pictures/" + taken.get(0).get("id").asLong();

    assertThat(taken.get(1).get("problem").asString()).contains("not a picture");
    assertThat(type(picture + "/original")).isEqualTo("image/jpeg");
    assertThat(type(picture + "/thumbnail")).isEqualTo("image/jpeg");
    HttpResponse<String> ticket = get("/api/v1/batches/" + batch + "/ticket");
    assertThat(ticket.headers().firstValue("Content-Disposition").orElseThrow())
        .startsWith("attachment");
  }

  private String type(String path) throws Exception {
    return get(path).headers().firstValue("Content-Type").orElseThrow();
  }

  private HttpResponse<String> get(String path) throws Exception {
    return HttpClient.newHttpClient()
        .send(HttpRequest.newBuilder(api.base().resolve(path)).build(), BodyHandlers.ofString());
  }

  private HttpResponse<String> send(String header, String type, String body) throws Exception {
    URI batches = api.base().resolve("/api/v1/batches");
    String[] parts = header.split(": ", 2);
    return HttpClient.newHttpClient()
        .send(
            HttpRequest.newBuilder(batches)
                .header("Content-Type", type)
                .header(parts[0], parts[1])
                .POST(BodyPublishers.ofString(body))
                .build(),
            BodyHandlers.ofString());
  }

  /** As Java's client does not let anybody choose: the name that is asked for. */
  private String plain(String head) throws IOException {
    try (Socket socket = new Socket("127.0.0.1", api.base().getPort())) {
      OutputStream out = socket.getOutputStream();
      out.write((head + "Connection: close\r\n\r\n").getBytes(StandardCharsets.US_ASCII));
      InputStream in = socket.getInputStream();
      return new String(in.readAllBytes(), StandardCharsets.UTF_8);
    }
  }
}
