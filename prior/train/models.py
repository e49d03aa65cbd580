"""Cut-outs of drawn solid things: python3 models.py VIEWS WORK

VIEWS is what models.mjs drew.  Writes models.pkl and models-held.pkl, RGBA as materials.py's; every seventh thing is held, with
all its views.
"""
import glob
import os
import pickle
import sys

import cv2
import numpy as np
from PIL import Image

LONGEST = int(os.environ.get("LONGEST", 400))


def read(path):
    a = np.array(Image.open(path).convert("RGBA"))
    ys, xs = np.where(a[..., 3] > 24)
    if len(ys) < 1500:
        return None
    a = a[max(0, ys.min() - 2):ys.max() + 3, max(0, xs.min() - 2):xs.max() + 3]
    # lines alone, or a pane that can hardly be seen
    solid = a[..., 3] > 127
    if solid.sum() < 1200 or cv2.erode(solid.astype(np.uint8), np.ones((3, 3))).sum() < .35 * solid.sum():
        return None
    if max(a.shape[:2]) > LONGEST:
        f = LONGEST / max(a.shape[:2])
        p = a.astype(np.float32); p[..., :3] *= p[..., 3:] / 255
        p = cv2.resize(p, None, fx=f, fy=f, interpolation=cv2.INTER_AREA); p[..., :3] /= np.maximum(p[..., 3:] / 255, 1e-3)
        a = (np.clip(p, 0, 255) + .5).astype(np.uint8)
    return a if min(a.shape[:2]) >= 24 else None


def main(views, work):
    got, names = {"train": [], "held": []}, []
    for path in sorted(glob.glob(f"{views}/*.png")):
        name = os.path.basename(path).rsplit("-", 1)[0]
        if name not in names:
            names.append(name)
        a = read(path)
        if a is not None:
            got["held" if len(names) % 7 == 0 else "train"].append(a)
    for k, tail in (("train", ""), ("held", "-held")):
        pickle.dump(got[k], open(f"{work}/models{tail}.pkl", "wb"), 4)
    print(len(names), "things,", len(got["train"]), "cut-outs to learn on,", len(got["held"]), "held")


if __name__ == "__main__":
    main(*sys.argv[1:])
