package org.ablebatch.core.deliver;

import java.util.List;
import org.ablebatch.core.look.Fill;
import org.ablebatch.core.look.Look;
import org.ablebatch.core.naming.NamePart;
import org.ablebatch.core.naming.NameRules;

/**
 * What a buyer requires of a file.
 *
 * @param name how people call it; part of file names
 * @param fit of an exact size; the others bring their own
 * @param mayEnlarge false = what has too few pixels stays smaller in its frame
 * @param weight null = as heavy as it gets
 * @param backdrop null = the batch's look decides
 * @param marginPercent null = the batch's look decides; else 0..45
 * @param fileName parts of the file's name, in order; at least one
 */
public record Spec(
    String name,
    SpecSize size,
    Fit fit,
    boolean mayEnlarge,
    Encoding encoding,
    WeightLimit weight,
    Fill backdrop,
    Double marginPercent,
    List<NamePart> fileName,
    NameRules nameRules) {
  public static final List<NamePart> DEFAULT_NAME =
      List.of(new NamePart.OriginalName(), new NamePart.Text("_"), new NamePart.SpecName());

  private static final int LONGEST_NAME = 60;

  public Spec {
    fileName = List.copyOf(fileName);
    if (name == null || name.isBlank()) {
      throw new InvalidSpec("name", "A spec needs a name");
    }
    if (name.length() > LONGEST_NAME) {
      throw new InvalidSpec("name", "A spec’s name has at most " + LONGEST_NAME + " characters");
    }
    if (marginPercent != null && !(marginPercent >= 0 && marginPercent <= 45)) {
      throw new InvalidSpec("marginPercent", "A margin is 0 to 45 percent, not " + marginPercent);
    }
    if (fileName.isEmpty()) {
      throw new InvalidSpec("fileName", "A file name needs at least one part");
    }
    boolean printed = size instanceof SpecSize.Print || encoding instanceof Encoding.Pdf;
    if (printed && weight != null && weight.maySmaller()) {
      throw new InvalidSpec("maySmaller", "What is printed keeps its size, whatever it weighs");
    }
    boolean measured = encoding instanceof Encoding.Pdf || encoding instanceof Encoding.CutLine;
    if (measured && size.dpi() == null) {
      throw new InvalidSpec("dpi", "What is measured in millimetres needs its dots an inch");
    }
  }

  /** An exact size with the usual of everything else. */
  public static Spec exact(String name, int width, int height, Encoding encoding) {
    return new Spec(
        name,
        new SpecSize.Pixels(width, height, null),
        Fit.BY_LOOK,
        true,
        encoding,
        null,
        null,
        null,
        DEFAULT_NAME,
        NameRules.DEFAULT);
  }

  public OutputFormat format() {
    return encoding.format();
  }

  /** The dressing that applies: the spec's own wishes first, then the look, then what fits. */
  public Look lookWith(Look batchLook) {
    Look look = marginPercent == null ? batchLook : batchLook.withMargin(marginPercent);
    Fill fill = backdrop != null ? backdrop : look.backdrop();
    boolean clear = fill instanceof Fill.Clear && !format().keepsTransparency();
    return backdrop == null && !clear ? look : look.withBackdrop(clear ? Fill.Solid.WHITE : fill);
  }
}
