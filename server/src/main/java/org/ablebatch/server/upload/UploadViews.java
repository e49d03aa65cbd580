package org.ablebatch.server.upload;

import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;

/** Uploads as the API shows them. */
final class UploadViews {
  private UploadViews() {}

  /**
   * Files that are about to be sent.
   *
   * @param files at most 10,000
   */
  @Schema(name = "UploadDeclaration")
  record Declaration(List<DeclaredFile> files) {}

  /**
   * @param path name with the folders before it, separated by slashes
   * @param bytes its size
   * @param modified when it was last changed, milliseconds since 1970; tells files of one name
   *     apart
   */
  @Schema(name = "DeclaredFile")
  record DeclaredFile(String path, long bytes, long modified) {}

  /**
   * Where a file is on its way.
   *
   * @param id to send it to
   * @param path name with its folders
   * @param state coming, come, taken or refused; one that is taken need not be sent again
   * @param offset bytes that are there already
   * @param bytes of the whole file
   * @param inArchive true for a file inside a ZIP
   * @param pictureId what it has become; null = nothing yet
   * @param problem why it was not taken; null = nothing wrong
   * @param duplicateOf the picture with the same bytes, when that is the problem
   */
  @Schema(name = "Upload")
  record UploadView(
      long id,
      String path,
      String state,
      long offset,
      long bytes,
      boolean inArchive,
      Long pictureId,
      String problem,
      Long duplicateOf) {
    static UploadView of(Upload upload, long offset) {
      return new UploadView(
          upload.id(),
          upload.path(),
          upload.state().wireName(),
          offset,
          upload.bytes(),
          upload.insideId() != null,
          upload.photoId(),
          upload.problem(),
          upload.duplicateOf());
    }
  }

  /**
   * What is on its way into a batch.
   *
   * @param coming files that have not come whole
   * @param reading files that have come and are being read
   * @param taken files that became pictures, also those in ZIPs
   * @param refused what was not taken, the first 500
   * @param refusedCount all that was not taken
   * @param trouble why reading stands still; null = it does not
   */
  @Schema(name = "Uploads")
  record UploadsView(
      long coming,
      long reading,
      long taken,
      List<UploadView> refused,
      long refusedCount,
      String trouble) {}
}
