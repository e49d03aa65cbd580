"""Learns how much of a pixel among strands is subject: python3 strands.py LEARN.csv[,MORE.csv] TEST.csv[,MORE.csv] OUT.trees

The tables come from `./bench strands`: picture, open or band, true coverage, then core's StrandFacts.  Pictures with made fringes
(fringes.py; their tables begin with fringe) count three times: hair is rare among made pictures.
"""
import csv
import sys

import numpy as np
from sklearn.ensemble import HistGradientBoostingRegressor

from judge import export

FRINGES, SURE = 3, .87                                         # SURE as in core's OutlineSay
DEPTH, EVIDENCE = 0, 3                                        # of StrandFacts


def read(path):
    rows = list(csv.reader(open(path)))
    numbers = np.array([r[2:] for r in rows], np.float32)
    return np.array([r[1] == "open" for r in rows]), numbers[:, 0], numbers[:, 1:]


def report(title, is_open, covered, facts, said):
    for name, k in (("open", is_open), ("band", ~is_open)):
        found = facts[k, DEPTH] > 0
        print(f"{title}, {name}: {k.sum()} pixels, error as found {np.abs(found - covered[k]).mean():.3f}, as learned {np.abs(said[k] - covered[k]).mean():.3f}")
    against = is_open & (facts[:, DEPTH] > 0) & (facts[:, EVIDENCE] < 0)
    k = against & (said > SURE)
    print(f"  {against.sum()} open pixels speak against the inside: {covered[against].mean():.2f} of them is subject; of the {k.sum()} that are said to be, {covered[k].mean():.2f}")


def main(learn, test, out):
    parts = [(p, *read(p)) for p in learn.split(",")]
    weight = np.concatenate([np.full(len(c), FRINGES if p.rsplit("/", 1)[-1].startswith("fringe") else 1.) for p, _, c, _ in parts])
    covered, facts = np.concatenate([c for _, _, c, _ in parts]), np.concatenate([f for *_, f in parts])
    model = HistGradientBoostingRegressor(learning_rate=.08, max_iter=100, max_leaf_nodes=24, min_samples_leaf=200, l2_regularization=20., early_stopping=False, random_state=1)
    export(model.fit(facts, covered, sample_weight=weight), out)
    print(f"{len(covered)} pixels learned on")
    for path in test.split(","):
        is_open, covered, facts = read(path)
        report(path.rsplit("/", 1)[-1], is_open, covered, facts, np.clip(model.predict(facts), 0, 1))


if __name__ == "__main__":
    main(*sys.argv[1:])
