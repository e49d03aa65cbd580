package org.ablebatch.core.finding;

import java.util.List;

/** Looks for one kind of fault, or for some that are told apart only at the end. */
interface Detector {
  List<Suspicion> find(Inspection seen);
}
