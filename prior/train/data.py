"""Synthetic composites for the subject prior.

  python3 data.py pools    SRC WORK        read clip art, emoji and wallpapers below SRC into WORK/*.pkl
  python3 data.py shapes   WORK SEED N [KIND...]  draw N procedural foregrounds into WORK/shapes-SEED.pkl
  python3 data.py shards   WORK SEED N     write N shards of 1000 composites (192x192 RGB + label, uint8)
  python3 data.py hard     WORK SEED N     the same with mostly patterned grounds and shelves

A shard is a raw uint8 array 1000 x 192 x 192 x 4; channel 3 is the label (subject coverage * 255).
"""
import os
import pickle
import sys

import cv2
import numpy as np

import grounds
import pools
import scene
import shapes

SIZE, PER_SHARD = 192, 1000
F = np.float32


def compose(rng, P):
    """One training picture: (192 x 192 x 3 in 0..1, 192 x 192 coverage)."""
    h = w = SIZE
    if rng.random() < .6:                                     # letterbox a picture of another shape
        r = np.exp(rng.uniform(-.65, .65)); h, w = (SIZE, max(96, int(SIZE * r))) if r < 1 else (max(96, int(SIZE / r)), SIZE)
    shelf = rng.random() < P["hard"][1]
    base = rng.uniform(.7, .95)
    if shelf:
        (bg, base), kind = grounds.board(rng, P, h, w, scene.stick), "shelf"
    elif rng.random() < P["hard"][0]:
        bg, kind = grounds.patterned(rng, h, w), "patterned"
    else:
        bg, kind = scene.backdrop(rng, P, h, w)
    busy = kind not in ("plain", "patterned", "shelf")
    for _ in range(int(rng.integers(0, 5)) if busy and rng.random() < .6 else int(rng.integers(0, 2)) * (rng.random() < .15)):
        edge, u = rng.random() < .5, rng.uniform(0, 1)
        if edge:                                              # cut by the frame
            s = rng.uniform(.25, .9)
            u, v = [(rng.choice([0, 1]) , rng.uniform(.1, 1)), (u, rng.choice([0, 1]))][rng.integers(2)]
        else:
            s, v = rng.uniform(.06, .28), rng.uniform(0, 1)
        scene.stick(rng, P, bg, s, u, v, rng.uniform(1, 5) if rng.random() < (.8 if s > .35 else .5) else 0)
    if busy and rng.random() < .2:
        bg = cv2.GaussianBlur(bg, (0, 0), rng.uniform(.5, 4))
    n = 1 if rng.random() < (.35 if shelf else .8) else int(rng.integers(2, 4))
    label, prev = np.zeros((h, w), np.float32), bg
    size, xs = rng.uniform(.38, .95) if n == 1 else rng.uniform(.3, .6), rng.permutation(n) - (n - 1) / 2
    same = rng.random() < .4
    one, bust = scene.pick(rng, P, size * max(h, w))
    for i in range(n):
        a, b = (one, bust) if i == 0 or same else scene.pick(rng, P, size * max(h, w))
        ah, aw = a.shape[:2]
        b = b or (n == 1 and rng.random() < .04)
        s = size * rng.uniform(.8, 1.15)
        f = min(s * h / ah, s * w / aw)
        if n == 1 and rng.random() < .12: f *= rng.uniform(.6, .9)
        if b:
            f = rng.uniform(.55, 1.15) * min(w / aw, 1.3 * h / ah)
        sx, sy = f * np.exp(rng.normal(0, .08)), f * np.exp(rng.normal(0, .08))
        rot = 0 if b else rng.normal(0, .06) if rng.random() < .85 else rng.uniform(-3.1, 3.1)
        hw, hh = aw * sx / 2, ah * sy / 2
        cx = w * (.5 + rng.normal(0, .06 if n == 1 else .03)) + xs[i] * w * rng.uniform(.25, .36) * (n > 1)
        cy = h * (.52 + rng.normal(0, .06)) if n == 1 and not shelf else h * base - hh + rng.normal(0, .03) * h
        if b:
            cy = h - hh + rng.uniform(0, .25) * hh
        elif rng.random() < .08:                              # touches or crosses another edge
            cx, cy = [(hw * rng.uniform(.7, 1), cy), (w - hw * rng.uniform(.7, 1), cy), (cx, hh * rng.uniform(.75, 1)), (cx, h - hh * rng.uniform(.75, 1))][rng.integers(4)]
        else:
            cx = np.clip(cx, min(hw + 1, w / 2), max(w - hw - 1, w / 2)); cy = np.clip(cy, min(hh + 1, h / 2), max(h - hh - 1, h / 2))
        p = scene.warp(a, sx, sy, cx, cy, rot, h, w)
        if n == 1 and not b and rng.random() < .05 and cy - hh > 4:        # hangs from a cord
            c = (*map(float, np.clip(p[..., :3].sum((0, 1)) / (p[..., 3].sum() + 1) * rng.uniform(.3, 1.2), 0, 1)), 1.)
            cv2.line(p, (int(cx + rng.normal(0, 4)), -2), (int(cx), int(cy - hh * .8)), c, int(rng.integers(1, 4)), cv2.LINE_AA)
        al = p[..., 3].copy()
        wsum = al.sum() + 1e-3
        if wsum < 80:
            continue
        fgm, bgm = p[..., :3].sum((0, 1)) / wsum, (bg * al[..., None]).sum((0, 1)) / wsum
        k = rng.random()
        close = .4 if kind == "patterned" else .17
        shift = rng.uniform(.4, .92) if k < close else rng.uniform(0, .25)     # hard case: toward the backdrop's colour
        contrast = rng.uniform(.5, 1) if k < close else 1
        rgb = np.clip((p[..., :3] - F(fgm) * al[..., None]) * F(contrast) + F(fgm + shift * (bgm - fgm)) * al[..., None], F(0), al[..., None])
        if rng.random() < .06 and k > .3:                     # glass: the backdrop shows through, the label stays whole
            t = rng.uniform(.25, .75)
            rgb, al_c = rgb * t, al * t
        else:
            al_c = al
        if not b and rng.random() < .75 or rng.random() < .25:
            bg = scene.shadows(rng, bg, al, rng.uniform(.1, .75))
            if i: bg = np.where(label[..., None] > .5, prev, bg)
        if rng.random() < .05 and not b:                      # polished table
            y = int(min(h - 1, cy + hh)); m = min(y, h - y)
            if m > 6:
                fade = (np.linspace(rng.uniform(.15, .5), 0, m)[:, None] * al_c[y - m:y][::-1])[..., None]
                src = (rgb / np.maximum(al_c, 1e-3)[..., None])[y - m:y][::-1]
                bg = bg.copy(); bg[y:y + m] = bg[y:y + m] * (1 - fade) + src * fade
        bg = bg * (1 - al_c[..., None]) + rgb
        prev = bg
        label = al + label * (1 - al)
    img = bg.astype(np.float32) * F(np.exp(rng.normal(0, .06, 3)) * rng.uniform(.8, 1.12))
    if rng.random() < .04: img = np.repeat(img.mean(2, keepdims=True), 3, 2)
    if rng.random() < .25: img = cv2.GaussianBlur(img, (0, 0), rng.uniform(.3, 1.1))
    if rng.random() < .5: img = img + rng.standard_normal(img.shape, F) * F(rng.uniform(.003, .04))
    img = (np.clip(img, 0, 1) * 255 + .5).astype(np.uint8)
    if rng.random() < .3:
        img = cv2.imdecode(cv2.imencode(".jpg", img, [cv2.IMWRITE_JPEG_QUALITY, int(rng.integers(35, 95))])[1], 1)
    out = np.full((SIZE, SIZE, 4), 128, np.uint8); out[..., 3] = 0
    y, x = (SIZE - h) // 2, (SIZE - w) // 2
    out[y:y + h, x:x + w, :3] = img
    out[y:y + h, x:x + w, 3] = np.clip(label * 255 + .5, 0, 255)
    return out


