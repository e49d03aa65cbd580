package org.ablebatch.server.access;

import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ProblemDetail;
import org.springframework.stereotype.Component;
import tools.jackson.databind.json.JsonMapper;

/** Says no, as a problem detail with a sentence, before anything has looked at the request. */
@Component
class Refusal {
  private final JsonMapper json;

  Refusal(JsonMapper json) {
    this.json = json;
  }

  void send(HttpServletResponse response, HttpStatus status, String sentence) throws IOException {
    response.setStatus(status.value());
    response.setContentType(MediaType.APPLICATION_PROBLEM_JSON_VALUE);
    response.setHeader("X-Content-Type-Options", "nosniff");
    response
        .getOutputStream()
        .write(json.writeValueAsBytes(ProblemDetail.forStatusAndDetail(status, sentence)));
  }
}
