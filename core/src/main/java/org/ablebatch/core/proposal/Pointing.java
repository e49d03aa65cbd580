package org.ablebatch.core.proposal;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.CompletableFuture;
import java.util.function.IntPredicate;
import java.util.function.Supplier;
import org.ablebatch.core.area.Area;
import org.ablebatch.core.cut.Opinions;
import org.ablebatch.core.finding.Finding;
import org.ablebatch.core.finding.FindingKind;
import org.ablebatch.core.finding.Inspected;
import org.ablebatch.core.finding.Inspection;
import org.ablebatch.core.finding.Spot;
import org.ablebatch.core.hint.Hint;
import org.ablebatch.core.hint.HintMarks;
import org.ablebatch.core.mend.HintEdit;
import org.ablebatch.core.mend.Mode;
import org.ablebatch.core.prior.LearnedTrees;
import org.ablebatch.core.prior.PointedPrior;
import org.ablebatch.core.raster.Components;
import org.ablebatch.core.raster.Plane;
import org.ablebatch.core.raster.Rect;

/**
 * Works out which thing a mark lies on: of all that could be meant by it, that of which the most is
 * to be expected. Only what hangs together with the mark is ever meant.
 */
public final class Pointing {
  private static final float HALF = 0.5f;

  /**
   * What somebody has before her is mostly right, so an answer that says otherwise has to be so
   * sure. With less a click in a small place of a good cutout took much with it.
   */
  private static final float BELIEVED = 0.62f;

  /** Shares of the picture's longer side within which colours and edges are followed. */
  private static final double[] REACHES = {0.1, 0.25};

  /** Somebody has pointed there, so what contains the place is likelier right than it looks. */
  private static final double POINTED_AT = 1.5;

  /** A surer small thing is better than a large one that is not. */
  private static final double SIZE_COUNTS = 0.35;

  private final Inspection seen;
  private final Optional<Opinions> opinions;
  private final LearnedTrees odds;
  private final Doubts doubts;
  private final Reach reach;
  private final ChangeFacts facts;
  private final Optional<Answer> answer;

  /**
   * @param now the cutout as it is
   * @param opinions of the photograph; asked for only where nobody answers marks
   * @param odds the log odds that a change makes a cutout better
   * @param pointed answers marks with the subject; empty = nobody does
   */
  public Pointing(
      Inspected now,
      Supplier<Optional<Opinions>> opinions,
      LearnedTrees odds,
      Optional<PointedPrior> pointed) {
    this.seen = now.seen();
    // Who answers the marks themselves needs nobody’s opinion of the picture without them.
    this.opinions = pointed.isPresent() ? Optional.empty() : opinions.get();
    this.odds = odds;
    this.doubts = new Doubts(seen);
    this.reach = new Reach(seen);
    this.facts = new ChangeFacts(seen, this.opinions, doubts);
    this.answer = pointed.map(prior -> new Answer(now.photograph().linear(), seen, prior));
  }

  /** Looks at the picture as whoever answers marks does, so that the first answer comes sooner. */
  public void getReady() {
    answer.ifPresent(Answer::getReady);
  }

  /**
   * @param hint subject or backdrop
   * @param before what was said before it, and holds
   * @return what would change sides; empty where the mark says nothing new
   */
  public Optional<Area> at(Hint hint, List<Hint> before) {
    return change(hint, before, Optional.empty()).map(it -> it.area(seen));
  }

  /**
   * What a hint is about.
   *
   * @param thing what would change sides
   * @param mark a place that is on it for sure
   */
  public record Meant(Area thing, Hint mark) {}

  /**
   * All that stands out in a frame, wherever in it that is. Nothing outside of it changes.
   *
   * @param hint subject or backdrop, across the middle of the frame
   * @param before what was said before it, and holds
   * @return empty where nothing stands out that is not so yet
   */
  public Optional<Meant> in(Area frame, Hint hint, List<Hint> before) {
    return change(hint, before, Optional.of(frame))
        .map(it -> new Meant(it.area(seen), it.mark(hint, seen)));
  }

