package org.ablebatch.server.storage;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import org.ablebatch.server.storage.InParts.Asked;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.http.HttpHeaders;
import org.springframework.http.ResponseEntity;
import org.springframework.web.servlet.mvc.method.annotation.StreamingResponseBody;

class InPartsTest {
  private static final byte[] ALL = "0123456789".getBytes(StandardCharsets.US_ASCII);

  @ParameterizedTest
  @CsvSource(
      nullValues = "-",
      value = {
        "-, 200, 0123456789, -",
        "bytes=2-4, 206, 234, bytes 2-4/10",
        "bytes=7-, 206, 789, bytes 7-9/10",
        "bytes=-1, 206, 9, bytes 9-9/10",
        "bytes=7-99, 206, 789, bytes 7-9/10",
        "bytes=4-2, 200, 0123456789, -",
        "lines=1-2, 200, 0123456789, -"
      })
  void onePartIsAnsweredAndWhatIsNotUnderstoodIsAll(
      String range, int status, String body, String contentRange) throws IOException {
    ResponseEntity<StreamingResponseBody> answer = answer(new Asked(range, null));

    assertThat(answer.getStatusCode().value()).isEqualTo(status);
    assertThat(text(answer)).isEqualTo(body);
    assertThat(answer.getHeaders().getContentLength()).isEqualTo(body.length());
    assertThat(answer.getHeaders().getFirst(HttpHeaders.CONTENT_RANGE)).isEqualTo(contentRange);
  }

  @Test
  void severalPartsAtOnceAreTheWhole() throws IOException {
    assertThat(text(answer(new Asked("bytes=0-1,4-5", null)))).isEqualTo("0123456789");
  }

  @Test
  void aPartBehindTheEndIsRefusedWithTheLength() {
    ResponseEntity<StreamingResponseBody> answer = answer(new Asked("bytes=10-", null));

    assertThat(answer.getStatusCode().value()).isEqualTo(416);
    assertThat(answer.getHeaders().getFirst(HttpHeaders.CONTENT_RANGE)).isEqualTo("bytes */10");
  }

  @Test
  void aPartOfSomethingElseIsNotGiven() throws IOException {
    assertThat(text(answer(new Asked("bytes=5-", "\"tag\"")))).isEqualTo("56789");
    assertThat(text(answer(new Asked("bytes=5-", "\"older\"")))).isEqualTo("0123456789");
  }

  private static ResponseEntity<StreamingResponseBody> answer(Asked asked) {
    return InParts.answer(
        asked,
        ALL.length,
        "tag",
        new HttpHeaders(),
        (from, count, out) -> out.write(ALL, (int) from, (int) count));
  }

  private static String text(ResponseEntity<StreamingResponseBody> answer) throws IOException {
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    answer.getBody().writeTo(out);
    return out.toString(StandardCharsets.US_ASCII);
  }
}
