package org.ablebatch.server.picture;

import jakarta.persistence.CascadeType;
import jakarta.persistence.Column;
import jakarta.persistence.Embedded;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.OneToMany;
import jakarta.persistence.OrderBy;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import org.ablebatch.core.finding.Finding;
import org.ablebatch.core.finding.Trust;
import org.ablebatch.core.look.Colour;
import org.ablebatch.core.proposal.Examined;
import org.ablebatch.core.raster.Rect;

/** One state of a picture's cutout. After it was made nothing is added but what is found in it. */
@Entity
public class CutoutVersion {
  /** Who made a version. */
  public enum Maker {
    ENGINE,
    HAND,
    /** One with a region of another; edits go on from it as from one by the engine. */
    MERGED
  }

  @Id
  @GeneratedValue(strategy = GenerationType.IDENTITY)
  private Long id;

  private long photoId;
  private int number;

  @Enumerated(EnumType.STRING)
  @Column(columnDefinition = "VARCHAR(16)")
  private Maker maker;

  private Long baseVersionId;

  @Column(columnDefinition = "CHAR(64)")
  private String matteBlob;

  @Column(columnDefinition = "CHAR(64)")
  private String edgeBlob;

  @Column(columnDefinition = "CHAR(64)")
  private String thumbnailBlob;

  @Column(columnDefinition = "CHAR(64)")
  private String previewBlob;

  private String method;
  private String reason;

  /** As text, as the findings. */
  @Column(columnDefinition = "VARCHAR(400)")
  private String tried;

  private int confidence;
  private Integer engineConfidence;
  private boolean inspected;
  private boolean seenByTicket;

  /** As text, and read when somebody asks: lists of thousands are fetched for other reasons. */
  @Column(columnDefinition = "MEDIUMTEXT")
  private String findings;

  @OneToMany(mappedBy = "version", cascade = CascadeType.ALL, orphanRemoval = true)
  @OrderBy("finding")
  private List<ProposedMend> mends = new ArrayList<>();

  private int subjects;

  @Column(columnDefinition = "MEDIUMTEXT")
  private String subjectList;

  @Column(columnDefinition = "CHAR(64)")
  private String labelsBlob;

  @Column(columnDefinition = "MEDIUMTEXT")
  private String guidance;

  @Column(name = "content_x")
  private int contentX;

  @Column(name = "content_y")
  private int contentY;

  private int contentWidth;
  private int contentHeight;
  private long millis;
  private String askedMethod;

  @Column(columnDefinition = "CHAR(64)")
  private String sourceKey;

  private Integer tellTale;

  @Column(columnDefinition = "CHAR(64)")
  private String sourceBlob;

  @Embedded private Crop crop;
  private Instant createdAt;

  protected CutoutVersion() {}

  /**
   * A version by the engine.
   *
   * @param of the picture as it was when the engine saw it
   */
  public CutoutVersion(
      Photo of, int number, SavedCutout saved, Judgement judgement, Instant createdAt) {
    this(of.id(), number, Maker.ENGINE, null, saved, judgement, createdAt);
    this.sourceBlob = of.originalBlob();
    this.crop = Crop.of(of.crop());
  }

  /** A version by hand, from edits over a version by the engine. */
  public CutoutVersion(
      long photoId, int number, CutoutVersion base, SavedCutout saved, Instant createdAt) {
    this(photoId, number, Maker.HAND, base.id, saved, base.judgement(), createdAt);
    this.sourceBlob = base.sourceBlob;
    this.crop = base.crop;
  }

  /**
   * A version with a region of another.
   *
   * @param into what it is outside of the region
   */
  public static CutoutVersion merged(
      CutoutVersion into, int number, SavedCutout saved, Instant createdAt) {
    CutoutVersion made =
        new CutoutVersion(
            into.photoId, number, Maker.MERGED, into.id, saved, into.judgement(), createdAt);
    made.sourceBlob = into.sourceBlob;
    made.crop = into.crop;
    return made;
  }

  private CutoutVersion(
      long photoId,
      int number,
      Maker maker,
      Long baseVersionId,
      SavedCutout saved,
      Judgement judgement,
      Instant createdAt) {
    this.photoId = photoId;
    this.number = number;
    this.maker = maker;
    this.baseVersionId = baseVersionId;
    this.matteBlob = saved.matteBlob();
    this.edgeBlob = saved.edgeBlob();
    this.thumbnailBlob = saved.thumbnailBlob();
    this.previewBlob = saved.previewBlob();
    this.contentX = saved.content().x();
    this.contentY = saved.content().y();
    this.contentWidth = saved.content().width();
    this.contentHeight = saved.content().height();
    this.method = judgement.method();
    this.reason = judgement.reason();
    this.tried = TriedWaysText.of(judgement.tried());
    this.confidence = judgement.confidence();
    this.engineConfidence = judgement.confidence();
    this.subjects = judgement.found().kept();
    this.subjectList = judgement.found().list();
    this.labelsBlob = judgement.found().labelsBlob();
    this.guidance = judgement.guidance();
    this.millis = judgement.millis();
    this.askedMethod = judgement.asked().method();
    this.sourceKey = judgement.asked().sourceKey();
    this.tellTale = saved.tellTale();
    this.createdAt = createdAt;
  }

