package org.ablebatch.server.picture;

import jakarta.persistence.Column;
import jakarta.persistence.Convert;
import jakarta.persistence.Embeddable;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.ablebatch.core.look.Look;
import org.ablebatch.core.look.Part;

/**
 * What one picture does otherwise than its look, and what the batch's list says of it in words. A
 * fresh one holds nulls, as the row does: reading must not look like a change.
 */
@Embeddable
public class PhotoDress {
  @Convert(converter = LookChangesConverter.class)
  @Column(columnDefinition = "MEDIUMTEXT")
  private List<Part> lookChanges;

  @Convert(converter = ColumnsConverter.class)
  @Column(columnDefinition = "MEDIUMTEXT")
  private Map<String, String> listColumns;

  protected PhotoDress() {}

  /** Parts that replace those of the look, by their ids. */
  public List<Part> lookChanges() {
    return lookChanges == null ? List.of() : lookChanges;
  }

  /** The look with what the picture does otherwise. */
  public Look changed(Look look) {
    return lookChanges().isEmpty() ? look : look.changedBy(lookChanges());
  }

  public void changeLook(List<Part> changes) {
    this.lookChanges = List.copyOf(changes);
  }

  /** Beyond code and group, by the columns' names. */
  public Map<String, String> listColumns() {
    return listColumns == null ? Map.of() : listColumns;
  }

  public void sayOfList(Map<String, String> columns) {
    this.listColumns = Collections.unmodifiableMap(new LinkedHashMap<>(columns));
  }
}
