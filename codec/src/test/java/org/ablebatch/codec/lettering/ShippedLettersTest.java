package org.ablebatch.codec.lettering;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.ablebatch.core.dress.LetterSetter;
import org.ablebatch.core.dress.SetText;
import org.ablebatch.core.look.Box;
import org.ablebatch.core.look.Colour;
import org.ablebatch.core.look.Lettering;
import org.ablebatch.core.look.TypeFamily;
import org.ablebatch.core.look.Word;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

class ShippedLettersTest {
  private static final LetterSetter LETTERS = new ShippedLetters();
  private static final LetterSetter.Room ROOM = new LetterSetter.Room(400, 60, 40, 16);

  @ParameterizedTest
  @EnumSource(TypeFamily.class)
  void everyFamilyHasLatinWithDiacritics(TypeFamily family) {
    SetText text = set("Őrség àçñ øß Łódź", family, ROOM);

    assertThat(text.strange()).isEmpty();
    assertThat(text.steppedIn()).isEmpty();
    assertThat(inked(text)).isGreaterThan(500);
  }

  @Test
  void anotherFamilyLendsGreekAndCyrillicAndItIsSaid() {
    SetText text = set("Μέντα и мята", TypeFamily.CAVEAT, ROOM);

    assertThat(text.strange()).isEmpty();
    assertThat(text.steppedIn()).contains("Μ");
    assertThat(set("Μέντα и мята", TypeFamily.NOTO_SANS, ROOM).steppedIn()).isEmpty();
  }

  @Test
  void whatNoFamilyHasIsLeftOutAndSaid() {
    SetText text = set("Mint 🌿", TypeFamily.BITTER, ROOM);

    assertThat(text.strange()).isEqualTo("🌿");
    assertThat(text.coverage()).isEqualTo(set("Mint ", TypeFamily.BITTER, ROOM).coverage());
  }

  @Test
  void itShrinksToItsBoxAndThenSaysThatItDoesNotFit() {
    SetText fitting = set("Watering can, enamel, 1.6 litres", TypeFamily.LORA, ROOM);
    SetText tooLong = set("Watering can ".repeat(30), TypeFamily.LORA, ROOM);

    assertThat(fitting.fits()).isTrue();
    assertThat(fitting.sizePx()).isLessThan(40).isGreaterThanOrEqualTo(16);
    assertThat(fitting.x() + fitting.width()).isLessThanOrEqualTo(402);
    assertThat(tooLong.fits()).isFalse();
    assertThat(tooLong.sizePx()).isEqualTo(16);
  }

  @Test
  void tenThousandLettersAreTooLongAndHarmNothing() {
    SetText text = set("x".repeat(10_000), TypeFamily.OSWALD, ROOM);

    assertThat(text.fits()).isFalse();
  }

  @Test
  void linesLieInTheirBoxAsTheyAreTold() {
    SetText left = LETTERS.set("Jug", style(Lettering.Across.LEFT), ROOM);
    SetText centre = LETTERS.set("Jug", style(Lettering.Across.CENTRE), ROOM);
    SetText right = LETTERS.set("Jug", style(Lettering.Across.RIGHT), ROOM);

    assertThat(left.x()).isCloseTo(0, within(6));
    assertThat(centre.x() + centre.width() / 2.0).isCloseTo(200, within(4.0));
    assertThat(right.x() + right.width()).isCloseTo(400, within(6));
  }

  @Test
  void wordsFromRightToLeftAreSetInTheirDirection() {
    String hebrew = "אבג";
    SetText text = set(hebrew, TypeFamily.ATKINSON, ROOM);

    // Latin families lack it: it is left out and said, nothing breaks.
    assertThat(text.strange() + text.steppedIn()).contains("א");
  }

  @Test
  void theSameTextIsTheSameToTheByte() {
    assertThat(set("Spring tools", TypeFamily.CAVEAT, ROOM).coverage())
        .isEqualTo(set("Spring tools", TypeFamily.CAVEAT, ROOM).coverage());
  }

  private static int inked(SetText text) {
    int inked = 0;
    for (byte value : text.coverage()) {
      inked += (value & 0xFF) > 128 ? 1 : 0;
    }
    return inked;
  }

  private static SetText set(String text, TypeFamily family, LetterSetter.Room room) {
    return LETTERS.set(text, style(family, Lettering.Across.LEFT), room);
  }

  private static Lettering style(Lettering.Across across) {
    return style(TypeFamily.ATKINSON, across);
  }

  private static Lettering style(TypeFamily family, Lettering.Across across) {
    return new Lettering(
        List.of(new Word.Code()),
        new Box(0, 0, 50, 10),
        family,
        false,
        5,
        2,
        Colour.BLACK,
        across,
        Lettering.Down.TOP,
        115,
        0,
        100,
        false,
        null);
  }
}
