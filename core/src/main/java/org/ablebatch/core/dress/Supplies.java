package org.ablebatch.core.dress;

import java.util.Optional;
import org.ablebatch.core.raster.Picture;

/** What a look needs from outside: pictures by name, and letters. */
public interface Supplies {
  /** Empty when there is none of that name. */
  Optional<Picture> picture(String name);

  LetterSetter letters();

  /** No pictures and no letters: texts stay away. */
  static Supplies none() {
    return new Supplies() {
      @Override
      public Optional<Picture> picture(String name) {
        return Optional.empty();
      }

      @Override
      public LetterSetter letters() {
        return (text, style, box) -> SetText.NOTHING;
      }
    };
  }
}
