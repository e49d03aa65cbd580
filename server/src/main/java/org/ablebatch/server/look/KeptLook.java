package org.ablebatch.server.look;

import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;

/** A look by its name; what it does stands in its versions. */
@Entity
@Table(name = "look")
public class KeptLook {
  @Id
  @GeneratedValue(strategy = GenerationType.IDENTITY)
  private Long id;

  private String name;

  /** Counts the saves, so that who saves knows whether somebody did before. */
  private long revision;

  private Instant removedAt;
  private Instant createdAt;

  protected KeptLook() {}

  KeptLook(String name, Instant createdAt) {
    this.name = name;
    this.createdAt = createdAt;
  }

  public Long id() {
    return id;
  }

  public String name() {
    return name;
  }

  public long revision() {
    return revision;
  }

  void saved(String newName) {
    name = newName;
    revision++;
  }

  void remove(Instant at) {
    removedAt = at;
  }
}
