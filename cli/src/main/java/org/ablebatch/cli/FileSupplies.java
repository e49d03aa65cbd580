package org.ablebatch.cli;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import org.ablebatch.codec.lettering.ShippedLetters;
import org.ablebatch.codec.look.ShippedBackdrops;
import org.ablebatch.codec.read.PictureReader;
import org.ablebatch.codec.read.ReadLimits;
import org.ablebatch.codec.read.UnreadablePicture;
import org.ablebatch.core.dress.LetterSetter;
import org.ablebatch.core.dress.Supplies;
import org.ablebatch.core.raster.Picture;

/** Shipped pictures by name, and files beside the look. */
final class FileSupplies implements Supplies {
  private final PictureReader reader = new PictureReader(ReadLimits.DEFAULT);
  private final LetterSetter letters = new ShippedLetters();
  private final Map<String, Optional<Picture>> kept = new ConcurrentHashMap<>();
  private final Path folder;

  /**
   * @param folder where the look lies
   */
  FileSupplies(Path folder) {
    this.folder = folder;
  }

  @Override
  public Optional<Picture> picture(String name) {
    return kept.computeIfAbsent(name, this::read);
  }

  @Override
  public LetterSetter letters() {
    return letters;
  }

  private Optional<Picture> read(String name) {
    Optional<byte[]> bytes = ShippedBackdrops.file(name).or(() -> beside(name));
    if (bytes.isEmpty()) {
      return Optional.empty();
    }
    try {
      return Optional.of(reader.read(bytes.get()).picture());
    } catch (UnreadablePicture e) {
      return Optional.empty();
    }
  }

  /** A name with a way out of the folder is no name of a file beside the look. */
  private Optional<byte[]> beside(String name) {
    Path file = folder.resolve(name).normalize();
    if (!folder.equals(file.getParent()) || !Files.isRegularFile(file)) {
      return Optional.empty();
    }
    try {
      return Optional.of(Files.readAllBytes(file));
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }
}
