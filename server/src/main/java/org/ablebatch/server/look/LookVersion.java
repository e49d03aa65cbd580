package org.ablebatch.server.look;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.FetchType;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.JoinColumn;
import jakarta.persistence.ManyToOne;
import java.time.Instant;
import org.ablebatch.codec.look.LookFile;
import org.ablebatch.core.look.Look;

/**
 * One state of a look. It may be changed as long as nothing but the batch that is being dressed
 * refers to it; from then on a change makes the next version.
 */
@Entity
public class LookVersion {
  @Id
  @GeneratedValue(strategy = GenerationType.IDENTITY)
  private Long id;

  @ManyToOne(fetch = FetchType.EAGER, optional = false)
  @JoinColumn(name = "look_id")
  private KeptLook kept;

  private int number;

  @Column(columnDefinition = "MEDIUMTEXT")
  private String parts;

  private Instant createdAt;

  protected LookVersion() {}

  LookVersion(KeptLook kept, int number, Look look, Instant createdAt) {
    this.kept = kept;
    this.number = number;
    this.createdAt = createdAt;
    change(look);
  }

  public Long id() {
    return id;
  }

  public KeptLook kept() {
    return kept;
  }

  public int number() {
    return number;
  }

  public Look look() {
    return LookFile.ofParts(parts);
  }

  /** As JSON, always the same for the same look. */
  public String parts() {
    return parts;
  }

  void change(Look look) {
    parts = LookFile.partsOf(look);
  }
}
