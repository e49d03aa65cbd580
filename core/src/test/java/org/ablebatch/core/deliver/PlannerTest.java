package org.ablebatch.core.deliver;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import org.ablebatch.core.deliver.Encoding.Chroma;
import org.ablebatch.core.deliver.Encoding.Palette;
import org.ablebatch.core.deliver.Planner.PlannedFile;
import org.ablebatch.core.deliver.Preflight.Kind;
import org.ablebatch.core.dress.Frame;
import org.ablebatch.core.dress.Labels;
import org.ablebatch.core.dress.SubjectMeasures;
import org.ablebatch.core.look.Fill;
import org.ablebatch.core.look.Look;
import org.ablebatch.core.naming.NamePart;
import org.ablebatch.core.naming.NameRules;
import org.ablebatch.core.raster.Rect;
import org.junit.jupiter.api.Test;

class PlannerTest {
  private static final Encoding PNG = new Encoding.Png(Palette.WHEN_EXACT);
  private static final Encoding JPEG = new Encoding.Jpeg(90, Chroma.HALF, false);

  @Test
  void everyPictureHasAFileUnderEverySpecInTheirOrder() {
    Planner planner =
        new Planner(List.of(Spec.exact("Card", 80, 60, PNG), Spec.exact("Tile", 40, 40, JPEG)));

    List<PlannedFile> first = planner.next(picture("a.jpg", null, null, 2000, 1500));
    List<PlannedFile> second = planner.next(picture("b.jpg", null, null, 2000, 1500));

    assertThat(first).extracting(PlannedFile::name).containsExactly("a_card.png", "a_tile.jpg");
    assertThat(second).extracting(PlannedFile::specIndex).containsExactly(0, 1);
    assertThat(second.get(1).frame()).isEqualTo(new Frame(40, 40));
  }

  @Test
  void whatIsWorthALookIsSaid() {
    Planner planner = new Planner(List.of(Spec.exact("Shop", 800, 800, JPEG)));

    assertThat(kinds(planner.next(picture("small.jpg", null, null, 200, 100)).get(0)))
        .containsExactly(Kind.ENLARGED, Kind.LOSES_TRANSPARENCY);
    Deliverable onOat =
        new Deliverable(
            measures("large.jpg", null, null, Map.of(), 2000, 1500),
            Look.plain(new Fill.Solid(0xE9E0CE), 8));
    assertThat(planner.next(onOat).get(0).notes()).isEmpty();
  }

  @Test
  void namesAreToldFromBeforeAndWhatTheyLackIsSaid() {
    Spec spec =
        named(
            PNG,
            new NamePart.Code(),
            new NamePart.Text("-"),
            new NamePart.Counter(2, 1, true),
            new NamePart.Column("colour"));
    Planner planner = new Planner(List.of(spec));

    PlannedFile one = planner.next(picture("x.jpg", "QG-1", "spades", 900, 900)).get(0);
    PlannedFile two = planner.next(picture("y.jpg", "QG-1", "rakes", 900, 900)).get(0);
    PlannedFile three = planner.next(picture("z.jpg", null, "rakes", 900, 900)).get(0);

    assertThat(one.name()).isEqualTo("QG-1-01.png");
    assertThat(kinds(one)).containsExactly(Kind.COLUMN_EMPTY);
    assertThat(two.name()).isEqualTo("QG-1-01-2.png");
    assertThat(kinds(two)).containsExactly(Kind.COLUMN_EMPTY, Kind.NAME_TWICE);
    assertThat(three.name()).isEqualTo("z-02.png");
    assertThat(kinds(three)).containsExactly(Kind.NO_CODE, Kind.COLUMN_EMPTY);
  }

  @Test
  void whatNoFileCanHoldIsBlocked() {
    Spec original =
        new Spec(
            "Original",
            new SpecSize.Original(null, null),
            Fit.BY_LOOK,
            true,
            PNG,
            null,
            null,
            null,
            Spec.DEFAULT_NAME,
            NameRules.DEFAULT);
    Planner planner = new Planner(List.of(original));

    PlannedFile huge = planner.next(picture("huge.tif", null, null, 21_000, 100)).get(0);
    PlannedFile fine = planner.next(picture("fine.tif", null, null, 4000, 3000)).get(0);

    assertThat(huge.isBlocked()).isTrue();
    assertThat(huge.notes().get(0).sentence()).contains("21,000 × 100", "20,000");
    assertThat(fine.isBlocked()).isFalse();
    assertThat(fine.frame()).isEqualTo(new Frame(4000, 3000));
  }

  @Test
  void coveringThatCutsTheSubjectSaysHowMuch() {
    Spec tower =
        new Spec(
            "Tower",
            new SpecSize.Pixels(100, 400, null),
            new Fit.Cover(),
            true,
            PNG,
            null,
            null,
            null,
            Spec.DEFAULT_NAME,
            NameRules.DEFAULT);

    PlannedFile file =
        new Planner(List.of(tower)).next(picture("wide.jpg", null, null, 400, 400)).get(0);

    assertThat(file.notes())
        .contains(new Preflight.Note(Kind.SUBJECT_CUT, "75 % of the subject is cut off"));
  }

  @Test
  void kindsAreCalledByTheirOwnNames() {
    assertThat(Kind.SUBJECT_CUT.wireName()).isEqualTo("subject-cut");
    assertThat(Kind.TOO_HEAVY.blocks()).isTrue();
    assertThat(Kind.ENLARGED.blocks()).isFalse();
  }

  private static List<Kind> kinds(PlannedFile file) {
    return file.notes().stream().map(Preflight.Note::kind).toList();
  }

  private static Spec named(Encoding encoding, NamePart... parts) {
    return new Spec(
        "A",
        new SpecSize.Pixels(90, 90, null),
        Fit.BY_LOOK,
        true,
        encoding,
        null,
        null,
        null,
        List.of(parts),
        NameRules.DEFAULT);
  }

  private static Deliverable picture(String name, String code, String group, int w, int h) {
    return new Deliverable(measures(name, code, group, Map.of(), w, h), Look.DEFAULT);
  }

  private static SubjectMeasures measures(
      String name, String code, String group, Map<String, String> columns, int w, int h) {
    Rect all = new Rect(0, 0, w, h);
    return new SubjectMeasures(all, all, new Labels(name, code, group, columns));
  }
}
