package org.ablebatch.core.look;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;

/**
 * A reusable dressing: parts in the order in which they are laid over each other, the backdrop
 * first.
 *
 * @param parts unique ids; at most one that is on of each of backdrop, subject and tone
 */
public record Look(List<Part> parts) {
  private static final int MOST_PARTS = 60;
  private static final double DEFAULT_MARGIN = 8;

  public static final Look DEFAULT = plain(new Fill.Clear(), DEFAULT_MARGIN);

  public Look {
    parts = Limits.all("parts", parts);
    if (parts.size() > MOST_PARTS) {
      throw new InvalidLook("parts", "a look has at most " + MOST_PARTS + " parts");
    }
    Set<String> ids = new HashSet<>();
    for (int i = 0; i < parts.size(); i++) {
      if (!ids.add(parts.get(i).id())) {
        throw new InvalidLook("parts[" + i + "].id", "“" + parts.get(i).id() + "” is there twice");
      }
    }
    requireOnce(parts, Backdrop.class, "backdrop");
    requireOnce(parts, SubjectPlace.class, "subject");
    requireOnce(parts, Tone.class, "tone");
  }

  private static void requireOnce(List<Part> parts, Class<?> kind, String name) {
    if (parts.stream().filter(p -> p.on() && kind.isInstance(p.setting())).count() > 1) {
      throw new InvalidLook("parts", "a look has one " + name + " that is on, not several");
    }
  }

  /** A backdrop, and the subject in the middle within a margin. */
  public static Look plain(Fill backdrop, double marginPercent) {
    return new Look(
        List.of(
            new Part("backdrop", "Backdrop", true, new Backdrop(backdrop)),
            new Part("subject", "Subject", true, SubjectPlace.within(marginPercent))));
  }

  /** Settings of a kind that are on, back to front. */
  public <S extends Setting> Stream<S> all(Class<S> kind) {
    return parts.stream()
        .filter(Part::on)
        .map(Part::setting)
        .filter(kind::isInstance)
        .map(kind::cast);
  }

  /** A backdrop and a margin, nothing else. */
  public boolean isPlain() {
    SubjectPlace place = subject();
    if (place.size() != SubjectPlace.Size.MARGIN) {
      return false;
    }
    Look plain = plain(backdrop(), place.percent());
    return equals(plain) || equals(plain.with(freePart(plain), parts.size()));
  }

  private static Part freePart(Look plain) {
    return new Part("subject", "Subject", true, plain.subject().free());
  }

  /** True when it shows something of the photograph that the subject was cut out of. */
  public boolean needsPhotograph() {
    return backdrop() instanceof Fill.Photograph || all(OwnShadow.class).findAny().isPresent();
  }

  /** The look with parts of it replaced, by their ids; parts that it does not have are left out. */
  public Look changedBy(List<Part> changes) {
    return new Look(
        parts.stream()
            .map(
                part ->
                    changes.stream()
                        .filter(change -> change.id().equals(part.id()))
                        .findFirst()
                        .orElse(part))
            .toList());
  }

  public Fill backdrop() {
    return all(Backdrop.class).map(Backdrop::fill).findFirst().orElse(new Fill.Clear());
  }

  public SubjectPlace subject() {
    return all(SubjectPlace.class).findFirst().orElse(SubjectPlace.within(DEFAULT_MARGIN));
  }

  public Optional<Tone> tone() {
    return all(Tone.class).filter(tone -> !tone.changesNothing()).findFirst();
  }

  /** The same look over another backdrop. */
  public Look withBackdrop(Fill fill) {
    return with(new Part("given-backdrop", "Backdrop", true, new Backdrop(fill)), 0);
  }

  /** The same look with the subject as large as a margin leaves room. */
  public Look withMargin(double percent) {
    return withPlace(subject().withMargin(percent));
  }

  /** The same look with the subject elsewhere. */
  public Look withPlace(SubjectPlace place) {
    return with(new Part("given-subject", "Subject", true, place), parts.size());
  }

  /**
   * The part that is on and of the same kind gets the setting; where there is none, it comes in.
   */
  private Look with(Part given, int at) {
    Class<?> kind = given.setting().getClass();
    List<Part> out = new ArrayList<>();
    boolean found = false;
    for (Part part : parts) {
      boolean hit = part.on() && kind.isInstance(part.setting());
      out.add(hit ? part.with(given.setting()) : part);
      found |= hit;
    }
    if (!found) {
      out.add(at, given);
    }
    return new Look(out);
  }
}
