package org.ablebatch.server.batch;

import jakarta.persistence.Column;
import jakarta.persistence.Embedded;
import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.JoinColumn;
import jakarta.persistence.ManyToOne;
import jakarta.persistence.Version;
import java.time.Instant;
import java.util.Optional;
import org.ablebatch.core.cut.Method;
import org.ablebatch.core.look.Look;
import org.ablebatch.core.run.RunPriority;
import org.ablebatch.core.sets.NamePattern;
import org.ablebatch.server.look.LookVersion;

/** Pictures that go along the line together, with the ticket that says how. */
@Entity
public class Batch {
  @Id
  @GeneratedValue(strategy = GenerationType.IDENTITY)
  private Long id;

  private String name;
  private String method;

  @ManyToOne(optional = false)
  @JoinColumn(name = "look_version_id")
  private LookVersion lookVersion;

  @Embedded private EmptySetFile emptySet;
  private boolean paused;
  private int priority;

  @Column(columnDefinition = "MEDIUMTEXT")
  private String methodRules;

  private String setPattern;
  private boolean sharpenEnlarged;
  private boolean takesSafeMends;
  private String notes;

  @Column(columnDefinition = "MEDIUMTEXT")
  private String specs;

  @Column(columnDefinition = "MEDIUMTEXT")
  private String fileWords;

  private Instant createdAt;
  @Version private long revision;

  protected Batch() {}

  public Batch(String name, Method method, LookVersion look, Instant createdAt) {
    this.name = name;
    this.method = method.wireName();
    this.createdAt = createdAt;
    this.lookVersion = look;
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

  /** Methods of the groups that have one of their own. */
  public MethodRules methodRules() {
    return MethodRules.parse(methodRules);
  }

  void setMethodRules(MethodRules rules) {
    this.methodRules = rules.toText();
  }

  /**
   * What was asked for a picture itself, else for its group, else for the batch.
   *
   * @param asked null = nothing for the picture itself
   * @param group null = it has none
   */
  public Method methodFor(Method asked, String group) {
    return asked != null ? asked : methodRules().of(group).orElse(method());
  }

  /** How codes and groups are read from file names; empty = not at all. */
  public Optional<NamePattern> namePattern() {
    return PatternText.parse(setPattern);
  }

  void setNamePattern(NamePattern pattern) {
    this.setPattern = PatternText.of(pattern);
  }

  /** Small originals are sharpened where a spec enlarges them. */
  public boolean sharpensEnlarged() {
    return sharpenEnlarged;
  }

  void setSharpensEnlarged(boolean sharpens) {
    this.sharpenEnlarged = sharpens;
  }

  /** Mends that are safe to take unseen are taken without a person's key. */
  public boolean takesSafeMends() {
    return takesSafeMends;
  }

  void setTakesSafeMends(boolean takes) {
    this.takesSafeMends = takes;
  }

  /** What people should know; null = nothing. */
  public String notes() {
    return notes;
  }

  void setNotes(String words) {
    this.notes = words == null || words.isBlank() ? null : words.strip();
  }

  /** The specs as JSON; null = none yet. */
  String specs() {
    return specs;
  }

  void setSpecs(String json) {
    this.specs = json;
  }

  /** What delivered files say of themselves, as JSON; null = nothing. */
  String fileWords() {
    return fileWords;
  }

  void setFileWords(String json) {
    this.fileWords = json;
  }

  /** The photograph of the set without a subject, as far as cutouts depend on it. */
  public String emptySetBlob() {
    return emptySet == null ? null : emptySet.blob();
  }

  /** How its pictures are dressed. */
  public Look look() {
    return lookVersion.look();
  }

  public LookVersion lookVersion() {
    return lookVersion;
  }

  public void setLook(LookVersion version) {
    this.lookVersion = version;
  }

  Optional<EmptySetFile> emptySet() {
    return Optional.ofNullable(emptySet);
  }

  /** Null takes the photograph away. */
  void setEmptySet(EmptySetFile file) {
    this.emptySet = file;
  }

  /** A paused batch keeps its queue, and nothing of it is begun. */
  public boolean isPaused() {
    return paused;
  }

  public void setPaused(boolean paused) {
    this.paused = paused;
  }

  public RunPriority priority() {
    return RunPriority.ofRank(priority);
  }

  public void setPriority(RunPriority newPriority) {
    this.priority = newPriority.rank();
  }

  public Instant createdAt() {
    return createdAt;
  }
}
