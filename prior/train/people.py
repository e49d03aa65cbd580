"""Painted people with what they wear and hold: python3 people.py PORTRAITS WORK

PORTRAITS is a folder in which portraits with an alpha channel lie, anywhere below it (see NOTES.md).  Writes people.pkl and
people-held.pkl: (RGBA as materials.py's, whether the lower edge of the picture cuts it off); every sixth name is held.
"""
import glob
import os
import pickle
import re
import sys

import numpy as np
from PIL import Image

from models import read

NOBODY = ("undead", "monsters", "wolves", "woses", "nagas", "saurians", "drakes", "bats", "transparent", "silhouette")


def portrait(path):
    """None when it has a ground of its own, or when a side cuts it off."""
    a = np.array(Image.open(path).convert("RGBA"))[..., 3] > 127
    if not .1 < a.mean() < .85 or a[:, 0].mean() > .25 or a[:, -1].mean() > .25 or a[0].mean() > .3:
        return None
    cut = read(path)
    return None if cut is None else (cut, bool(a[-1].mean() > .1))


def main(folder, work):
    got, names, seen = {"": [], "-held": []}, [], set()
    for path in sorted(glob.glob(f"{folder}/**/portraits/**/*.png", recursive=True), key=os.path.basename):
        if any(word in path for word in NOBODY):
            continue
        one = portrait(path)
        if one is None or hash(one[0].tobytes()) in seen:
            continue
        seen.add(hash(one[0].tobytes()))
        name = re.sub(r"[^a-z]", "", os.path.basename(path)[:-4].lower())[:6]
        if name not in names:                                 # faces of one person stay on one side
            names.append(name)
        got["-held" if names.index(name) % 6 == 5 else ""].append(one)
    for tail, all in got.items():
        pickle.dump(all, open(f"{work}/people{tail}.pkl", "wb"), 4)
    print(len(names), "names,", len(got[""]), "to learn on,", len(got["-held"]), "held")


if __name__ == "__main__":
    main(*sys.argv[1:])