def main(cmd, *v):
    if cmd == "pools":
        pools.build_pools(*v)
    elif cmd == "shapes":
        work, seed, n, only = v[0], int(v[1]), int(v[2]), v[3:] or None
        rng, bank, got = np.random.default_rng(1000 + seed), pickle.load(open(f"{work}/bank.pkl", "rb")), []
        while len(got) < n:
            a, kind = shapes.make(rng, bank, only)
            if a is not None and min(a.shape[:2]) > 24:
                got.append((a, kind))
        pickle.dump(got, open(f"{work}/shapes-{seed}.tmp", "wb"), 4)
        os.rename(f"{work}/shapes-{seed}.tmp", f"{work}/shapes-{seed}.pkl")
    elif cmd in ("shards", "hard"):
        work, seed, n = v[0], int(v[1]), int(v[2])
        for k in range(n):
            P, rng = pools.load_pools(work), np.random.default_rng([7, seed, k])
            P["hard"] = (.55, .16) if cmd == "hard" else (.12, .06)
            name = f"{work}/shard-{seed:02d}-{k:03d}"
            with open(name + ".tmp", "wb") as f:
                for _ in range(PER_SHARD):
                    f.write(compose(rng, P).tobytes())
            os.rename(name + ".tmp", name + ".u8")
            print(name, flush=True)


if __name__ == "__main__":
    main(*sys.argv[1:])
