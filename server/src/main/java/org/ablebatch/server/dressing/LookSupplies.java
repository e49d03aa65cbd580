package org.ablebatch.server.dressing;

import java.util.Optional;
import org.ablebatch.codec.lettering.ShippedLetters;
import org.ablebatch.core.dress.LetterSetter;
import org.ablebatch.core.dress.Supplies;
import org.ablebatch.core.raster.Picture;
import org.springframework.stereotype.Component;

/** What looks need: the pictures on the shelf and the shipped letters. */
@Component
class LookSupplies implements Supplies {
  private final LookPictures pictures;
  private final LetterSetter letters = new ShippedLetters();

  LookSupplies(LookPictures pictures) {
    this.pictures = pictures;
  }

  @Override
  public Optional<Picture> picture(String name) {
    return pictures.picture(name);
  }

  @Override
  public LetterSetter letters() {
    return letters;
  }
}
