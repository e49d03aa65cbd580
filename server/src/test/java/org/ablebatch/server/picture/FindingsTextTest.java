package org.ablebatch.server.picture;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.ablebatch.core.finding.Finding;
import org.ablebatch.core.finding.FindingKind;
import org.ablebatch.core.raster.Rect;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

class FindingsTextTest {
  @ParameterizedTest
  @EnumSource(FindingKind.class)
  void everyKindComesBackAsItWas(FindingKind kind) {
    List<Finding> one = List.of(new Finding(kind, new Rect(1, 2, 3, 4), 5.25, 0.75, "seen"));

    assertThat(FindingsText.read(FindingsText.of(one))).isEqualTo(one);
  }
}
