package org.ablebatch.core.deliver;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.ablebatch.core.dress.Frame;
import org.ablebatch.core.dress.Labels;
import org.ablebatch.core.look.Look;
import org.ablebatch.core.naming.FileNames;
import org.ablebatch.core.naming.Named;

/**
 * Which files a delivery has: every picture under every spec. One instance per delivery, given its
 * pictures in their order.
 */
public final class Planner {
  private final List<Spec> specs;
  private final Worn[] worn;
  private final FileNames names = new FileNames();
  private final Map<String, Integer> inGroup = new HashMap<>();
  private int number;

  public Planner(List<Spec> specs) {
    this.specs = List.copyOf(specs);
    this.worn = new Worn[this.specs.size()];
  }

  /** What a spec makes of a look. */
  private record Worn(Look from, Look look) {}

  /** Most pictures come with the very same look, so the last one is kept. */
  private Look look(int index, Look from) {
    if (worn[index] == null || worn[index].from() != from) {
      worn[index] = new Worn(from, specs.get(index).lookWith(from));
    }
    return worn[index].look();
  }

  /**
   * A file to be made.
   *
   * @param specIndex of its spec among the plan's
   * @param frame its picture's size, with bleed
   */
  public record PlannedFile(
      int specIndex,
      Spec spec,
      String name,
      Frame frame,
      Staging staging,
      List<Preflight.Note> notes) {
    public boolean isBlocked() {
      return notes.stream().anyMatch(note -> note.kind().blocks());
    }
  }

  /** The files of the next picture. */
  public List<PlannedFile> next(Deliverable picture) {
    Labels labels = picture.labels();
    number++;
    int numberInGroup = inGroup.merge(String.valueOf(labels.group()), 1, Integer::sum);
    Named named =
        new Named(
            labels.fileName(),
            labels.code(),
            labels.group(),
            labels.columns(),
            number,
            numberInGroup);
    List<PlannedFile> files = new ArrayList<>();
    for (int i = 0; i < specs.size(); i++) {
      files.add(file(i, picture, named));
    }
    return files;
  }

  private PlannedFile file(int index, Deliverable picture, Named named) {
    Spec spec = specs.get(index);
    Staging staging = Staging.wearing(look(index, picture.look()), spec, picture.measures());
    Frame whole = spec.size().whole(picture.measures());
    FileNames.Given name =
        names.next(
            named,
            spec.fileName(),
            spec.nameRules(),
            new FileNames.OfSpec(
                spec.name(), whole.width() + "x" + whole.height(), spec.format().extension()));
    return new PlannedFile(
        index,
        spec,
        name.name(),
        whole,
        staging,
        Preflight.notes(picture, spec, staging, whole, name));
  }
}
