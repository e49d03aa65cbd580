package org.ablebatch.server.picture;

import com.fasterxml.jackson.annotation.JsonInclude;
import io.swagger.v3.oas.annotations.media.Schema;

/**
 * What became of one uploaded file: {@code id} and {@code state}, or {@code problem}.
 *
 * @param duplicateOf the picture with the same bytes, when that is the problem
 */
@Schema(name = "IntakeResult")
@JsonInclude(JsonInclude.Include.NON_NULL)
public record IntakeResult(
    String fileName, Long id, String state, String problem, Long duplicateOf) {
  static IntakeResult taken(Photo photo) {
    return new IntakeResult(photo.fileName(), photo.id(), photo.state().wireName(), null, null);
  }

  public static IntakeResult refused(String fileName, String problem) {
    return new IntakeResult(fileName, null, null, problem, null);
  }

  static IntakeResult duplicate(String fileName, Photo of) {
    return new IntakeResult(
        fileName,
        null,
        null,
        "The same picture is already in this batch as “" + of.fileName() + "”",
        of.id());
  }
}
