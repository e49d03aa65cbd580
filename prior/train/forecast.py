"""Learns how likely a finished cutout passes (IoU of at least 0.97): python3 forecast.py LEARN.csv[,MORE.csv] TEST.csv[,MORE.csv] OUT.trees

The tables come from `./bench outcomes`, whose percent is the product of the parts.  Trees first learn the logarithm of what is wrong, which says more of a picture than
whether it passes; what they say of pictures that they did not see is then turned into log odds of passing together with those of the
hand-made product of the parts (printed: core's Forecast.WEIGHT_OF_SEEN), and so are their leaves.
"""
import csv
import sys

import numpy as np
from sklearn.ensemble import HistGradientBoostingRegressor
from sklearn.linear_model import LogisticRegression

from judge import ranks

LEAST, PASSES = .01, .97


def read(paths):
    rows = [r for p in paths.split(",") for r in csv.reader(open(p))]
    numbers = np.array([[float(v) for v in r[2:]] for r in rows])
    return numbers[:, 0], numbers[:, 1], numbers[:, 2], numbers[:, 4:].astype(np.float32)


def export(model, a, b, path):
    with open(path, "w") as f:
        f.write(f"{a + b * float(np.ravel(model._baseline_prediction)[0]):.6g}\n")
        for (tree,) in model._predictors:
            f.write(";".join(f"{b * k['value']:.5g}" if k["is_leaf"] else f"{k['feature_idx']} {k['num_threshold']:.6g} {k['left']} {k['right']}" for k in tree.nodes) + "\n")


def log_odds(percent):
    p = np.clip(percent, 1, 99) / 100
    return np.log(p / (1 - p))


def report(title, error, iou, was, odds):
    p, passes = 1 / (1 + np.exp(-odds)), iou >= PASSES
    corr = lambda x, y: -np.corrcoef(ranks(x), ranks(y))[0, 1]
    print(f"{title}: {len(iou)} pictures, {passes.sum()} pass; rank correlation with matte error {corr(odds, error):.3f} (before {corr(was, error):.3f}), "
          f"with 1 - IoU {corr(odds, 1 - iou):.3f} ({corr(was, 1 - iou):.3f}); Brier {((p - passes) ** 2).mean():.3f}")
    for low, high in ((0, .2), (.2, .4), (.4, .6), (.6, .8), (.8, .9), (.9, 1.01)):
        k = (p >= low) & (p < high)
        if k.any(): print(f"  {low:.1f} to {high:.1f}: {k.sum()}, forecast {p[k].mean():.2f}, pass {passes[k].mean():.2f}, mean IoU {iou[k].mean():.3f}")


def main(learn, test, out):
    error, iou, was, facts = read(learn)
    y = np.log(1 - iou + LEAST)
    model = HistGradientBoostingRegressor(learning_rate=.05, max_iter=140, max_leaf_nodes=8, min_samples_leaf=20, l2_regularization=3., random_state=1)
    part = np.random.default_rng(2).integers(0, 8, len(y))
    held = np.zeros(len(y))
    for g in range(8):
        held[part == g] = HistGradientBoostingRegressor(**model.get_params()).fit(facts[part != g], y[part != g]).predict(facts[part == g])
    odds = LogisticRegression(C=1e3).fit(np.c_[held, log_odds(was)], iou >= PASSES)
    a, (b, c) = float(odds.intercept_[0]), odds.coef_[0]
    print(f"weight of what is seen {c:.3f}")
    report("left out of eight", error, iou, was, odds.decision_function(np.c_[held, log_odds(was)]))
    model.fit(facts, y)
    export(model, a, b, out)
    for path in test.split(","):
        e, i, w, x = read(path)
        report(path.rsplit("/", 1)[-1], e, i, w, odds.decision_function(np.c_[model.predict(x), log_odds(w)]))


if __name__ == "__main__":
    main(*sys.argv[1:])
