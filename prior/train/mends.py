"""Learns how likely a proposed change makes a cutout better: python3 mends.py LEARN.csv[,MORE.csv] TEST.csv[,MORE.csv] OUT.trees

The tables come from `./bench proposals`: picture, kind, gain, changed and wrong before in pixels, then core's ChangeFacts.  A change
is right when more than half of what it moves is an improvement of the matte; one that moves nearly nothing is left out.  Of the two
ways to reach from a place, the surer one counts in what is printed, as in core's Examiner.
"""
import csv
import sys

import numpy as np
from sklearn.ensemble import HistGradientBoostingClassifier
from sklearn.linear_model import LogisticRegression

LEAST_PX, LIKELY = 12, .4
WAYS, OPINIONS = 27, [*range(19, 27), *range(29, 36), *range(38, 56)]  # of ChangeFacts


def read(paths):
    rows = [(r, p) for p in paths.split(",") for r in csv.reader(open(p)) if float(r[3]) >= LEAST_PX]
    numbers = np.array([[float(v) for v in r[2:]] for r, _ in rows])
    pictures = np.array([p + r[0] for r, p in rows])
    return pictures, np.array([r[1] for r, _ in rows]), numbers[:, 0], numbers[:, 1], numbers[:, 2], numbers[:, 3:].astype(np.float32)


def fitted(model, facts, y, weights):
    """Every change once more as it is seen where nobody has an opinion: flat art, ink, what a person guided."""
    alone = facts.copy()
    alone[:, OPINIONS] = -1
    alone[:, WAYS] = 0
    return model.fit(np.r_[facts, alone], np.r_[y, y], np.r_[weights, .5 * weights])


def export(model, a, b, path):
    with open(path, "w") as f:
        f.write(f"{a + b * float(np.ravel(model._baseline_prediction)[0]):.6g}\n")
        for (tree,) in model._predictors:
            f.write(";".join(f"{b * k['value']:.5g}" if k["is_leaf"] else f"{k['feature_idx']} {k['num_threshold']:.6g} {k['left']} {k['right']}" for k in tree.nodes) + "\n")


def report(title, pictures, kinds, gain, changed, wrong, p):
    right = gain > 0
    print(f"{title}: {len(set(pictures))} pictures, {len(p)} changes, {right.mean():.2f} right; Brier {((p - right) ** 2).mean():.3f}")
    for low, high in ((0, .2), (.2, .5), (.5, .7), (.7, .8), (.8, .9), (.9, .95), (.95, .98), (.98, 1.01)):
        k = (p >= low) & (p < high)
        if k.any(): print(f"  {low:.2f} to {high:.2f}: {k.sum()}, odds {p[k].mean():.2f}, right {right[k].mean():.3f}, gain {gain[k].sum():.0f} of {changed[k].sum():.0f} changed")
    for kind in sorted(set(kinds)):
        k, s = kinds == kind, (kinds == kind) & (p >= .95)
        print(f"  {kind}: {k.sum()}, right {right[k].mean():.2f}; safe {s.sum()}, right {right[s].mean() if s.any() else 0:.3f}")


def main(learn, test, out):
    pictures, kinds, gain, changed, wrong, facts = read(learn)
    y = gain > 0
    weights = np.sqrt(changed) / np.sqrt(changed).mean() * .5 + .5
    names = {n: i for i, n in enumerate(dict.fromkeys(pictures))}
    part = np.random.default_rng(1).integers(0, 6, len(names))[[names[n] for n in pictures]]
    model = HistGradientBoostingClassifier(learning_rate=.05, max_iter=160, max_leaf_nodes=8, min_samples_leaf=30, l2_regularization=5., random_state=1)
    held = np.zeros(len(y))
    for g in range(6):
        held[part == g] = fitted(HistGradientBoostingClassifier(**model.get_params()), facts[part != g], y[part != g], weights[part != g]).decision_function(facts[part == g])
    likely = held > LIKELY                                        # what is offered or safe is to be right; how unlikely the rest is does not matter
    scale = LogisticRegression(C=1e3).fit(held[likely, None], y[likely])
    a, b = float(scale.intercept_[0]), float(scale.coef_[0, 0])
    odds = lambda z: 1 / (1 + np.exp(-(a + b * z)))
    report("left out of six", pictures, kinds, gain, changed, wrong, odds(held))
    fitted(model, facts, y, weights)
    export(model, a, b, out)
    for path in test.split(","):
        n, k, g, c, w, x = read(path)
        report(path.rsplit("/", 1)[-1], n, k, g, c, w, odds(model.decision_function(x)))


if __name__ == "__main__":
    main(*sys.argv[1:])