  private Optional<Change> change(Hint hint, List<Hint> before, Optional<Area> frame) {
    Mode goes = hint.kind() == Hint.Kind.SUBJECT ? Mode.RESTORE : Mode.ERASE;
    Optional<boolean[]> framed = frame.map(this::onGrid);
    framed.ifPresent(set -> keepNew(set, goes));
    Hint meant = framed.map(set -> inTheOpen(hint, goes, set)).orElse(hint);
    boolean[] marked = marked(meant);
    keepNew(marked, goes);
    List<Hint> all = new ArrayList<>(before);
    all.add(meant);
    Said said = new Said(all.stream().map(HintEdit::new).toList(), seen);
    return spotOf(marked).flatMap(spot -> at(spot, marked, framed, goes, said));
  }

  /**
   * The hint, or one in the middle of what is not yet as it is to be, if most of it is not there.
   */
  private Hint inTheOpen(Hint hint, Mode goes, boolean[] open) {
    boolean[] mark = marked(hint);
    int area = 0;
    int there = 0;
    for (int i = 0; i < mark.length; i++) {
      area += mark[i] ? 1 : 0;
      there += mark[i] && open[i] ? 1 : 0;
    }
    return there > HALF * area
        ? hint
        : spotOf(open).map(spot -> new Change(goes, spot, false).mark(hint, seen)).orElse(hint);
  }

  private boolean[] marked(Hint hint) {
    boolean[] set = new boolean[seen.size()];
    hint.addTo(set, seen.width(), seen.height(), seen.picture().width(), seen.picture().height());
    return set;
  }

  /** Leaves what is not yet on the side that it goes to. */
  private void keepNew(boolean[] set, Mode goes) {
    boolean restores = goes == Mode.RESTORE;
    for (int i = 0; i < set.length; i++) {
      set[i] &= seen.kept()[i] != restores;
    }
  }

  private boolean[] onGrid(Area area) {
    boolean[] out = new boolean[seen.size()];
    new OnGrid(area, seen).each(i -> out[i] = true);
    return out;
  }

  /**
   * @param framed of what is in a frame, what is not yet as it is to be; empty = there is no frame
   */
  private Optional<Change> at(
      Spot mark, boolean[] marked, Optional<boolean[]> framed, Mode goes, Said said) {
    // Colours and edges need not wait for whoever answers marks.
    CompletableFuture<List<Change>> nearby =
        CompletableFuture.supplyAsync(() -> nearby(mark, marked, goes, said.marks()));
    boolean[] meant = framed.orElse(marked);
    Optional<Heard> heard = answer.map(one -> hear(one, mark, meant, goes, said.marks()));
    Optional<Plane> subject = heard.map(Heard::subject);
    List<Optional<Spot>> places =
        heard
            .map(one -> List.of(one.place()))
            .orElseGet(
                () -> views().stream().map(view -> touched(meant, goes, view, HALF)).toList());
    List<Change> candidates = new ArrayList<>();
    for (Optional<Spot> place : places) {
      place.ifPresent(
          spot -> {
            candidates.add(reach.asSeen(spot, goes));
            candidates.add(reach.asItHangs(spot, goes, said.marks()));
          });
    }
    candidates.addAll(nearby.join());
    return candidates.stream()
        .map(change -> framed.map(frame -> change.inside(frame, seen)).orElse(change))
        .filter(change -> !change.isEmpty() && !said.isTakenBackBy(goes, change.spot()))
        .max(
            Comparator.comparingDouble(
                change ->
                    subject.map(plane -> expected(change, plane)).orElseGet(() -> worth(change))));
  }

  /**
   * What whoever answers marks says.
   *
   * @param place of it, what would change sides
   */
  private record Heard(Plane subject, Optional<Spot> place) {}

