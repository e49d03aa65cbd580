package org.ablebatch.server.problem;

import jakarta.persistence.OptimisticLockException;
import org.ablebatch.core.deliver.InvalidSpec;
import org.ablebatch.core.line.ForbiddenMove;
import org.ablebatch.core.look.InvalidLook;
import org.ablebatch.server.storage.StorageFailed;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.dao.OptimisticLockingFailureException;
import org.springframework.http.HttpStatus;
import org.springframework.http.ProblemDetail;
import org.springframework.http.converter.HttpMessageNotReadableException;
import org.springframework.web.ErrorResponse;
import org.springframework.web.bind.MethodArgumentNotValidException;
import org.springframework.web.bind.MissingServletRequestParameterException;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.RestControllerAdvice;
import org.springframework.web.context.request.async.AsyncRequestNotUsableException;
import org.springframework.web.method.annotation.MethodArgumentTypeMismatchException;
import org.springframework.web.multipart.MaxUploadSizeExceededException;
import tools.jackson.core.JacksonException;

/** Turns every error into a problem detail with a sentence, and keeps the inside to the log. */
@RestControllerAdvice
class ProblemAdvice {
  private static final Logger LOG = LoggerFactory.getLogger(ProblemAdvice.class);
  private static final String STALE =
      "Someone else changed this at the same moment. Nothing of yours was applied; look at it again"
          + " and repeat.";

  @ExceptionHandler
  ProblemDetail notFound(NotFound e) {
    return problem(HttpStatus.NOT_FOUND, e.getMessage());
  }

  @ExceptionHandler
  ProblemDetail conflict(Conflict e) {
    return problem(HttpStatus.CONFLICT, e.getMessage());
  }

  @ExceptionHandler
  ProblemDetail forbiddenMove(ForbiddenMove e) {
    return problem(HttpStatus.CONFLICT, e.getMessage() + ".");
  }

  @ExceptionHandler({OptimisticLockingFailureException.class, OptimisticLockException.class})
  ProblemDetail stale(Exception e) {
    return problem(HttpStatus.CONFLICT, STALE);
  }

  @ExceptionHandler
  ProblemDetail badInput(BadInput e) {
    return field(e.field(), e.getMessage());
  }

  @ExceptionHandler
  ProblemDetail invalidSpec(InvalidSpec e) {
    return field(e.field(), e.getMessage());
  }

  @ExceptionHandler
  ProblemDetail invalidLook(InvalidLook e) {
    return field(
        e.field(), e.field().isEmpty() ? e.getMessage() : e.field() + ": " + e.getMessage());
  }

  @ExceptionHandler
  ProblemDetail badValue(IllegalArgumentException e) {
    return problem(HttpStatus.BAD_REQUEST, e.getMessage());
  }

  @ExceptionHandler
  ProblemDetail invalid(MethodArgumentNotValidException e) {
    var error = e.getBindingResult().getFieldErrors().stream().findFirst().orElse(null);
    return error == null
        ? problem(HttpStatus.BAD_REQUEST, "A value is missing or out of range")
        : badInput(
            BadInput.expected(
                error.getField(), error.getDefaultMessage(), error.getRejectedValue()));
  }

  @ExceptionHandler
  ProblemDetail unreadable(HttpMessageNotReadableException e) {
    if (e.getCause() instanceof JacksonException json) {
      Mismatch mismatch = Mismatch.of(json);
      return field(mismatch.field(), mismatch.sentence());
    }
    return problem(HttpStatus.BAD_REQUEST, "A JSON object is expected as the body, not nothing");
  }

  @ExceptionHandler
  ProblemDetail wrongType(MethodArgumentTypeMismatchException e) {
    Class<?> type = e.getRequiredType() == null ? Object.class : e.getRequiredType();
    return badInput(BadInput.expected(e.getName(), Mismatch.expected(type), e.getValue()));
  }

  @ExceptionHandler
  ProblemDetail missing(MissingServletRequestParameterException e) {
    Class<?> type =
        e.getMethodParameter() == null ? String.class : e.getMethodParameter().getParameterType();
    return badInput(BadInput.expected(e.getParameterName(), Mismatch.expected(type), null));
  }

  @ExceptionHandler
  ProblemDetail tooLarge(MaxUploadSizeExceededException e) {
    return problem(
        HttpStatus.CONTENT_TOO_LARGE,
        "This upload is larger than 8 GB and was not taken. Send it in parts");
  }

  @ExceptionHandler
  ProblemDetail storage(StorageFailed e) {
    LOG.error("storage failed", e);
    return problem(
        e.isFull() ? HttpStatus.INSUFFICIENT_STORAGE : HttpStatus.INTERNAL_SERVER_ERROR,
        e.getMessage());
  }

  /** The browser went away; there is nobody to answer. */
  @ExceptionHandler
  void gone(AsyncRequestNotUsableException e) {
    LOG.debug("client left", e);
  }

  @ExceptionHandler
  ProblemDetail anythingElse(Exception e) throws Exception {
    if (e instanceof ErrorResponse response) {
      return response.getBody();
    }
    LOG.error("unexpected error", e);
    return problem(
        HttpStatus.INTERNAL_SERVER_ERROR,
        "Something went wrong inside Able Batch. Nothing was lost; the log has the details");
  }

  private static ProblemDetail field(String field, String sentence) {
    ProblemDetail problem = problem(HttpStatus.BAD_REQUEST, sentence);
    problem.setProperty("field", field);
    return problem;
  }

  private static ProblemDetail problem(HttpStatus status, String sentence) {
    return ProblemDetail.forStatusAndDetail(status, sentence);
  }
}
