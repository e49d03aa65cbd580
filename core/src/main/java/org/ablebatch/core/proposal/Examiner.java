package org.ablebatch.core.proposal;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.ablebatch.core.cut.Opinions;
import org.ablebatch.core.finding.Expectations;
import org.ablebatch.core.finding.Finding;
import org.ablebatch.core.finding.FindingKind;
import org.ablebatch.core.finding.Inspected;
import org.ablebatch.core.finding.Inspection;
import org.ablebatch.core.finding.Inspector;
import org.ablebatch.core.finding.Mend;
import org.ablebatch.core.finding.PhotographReading;
import org.ablebatch.core.finding.Suspicion;
import org.ablebatch.core.mend.HintEdit;
import org.ablebatch.core.mend.Mode;
import org.ablebatch.core.prior.LearnedTrees;
import org.ablebatch.core.raster.Cutout;
import org.ablebatch.core.raster.Picture;

/**
 * Looks a cutout over and proposes mends: what the {@link Inspector} finds, and where second
 * opinions differ. Deterministic and safe for use by several threads.
 */
public final class Examiner {
  /** A proposal that is rather wrong than right helps nobody. */
  private static final double LEAST_ODDS = 0.5;

  /** A doubt is worth a checker's look when four of five such are right. */
  private static final double LEAST_DOUBT = 0.8;

  private static final int MOST_DOUBTS = 6;

  private final Optional<LearnedTrees> odds;

  /**
   * @param odds their sum is the log odds that a change makes a cutout better; empty = nobody can
   *     say, and nothing is proposed
   */
  public Examiner(Optional<LearnedTrees> odds) {
    this.odds = odds;
  }

  /**
   * Looks at a cutout of which nobody has said anything.
   *
   * @param photograph full size, upright; unchanged
   * @see #examine(PhotographReading, Cutout, Expectations, Optional, List)
   */
  public List<Examined> examine(
      Picture photograph, Cutout cutout, Expectations expectations, Optional<Opinions> opinions) {
    return examine(PhotographReading.of(photograph), cutout, expectations, opinions, List.of());
  }

  /**
   * @param cutout of the photograph's size
   * @param opinions of the photograph; empty = nobody has any
   * @param hints what a person has said, oldest first: a finding that says the contrary is called
   *     right, and no mend takes it back
   * @return the worst first
   */
  public List<Examined> examine(
      PhotographReading photograph,
      Cutout cutout,
      Expectations expectations,
      Optional<Opinions> opinions,
      List<HintEdit> hints) {
    return examine(Inspected.of(photograph, cutout, expectations), opinions, hints);
  }

  /** As the other, of what was read already. */
  public List<Examined> examine(
      Inspected inspected, Optional<Opinions> opinions, List<HintEdit> hints) {
    Inspection seen = inspected.seen();
    Said said = new Said(hints, seen);
    List<Suspicion> found =
        Inspector.suspect(inspected).stream()
            .map(one -> isDenied(one, said) ? one.right() : one)
            .toList();
    if (odds.isEmpty()) {
      return found.stream().map(one -> new Examined(one.finding(), Optional.empty())).toList();
    }
    Proposals proposals = new Proposals(seen, opinions, said);
    List<Answered> all = new ArrayList<>();
    for (Suspicion one : found) {
      // Worst first; what two detectors have seen is one fault.
      Optional<Sure> best = one.finding().isSerious() ? best(proposals.of(one)) : Optional.empty();
      Answered next = new Answered(one.finding(), best);
      if (all.stream().noneMatch(other -> other.isAbout(next))) {
        all.add(next);
      }
    }
    all.addAll(doubts(proposals, found, all));
    return all.stream()
        .map(Answered::examined)
        .sorted(Comparator.comparingDouble((Examined one) -> one.finding().severity()).reversed())
        .toList();
  }

  /** Whether somebody has said that it is as it should be. */
  private static boolean isDenied(Suspicion one, Said said) {
    Mode goes = Proposals.goes(one.finding().kind());
    return goes != null && one.spot().filter(spot -> said.speaksAgainst(goes, spot)).isPresent();
  }

  /** Doubts that are worth a line, each about a place of its own. */
  private List<Answered> doubts(
      Proposals proposals, List<Suspicion> found, List<Answered> otherwise) {
    List<Answered> doubts = new ArrayList<>();
    for (Suspicion one : proposals.doubts(found)) {
      best(proposals.of(one))
          .filter(way -> way.odds() >= LEAST_DOUBT)
          .ifPresent(
              way -> doubts.add(new Answered(weighed(one.finding(), way), Optional.of(way))));
    }
    doubts.sort(Comparator.comparingDouble((Answered one) -> one.best().get().odds()).reversed());
    List<Answered> kept = new ArrayList<>();
    for (Answered doubt : doubts) {
      boolean isNew =
          Stream.concat(kept.stream(), otherwise.stream()).noneMatch(other -> other.isAbout(doubt));
      if (isNew && kept.size() < MOST_DOUBTS) {
        kept.add(doubt);
      }
    }
    return kept;
  }

  /** How likely a doubt is right is how likely its mend makes the cutout better. */
  private static Finding weighed(Finding doubt, Sure way) {
    return new Finding(
        doubt.kind(), doubt.box(), doubt.measured(), way.odds() * way.odds(), doubt.sentence());
  }

  /** A finding with the best that could be done about it. */
  private record Answered(Finding finding, Optional<Sure> best) {
    boolean isAbout(Answered other) {
      return best.isPresent()
          && other.best().isPresent()
          // Along one outline its place and its colours may both be wrong.
          && (best.get().proposal().goes() != Mend.Goes.ALONG
              || finding.kind() == other.finding().kind())
          && best.get().proposal().goes() == other.best().get().proposal().goes()
          && best.get().proposal().spot().overlap(other.best().get().proposal().spot())
              > Doubts.SAME_PLACE;
    }

    Examined examined() {
      return best.filter(way -> way.odds() >= LEAST_ODDS)
          .map(
              way ->
                  new Examined(
                      finding.withMend(
                          new Mend(way.proposal().goes(), way.proposal().pixels(), way.odds())),
                      Optional.of(way.proposal().edit())))
          .orElse(new Examined(finding, Optional.empty()));
    }
  }

  /**
   * Everything that could be proposed, whatever its odds.
   *
   * @see #examine
   */
  public static List<Proposal> all(
      Picture photograph, Cutout cutout, Expectations expectations, Optional<Opinions> opinions) {
    PhotographReading reading = PhotographReading.of(photograph);
    Inspected inspected = Inspected.of(reading, cutout, expectations);
    Inspection seen = inspected.seen();
    List<Suspicion> found = new ArrayList<>(Inspector.suspect(inspected));
    Proposals proposals = new Proposals(seen, opinions, new Said(List.of(), seen));
    found.addAll(proposals.doubts(found));
    return found.stream().flatMap(one -> proposals.of(one).stream()).toList();
  }

  /** A proposal with its odds, 0..1. */
  private record Sure(Proposal proposal, double odds) {}

  private Optional<Sure> best(List<Proposal> ways) {
    return ways.stream()
        .map(way -> new Sure(way, oddsOf(way)))
        .max(Comparator.comparingDouble(Sure::odds));
  }

  /** Odds are learned from mattes, and in those a mend of colours shows nothing. */
  private double oddsOf(Proposal way) {
    return way.finding().kind() == FindingKind.FRINGE
        ? LEAST_ODDS
        : 1 / (1 + Math.exp(-odds.orElseThrow().value(way.facts())));
  }
}