  /** Over all that there is, and from nearer where what would change is small. */
  private Heard hear(Answer from, Spot mark, boolean[] meant, Mode goes, HintMarks marks) {
    float says = goes == Mode.RESTORE ? BELIEVED : 1 - BELIEVED;
    Plane all = from.to(marks);
    Optional<Spot> place = touched(meant, goes, all, says);
    Rect box = place.map(spot -> spot.box().span(mark.box())).orElse(mark.box());
    Plane nearer = from.closer(marks, box, all);
    return nearer == all
        ? new Heard(all, place)
        : new Heard(nearer, touched(meant, goes, nearer, says));
  }

  private Optional<Spot> touched(boolean[] meant, Mode goes, Plane view, float says) {
    return touched(meant, goes, i -> doubts.at(view, i) >= says);
  }

  /** How much surer the answer is of a change than it has to be, over all of its pixels. */
  private double expected(Change change, Plane subject) {
    boolean restores = change.goes() == Mode.RESTORE;
    double sum = 0;
    Rect box = change.spot().box();
    for (int k = 0; k < change.spot().mask().length; k++) {
      if (change.spot().mask()[k]) {
        float p = subject.values()[seen.at(box, k)];
        sum += (restores ? p : 1 - p) - BELIEVED;
      }
    }
    return sum;
  }

  private Optional<Spot> spotOf(boolean[] set) {
    Rect box = Rect.around(i -> set[i], seen.width(), set.length);
    return box.isEmpty() ? Optional.empty() : Optional.of(Spot.of(set, seen.width(), box));
  }

  /** As far as colours and edges go around the mark, and what looks like the marks' side there. */
  private List<Change> nearby(Spot mark, boolean[] marked, Mode goes, HintMarks said) {
    List<Change> out = new ArrayList<>();
    for (double share : REACHES) {
      int around = (int) (share * Math.max(seen.width(), seen.height()));
      out.add(reach.asItHangs(mark, goes, around, said));
    }
    touched(marked, goes, i -> seen.evidence()[i] > 0)
        .ifPresent(spot -> out.add(reach.asSeen(spot, goes)));
    return out;
  }

  private List<Plane> views() {
    List<Plane> views = new ArrayList<>();
    opinions.ifPresent(
        all -> {
          views.add(all.weighed());
          all.guess().ifPresent(views::add);
          all.person().ifPresent(views::add);
          all.ways().forEach(way -> views.add(way.kept()));
        });
    return views;
  }

  /** What somebody says is on the marks' side and is not yet, as far as it holds a mark. */
  private Optional<Spot> touched(boolean[] marked, Mode goes, IntPredicate saysSubject) {
    boolean restores = goes == Mode.RESTORE;
    boolean[] set = new boolean[seen.size()];
    for (int i = 0; i < set.length; i++) {
      set[i] = seen.kept()[i] != restores && saysSubject.test(i) == restores;
    }
    Components parts = Components.of(set, seen.width(), seen.height(), false);
    boolean[] held = new boolean[parts.regions().size() + 1];
    for (int i = 0; i < set.length; i++) {
      held[parts.labels()[i]] |= marked[i];
    }
    held[0] = false;
    for (int i = 0; i < set.length; i++) {
      set[i] = held[parts.labels()[i]];
    }
    return spotOf(set);
  }

  /** How sure it is that the change is right, and how much of it there is. */
  private double worth(Change change) {
    FindingKind kind =
        change.goes() == Mode.RESTORE
            ? FindingKind.COULD_BE_SUBJECT
            : FindingKind.COULD_BE_BACKDROP;
    Finding as = new Finding(kind, seen.onPicture(change.spot().box()), 0, 0, "");
    double logOdds = odds.value(facts.of(as, change.spot(), change)) + POINTED_AT;
    double sure = 1 / (1 + Math.exp(-logOdds));
    return (2 * sure - 1) * Math.pow(change.spot().area() / (double) seen.size(), SIZE_COUNTS);
  }
}
