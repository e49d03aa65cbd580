package org.ablebatch.core.dress;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.ablebatch.core.look.Backdrop;
import org.ablebatch.core.look.Box;
import org.ablebatch.core.look.Colour;
import org.ablebatch.core.look.Fill;
import org.ablebatch.core.look.Lettering;
import org.ablebatch.core.look.Look;
import org.ablebatch.core.look.Mark;
import org.ablebatch.core.look.OwnShadow;
import org.ablebatch.core.look.Part;
import org.ablebatch.core.look.SubjectPlace;
import org.ablebatch.core.look.TypeFamily;
import org.ablebatch.core.look.Word;
import org.ablebatch.core.raster.Picture;
import org.ablebatch.core.raster.Rect;
import org.junit.jupiter.api.Test;

class LookCheckTest {
  private static final Frame FRAME = new Frame(400, 400);
  private static final Colour OAT = new Colour(0xE9E0CE);
  private static final Lettering.Plate PLATE = new Lettering.Plate(Colour.BLACK, 1, 0, 90);

  /** Every letter is a block of half the size, and everything fits. */
  private static final LetterSetter BLOCKS =
      (text, style, room) -> {
        int w = (int) Math.round(text.length() * room.size() / 2);
        int h = (int) Math.round(room.size());
        byte[] coverage = new byte[w * h];
        java.util.Arrays.fill(coverage, (byte) 255);
        boolean fits = w <= room.width();
        return new SetText(0, 0, w, h, coverage, room.size(), fits, "", "");
      };

  private static final Supplies SUPPLIES =
      new Supplies() {
        @Override
        public Optional<Picture> picture(String name) {
          return Optional.empty();
        }

        @Override
        public LetterSetter letters() {
          return BLOCKS;
        }
      };

  private static final LookCheck CHECK = new LookCheck(SUPPLIES);
  private static final LookFix FIX = new LookFix(SUPPLIES);

  @Test
  void aTextBesideItsSubjectHurtsNothing() {
    assertThat(kinds(block(), text(5, 2, 90, 8, Colour.BLACK, null))).isEmpty();
  }

  @Test
  void aTextOverTheSubjectIsFound() {
    List<LookNote> notes = find(block(), text(45, 45, 50, 10, Colour.BLACK, null));

    assertThat(notes).extracting(LookNote::kind).contains(LookNote.Kind.TEXT_OVER_SUBJECT);
    assertThat(notes.get(0).partId()).isEqualTo("text");
    assertThat(notes.get(0).sentence()).contains("“Name” lies").contains("% over the subject");
  }

  @Test
  void aNameOnAPlateOverAPortraitsChestIsWhereNamesStand() {
    Dressable portrait = cutBelow();

    assertThat(kinds(portrait, text(40, 88, 50, 8, Colour.WHITE, PLATE)))
        .doesNotContain(LookNote.Kind.TEXT_OVER_SUBJECT);
    assertThat(kinds(portrait, text(40, 88, 50, 8, Colour.WHITE, null)))
        .contains(LookNote.Kind.TEXT_OVER_SUBJECT);
    assertThat(kinds(portrait, text(40, 40, 50, 8, Colour.WHITE, PLATE)))
        .contains(LookNote.Kind.TEXT_OVER_SUBJECT);
    assertThat(kinds(block(), text(40, 70, 50, 8, Colour.WHITE, PLATE)))
        .contains(LookNote.Kind.TEXT_OVER_SUBJECT);
  }

  @Test
  void aTextThatCanHardlyBeReadIsFoundAndAPlateHelps() {
    Colour pale = new Colour(0xC8C0B0);

    assertThat(kinds(block(), text(5, 2, 90, 8, pale, null)))
        .containsExactly(LookNote.Kind.CONTRAST);
    assertThat(kinds(block(), text(5, 2, 90, 8, pale, PLATE))).isEmpty();
  }

  @Test
  void aTextWithoutWordsOrWithTooManyIsFound() {
    Dressable nameless = new Dressable(block().cutout(), block().content());
    Dressable longName = named("x".repeat(200));

    assertThat(kinds(nameless, text(5, 2, 90, 8, Colour.BLACK, null)))
        .containsExactly(LookNote.Kind.TEXT_MISSING);
    assertThat(kinds(longName, text(5, 2, 90, 8, Colour.BLACK, null)))
        .contains(LookNote.Kind.TEXT_TOO_LONG);
  }

