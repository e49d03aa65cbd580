"""Learns what is gained by seeing through a body: python3 through.py LEARN.csv[,MORE.csv] TEST.csv[,MORE.csv] OUT.trees

The tables come from `./bench glass`: of every picture in which what lies behind goes on within the subject, what is wrong of it
seen through and as a solid thing, as shares of the subject, then core's facts.  The trees' sum is the logarithm of the ratio.
"""
import sys

import numpy as np
from sklearn.ensemble import HistGradientBoostingRegressor

from judge import export, read

LEAST, MOST, CLEARLY = .05, 1.5, -.15                         # CLEARLY as in core's GlassJudge


def report(title, through, solid, expected):
    k = expected < CLEARLY
    print(f"{title}: {k.sum()} of {len(k)} seen through; wrong as solid things {solid.mean():.3f}, as chosen {np.where(k, through, solid).mean():.3f},"
          f" best {np.minimum(through, solid).mean():.3f}; made worse by a tenth of the subject or more {(k & (through > solid + .1)).sum()}")


def main(learn, test, out):
    names, _, through, solid, facts = read(learn)
    y = np.clip(np.log(through + LEAST) - np.log(solid + LEAST), -MOST, MOST)
    model = HistGradientBoostingRegressor(learning_rate=.05, max_iter=80, max_leaf_nodes=5, min_samples_leaf=12, l2_regularization=5., random_state=1)
    part, held = np.unique(names, return_inverse=True)[1] % 5, np.zeros(len(y))
    for g in range(5):
        held[part == g] = HistGradientBoostingRegressor(**model.get_params()).fit(facts[part != g], y[part != g]).predict(facts[part == g])
    report("left out of five", through, solid, held)
    export(model.fit(facts, y), out)
    for path in test.split(","):
        _, _, through, solid, facts = read(path)
        report(path.rsplit("/", 1)[-1], through, solid, model.predict(facts))


if __name__ == "__main__":
    main(*sys.argv[1:])
