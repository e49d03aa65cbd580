package org.ablebatch.server.picture;

import jakarta.persistence.Column;
import jakarta.persistence.Convert;
import jakarta.persistence.Embeddable;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.ablebatch.core.look.Part;

/** What one picture does otherwise than its look, and what the batch's list says of it in words. */
@Embeddable
class PhotoDress {
  @Convert(converter = LookChangesConverter.class)
  @Column(columnDefinition = "MEDIUMTEXT")
  private List<Part> lookChanges = List.of();

  @Convert(converter = ColumnsConverter.class)
  @Column(columnDefinition = "MEDIUMTEXT")
  private Map<String, String> listColumns = Map.of();

  protected PhotoDress() {}

  List<Part> lookChanges() {
    return lookChanges == null ? List.of() : lookChanges;
  }

  void setLookChanges(List<Part> changes) {
    this.lookChanges = List.copyOf(changes);
  }

  Map<String, String> listColumns() {
    return listColumns == null ? Map.of() : listColumns;
  }

  void setListColumns(Map<String, String> columns) {
    this.listColumns = Collections.unmodifiableMap(new LinkedHashMap<>(columns));
  }
}
