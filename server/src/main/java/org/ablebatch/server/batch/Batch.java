package org.ablebatch.server.batch;

import jakarta.persistence.Embedded;
import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Version;
import java.time.Instant;
import java.util.Optional;
import org.ablebatch.core.cut.Method;
import org.ablebatch.core.dress.Fill;
import org.ablebatch.core.dress.Look;

/** Pictures that go along the line together, with the ticket that says how. */
@Entity
public class Batch {
  @Id
  @GeneratedValue(strategy = GenerationType.IDENTITY)
  private Long id;

  private String name;
  private String method;
  private String lookBackdrop;
  private double lookMarginPercent;
  @Embedded private EmptySetFile emptySet;
  private Instant createdAt;
  @Version private long revision;

  protected Batch() {}

  public Batch(String name, Method method, Instant createdAt) {
    this.name = name;
    this.method = method.wireName();
    this.createdAt = createdAt;
    setLook(Look.DEFAULT);
  }

  public Long id() {
    return id;
  }

  public String name() {
    return name;
  }

  public void rename(String newName) {
    this.name = newName;
  }

  public Method method() {
    return Method.ofWireName(method);
  }

  public void setMethod(Method newMethod) {
    this.method = newMethod.wireName();
  }

  public Look look() {
    return new Look(Fill.parse(lookBackdrop), lookMarginPercent);
  }

  public void setLook(Look look) {
    this.lookBackdrop = look.backdrop().text();
    this.lookMarginPercent = look.marginPercent();
  }

  Optional<EmptySetFile> emptySet() {
    return Optional.ofNullable(emptySet);
  }

  /** Null takes the photograph away. */
  void setEmptySet(EmptySetFile file) {
    this.emptySet = file;
  }

  public Instant createdAt() {
    return createdAt;
  }
}