  /**
   * What the engine said about its work.
   *
   * @param tried the ways that competed, the best first; may be empty
   * @param guidance what a person had said before, as text; null = nothing
   */
  public record Judgement(
      Asked asked,
      String method,
      String reason,
      List<TriedWay> tried,
      int confidence,
      FoundSubjects found,
      String guidance,
      long millis) {}

  /**
   * What was asked of the engine. The same always gives the same cutout.
   *
   * @param method wire name, may be {@code auto}
   * @param sourceKey stands for everything else that decides
   */
  public record Asked(String method, String sourceKey) {}

  /**
   * @param kept how many subjects are in the cutout
   * @param list all of them, as text
   * @param labelsBlob grey PNG with their numbers; null for cutouts from before there were any
   */
  public record FoundSubjects(int kept, String list, String labelsBlob) {}

  /** Keeps what was found in it; until then it is trusted as far as the engine does. */
  public void inspected(List<Examined> found) {
    mends.clear();
    for (int k = 0; k < found.size(); k++) {
      if (found.get(k).edit().isPresent()) {
        mends.add(new ProposedMend(this, k, found.get(k).edit().get()));
      }
    }
    keep(found.stream().map(Examined::finding).toList());
    inspected = true;
  }

  private void keep(List<Finding> found) {
    findings = FindingsText.of(found);
    // As they come back from the database, so that the same findings give the same confidence.
    confidence = Trust.percent(engineConfidence(), findings());
  }

  /**
   * Somebody says whether a finding is no fault.
   *
   * @param index of the finding
   */
  public void say(int index, boolean isRight) {
    List<Finding> changed = new ArrayList<>(findings());
    changed.set(index, changed.get(index).said(isRight));
    keep(changed);
  }

  /** Edits that would mend its findings; read when they are asked for. */
  public List<ProposedMend> mends() {
    return List.copyOf(mends);
  }

  private int engineConfidence() {
    return engineConfidence == null ? confidence : engineConfidence;
  }

  /** Worst first; empty also while it has not been inspected yet. */
  public List<Finding> findings() {
    return FindingsText.read(findings);
  }

  /** A ticket that takes mends has decided about this version's; it is not asked again. */
  public void seenByTicket() {
    seenByTicket = true;
  }

  public boolean isUnseenByTicket() {
    return !seenByTicket;
  }

  public boolean isInspected() {
    return inspected;
  }

  private Judgement judgement() {
    return new Judgement(
        new Asked(null, null),
        method,
        reason,
        tried(),
        engineConfidence(),
        new FoundSubjects(subjects, subjectList, labelsBlob),
        guidance,
        millis);
  }

  public Long id() {
    return id;
  }

  public long photoId() {
    return photoId;
  }

  public int number() {
    return number;
  }

  public Maker maker() {
    return maker;
  }

  public Long baseVersionId() {
    return baseVersionId;
  }

  /** The photograph it was made of; null only for what was never seen by this program. */
  public String sourceBlob() {
    return sourceBlob;
  }

  /** True when it was made of the photograph, and of the part of it, that counts now. */
  public boolean isOf(Photo photo) {
    return photo.originalBlob().equals(sourceBlob) && Objects.equals(crop(), photo.crop());
  }

  /** True when both were made of the same part of the same photograph. */
  public boolean isOfTheSameAs(CutoutVersion other) {
    return Objects.equals(sourceBlob, other.sourceBlob) && Objects.equals(crop(), other.crop());
  }

  public Instant createdAt() {
    return createdAt;
  }

  /** The part of the photograph it was made of; null = all of it. */
  public Rect crop() {
    return Crop.rect(crop);
  }

  public String matteBlob() {
    return matteBlob;
  }

  public String edgeBlob() {
    return edgeBlob;
  }

  public String thumbnailBlob() {
    return thumbnailBlob;
  }

  public String previewBlob() {
    return previewBlob;
  }

  public String method() {
    return method;
  }

  /** The ways that competed for it, the best first; empty when nothing did. */
  public List<TriedWay> tried() {
    return TriedWaysText.read(tried);
  }

  public String reason() {
    return reason;
  }

  public int confidence() {
    return confidence;
  }

  /** How long the engine took. */
  public long millis() {
    return millis;
  }

  /** The flat colour on which leftovers show most, {@code #RRGGBB}; null for old versions. */
  public String tellTale() {
    return tellTale == null ? null : new Colour(tellTale).text();
  }

  public int subjects() {
    return subjects;
  }

  public String subjectList() {
    return subjectList;
  }

  public String labelsBlob() {
    return labelsBlob;
  }

  public String guidance() {
    return guidance;
  }

  public Rect content() {
    return new Rect(contentX, contentY, contentWidth, contentHeight);
  }
}
