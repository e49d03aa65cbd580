package org.ablebatch.standin;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.time.Instant;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HexFormat;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import tools.jackson.databind.json.JsonMapper;

/** What came, in a folder: the bytes of each file and a few words on it. Outlives a restart. */
final class Store {
  private static final String WORDS = ".json";
  private static final String BYTES = ".bytes";

  private final Path folder;
  private final JsonMapper json = new JsonMapper();
  private final Map<String, Received> byKey = new HashMap<>();

  Store(Path folder) {
    this.folder = folder;
    try (Stream<Path> files = Files.list(Files.createDirectories(folder))) {
      files
          .filter(file -> file.toString().endsWith(WORDS))
          .map(this::read)
          .forEach(received -> byKey.put(received.key(), received));
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  private Received read(Path file) {
    try {
      return json.readValue(Files.readAllBytes(file), Received.class);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  /** What became of a file that came. */
  enum Outcome {
    NEW,
    /** The same had come before. */
    ALREADY_THERE,
    /** Its key belongs to another file. */
    OTHER_FILE
  }

  synchronized Outcome take(String name, String key, String type, byte[] bytes, Instant now)
      throws IOException {
    String sha256 = sha256(bytes);
    Received before = byKey.get(key);
    if (before != null) {
      if (!before.sha256().equals(sha256) || !before.name().equals(name)) {
        return Outcome.OTHER_FILE;
      }
      keep(before.again());
      return Outcome.ALREADY_THERE;
    }
    write(path(key, BYTES), bytes);
    keep(new Received(name, key, type, bytes.length, sha256, 1, now));
    return Outcome.NEW;
  }

  private void keep(Received received) throws IOException {
    write(path(received.key(), WORDS), json.writeValueAsBytes(received));
    byKey.put(received.key(), received);
  }

  /** Newest first. */
  synchronized List<Received> all() {
    return byKey.values().stream()
        .sorted(Comparator.comparing(Received::at).reversed().thenComparing(Received::name))
        .toList();
  }

  /** The newest of that name. */
  Optional<Received> named(String name) {
    return all().stream().filter(received -> received.name().equals(name)).findFirst();
  }

  byte[] bytes(Received received) throws IOException {
    return Files.readAllBytes(path(received.key(), BYTES));
  }

  synchronized void empty() throws IOException {
    for (Received received : byKey.values()) {
      Files.deleteIfExists(path(received.key(), WORDS));
      Files.deleteIfExists(path(received.key(), BYTES));
    }
    byKey.clear();
  }

  /** A sender may choose any key; no part of it becomes part of a path. */
  private Path path(String key, String ending) {
    return folder.resolve(sha256(key.getBytes(StandardCharsets.UTF_8)) + ending);
  }

  private void write(Path file, byte[] bytes) throws IOException {
    Path part = Files.createTempFile(folder, ".", ".part");
    Files.write(part, bytes);
    Files.move(part, file, StandardCopyOption.ATOMIC_MOVE, StandardCopyOption.REPLACE_EXISTING);
  }

  private static String sha256(byte[] bytes) {
    try {
      return HexFormat.of().formatHex(MessageDigest.getInstance("SHA-256").digest(bytes));
    } catch (NoSuchAlgorithmException e) {
      throw new IllegalStateException(e);
    }
  }
}
