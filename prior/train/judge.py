"""Learns to expect how wrong a region is: python3 judge.py LEARN.csv[,MORE.csv] TEST.csv[,MORE.csv] OUT.trees

The tables come from `./bench judgements`.  Writes the trees that core's LearnedTrees reads; their sum is log(error + 0.01), the
error being what is wrong at reading size as a share of the subject.  Prints what choosing by them comes to on both.
"""
import csv
import sys

import numpy as np
from sklearn.ensemble import HistGradientBoostingRegressor

LEAST = .01


def read(paths):
    rows = [r for p in paths.split(",") for r in csv.reader(open(p))]
    names, ways = np.array([r[0] for r in rows]), np.array([r[1] for r in rows])
    numbers = np.array([[float(v) for v in r[2:]] for r in rows])
    return names, ways, numbers[:, 0], numbers[:, 1], numbers[:, 2:].astype(np.float32)


def export(model, path):
    with open(path, "w") as f:
        f.write(f"{float(np.ravel(model._baseline_prediction)[0]):.6g}\n")
        for (tree,) in model._predictors:
            n = tree.nodes
            f.write(";".join(f"{k['value']:.5g}" if k["is_leaf"] else f"{k['feature_idx']} {k['num_threshold']:.6g} {k['left']} {k['right']}" for k in n) + "\n")


def ranks(x):
    return np.argsort(np.argsort(x)).astype(float)


def report(title, data, expected):
    names, ways, e, iou, _ = data
    chosen, best, per, conf = [], [], {}, []
    for name in np.unique(names):
        k = np.where(names == name)[0]
        c = k[np.argmin(expected[k])]
        chosen.append(c); best.append(k[np.argmin(e[k])])
        for i in k: per.setdefault(ways[i], []).append(e[i])
    print(f"{title}: {len(chosen)} pictures; chosen {e[chosen].mean():.4f} IoU {iou[chosen].mean():.4f}; best {e[best].mean():.4f} {iou[best].mean():.4f}; "
          + ", ".join(f"{w} {np.mean(v):.4f} ({len(v)})" for w, v in sorted(per.items())))
    print("  taken:", {w: int((ways[chosen] == w).sum()) for w in np.unique(ways)},
          f"rank correlation {np.corrcoef(ranks(expected[chosen]), ranks(e[chosen]))[0, 1]:.3f}; IoU of at least .97: {(iou[chosen] >= .97).sum()}")
    return chosen


def main(learn, test, out):
    a = read(learn)
    model = HistGradientBoostingRegressor(loss="squared_error", learning_rate=.04, max_iter=300, max_leaf_nodes=8, min_samples_leaf=20, l2_regularization=5., random_state=1)
    model.fit(a[4], np.log(a[2] + LEAST))
    export(model, out)
    # what is expected of pictures that it did not learn on: five parts
    groups = np.unique(a[0], return_inverse=True)[1] % 5
    held = np.zeros(len(groups))
    for g in range(5):
        m = HistGradientBoostingRegressor(**model.get_params()).fit(a[4][groups != g], np.log(a[2][groups != g] + LEAST))
        held[groups == g] = m.predict(a[4][groups == g])
    report("left out of five", a, held)
    for path in test.split(","):
        b = read(path)
        report(path.rsplit("/", 1)[-1], b, model.predict(b[4]))


if __name__ == "__main__":
    main(*sys.argv[1:])
