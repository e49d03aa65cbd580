package org.ablebatch.server.batch;

import java.time.Clock;
import java.util.List;
import java.util.Map;
import org.ablebatch.core.cut.Method;
import org.ablebatch.core.dress.Fill;
import org.ablebatch.core.dress.Look;
import org.ablebatch.server.problem.BadInput;
import org.ablebatch.server.problem.NotFound;
import org.ablebatch.server.progress.BatchEvents;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Makes batches, changes their tickets, and describes them. */
@Service
public class BatchService {
  private final BatchRepository batches;
  private final BatchFacts facts;
  private final BatchEvents events;
  private final Clock clock;

  BatchService(BatchRepository batches, BatchFacts facts, BatchEvents events, Clock clock) {
    this.batches = batches;
    this.facts = facts;
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
      batch.setLook(new Look(Fill.parse(change.look().backdrop()), change.look().marginPercent()));
    }
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
    return view(batch, facts.of(List.of(id)).get(id));
  }

  @Transactional(readOnly = true)
  public List<BatchView> viewAll() {
    List<Batch> all = batches.findAllByOrderByIdDesc();
    Map<Long, BatchFacts.Facts> known = facts.of(all.stream().map(Batch::id).toList());
    return all.stream().map(batch -> view(batch, known.get(batch.id()))).toList();
  }

  private static BatchView view(Batch batch, BatchFacts.Facts facts) {
    Look look = batch.look();
    return new BatchView(
        batch.id(),
        batch.name(),
        batch.method().wireName(),
        new BatchView.LookView(look.backdrop().text(), look.marginPercent()),
        batch
            .emptySet()
            .map(set -> new BatchView.EmptySetView(set.name(), set.width(), set.height()))
            .orElse(null),
        facts.counts,
        facts.total,
        facts.queued,
        facts.confidences,
        facts.median(),
        facts.samples,
        facts.deliveredFiles,
        batch.createdAt());
  }

  private static Method parse(String name) {
    Method method;
    try {
      method = name == null ? Method.AUTO : Method.ofWireName(name);
    } catch (IllegalArgumentException e) {
      throw new BadInput("method", e.getMessage());
    }
    if (!method.isChoosable()) {
      throw new BadInput("method", "“" + name + "” can’t be chosen");
    }
    return method;
  }
}
