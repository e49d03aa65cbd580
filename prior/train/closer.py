"""What a closer look shows: pieces of larger pictures, with the faults that cutouts have there.

Small wrong places follow what is in the picture: a leg, a gap between two slats, a shadow, the piece of floor that has
the thing's colour.  So a fault here is what looks alike around a point, and what is to be learned is to put it right
without touching the rest.
"""
import glob

import cv2
import numpy as np

MOST_PIECE = .9                                               # of the picture's shorter side
LEAST_PIECE = 120                                             # px of the larger picture


class Pieces:
    """Pictures of `pictures.py`, all of them in memory (about 1.6 MB each)."""

    def __init__(self, folders):
        self.pictures = []
        for folder in folders:
            for name in sorted(glob.glob(folder + "/*.matte.png")):
                image = cv2.imread(name.replace(".matte.png", ".jpg"), cv2.IMREAD_COLOR)
                matte = cv2.imread(name, cv2.IMREAD_GRAYSCALE)
                if image is not None and image.shape[:2] == matte.shape:
                    self.pictures.append(np.dstack([image[..., ::-1], matte]))

    def one(self, rng, size):
        """size x size x 4, RGB and matte, bytes; mostly with an outline in it."""
        p = self.pictures[rng.integers(len(self.pictures))]
        h, w = p.shape[:2]
        most = int(MOST_PIECE * min(h, w))
        side = int(np.exp(rng.uniform(np.log(min(LEAST_PIECE, most)), np.log(most))))
        inside = p[..., 3] > 127
        rim = np.argwhere(inside ^ cv2.erode(inside.astype(np.uint8), np.ones((3, 3), np.uint8)).astype(bool))
        y, x = rim[rng.integers(len(rim))] if len(rim) and rng.random() < .85 else (rng.integers(h), rng.integers(w))
        y0 = int(np.clip(y - rng.uniform(.2, .8) * side, 0, h - side))
        x0 = int(np.clip(x - rng.uniform(.2, .8) * side, 0, w - side))
        piece = np.ascontiguousarray(p[y0:y0 + side, x0:x0 + side])
        return cv2.resize(piece, (size, size), interpolation=cv2.INTER_AREA if side > size else cv2.INTER_LINEAR)


def fault(rng, image, cut, y):
    """Turns what looks alike around a point near the outline to the wrong side, in place. image: H x W x 3, 0..1."""
    h, w = cut.shape
    truth = (y > .5).astype(np.uint8)
    near = np.argwhere(cv2.dilate(truth, np.ones((25, 25), np.uint8)) != cv2.erode(truth, np.ones((25, 25), np.uint8)))
    if not len(near):
        near = np.array([[rng.integers(h), rng.integers(w)]])
    seed = near[rng.integers(len(near))]
    calm = cv2.GaussianBlur(image, (0, 0), rng.uniform(1, 3))
    reach = np.zeros((h + 2, w + 2), np.uint8)
    reach[1:-1, 1:-1] = 1
    cv2.circle(reach, (int(seed[1]) + 1, int(seed[0]) + 1), int(rng.uniform(.03, .3) * w), 0, -1)
    step = float(np.exp(rng.uniform(np.log(.01), np.log(.1))))
    cv2.floodFill(calm, reach, (int(seed[1]), int(seed[0])), 0, (step,) * 3, (step,) * 3,
                  cv2.FLOODFILL_MASK_ONLY | cv2.FLOODFILL_FIXED_RANGE * int(rng.random() < .5) | 255 << 8 | 4)
    place = cv2.morphologyEx((reach[1:-1, 1:-1] == 255).astype(np.uint8), cv2.MORPH_CLOSE, np.ones((5, 5), np.uint8)) > 0
    if rng.random() < .6:                                     # only one side of the outline is wrong
        place &= truth == truth[seed[0], seed[1]]
    cut[place] = 1 - truth[place]


def begun(rng, image, p, y):
    """A cutout as a closer look finds it: the truth or an answer, with one to three faults; seldom with none."""
    cut = (p > rng.uniform(.3, .7) if rng.random() < .35 else y > .5).astype(np.uint8)
    for _ in range(int(rng.integers(1, 4)) if rng.random() < .85 else 0):
        fault(rng, image, cut, y)
    return cut
