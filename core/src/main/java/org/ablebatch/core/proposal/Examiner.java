package org.ablebatch.core.proposal;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.ablebatch.core.cut.Opinions;
import org.ablebatch.core.finding.Expectations;
import org.ablebatch.core.finding.Finding;
import org.ablebatch.core.finding.Inspection;
import org.ablebatch.core.finding.Inspector;
import org.ablebatch.core.finding.Mend;
import org.ablebatch.core.finding.Suspicion;
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

  /** Doubts of which less is to be expected are not worth a line. */
  private static final double LEAST_DOUBT = 0.35;

  private final Optional<LearnedTrees> odds;

  /**
   * @param odds their sum is the log odds that a change makes a cutout better; empty = nobody can
   *     say, and nothing is proposed
   */
  public Examiner(Optional<LearnedTrees> odds) {
    this.odds = odds;
  }

  /**
   * @param photograph full size, upright; unchanged
   * @param cutout of the same size
   * @param opinions of the photograph; empty = nobody has any
   * @return the worst first
   */
  public List<Examined> examine(
      Picture photograph, Cutout cutout, Expectations expectations, Optional<Opinions> opinions) {
    Inspection seen = Inspection.of(photograph, cutout, expectations);
    List<Suspicion> found = Inspector.suspect(photograph, cutout, seen);
    if (odds.isEmpty()) {
      return found.stream().map(one -> new Examined(one.finding(), Optional.empty())).toList();
    }
    Proposals proposals = new Proposals(seen, opinions);
    return Stream.concat(
            found.stream().map(one -> mended(one.finding(), best(proposals.of(one)))),
            proposals.doubts(found).stream()
                .flatMap(one -> doubted(one.finding(), best(proposals.of(one))).stream()))
        .sorted(Comparator.comparingDouble((Examined one) -> one.finding().severity()).reversed())
        .toList();
  }

  /**
   * Everything that could be proposed, whatever its odds.
   *
   * @see #examine
   */
  public static List<Proposal> all(
      Picture photograph, Cutout cutout, Expectations expectations, Optional<Opinions> opinions) {
    Inspection seen = Inspection.of(photograph, cutout, expectations);
    List<Suspicion> found = new ArrayList<>(Inspector.suspect(photograph, cutout, seen));
    Proposals proposals = new Proposals(seen, opinions);
    found.addAll(proposals.doubts(found));
    return found.stream().flatMap(one -> proposals.of(one).stream()).toList();
  }

  private Examined mended(Finding finding, Optional<Sure> best) {
    return best.filter(way -> way.odds() >= LEAST_ODDS)
        .map(
            way ->
                new Examined(
                    finding.withMend(
                        new Mend(way.proposal().goes(), way.proposal().pixels(), way.odds())),
                    Optional.of(way.proposal().edit())))
        .orElse(new Examined(finding, Optional.empty()));
  }

  /** How likely a doubt is right is how likely its mend makes the cutout better. */
  private Optional<Examined> doubted(Finding doubt, Optional<Sure> best) {
    return best.filter(way -> way.odds() >= LEAST_DOUBT)
        .map(
            way ->
                mended(
                    new Finding(
                        doubt.kind(),
                        doubt.box(),
                        doubt.measured(),
                        way.odds() * way.odds(),
                        doubt.sentence()),
                    best));
  }

  /** A proposal with its odds, 0..1. */
  private record Sure(Proposal proposal, double odds) {}

  private Optional<Sure> best(List<Proposal> ways) {
    return ways.stream()
        .map(way -> new Sure(way, 1 / (1 + Math.exp(-odds.orElseThrow().value(way.facts())))))
        .max(Comparator.comparingDouble(Sure::odds));
  }
}
