package org.ablebatch.core.look;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.Arrays;
import java.util.List;
import org.junit.jupiter.api.Test;

class LookTest {
  private static final Part SHADOW = new Part("shadow", "Shadow", true, CastShadow.DEFAULT);

  @Test
  void aPlainLookIsABackdropAndAMargin() {
    Look look = Look.plain(Fill.Solid.WHITE, 12);

    assertThat(look.isPlain()).isTrue();
    assertThat(look.backdrop()).isEqualTo(Fill.Solid.WHITE);
    assertThat(look.subject().percent()).isEqualTo(12);
    assertThat(look.changedBy(List.of()).isPlain()).isTrue();
    assertThat(new Look(List.of(SHADOW)).isPlain()).isFalse();
  }

  @Test
  void anotherBackdropReplacesTheOneThatIsOnOrComesIn() {
    Fill oat = new Fill.Solid(0xE9E0CE);

    assertThat(Look.DEFAULT.withBackdrop(oat).backdrop()).isEqualTo(oat);
    Look without = new Look(List.of(SHADOW));
    assertThat(without.withBackdrop(oat).parts()).hasSize(2);
    assertThat(without.withBackdrop(oat).parts().get(1)).isEqualTo(SHADOW);
    assertThat(without.withMargin(20).subject().percent()).isEqualTo(20);
  }

  @Test
  void aPicturesOwnPartsReplaceThoseWithTheirIds() {
    Look look = new Look(List.of(SHADOW, new Part("subject", "", true, SubjectPlace.within(8))));
    Part off = new Part("shadow", "Shadow", false, CastShadow.DEFAULT);
    Part stranger = new Part("gone", "", true, new OwnShadow(100, false));

    Look changed = look.changedBy(List.of(off, stranger));
    assertThat(changed.parts()).hasSize(2);
    assertThat(changed.all(CastShadow.class)).isEmpty();
    assertThat(changed.needsPhotograph()).isFalse();
  }

  @Test
  void twoPartsOfOneIdOrTwoBackdropsAreRefused() {
    assertThatThrownBy(() -> new Look(List.of(SHADOW, SHADOW)))
        .isInstanceOfSatisfying(
            InvalidLook.class, e -> assertThat(e.field()).isEqualTo("parts[1].id"));
    Part one = new Part("a", "", true, new Backdrop(new Fill.Clear()));
    Part other = new Part("b", "", true, new Backdrop(Fill.Solid.WHITE));
    assertThatThrownBy(() -> new Look(List.of(one, other))).hasMessageContaining("one backdrop");
    assertThat(new Look(List.of(one, new Part("b", "", false, other.setting()))).backdrop())
        .isEqualTo(new Fill.Clear());
  }

  @Test
  void nonsenseIsRefusedByItsField() {
    assertThatThrownBy(() -> new Look(Arrays.asList(SHADOW, null)))
        .isInstanceOfSatisfying(
            InvalidLook.class, e -> assertThat(e.field()).isEqualTo("parts[1]"));
    assertThatThrownBy(() -> new Reflection(Double.NaN, 10, 0))
        .isInstanceOfSatisfying(
            InvalidLook.class, e -> assertThat(e.field()).isEqualTo("strength"));
    assertThatThrownBy(
            () -> new Fill.Gradient(Fill.Spread.LINEAR, 0, List.of(new Fill.Stop(0, Colour.WHITE))))
        .hasMessageContaining("2 to 12 stops");
    assertThatThrownBy(() -> Colour.parse("red")).hasMessageContaining("#E9E0CE");
    assertThatThrownBy(() -> new Part("a b", "", true, CastShadow.DEFAULT))
        .hasMessageContaining("letters, digits");
  }
}
