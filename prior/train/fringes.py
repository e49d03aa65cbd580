"""Fringes of hair, fur and bristles with exact coverage on made pictures: python3 fringes.py SET OUT FIRST N SEED

Strands half a pixel to two pixels wide grow out of the largest outline of each picture, in colours of what they grow on.  Made
pictures have hardly any hair, so what is learned of strands without them believes every outline.
"""
import json
import sys
from pathlib import Path

import cv2
import numpy as np

FINER = 4                                                     # strands are drawn so many times finer
SHARE = dict(hair=(.2, .5), fur=(.5, 1), bristle=(.1, .35))   # of the outline that they grow on
DENSE = dict(hair=(.25, .8), fur=(.3, .9), bristle=(.2, .6))  # strands a pixel of it
LONG = dict(hair=(14, 50), fur=(5, 14), bristle=(15, 60))     # pixels of 640
KINDS = list(SHARE)


def linear(v):
    return np.where(v <= .04045, v / 12.92, ((v + .055) / 1.055) ** 2.4)


def display(v):
    return np.where(v <= .0031308, v * 12.92, 1.055 * np.maximum(v, 1e-9) ** (1 / 2.4) - .055)


def outline(solid):
    found, _ = cv2.findContours(solid, cv2.RETR_EXTERNAL, cv2.CHAIN_APPROX_NONE)
    return max(found, key=len)[:, 0, :].astype(float) if found else np.zeros((0, 2))


def strand(rng, root, normal, lean, kind, length, fall, unit):
    """Its points, from a little within the thing on."""
    d = normal + lean + (rng.normal(0, .45, 2) if kind != "bristle" else rng.normal(0, .08, 2))
    d /= np.linalg.norm(d) + 1e-6
    long, curl = length * rng.uniform(.4, 1.2), rng.normal(0, .03 / unit)
    p = root - normal * 4 * unit
    points = [p.copy()]
    for _ in range(int(long / (2 * unit)) + 3):
        turned = np.arctan2(d[1], d[0]) + curl * 2 * unit
        d = np.array([np.cos(turned), np.sin(turned)])
        d[1] += fall * .06
        d /= np.linalg.norm(d)
        p = p + d * 2 * unit
        points.append(p.copy())
    return np.array(points)


def fringed(rng, image, matte, kind):
    """The picture and its coverage with a fringe; None where there is too little outline."""
    h, w = matte.shape
    unit = max(h, w) / 640
    solid = (matte > 127).astype(np.uint8)
    edge = outline(solid)
    if len(edge) < 80:
        return None
    gy, gx = np.gradient(cv2.GaussianBlur(solid.astype(np.float32), (0, 0), 4 * unit))
    share = rng.uniform(*SHARE[kind])
    first = rng.integers(len(edge))
    grown = (first + np.arange(int(share * len(edge)))) % len(edge)
    roots = rng.choice(grown, max(6, int(rng.uniform(*DENSE[kind]) / unit * len(grown))))
    length, width = rng.uniform(*LONG[kind]) * unit, rng.uniform(.5, 1.6) * unit
    fall, lean = rng.uniform(0, 1.2 if kind == "hair" else .4), rng.normal(0, .25, 2)
    soft = cv2.GaussianBlur(image.astype(np.float32), (0, 0), 2)
    light, covered = linear(image.astype(np.float64) / 255), matte.astype(np.float64) / 255
    for layer in range(3):
        fine = np.zeros((h * FINER, w * FINER), np.uint8)
        colour, reached = np.zeros((h, w, 3), np.float32), np.zeros((h, w), bool)
        for r in roots[layer::3]:
            x, y = edge[r]
            g = np.array([gx[int(y), int(x)], gy[int(y), int(x)]])
            normal = -g / (np.linalg.norm(g) + 1e-6)
            points = strand(rng, np.array([x, y]), normal, lean, kind, length, fall, unit)
            u, v = (int(np.clip(c, 0, n - 1)) for c, n in zip(edge[r] - normal * 5 * unit, (w, h)))
            if not solid[v, u]:
                continue
            own = soft[v, u] * rng.uniform(.6, 1.25)
            thick = max(1, int(round(width * FINER * rng.uniform(.6, 1.3))))
            cv2.polylines(fine, [np.round(points * FINER * 8).astype(np.int32).reshape(-1, 1, 2)], False, 255, thick, cv2.LINE_AA, 3)
            near = np.zeros((h, w), np.uint8)
            cv2.polylines(near, [np.round(points).astype(np.int32).reshape(-1, 1, 2)], False, 255, max(1, int(width) + 2))
            colour[near > 0] = np.clip(own, 0, 255)
            reached |= near > 0
        a = cv2.resize(fine, (w, h), interpolation=cv2.INTER_AREA).astype(np.float64) / 255 * reached
        light = light * (1 - a[..., None]) + linear(colour.astype(np.float64) / 255) * a[..., None]
        covered += (1 - covered) * a
    noisy = display(light) * 255 + rng.normal(0, 1, light.shape)
    return np.clip(noisy, 0, 255).astype(np.uint8), np.round(covered * 255).astype(np.uint8)


def main(source, out, first, count, seed):
    Path(out).mkdir(parents=True, exist_ok=True)
    entries = json.load(open(source + "/manifest.json"))[int(first):int(first) + int(count)]
    lines = []
    for k, entry in enumerate(entries):
        rng = np.random.default_rng(int(seed) + k)
        kind = KINDS[k % 3]
        made = fringed(rng, cv2.imread(f"{source}/{entry['file']}"), cv2.imread(f"{source}/{entry['matte']}", 0), kind)
        if made is None:
            continue
        name = f"{Path(out).name}-{k:04d}"
        cv2.imwrite(f"{out}/{name}.jpg", made[0], [cv2.IMWRITE_JPEG_QUALITY, 92])
        cv2.imwrite(f"{out}/{name}.matte.png", made[1])
        lines.append(dict(entry, name=name, file=name + ".jpg", matte=name + ".matte.png", tags=[kind]))
    json.dump(lines, open(out + "/manifest.json", "w"), indent=1)


if __name__ == "__main__":
    main(*sys.argv[1:])
