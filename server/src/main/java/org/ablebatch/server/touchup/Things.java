package org.ablebatch.server.touchup;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.ablebatch.core.area.Area;
import org.ablebatch.core.cut.Method;
import org.ablebatch.core.finding.Expectations;
import org.ablebatch.core.hint.Hint;
import org.ablebatch.core.prior.LearnedTrees;
import org.ablebatch.core.prior.Lesson;
import org.ablebatch.core.proposal.Pointing;
import org.ablebatch.prior.LearnedPriors;
import org.ablebatch.server.bench.Bench;
import org.ablebatch.server.cutting.SecondOpinions;
import org.ablebatch.server.picture.CutoutVersion;
import org.ablebatch.server.picture.PhotoService;
import org.springframework.stereotype.Component;

/** Which thing a hint lies on, for the few pictures that are on a bench. */
@Component
class Things {
  private static final int REMEMBERED = 4;

  private final SecondOpinions opinions;
  private final PhotoService photos;
  private final Optional<LearnedTrees> odds = LearnedPriors.shared().trees(Lesson.MENDS);

  /** By the cutout that is on the bench. */
  private final Map<Long, Known> lately =
      new LinkedHashMap<>(8, 0.75f, true) {
        private static final long serialVersionUID = 1L;

        @Override
        protected boolean removeEldestEntry(Map.Entry<Long, Known> eldest) {
          return size() > REMEMBERED;
        }
      };

  Things(SecondOpinions opinions, PhotoService photos) {
    this.opinions = opinions;
    this.photos = photos;
  }

  /** What is known of a bench in a state. */
  private static final class Known {
    private final String state;
    private final Pointing pointing;

    /** What was asked last: a hint that is kept has mostly been asked about while it was drawn. */
    private Asked last;

    private record Asked(
        Hint hint, List<Hint> before, Optional<Area> frame, Optional<Pointing.Meant> answer) {
      boolean is(Hint other, List<Hint> beforeIt, Optional<Area> around) {
        return hint.equals(other) && before.equals(beforeIt) && frame.equals(around);
      }
    }

    Known(String state, Pointing pointing) {
      this.state = state;
      this.pointing = pointing;
    }

    synchronized Optional<Pointing.Meant> at(Hint hint, List<Hint> before, Optional<Area> frame) {
      if (last == null || !last.is(hint, before, frame)) {
        Optional<Pointing.Meant> meant =
            frame.isPresent()
                ? pointing.in(frame.get(), hint, before)
                : pointing.at(hint, before).map(thing -> new Pointing.Meant(thing, hint));
        last = new Asked(hint, before, frame, meant);
      }
      return last.answer();
    }
  }

  /** Whether anybody can say which thing a hint lies on. */
  boolean areKnown() {
    return odds.isPresent();
  }

  /** Looks at the picture as it lies there, so that the next hint need not wait for that. */
  void getReady(Bench bench) {
    if (areKnown()) {
      known(bench).pointing.getReady();
    }
  }

  /**
   * @param before the hints that count already
   * @param frame that the hint is about; empty = about what it lies on
   * @return empty where the hint can only speak for its surroundings
   */
  Optional<Pointing.Meant> at(Bench bench, Hint hint, List<Hint> before, Optional<Area> frame) {
    if (!areKnown() || hint.kind() == Hint.Kind.MIXED) {
      return Optional.empty();
    }
    return known(bench).at(hint, before, frame);
  }

  private Known known(Bench bench) {
    synchronized (lately) {
      Known before = lately.get(bench.baseVersionId());
      if (before != null && before.state.equals(bench.state())) {
        return before;
      }
      CutoutVersion base = photos.version(bench.baseVersionId());
      Known now =
          new Known(
              bench.state(),
              new Pointing(
                  bench.inspected(Expectations.of(Method.ofWireName(base.method()))),
                  () -> opinions.of(base, bench.original()),
                  odds.get(),
                  LearnedPriors.shared().pointed()));
      lately.put(bench.baseVersionId(), now);
      return now;
    }
  }
}
