package org.ablebatch.core.deliver;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import org.ablebatch.core.dress.Frame;
import org.ablebatch.core.look.Fill;
import org.ablebatch.core.naming.FileNames;
import org.ablebatch.core.naming.NamePart;

/** What will happen to a file that its owner would want to know before the run. */
public final class Preflight {
  private static final double ENLARGED_FROM = 1.005;

  private Preflight() {}

  /**
   * One remark.
   *
   * @param sentence for a person, without the file's name
   */
  public record Note(Kind kind, String sentence) {}

  /** What a remark is about. */
  public enum Kind {
    /** No file can be made. */
    TOO_LARGE(true),
    /** Nothing of the kind can be written here. */
    CANNOT_WRITE(true),
    /** A try has shown that the most bytes can't be met. */
    TOO_HEAVY(true),
    ENLARGED(false),
    SUBJECT_CUT(false),
    LOSES_TRANSPARENCY(false),
    /** The look does something to this picture that it should not. */
    LOOK(false),
    NO_CODE(false),
    COLUMN_EMPTY(false),
    NAME_TWICE(false),
    NAME_UNSAFE(false),
    NAME_SHORTENED(false);

    private final boolean blocks;

    Kind(boolean blocks) {
      this.blocks = blocks;
    }

    /** Whether the file can't be made while it is so. */
    public boolean blocks() {
      return blocks;
    }

    /** {@code subject-cut}. */
    public String wireName() {
      return name().toLowerCase(Locale.ROOT).replace('_', '-');
    }
  }

  /** What is said of one planned file. */
  static List<Note> notes(
      Deliverable picture, Spec spec, Staging staging, Frame whole, FileNames.Given name) {
    List<Note> notes = new ArrayList<>();
    String problem = SpecSize.problem(whole);
    if (problem != null) {
      notes.add(new Note(Kind.TOO_LARGE, problem));
    }
    if (staging.enlargement() > ENLARGED_FROM) {
      notes.add(new Note(Kind.ENLARGED, enlarged(staging.enlargement())));
    }
    if (staging.cutOff() > 0) {
      long percent = Math.round(100 * staging.cutOff());
      notes.add(new Note(Kind.SUBJECT_CUT, percent + " % of the subject is cut off"));
    }
    boolean wantsClear =
        (spec.backdrop() != null ? spec.backdrop() : picture.look().backdrop())
            instanceof Fill.Clear;
    if (wantsClear && !spec.format().keepsTransparency()) {
      notes.add(new Note(Kind.LOSES_TRANSPARENCY, "see-through becomes white in " + spec.format()));
    }
    if (picture.labels().code() == null && spec.fileName().contains(new NamePart.Code())) {
      notes.add(new Note(Kind.NO_CODE, "has no code: named after its file"));
    }
    for (FileNames.Mend mend : name.mends()) {
      notes.add(note(mend));
    }
    return notes;
  }

  /** With one decimal; put together by hand, for it is said of every file of a small picture. */
  private static String enlarged(double times) {
    long tenths = Math.round(10 * times);
    return "enlarged " + tenths / 10 + '.' + tenths % 10 + " ×";
  }

  private static Note note(FileNames.Mend mend) {
    return switch (mend) {
      case NUMBERED -> new Note(Kind.NAME_TWICE, "would share its name: numbered");
      case MADE_SAFE ->
          new Note(Kind.NAME_UNSAFE, "its name was changed so that every system takes it");
      case SHORTENED -> new Note(Kind.NAME_SHORTENED, "its name was too long: shortened");
      case COLUMN_EMPTY -> new Note(Kind.COLUMN_EMPTY, "the list has nothing for its name");
    };
  }
}
