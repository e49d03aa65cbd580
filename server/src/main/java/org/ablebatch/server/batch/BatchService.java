package org.ablebatch.server.batch;

import java.time.Clock;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.ablebatch.codec.look.LookFile;
import org.ablebatch.core.cut.Method;
import org.ablebatch.core.finding.Trust;
import org.ablebatch.core.look.Look;
import org.ablebatch.core.sets.NamePattern;
import org.ablebatch.server.look.LookService;
import org.ablebatch.server.look.LookVersion;
import org.ablebatch.server.problem.BadInput;
import org.ablebatch.server.problem.Conflict;
import org.ablebatch.server.problem.NotFound;
import org.ablebatch.server.progress.BatchEvents;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Makes batches, changes their tickets, and describes them. */
@Service
public class BatchService {
  private static final int LONGEST_GROUP = 120;

  private final BatchRepository batches;
  private final List<BatchFacts.Source> sources;
  private final BatchEvents events;
  private final LookService looks;
  private final Clock clock;

  BatchService(
      BatchRepository batches,
      List<BatchFacts.Source> sources,
      LookService looks,
      BatchEvents events,
      Clock clock) {
    this.batches = batches;
    this.looks = looks;
    this.sources = sources;
    this.events = events;
    this.clock = clock;
  }

  @Transactional
  public Batch create(String name, String method) {
    LookVersion look = looks.plain(Look.DEFAULT.backdrop(), Look.DEFAULT.subject().percent());
    return batches.save(new Batch(name.strip(), parse(method), look, clock.instant()));
  }

  @Transactional
  public void change(long id, TicketRequest change) {
    Batch batch = require(id);
    if (change.name() != null && !change.name().isBlank()) {
      batch.rename(change.name().strip());
    }
    if (change.method() != null) {
      batch.setMethod(parse(change.method()));
    }
    if (change.look() != null) {
      batch.setLook(chosen(change.look()));
    }
    if (change.methodRules() != null) {
      batch.setMethodRules(rules(change.methodRules()));
    }
    if (change.sharpenEnlarged() != null) {
      batch.setSharpensEnlarged(change.sharpenEnlarged());
    }
    if (change.takeSafeMends() != null) {
      batch.setTakesSafeMends(change.takeSafeMends());
    }
    if (change.notes() != null) {
      batch.setNotes(change.notes());
    }
    events.changed(id);
  }

  private LookVersion chosen(LookRequest look) {
    return look.id() != null
        ? looks.newest(look.id())
        : looks.plain(look.fill("look."), look.margin("look."));
  }

  /** The batch uses this look from now on. */
  @Transactional
  public void useLook(long id, LookVersion look) {
    require(id).setLook(look);
    events.changed(id);
  }

  /**
   * Saves the batch's look as its people have changed it; other batches that use the look keep
   * theirs.
   *
   * @throws Conflict when somebody saved it in between
   */
  @Transactional
  public void saveLook(long id, LookSave save) {
    Batch batch = require(id);
    Look look = LookFile.ofParts(save.parts().toString());
    LookVersion from = looks.version(save.versionId());
    // A backdrop and a margin that many share is no place to build a look in.
    boolean own = !from.look().isPlain() || look.isPlain();
    batch.setLook(
        own
            ? looks.save(from, save.revision(), save.name(), look, id)
            : looks.keep("Look of " + batch.name(), look));
    events.changed(id);
  }

  private static MethodRules rules(Map<String, String> methodsByGroup) {
    Map<String, Method> rules = new TreeMap<>();
    methodsByGroup.forEach(
        (group, method) -> {
          if (group.isBlank() || group.length() > LONGEST_GROUP || group.contains("\n")) {
            throw new BadInput("methodRules", "A group’s name has 1 to 120 letters");
          }
          rules.put(group, Methods.choosable(method));
        });
    return new MethodRules(rules);
  }

  /** Null = codes and groups are not read from names any more. */
  @Transactional
  public void setNamePattern(long id, NamePattern pattern) {
    require(id).setNamePattern(pattern);
    events.changed(id);
  }

  /** The ticket's specs as JSON; null = none yet. */
  @Transactional(readOnly = true)
  public String specs(long id) {
    return require(id).specs();
  }

  @Transactional
  public void setSpecs(long id, String json) {
    require(id).setSpecs(json);
    events.changed(id);
  }

  /** What the ticket lets files say of themselves, as JSON; null = nothing. */
  @Transactional(readOnly = true)
  public String fileWords(long id) {
    return require(id).fileWords();
  }

  @Transactional
  public void setFileWords(long id, String json) {
    require(id).setFileWords(json);
    events.changed(id);
  }

  /**
   * @throws NotFound when there is no such batch
   */
  @Transactional(readOnly = true)
  public Batch require(long id) {
    return batches.findById(id).orElseThrow(() -> new NotFound("batch", id));
  }

  /** How batches are called now. */
  @Transactional(readOnly = true)
  public Map<Long, String> names(Collection<Long> ids) {
    return batches.findAllById(ids).stream().collect(Collectors.toMap(Batch::id, Batch::name));
  }

  @Transactional(readOnly = true)
  public BatchView view(long id) {
    Batch batch = require(id);
    boolean newest = looks.isNewest(batch.lookVersion());
    return view(batch, newest, facts(List.of(id)).get(id));
  }

  @Transactional(readOnly = true)
  public List<BatchView> viewAll() {
    List<Batch> all = batches.findAllByOrderByIdDesc();
    Map<Long, BatchFacts> known = facts(all.stream().map(Batch::id).toList());
    Set<Long> newest = looks.shelf().stream().map(LookVersion::id).collect(Collectors.toSet());
    return all.stream()
        .map(batch -> view(batch, newest.contains(batch.lookVersion().id()), known.get(batch.id())))
        .toList();
  }

  private Map<Long, BatchFacts> facts(List<Long> batchIds) {
    Map<Long, BatchFacts> byBatch =
        batchIds.stream().collect(Collectors.toMap(Function.identity(), id -> new BatchFacts()));
    if (!batchIds.isEmpty()) {
      sources.forEach(source -> source.addTo(byBatch, batchIds));
    }
    return byBatch;
  }

  private static BatchView view(Batch batch, boolean newestLook, BatchFacts facts) {
    return new BatchView(
        batch.id(),
        batch.name(),
        batch.method().wireName(),
        batch.methodRules().byName(),
        BatchView.LookView.of(batch.lookVersion(), newestLook),
        batch.sharpensEnlarged(),
        batch.takesSafeMends(),
        batch.notes(),
        batch
            .emptySet()
            .map(set -> new BatchView.EmptySetView(set.name(), set.width(), set.height()))
            .orElse(null),
        facts.counts,
        facts.total,
        facts.removed,
        facts.queued,
        batch.isPaused(),
        facts.confidences,
        facts.medianConfidence(),
        Trust.NINETEEN_OF_TWENTY_FROM,
        facts.samples,
        facts.deliveredFiles,
        batch.createdAt());
  }

  private static Method parse(String name) {
    return name == null ? Method.AUTO : Methods.choosable(name);
  }
}
