package org.ablebatch.core.deliver;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import org.ablebatch.core.dress.SubjectMeasures;
import org.ablebatch.core.look.Fill;
import org.ablebatch.core.look.Look;
import org.ablebatch.core.sets.SetPlace;

/** What will happen to a picture under a spec that its owner would want to know before the run. */
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
    ENLARGED,
    LOSES_TRANSPARENCY,
    NO_CODE
  }

  /**
   * @param subject as measured in the original
   * @param set where the picture belongs
   */
  public static List<Note> notes(SubjectMeasures subject, SetPlace set, Spec spec, Look batchLook) {
    List<Note> notes = new ArrayList<>();
    Look look = spec.lookWith(batchLook);
    double scale = subject.enlargement(look, spec.frame());
    if (scale > ENLARGED_FROM) {
      notes.add(new Note(Kind.ENLARGED, String.format(Locale.ROOT, "enlarged %.1f ×", scale)));
    }
    boolean wantsClear =
        (spec.backdrop() != null ? spec.backdrop() : batchLook.backdrop()) instanceof Fill.Clear;
    if (wantsClear && !spec.format().keepsTransparency()) {
      notes.add(new Note(Kind.LOSES_TRANSPARENCY, "see-through becomes white in " + spec.format()));
    }
    if (set.code() == null && spec.fileName().contains(new NamePart.Code())) {
      notes.add(new Note(Kind.NO_CODE, "has no code: named after its file"));
    }
    return notes;
  }
}
