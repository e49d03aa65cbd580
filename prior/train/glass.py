"""See-through vessels with what is in them: domes, jars and bottles whose body lets the backdrop through."""
import cv2
import numpy as np

import draw

F = np.float32


def outline(rng, h, w):
    """A body of revolution: half its width at every row, as a share of w / 2."""
    y = np.linspace(0, 1, h)
    k = rng.random()
    if k < .4:                                                # dome
        r = np.sqrt(np.clip(1 - np.clip(1 - y / rng.uniform(.4, .8), 0, 1) ** 2, 0, 1))
    elif k < .75:                                             # jar
        r = np.full(h, 1.) - rng.uniform(.1, .35) * np.exp(-(y / rng.uniform(.1, .25)) ** 4)
    else:                                                     # bottle
        neck, at = rng.uniform(.2, .5), rng.uniform(.2, .45)
        r = neck + (1 - neck) / (1 + np.exp(-(y - at) / rng.uniform(.02, .07)))
    bend = 1 + rng.normal(0, .04) * np.sin(np.pi * 2 * y + rng.uniform(0, 6))
    return np.clip(r * bend, .02, 1).astype(F)


def made(rng, contents, longest):
    """RGBA 0..1, straight alpha; contents is a cut-out of the same kind, or None."""
    side = int(max(48, longest))
    h, w = (side, int(side * rng.uniform(.4, .9))) if rng.random() < .7 else (int(side * rng.uniform(.7, 1)), side)
    r = outline(rng, h, w)
    x = np.abs(np.arange(w) - (w - 1) / 2)[None] / (w / 2)
    mask = np.clip((r[:, None] - x) * w / 2 + .5, 0, 1).astype(F)
    deep = cv2.distanceTransform(np.pad((mask > .5).astype(np.uint8), 1), cv2.DIST_L2, 3)[1:-1, 1:-1]
    wall = rng.uniform(.006, .03) * side
    base, rim = rng.uniform(.02, .22), rng.uniform(.25, .9)
    a = base + (rim - base) * np.exp(-(deep / wall) ** 1.5) * (rng.uniform(.4, 1) + F(.4) * draw.fractal(rng, h, w))
    if rng.random() < .5:                                     # a second wall, seen through the first
        inner = cv2.erode(mask, np.ones((3, 3), np.uint8), iterations=max(1, int(wall * rng.uniform(2, 5))))
        a += rng.uniform(.02, .12) * cv2.GaussianBlur(inner, (0, 0), 1.2)
    tint = np.clip(rng.uniform(.35, 1) + rng.normal(0, .05, 3), 0, 1)
    rgb = np.broadcast_to(tint.astype(F), (h, w, 3)).copy()
    for _ in range(int(rng.integers(1, 5))):                  # glints
        g = np.zeros((h, w), F)
        cx, cy = w / 2 + rng.uniform(-.42, .42) * w, rng.uniform(.15, .8) * h
        cv2.ellipse(g, (int(cx), int(cy)), (max(1, int(w * rng.uniform(.01, .06))), max(2, int(h * rng.uniform(.04, .3)))), rng.uniform(-12, 12), 0, 360, 1., -1)
        g = cv2.GaussianBlur(g, (0, 0), side * rng.uniform(.002, .02)) * F(rng.uniform(.3, .95))
        a = np.maximum(a, g); rgb += (F(1) - rgb) * g[..., None]
    a = (np.clip(a, 0, 1) * mask).astype(F)
    if contents is not None:
        rgb, a = inside(rng, contents, rgb, a, r, h, w)
    if rng.random() < .4:                                     # lid, cork or knob: solid
        top = int(h * rng.uniform(.06, .16))
        lid = mask * (np.arange(h)[:, None] < top)
        if rng.random() < .4: lid = np.clip(lid + mask * (np.arange(h)[:, None] > h - top // 2), 0, 1)
        shade = (.75 + .25 * (1 - x))[..., None] * np.clip(rng.uniform(.1, .9) + rng.normal(0, .1, 3), 0, 1)
        rgb = rgb * (1 - lid[..., None]) + shade * lid[..., None]; a = np.maximum(a, lid)
    return np.dstack([np.clip(rgb, 0, 1), a]).astype(F)


def inside(rng, c, rgb, a, r, h, w):
    top, bottom = int(h * rng.uniform(.2, .55)), int(h * rng.uniform(.9, .97))
    wide = .9 * w * float(r[top:bottom].min())
    f = min((bottom - top) / c.shape[0], wide / c.shape[1])
    if f * min(c.shape[:2]) < 6:
        return rgb, a
    c = np.dstack([c[..., :3] * c[..., 3:], c[..., 3]])
    c = cv2.resize(c, (max(4, int(c.shape[1] * f)), max(4, int(c.shape[0] * f))), interpolation=cv2.INTER_AREA)
    full = np.zeros((h, w, 4), F)
    x = (w - c.shape[1]) // 2
    full[bottom - c.shape[0]:bottom, x:x + c.shape[1]] = c
    back, thin = full[..., 3], a * F(.7)                      # the front wall lies before it
    out = thin + back * (1 - thin)
    mixed = rgb * thin[..., None] + full[..., :3] * (1 - thin[..., None])
    alone = back < .02
    return np.where(alone[..., None], rgb, mixed / np.maximum(out, 1e-3)[..., None]), np.where(alone, a, out)
