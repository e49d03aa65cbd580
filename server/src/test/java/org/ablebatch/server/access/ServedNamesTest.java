package org.ablebatch.server.access;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class ServedNamesTest {
  private final ServedNames names = new ServedNames(List.of("Studio.local", " ", "fe80::7"));

  @ParameterizedTest
  @CsvSource({
    "127.0.0.1,true",
    "localhost,true",
    "LOCALHOST,true",
    "[::1],true",
    "::1,true",
    "studio.local,true",
    "[fe80::7],true",
    "evil.example,false",
    "localhost.evil.example,false",
    "127.0.0.2,false",
    "'',false"
  })
  void onlyWhatIsServedIsKnown(String host, boolean served) {
    assertThat(names.contains(host)).isEqualTo(served);
  }
}
