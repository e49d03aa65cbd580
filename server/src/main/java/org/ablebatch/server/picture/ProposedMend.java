package org.ablebatch.server.picture;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.FetchType;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.JoinColumn;
import jakarta.persistence.ManyToOne;
import org.ablebatch.core.mend.Edit;
import org.ablebatch.server.editing.EditData;
import org.ablebatch.server.editing.EditWriting;
import tools.jackson.databind.json.JsonMapper;

/** The edit that would mend one of the findings of a version. */
@Entity
public class ProposedMend {
  private static final JsonMapper JSON = new JsonMapper();

  @Id
  @GeneratedValue(strategy = GenerationType.IDENTITY)
  private Long id;

  @ManyToOne(fetch = FetchType.LAZY)
  @JoinColumn(name = "version_id")
  private CutoutVersion version;

  private int finding;

  @Column(columnDefinition = "MEDIUMTEXT")
  private String edit;

  protected ProposedMend() {}

  ProposedMend(CutoutVersion version, int finding, Edit edit) {
    this.version = version;
    this.finding = finding;
    this.edit = JSON.writeValueAsString(EditWriting.of(edit));
  }

  /** Place of its finding among those of the version. */
  public int finding() {
    return finding;
  }

  public EditData edit() {
    return JSON.readValue(edit, EditData.class);
  }
}
