package org.ablebatch.server.picture;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import org.junit.jupiter.api.Test;

class RemarkTest {
  private final RemarkConverter converter = new RemarkConverter();

  @Test
  void blankWordsAreNone() {
    Remark blank = new Remark("  ", null, null, null, null, null);

    assertThat(blank.text()).isNull();
    assertThat(blank.saysNothing()).isTrue();
    assertThat(converter.convertToDatabaseColumn(blank)).isNull();
    assertThat(converter.convertToDatabaseColumn(null)).isNull();
  }

  @Test
  void aRemarkComesBackFromTheDatabaseAsItWas() {
    Remark remark = new Remark("“Mend” the rim", "gap", 1, 2, 3, 4);

    assertThat(converter.convertToEntityAttribute(converter.convertToDatabaseColumn(remark)))
        .isEqualTo(remark);
    assertThat(converter.convertToEntityAttribute(null)).isNull();
  }

  @Test
  void halfAPlaceOrAnUnknownReasonIsRefused() {
    assertThatThrownBy(() -> new Remark(null, null, 1, 2, null, 4))
        .isInstanceOf(IllegalArgumentException.class);
    assertThatThrownBy(() -> new Remark(null, null, 1, 2, 0, 4))
        .isInstanceOf(IllegalArgumentException.class);
    assertThatThrownBy(() -> new Remark(null, "ugly", null, null, null, null))
        .isInstanceOf(IllegalArgumentException.class);
    assertThatThrownBy(() -> new Remark("x".repeat(401), null, null, null, null, null))
        .isInstanceOf(IllegalArgumentException.class);
  }
}
