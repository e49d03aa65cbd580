package org.ablebatch.codec.list;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.nio.charset.Charset;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Map;
import org.ablebatch.core.sets.SetList;
import org.ablebatch.core.sets.SetList.Line;
import org.ablebatch.core.sets.SetPlace;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class SetListFileTest {
  private static final List<Line> TWO =
      List.of(
          new Line("a.jpg", new SetPlace("A1", "tools")), new Line("b", new SetPlace("B2", null)));

  @ParameterizedTest
  @ValueSource(
      strings = {
        "a.jpg,A1,tools\nb,B2,\n",
        "a.jpg;A1;tools\r\nb;B2\r\n",
        "a.jpg\tA1\ttools\n\n b \t B2 \t\n",
        "\uFEFFFile,Code,Group\na.jpg,A1,tools\nb,B2,",
        "group,file,code\ntools,a.jpg,A1\n,b,B2\n",
        "\"a.jpg\",\"A1\",\"tools\"\nb,B2,\"\""
      })
  void listsAsSpreadsheetsWriteThem(String text) {
    assertThat(SetListFile.read(text.getBytes(StandardCharsets.UTF_8))).isEqualTo(TWO);
  }

  @Test
  void oldSpreadsheetsWriteAnotherAlphabet() {
    byte[] bytes = "fern.jpg;Q1;Sträucher\n".getBytes(Charset.forName("windows-1252"));

    assertThat(SetListFile.read(bytes).get(0).place().group()).isEqualTo("Sträucher");
  }

  @ParameterizedTest
  @ValueSource(strings = {"", "a.jpg\nb.jpg\n", "file,price\na.jpg,\n", "a.jpg,\"A1\nb,B2"})
  void whatGivesNothingIsRefused(String text) {
    assertThatThrownBy(() -> SetListFile.read(text.getBytes(StandardCharsets.UTF_8)))
        .isInstanceOf(UnreadableList.class);
  }

  @Test
  void otherColumnsAreKeptUnderTheirTitles() {
    String text = "Note,file,Name,code\n,a.jpg,Fern Ødegård,A1\nnew,b.jpg,,\n";

    List<SetList.Line> lines = SetListFile.read(text.getBytes(StandardCharsets.UTF_8));

    assertThat(lines.get(0).columns()).isEqualTo(Map.of("Name", "Fern Ødegård"));
    assertThat(lines.get(1).columns()).isEqualTo(Map.of("Note", "new"));
  }

  @Test
  void columnsKeepTheirOrder() {
    String text = "file,title,note,height_mm,colour,maker\na.jpg,Jug,new,240,white,us\n";

    List<SetList.Line> lines = SetListFile.read(text.getBytes(StandardCharsets.UTF_8));

    assertThat(lines.get(0).columns().keySet())
        .containsExactly("title", "note", "height_mm", "colour", "maker");
  }

  @Test
  void tenThousandLettersAreCutAndTheRestOfTheListIsKept() {
    String text = "file,name\na.jpg," + "x".repeat(10_000) + "\nb.jpg,Ivy\n";

    List<SetList.Line> lines = SetListFile.read(text.getBytes(StandardCharsets.UTF_8));

    assertThat(lines.get(0).columns().get("name")).hasSize(3_000);
    assertThat(lines.get(1).columns()).containsEntry("name", "Ivy");
  }

  @Test
  void aPictureIsNoList() {
    assertThatThrownBy(() -> SetListFile.read(new byte[] {(byte) 0x89, 'P', 'N', 'G', 0, 0}))
        .hasMessageContaining("another kind of file");
  }
}
