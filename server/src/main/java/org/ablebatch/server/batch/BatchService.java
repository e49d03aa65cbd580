package org.ablebatch.server.batch;

import java.time.Clock;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.ablebatch.core.cut.Method;
import org.ablebatch.core.dress.Look;
import org.ablebatch.core.finding.Trust;
import org.ablebatch.core.sets.NamePattern;
import org.ablebatch.server.problem.BadInput;
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
  private final Clock clock;

  BatchService(
      BatchRepository batches, List<BatchFacts.Source> sources, BatchEvents events, Clock clock) {
    this.batches = batches;
    this.sources = sources;
    this.events = events;
    this.clock = clock;
  }

  @Transactional
  public Batch create(String name, String method) {
    return batches.save(new Batch(name.strip(), parse(method), clock.instant()));
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
      batch.setLook(change.look().toLook("look."));
    }
    if (change.methodRules() != null) {
      batch.setMethodRules(rules(change.methodRules()));
    }
    if (change.sharpenEnlarged() != null) {
      batch.setSharpensEnlarged(change.sharpenEnlarged());
    }
    if (change.notes() != null) {
      batch.setNotes(change.notes());
    }
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

  /**
   * @throws NotFound when there is no such batch
   */
  @Transactional(readOnly = true)
  public Batch require(long id) {
    return batches.findById(id).orElseThrow(() -> new NotFound("batch", id));
  }

  @Transactional(readOnly = true)
  public BatchView view(long id) {
    Batch batch = require(id);
    return view(batch, facts(List.of(id)).get(id));
  }

  @Transactional(readOnly = true)
  public List<BatchView> viewAll() {
    List<Batch> all = batches.findAllByOrderByIdDesc();
    Map<Long, BatchFacts> known = facts(all.stream().map(Batch::id).toList());
    return all.stream().map(batch -> view(batch, known.get(batch.id()))).toList();
  }

  private Map<Long, BatchFacts> facts(List<Long> batchIds) {
    Map<Long, BatchFacts> byBatch =
        batchIds.stream().collect(Collectors.toMap(Function.identity(), id -> new BatchFacts()));
    if (!batchIds.isEmpty()) {
      sources.forEach(source -> source.addTo(byBatch, batchIds));
    }
    return byBatch;
  }

  private static BatchView view(Batch batch, BatchFacts facts) {
    Look look = batch.look();
    return new BatchView(
        batch.id(),
        batch.name(),
        batch.method().wireName(),
        batch.methodRules().byName(),
        new BatchView.LookView(look.backdrop().text(), look.marginPercent()),
        batch.sharpensEnlarged(),
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
