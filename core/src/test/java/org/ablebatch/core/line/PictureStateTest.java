package org.ablebatch.core.line;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

class PictureStateTest {
  @Test
  void theUsualWayIsOpen() {
    assertThat(
            PictureState.WAITING
                .moveTo(PictureState.CUTTING)
                .moveTo(PictureState.TO_CHECK)
                .moveTo(PictureState.IN_TOUCH_UP)
                .moveTo(PictureState.PASSED)
                .moveTo(PictureState.DELIVERED))
        .isEqualTo(PictureState.DELIVERED);
  }

  @Test
  void nothingIsDeliveredUnchecked() {
    assertThatThrownBy(() -> PictureState.TO_CHECK.moveTo(PictureState.DELIVERED))
        .isInstanceOf(ForbiddenMove.class)
        .hasMessage("A picture that is “to check” can’t become “delivered”");
  }

  @Test
  void onlyTheQueueLeadsToACutout() {
    for (PictureState state : PictureState.values()) {
      assertThat(state.mayMoveTo(PictureState.CUTTING)).isEqualTo(state == PictureState.WAITING);
    }
  }

  @ParameterizedTest
  @EnumSource
  void wireNamesGoThereAndBack(PictureState state) {
    assertThat(PictureState.ofWireName(state.wireName())).isEqualTo(state);
  }

  @Test
  void everyStateCanBeLeft() {
    for (PictureState state : PictureState.values()) {
      assertThat(PictureState.values()).anyMatch(state::mayMoveTo);
    }
  }
}
