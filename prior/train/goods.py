"""Foregrounds that the third version still got wrong: printed paper of the backdrop's colour, and openwork.

Each function returns an RGBA uint8 picture, as in shapes.py.
"""
import cv2
import numpy as np

import draw


def blank():
    return np.zeros((draw.S, draw.S, 3), np.float32), np.zeros((draw.S, draw.S), np.float32)


def packet(rng, bank=None):
    """One to four pale papers, pouches or labels with a print inside a margin, fanned or overlapping."""
    rgb, a = blank()
    n = int(rng.integers(1, 5))
    paper = np.float32(np.clip(rng.uniform(.82, 1) + rng.normal(0, .02, 3), 0, 1))
    hw, hh = rng.uniform(28, 60), rng.uniform(45, 80)
    turn = rng.normal(0, .25)
    for i in range(n):
        u = (i - (n - 1) / 2) * rng.uniform(.7, 1.1)
        cx, cy, rot = 128 + u * hw * rng.uniform(.6, 1.6), 128 + abs(u) * rng.uniform(0, 16), turn + u * rng.uniform(0, .25)
        flat = np.ones((120, 90, 3), np.float32) * paper
        flat *= np.linspace(rng.uniform(.9, 1), rng.uniform(.9, 1), 90)[None, :, None]
        m = int(rng.integers(6, 22))
        y0, y1 = sorted(rng.integers(m, 120 - m + 1, 2)) if rng.random() < .4 else (m, 120 - m)
        if y1 - y0 > 14:
            flat[y0:y1, m:90 - m] = draw.pattern(rng, y1 - y0, 90 - 2 * m, bank)
        for _ in range(int(rng.integers(0, 4))):              # lines of text
            y = int(rng.integers(4, 114)); cv2.line(flat, (m, y), (int(rng.uniform(m, 90)), y), tuple(map(float, draw.colour(rng) * .6)), int(rng.integers(1, 4)))
        if rng.random() < .5:                                 # a fold or a seam
            flat[:int(rng.integers(4, 20))] *= rng.uniform(.88, .98)
        edge = rng.uniform(.72, .97)                          # the rim turns away from the light
        flat[:2] *= edge; flat[-2:] *= edge; flat[:, :2] *= edge; flat[:, -2:] *= edge
        c, s = np.cos(rot), np.sin(rot)
        q = np.float32([[cx + x * c - y * s, cy + x * s + y * c] for x, y in ((-hw, -hh), (hw, -hh), (hw, hh), (-hw, hh))]) + rng.normal(0, 3, (4, 2)).astype(np.float32)
        M = cv2.getPerspectiveTransform(np.float32([[0, 0], [89, 0], [89, 119], [0, 119]]), q)
        t = cv2.warpPerspective(flat, M, (draw.S, draw.S), flags=cv2.INTER_LINEAR, borderMode=cv2.BORDER_REPLICATE)
        mask = np.zeros((draw.S, draw.S), np.uint8); cv2.fillConvexPoly(mask, np.int32(q * 16), 255, cv2.LINE_AA, 4)
        if i:                                                 # the one above shades the one below
            rgb *= 1 - rng.uniform(.05, .3) * cv2.GaussianBlur(mask / np.float32(255), (0, 0), rng.uniform(1, 4))[..., None]
        rgb, a = draw.over(rgb, a, np.clip(t, 0, 1), mask / 255.)
    return draw.crop(rgb, a)


def openwork(rng, bank=None):
    """Things with real openings: ladders, stools, trugs, lanterns, cages, loops, scissors; the openings are backdrop."""
    rgb, a = blank()
    cols = [draw.colour(rng) for _ in range(2)]
    w = rng.uniform(4, 15)
    bar = lambda *p, k=0, f=1.: draw.over(rgb, a, *draw.stroke_layer(rng, np.float32(p), w * f, w * f, cols[k]))
    x0, x1, y0, y1 = rng.uniform(30, 80), rng.uniform(176, 226), rng.uniform(20, 60), rng.uniform(190, 240)
    lean = rng.normal(0, 14)
    k = rng.random()
    if k < .3:                                                # ladder, rack, trestle
        rgb, a = bar((x0 + lean, y0), (x0, y1)); rgb, a = bar((x1 - lean, y0), (x1, y1))
        for t in np.linspace(rng.uniform(.03, .2), rng.uniform(.8, .97), int(rng.integers(2, 8))):
            rgb, a = bar((x0 + lean * (1 - t), y0 + t * (y1 - y0)), (x1 - lean * (1 - t), y0 + t * (y1 - y0)), k=1, f=.8)
    elif k < .5:                                              # stool, table, bench
        y = rng.uniform(60, 130)
        for x in (x0, x1, x0 + 30, x1 - 30)[:int(rng.choice([2, 4]))]:
            rgb, a = bar((x, y), (x + np.sign(x - 128) * abs(lean), y1 if x in (x0, x1) else y1 - 22))
        if rng.random() < .6:
            rgb, a = bar((x0, (y + y1) / 2), (x1, (y + y1) / 2), k=1, f=.7)
        rgb, a = bar((x0 - 10, y), (x1 + 10, y), k=1, f=rng.uniform(1.2, 2.6))
        if rng.random() < .4:                                 # a back with slats
            for x in np.linspace(x0, x1, int(rng.integers(2, 6))):
                rgb, a = bar((x, y), (x, 20))
            rgb, a = bar((x0, 22), (x1, 22), k=1)
    elif k < .75:                                             # a body under one high handle
        y = rng.uniform(120, 170)
        rgb, a = draw.over(rgb, a, *draw.stroke_layer(rng, draw.arc(128, y, (x1 - x0) / 2 - 6, rng.uniform(50, 105), 3.14, 6.28), w * .7, w * .7, cols[1]))
        rgb, a = draw.over(rgb, a, *draw.lathe_layer(rng, 128, int(y), int(y1), (x1 - x0) / 2, bank)) if rng.random() < .5 else bar((x0, (y + y1) / 2), (x1, (y + y1) / 2), f=min(5., (y1 - y) / w))
    elif k < .9:                                              # lantern or cage: posts between a base and a lid
        for x in np.linspace(x0, x1, int(rng.integers(2, 7))):
            rgb, a = bar((x, y0 + 30), (x, y1), k=1, f=.6)
        rgb, a = bar((x0 - 4, y1), (x1 + 4, y1), f=rng.uniform(1.2, 2.5)); rgb, a = bar((x0 - 4, y0 + 30), (x1 + 4, y0 + 30), f=rng.uniform(1.2, 3))
        rgb, a = draw.over(rgb, a, *draw.stroke_layer(rng, draw.arc(128, y0 + 14, 16, 18, 0, 6.3), w * .5, w * .5, cols[1]))
    else:                                                     # two ringed grips and crossed blades
        for s in (-1, 1):
            rgb, a = draw.over(rgb, a, *draw.stroke_layer(rng, draw.arc(128 + s * 38, 190, rng.uniform(18, 32), rng.uniform(24, 40), 0, 6.3), w * .8, w * .8, cols[0]))
            rgb, a = draw.over(rgb, a, *draw.stroke_layer(rng, np.float32([[128 + s * 26, 160], [128, 118], [128 - s * 14, 24]]), w, 2, cols[1]))
    return draw.crop(rgb, a)