  @Test
  void aSubjectInTheBackdropsColourIsFound() {
    Dressable oat = of(pale(), new Rect(60, 60, 80, 80));

    assertThat(kinds(oat)).containsExactly(LookNote.Kind.SAME_COLOUR);
    assertThat(kinds(block())).isEmpty();
  }

  @Test
  void aCutEdgeAwayFromTheFrameIsFoundUntilItStaysThere() {
    Dressable portrait = cutBelow();

    assertThat(kinds(portrait, place(SubjectPlace.Stand.CENTRE, false)))
        .containsExactly(LookNote.Kind.CUT_EDGE);
    assertThat(kinds(portrait, place(SubjectPlace.Stand.CENTRE, true))).isEmpty();
  }

  @Test
  void whatIsEnlargedTooFarIsFoundByTheOriginalsPixels() {
    Look look = look();

    assertThat(CHECK.find(block(), look, FRAME, 1).stream().map(LookNote::kind))
        .contains(LookNote.Kind.ENLARGED);
    assertThat(CHECK.find(block(), look, FRAME, 0.2)).isEmpty();
  }

  @Test
  void whatIsNotThereIsSaid() {
    Part own = new Part("own", "", true, new OwnShadow(100, true));
    Part gone = new Part("badge", "", true, new Mark("own-1", new Box(0, 0, 10, 10), 100));

    List<LookNote> notes = find(block(), own, gone);

    assertThat(notes)
        .extracting(LookNote::kind)
        .containsExactly(LookNote.Kind.NO_OWN_SHADOW, LookNote.Kind.MISSING_PICTURE);
    assertThat(notes.get(0).sentence()).contains("a made one stands in");
  }

  @Test
  void whatIsProposedMendsIt() {
    Part over = text(45, 45, 30, 10, Colour.BLACK, null);
    Part pale = text(5, 2, 90, 8, new Colour(0xC8C0B0), null);
    Part centred = place(SubjectPlace.Stand.CENTRE, false);

    assertThat(mended(block(), LookNote.Kind.TEXT_OVER_SUBJECT, over)).isEmpty();
    assertThat(mended(block(), LookNote.Kind.CONTRAST, pale)).isEmpty();
    assertThat(mended(cutBelow(), LookNote.Kind.CUT_EDGE, centred)).isEmpty();
    assertThat(
            mended(
                new Dressable(block().cutout(), block().content()),
                LookNote.Kind.TEXT_MISSING,
                text(5, 2, 90, 8, Colour.BLACK, null)))
        .isEmpty();
  }

  @Test
  void aSubjectThatIsEnlargedTooFarIsMadeSmallerOnlySoFar() {
    Look look = look();
    LookNote note =
        CHECK.find(block(), look, FRAME, 0.5).stream()
            .filter(n -> n.kind() == LookNote.Kind.ENLARGED)
            .findFirst()
            .orElseThrow();
    Part mended = FIX.of(note, block(), look, FRAME, 0.5).orElseThrow();

    Look after = look.changedBy(List.of(mended));
    assertThat(Dresser.standing(block(), after, FRAME).placement().scale() * 0.5)
        .isBetween(1.19, 1.2);
  }

  @Test
  void aTextIsNotMovedOntoAnother() {
    Part over = text(20, 45, 40, 6, Colour.BLACK, null);
    Part above = renamed(text(0, 0, 100, 20, Colour.BLACK, null), "above");
    LookNote note =
        find(block(), over, above).stream()
            .filter(n -> n.kind() == LookNote.Kind.TEXT_OVER_SUBJECT)
            .findFirst()
            .orElseThrow();

    Part moved = FIX.of(note, block(), look(over, above), FRAME, 0.2).orElseThrow();

    assertThat(((Lettering) moved.setting()).box().y()).isGreaterThanOrEqualTo(22);
  }

  private static Part renamed(Part part, String id) {
    return new Part(id, part.name(), part.on(), part.setting());
  }

