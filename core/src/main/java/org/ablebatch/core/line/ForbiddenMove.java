package org.ablebatch.core.line;

/** A picture was asked to go where the line does not lead from its present state. */
public final class ForbiddenMove extends RuntimeException {
  private static final long serialVersionUID = 1L;

  private final PictureState from;
  private final PictureState to;

  public ForbiddenMove(PictureState from, PictureState to) {
    super("A picture that is “" + words(from) + "” can’t become “" + words(to) + "”");
    this.from = from;
    this.to = to;
  }

  public PictureState from() {
    return from;
  }

  public PictureState to() {
    return to;
  }

  private static String words(PictureState state) {
    return state.wireName().replace('-', ' ');
  }
}
