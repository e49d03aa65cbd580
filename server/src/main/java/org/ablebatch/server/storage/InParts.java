package org.ablebatch.server.storage;

import java.io.IOException;
import java.io.OutputStream;
import java.util.List;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpRange;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;
import org.springframework.web.servlet.mvc.method.annotation.StreamingResponseBody;

/**
 * Answers with bytes that may be asked for in parts (RFC 9110, section 14), as one part or whole.
 */
public final class InParts {
  private InParts() {}

  /** Gives any part of the bytes. */
  public interface Source {
    void write(long from, long count, OutputStream out) throws IOException;
  }

  /**
   * What is asked for.
   *
   * @param range the header; null = all
   * @param ifRange the tag that the part before came from; null = any
   */
  public record Asked(String range, String ifRange) {}

  /**
   * @param length of the whole, bytes
   * @param tag the same as long as the bytes are the same
   */
  public static ResponseEntity<StreamingResponseBody> answer(
      Asked asked, long length, String tag, HttpHeaders headers, Source source) {
    String quoted = '"' + tag + '"';
    ResponseEntity.BodyBuilder answer;
    long from = 0;
    long count = length;
    boolean inPart =
        asked.range() != null && (asked.ifRange() == null || asked.ifRange().equals(quoted));
    List<HttpRange> ranges = inPart ? ranges(asked.range()) : List.of();
    if (ranges.size() == 1) {
      from = ranges.get(0).getRangeStart(length);
      long last = ranges.get(0).getRangeEnd(length);
      if (from >= length || last < from) {
        return ResponseEntity.status(HttpStatus.REQUESTED_RANGE_NOT_SATISFIABLE)
            .header(HttpHeaders.CONTENT_RANGE, "bytes */" + length)
            .build();
      }
      count = last - from + 1;
      answer =
          ResponseEntity.status(HttpStatus.PARTIAL_CONTENT)
              .header(HttpHeaders.CONTENT_RANGE, "bytes " + from + "-" + last + "/" + length);
    } else {
      answer = ResponseEntity.ok();
    }
    long first = from;
    long bytes = count;
    return answer
        .headers(headers)
        .header(HttpHeaders.ACCEPT_RANGES, "bytes")
        .eTag(quoted)
        .contentLength(bytes)
        .body(out -> source.write(first, bytes, out));
  }

  /** What is not understood is as if it had not been said. */
  private static List<HttpRange> ranges(String header) {
    try {
      return HttpRange.parseRanges(header);
    } catch (IllegalArgumentException e) {
      return List.of();
    }
  }
}
