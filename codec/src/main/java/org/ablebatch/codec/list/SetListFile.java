package org.ablebatch.codec.list;

import java.io.IOException;
import java.io.StringReader;
import java.nio.ByteBuffer;
import java.nio.charset.CharacterCodingException;
import java.nio.charset.Charset;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import org.ablebatch.core.sets.SetList;
import org.ablebatch.core.sets.SetPlace;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVRecord;

/**
 * Reads a CSV of file names, codes and groups: three columns in that order, or any columns with a
 * first line that names {@code file}, {@code code} and {@code group}; what other columns say may
 * stand in the texts of a look. Separated by commas, semicolons or tabs; UTF-8, or else
 * Windows-1252, as spreadsheets write it.
 */
public final class SetListFile {
  private static final int MOST_LINES = 100_000;
  private static final int LONGEST = 200;

  /** A text of a look shrinks to fit, and one that is still too long is found before delivery. */
  private static final int LONGEST_WORDS = 3_000;

  private static final int LONGEST_TITLE = 100;
  private static final int MOST_COLUMNS = 40;
  private static final Charset OLD = Charset.forName("windows-1252");

  private SetListFile() {}

  /**
   * @throws UnreadableList with a sentence when it is no such list
   */
  public static List<SetList.Line> read(byte[] bytes) {
    String text = text(bytes);
    CSVFormat format =
        CSVFormat.DEFAULT
            .builder()
            .setDelimiter(separator(text))
            .setIgnoreSurroundingSpaces(true)
            .setIgnoreEmptyLines(true)
            .get();
    try (CSVParser parser = CSVParser.parse(new StringReader(text), format)) {
      List<CSVRecord> records = parser.getRecords();
      if (records.size() > MOST_LINES) {
        throw new UnreadableList("This list has more than 100,000 lines");
      }
      return lines(records);
    } catch (IOException | IllegalStateException | java.io.UncheckedIOException e) {
      throw new UnreadableList("This is not a CSV list: a quotation mark is not closed");
    }
  }

  private static List<SetList.Line> lines(List<CSVRecord> records) {
    if (records.isEmpty()) {
      throw new UnreadableList("There is nothing in this list");
    }
    Columns named = Columns.named(records.get(0));
    Columns columns = named != null ? named : new Columns(0, 1, 2, List.of());
    List<SetList.Line> lines = new ArrayList<>();
    for (CSVRecord row : records.subList(named != null ? 1 : 0, records.size())) {
      String file = value(row, columns.file);
      if (file != null) {
        lines.add(
            new SetList.Line(
                file,
                new SetPlace(value(row, columns.code), value(row, columns.group)),
                columns.others(row)));
      }
    }
    boolean saysNothing =
        lines.stream()
            .allMatch(line -> line.place().equals(SetPlace.NONE) && line.columns().isEmpty());
    if (saysNothing) {
      throw new UnreadableList(
          "This list gives no codes, groups or words: it needs a column “file” and others");
    }
    return lines;
  }

  /**
   * @param titles of all columns as they stand in the first line; empty when it has none
   */
  private record Columns(int file, int code, int group, List<String> titles) {
    /** Null when the first line does not name columns. */
    static Columns named(CSVRecord first) {
      List<String> titles = first.stream().map(String::strip).toList();
      List<String> names = titles.stream().map(name -> name.toLowerCase(Locale.ROOT)).toList();
      int file = names.indexOf("file");
      return file < 0
          ? null
          : new Columns(file, names.indexOf("code"), names.indexOf("group"), titles);
    }

    /** What the other columns say, by their titles. */
    Map<String, String> others(CSVRecord row) {
      Map<String, String> others = new LinkedHashMap<>();
      for (int i = 0; i < titles.size() && others.size() < MOST_COLUMNS; i++) {
        String value = value(row, i, LONGEST_WORDS);
        boolean own = i == file || i == code || i == group || titles.get(i).isEmpty();
        if (!own && value != null && titles.get(i).length() <= LONGEST_TITLE) {
          others.put(titles.get(i), value);
        }
      }
      return others;
    }
  }

  private static String value(CSVRecord row, int column) {
    return value(row, column, LONGEST);
  }

  private static String value(CSVRecord row, int column, int longest) {
    if (column < 0 || column >= row.size()) {
      return null;
    }
    String text = row.get(column).replaceAll("\\p{Cntrl}", " ").strip();
    return text.isEmpty() ? null : text.substring(0, Math.min(longest, text.length()));
  }

  private static char separator(String text) {
    String first = text.lines().findFirst().orElse("");
    for (char separator : new char[] {'\t', ';'}) {
      if (first.indexOf(separator) >= 0) {
        return separator;
      }
    }
    return ',';
  }

  private static String text(byte[] bytes) {
    String text;
    try {
      text = StandardCharsets.UTF_8.newDecoder().decode(ByteBuffer.wrap(bytes)).toString();
    } catch (CharacterCodingException e) {
      text = new String(bytes, OLD);
    }
    if (text.indexOf('\0') >= 0) {
      throw new UnreadableList("This is not a CSV list but another kind of file");
    }
    return text.startsWith("\uFEFF") ? text.substring(1) : text;
  }
}
