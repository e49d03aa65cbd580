package org.ablebatch.server.upload;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.ArgumentMatchers.anyString;
import static org.mockito.ArgumentMatchers.contains;
import static org.mockito.ArgumentMatchers.eq;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.verify;
import static org.mockito.Mockito.when;

import java.nio.file.Path;
import java.time.Duration;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.LongPredicate;
import java.util.function.UnaryOperator;
import org.ablebatch.server.AbleSettings;
import org.ablebatch.server.storage.BlobStore;
import org.ablebatch.server.storage.RenditionStore;
import org.ablebatch.server.storage.UploadFolder;
import org.ablebatch.server.storage.WorkingCopies;
import org.junit.jupiter.api.Test;
import org.mockito.ArgumentCaptor;
import org.springframework.jdbc.core.namedparam.NamedParameterJdbcTemplate;

class CleanerTest {
  private static final Duration GRACE = Duration.ofHours(2);
  private static final long WAITING = 7;
  private static final long TAKEN = 8;
  private final BlobStore blobs = mock(BlobStore.class);
  private final RenditionStore renditions = mock(RenditionStore.class);
  private final UploadFolder folder = mock(UploadFolder.class);
  private final UploadRepository uploads = mock(UploadRepository.class);
  private final NamedParameterJdbcTemplate jdbc = mock(NamedParameterJdbcTemplate.class);
  private final Cleaner cleaner =
      new Cleaner(
          blobs,
          renditions,
          mock(WorkingCopies.class),
          folder,
          uploads,
          jdbc,
          new AbleSettings(Path.of("data"), "", 0, List.of(), GRACE));

  @Test
  void whatAnyTableRefersToStays() {
    when(jdbc.queryForList(anyString(), any(Map.class), eq(String.class))).thenReturn(List.of());
    when(jdbc.queryForList(contains("cutout_version"), any(Map.class), eq(String.class)))
        .thenReturn(List.of("matte"));
    when(jdbc.queryForList(contains("delivered_file"), any(Map.class), eq(String.class)))
        .thenReturn(List.of("file"));

    cleaner.clean();

    ArgumentCaptor<UnaryOperator<Set<String>>> asked = ArgumentCaptor.captor();
    verify(blobs).forgetUnreferred(eq(GRACE), asked.capture());
    assertThat(asked.getValue().apply(Set.of("matte", "file", "nobody")))
        .containsExactlyInAnyOrder("matte", "file");
    verify(renditions).forgetUnreferred(eq(GRACE), asked.capture());
    assertThat(asked.getValue().apply(Set.of("matte", "nobody"))).containsExactly("matte");
  }

  /** A process may be killed between taking a file in and clearing its bytes away. */
  @Test
  void bytesOfAnUploadStayWhileTheyAreToCompleteOrToRead() {
    when(uploads.existsByIdAndStateIn(WAITING, Set.of(UploadState.COMING, UploadState.COME)))
        .thenReturn(true);

    cleaner.clean();

    ArgumentCaptor<LongPredicate> asked = ArgumentCaptor.captor();
    verify(folder).forgetUnneeded(asked.capture());
    assertThat(asked.getValue().test(WAITING)).isTrue();
    assertThat(asked.getValue().test(TAKEN)).isFalse();
  }
}