  @Test
  void aMadeShadowThatStandsInIsLeft() {
    Part own = new Part("own", "", true, new OwnShadow(100, true));
    Part alone = new Part("own", "", true, new OwnShadow(100, false));

    assertThat(FIX.of(find(block(), own).get(0), block(), look(own), FRAME, 0.2)).isEmpty();
    assertThat(
            FIX.of(find(block(), alone).get(0), block(), look(alone), FRAME, 0.2)
                .orElseThrow()
                .on())
        .isFalse();
  }

  @Test
  void whatCannotBeMendedIsLeft() {
    Part everywhere = text(0, 0, 100, 60, Colour.BLACK, null);
    LookNote note =
        find(named("x".repeat(20)), everywhere).stream()
            .filter(n -> n.kind() == LookNote.Kind.TEXT_OVER_SUBJECT)
            .findFirst()
            .orElseThrow();

    assertThat(FIX.of(note, named("x".repeat(20)), look(everywhere), FRAME, 0.2)).isEmpty();
  }

  /** What is left of the kind after the proposal. */
  private static List<LookNote> mended(Dressable dressable, LookNote.Kind kind, Part part) {
    Look look = look(part);
    LookNote note =
        find(dressable, part).stream().filter(n -> n.kind() == kind).findFirst().orElseThrow();
    Part proposal = FIX.of(note, dressable, look, FRAME, 0.2).orElseThrow();
    return CHECK.find(dressable, look.changedBy(List.of(proposal)), FRAME, 0.2).stream()
        .filter(n -> n.kind() == kind)
        .toList();
  }

  private static List<LookNote.Kind> kinds(Dressable dressable, Part... more) {
    return find(dressable, more).stream().map(LookNote::kind).toList();
  }

  private static List<LookNote> find(Dressable dressable, Part... more) {
    return CHECK.find(dressable, look(more), FRAME, 0.2);
  }

  private static Look look(Part... more) {
    List<Part> parts = new ArrayList<>();
    parts.add(new Part("backdrop", "", true, new Backdrop(new Fill.Solid(OAT))));
    boolean placed =
        List.of(more).stream().anyMatch(part -> part.setting() instanceof SubjectPlace);
    if (!placed) {
      parts.add(place(SubjectPlace.Stand.CENTRE, true));
    }
    parts.addAll(List.of(more));
    return new Look(parts);
  }

  private static Part place(SubjectPlace.Stand stand, boolean keeps) {
    return new Part(
        "subject",
        "",
        true,
        new SubjectPlace(SubjectPlace.Size.MARGIN, 15, stand, 15, 0, 0, 0, false, keeps));
  }

  private static Part text(
      double x, double y, double width, double size, Colour colour, Lettering.Plate plate) {
    return new Part(
        "text",
        "Name",
        true,
        new Lettering(
            List.of(new Word.Column("name")),
            new Box(x, y, width, size + 2),
            TypeFamily.ATKINSON,
            false,
            size,
            2,
            colour,
            Lettering.Across.LEFT,
            Lettering.Down.TOP,
            115,
            0,
            100,
            false,
            plate));
  }

  private static Dressable block() {
    return of(0xFF2E7D46, new Rect(60, 60, 80, 80));
  }

  /** The photograph ends where it ends. */
  private static Dressable cutBelow() {
    return of(0xFF2E7D46, new Rect(60, 60, 80, 140));
  }

  private static int pale() {
    return 0xFF000000 | OAT.rgb();
  }

  private static Dressable named(String name) {
    Dressable block = block();
    return new Dressable(
        block.cutout(),
        block.content(),
        null,
        new Labels("a.jpg", null, null, Map.of("name", name)));
  }

  private static Dressable of(int argb, Rect content) {
    int[] pixels = new int[200 * 200];
    for (int y = content.y(); y < content.bottom(); y++) {
      java.util.Arrays.fill(pixels, y * 200 + content.x(), y * 200 + content.right(), argb);
    }
    return new Dressable(
        new Picture(200, 200, pixels),
        content,
        null,
        new Labels("a.jpg", null, null, Map.of("name", "Ivy")));
  }
}
