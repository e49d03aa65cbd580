"""Read real cut-outs and backdrops: python3 materials.py SRC WORK

lists/cutouts.tsv (pictures with an alpha channel) and lists/backdrops.tsv hold a path below SRC and a split (train or
held) a line; WORK/white.pkl comes from masks.py.  Writes real.pkl, real-held.pkl, bank.pkl, bank-held.pkl.
"""
import os
import pickle
import sys

import cv2
import numpy as np
from PIL import Image


LONGEST = int(os.environ.get("LONGEST", 400))                  # of a cut-out; a backdrop may be twice as long


def clean(a, longest=LONGEST):
    """Crop, shrink, and take the old backdrop's colour out of the rim: alpha is narrowed by about a pixel
    and the colour of the rim is that of the solid pixels beside it."""
    ys, xs = np.where(a[..., 3] > 40)
    if len(ys) < 300:
        return None
    a = a[ys.min():ys.max() + 1, xs.min():xs.max() + 1].astype(np.float32) / 255
    if max(a.shape[:2]) > longest:
        f = longest / max(a.shape[:2])
        a[..., :3] *= a[..., 3:]
        a = cv2.resize(a, None, fx=f, fy=f, interpolation=cv2.INTER_AREA)
        a[..., :3] /= np.maximum(a[..., 3:], 1e-3)
    if min(a.shape[:2]) < 24:
        return None
    a = cv2.copyMakeBorder(a, 3, 3, 3, 3, cv2.BORDER_CONSTANT)
    al = a[..., 3]
    solid = (cv2.erode(al, np.ones((3, 3))) > .9).astype(np.float32)
    if solid.sum() > .3 * al.sum():
        num, den = a[..., :3] * solid[..., None], solid.copy()
        for s in (1.2, 3):
            n, d = cv2.GaussianBlur(num, (0, 0), s), cv2.GaussianBlur(den, (0, 0), s)
            need = (den < .5) & (d > .02)
            num[need] = (n / np.maximum(d, 1e-4)[..., None])[need]; den[need] = 1
        a[..., :3] = np.where(solid[..., None] > 0, a[..., :3], num)
        al = np.clip((al + cv2.erode(al, np.ones((3, 3)))) / 2 * 1.15 - .1, 0, 1)
    return (np.dstack([np.clip(a[..., :3], 0, 1), al]) * 255 + .5).astype(np.uint8)


def where(src, path):
    if path.startswith("skimage/"):
        import skimage
        return os.path.dirname(skimage.__file__) + "/data/" + path.split("/")[1]
    return f"{src}/{path}"


def main(src, work):
    real, bank = {"train": [], "held": []}, {"train": [], "held": []}
    lines = lambda name: [l.rstrip("\n").split("\t") for l in open(f"{os.path.dirname(os.path.abspath(__file__))}/lists/{name}.tsv")]
    cut = [(np.array(Image.open(where(src, p)).convert("RGBA")), split) for p, split in lines("cutouts")]
    for a, split in cut + pickle.load(open(f"{work}/white.pkl", "rb")):
        a = clean(a)
        if a is not None:
            real[split].append(a)
    for p, split in lines("backdrops"):
        im = Image.open(where(src, p)); im.draft("RGB", (5 * LONGEST // 2, 7 * LONGEST // 4)); im = im.convert("RGB"); im.thumbnail((2 * LONGEST, 2 * LONGEST), Image.BOX)
        if min(im.size) >= 150:
            bank[split].append(np.array(im))
    for k, tail in (("train", ""), ("held", "-held")):
        pickle.dump(real[k], open(f"{work}/real{tail}.pkl", "wb"), 4); pickle.dump(bank[k], open(f"{work}/bank{tail}.pkl", "wb"), 4)
        print(k, len(real[k]), "cut-outs", len(bank[k]), "backdrops", flush=True)


if __name__ == "__main__":
    main(*sys.argv[1:])
