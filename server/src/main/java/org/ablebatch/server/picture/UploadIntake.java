package org.ablebatch.server.picture;

import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import org.ablebatch.codec.archive.ArchiveLimits;
import org.ablebatch.codec.archive.PictureArchive;
import org.ablebatch.codec.archive.UnreadableArchive;
import org.ablebatch.core.naming.SafeNames;
import org.ablebatch.server.storage.StorageFailed;
import org.ablebatch.server.storage.UploadFolder;
import org.springframework.stereotype.Service;
import org.springframework.web.multipart.MultipartFile;

/** Opens what was uploaded: a picture, or a ZIP full of them. */
@Service
class UploadIntake {
  /** The most that one picture may weigh; a ZIP of many may weigh more. */
  private static final long MOST_PICTURE_BYTES = ArchiveLimits.DEFAULT.entryBytes();

  private final IntakeService intake;
  private final UploadFolder folder;

  UploadIntake(IntakeService intake, UploadFolder folder) {
    this.intake = intake;
    this.folder = folder;
  }

  /** One result for a picture; one for every file in a ZIP. */
  List<IntakeResult> take(long batchId, MultipartFile file, boolean keepDuplicates)
      throws IOException {
    if (isArchive(file)) {
      return takeArchive(batchId, file, keepDuplicates);
    }
    if (file.getSize() > MOST_PICTURE_BYTES) {
      return List.of(
          refused(file, "This file is larger than " + (MOST_PICTURE_BYTES >> 20) + " MB"));
    }
    return List.of(taken(batchId, file.getOriginalFilename(), file.getBytes(), keepDuplicates));
  }

  /** A full disk is a reason to refuse here: whoever sent the file is still there to hear it. */
  private IntakeResult taken(long batchId, String name, byte[] bytes, boolean keepDuplicates) {
    try {
      return intake.take(batchId, name, bytes, keepDuplicates);
    } catch (StorageFailed e) {
      return IntakeResult.refused(SafeNames.cleaned(name), e.getMessage());
    }
  }

  private static IntakeResult refused(MultipartFile file, String problem) {
    return IntakeResult.refused(SafeNames.cleaned(file.getOriginalFilename()), problem);
  }

  private static boolean isArchive(MultipartFile file) throws IOException {
    try (InputStream in = file.getInputStream()) {
      return PictureArchive.isOne(in.readNBytes(4));
    }
  }

  private List<IntakeResult> takeArchive(long batchId, MultipartFile file, boolean keepDuplicates)
      throws IOException {
    Path copy = folder.temporary();
    try {
      file.transferTo(copy);
      Results results = new Results(batchId, keepDuplicates);
      try {
        PictureArchive.open(copy, ArchiveLimits.DEFAULT, results);
        if (results.all.isEmpty()) {
          results.all.add(refused(file, "There are no files in this ZIP"));
        }
      } catch (UnreadableArchive e) {
        results.all.add(refused(file, e.getMessage()));
      }
      return results.all;
    } finally {
      Files.deleteIfExists(copy);
    }
  }

  private final class Results implements PictureArchive.Taker {
    private final List<IntakeResult> all = new ArrayList<>();
    private final long batchId;
    private final boolean keepDuplicates;

    Results(long batchId, boolean keepDuplicates) {
      this.batchId = batchId;
      this.keepDuplicates = keepDuplicates;
    }

    @Override
    public void take(String name, byte[] bytes) {
      all.add(taken(batchId, name, bytes, keepDuplicates));
    }

    @Override
    public void refuse(String name, String reason) {
      all.add(IntakeResult.refused(SafeNames.cleaned(name), reason));
    }
  }
}
