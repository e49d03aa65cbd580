"""Fringes of strands with exact coverage on made pictures, for choosing how strands are believed."""
import json, sys, numpy as np, cv2, os
from pathlib import Path
src, dst, first, count, seed = sys.argv[1], sys.argv[2], int(sys.argv[3]), int(sys.argv[4]), int(sys.argv[5])
M = json.load(open(src + '/manifest.json'))
Path(dst).mkdir(parents=True, exist_ok=True)
out = []
lin = lambda v: np.where(v <= .04045, v / 12.92, ((v + .055) / 1.055) ** 2.4)
srgb = lambda v: np.where(v <= .0031308, v * 12.92, 1.055 * np.maximum(v, 1e-9) ** (1 / 2.4) - .055)
S = 4
for k, e in enumerate(M[first:first + count]):
    rng = np.random.default_rng(seed + k)
    im = cv2.imread(f"{src}/{e['file']}"); m = cv2.imread(f"{src}/{e['matte']}", 0)
    h, w = m.shape; unit = max(h, w) / 640
    solid = (m > 127).astype(np.uint8)
    cs, _ = cv2.findContours(solid, cv2.RETR_EXTERNAL, cv2.CHAIN_APPROX_NONE)
    if not cs: continue
    c = max(cs, key=len)[:, 0, :].astype(float)
    if len(c) < 80: continue
    inside = cv2.GaussianBlur(solid.astype(np.float32), (0, 0), 4 * unit)
    gy, gx = np.gradient(inside)
    kind = ['hair', 'fur', 'bristle'][k % 3]
    n = len(c)
    share = {'hair': rng.uniform(.2, .5), 'fur': rng.uniform(.5, 1), 'bristle': rng.uniform(.1, .35)}[kind]
    a0 = rng.integers(n); idx = (a0 + np.arange(int(share * n))) % n
    per = {'hair': rng.uniform(.25, .8), 'fur': rng.uniform(.3, .9), 'bristle': rng.uniform(.2, .6)}[kind] / unit
    roots = rng.choice(idx, max(6, int(per * len(idx))))
    length = {'hair': rng.uniform(14, 50), 'fur': rng.uniform(5, 14), 'bristle': rng.uniform(15, 60)}[kind] * unit
    width = rng.uniform(.5, 1.6) * unit
    fall = rng.uniform(0, 1.2) if kind == 'hair' else rng.uniform(0, .4)
    par = rng.normal(0, .25, 2)
    blur = cv2.GaussianBlur(im.astype(np.float32), (0, 0), 2)
    I = lin(im.astype(np.float64) / 255); A = m.astype(np.float64) / 255
    for layer in range(3):
        mask = np.zeros((h * S, w * S), np.uint8)
        colour = np.zeros((h, w, 3), np.float32); wt = np.zeros((h, w), np.float32)
        for r in roots[layer::3]:
            x, y = c[r]; g = np.array([gx[int(y), int(x)], gy[int(y), int(x)]]); nn = -g / (np.linalg.norm(g) + 1e-6)
            d = nn + par + (rng.normal(0, .45, 2) if kind != 'bristle' else rng.normal(0, .08, 2))
            d /= np.linalg.norm(d) + 1e-6
            L = length * rng.uniform(.4, 1.2); curl = rng.normal(0, .03 / unit)
            p = np.array([x, y]) - nn * 4 * unit
            pts = [p.copy()]
            for s in range(int(L / (2 * unit)) + 3):
                t = np.arctan2(d[1], d[0]) + curl * 2 * unit; d = np.array([np.cos(t), np.sin(t)]); d[1] += fall * .06; d /= np.linalg.norm(d)
                p = p + d * 2 * unit; pts.append(p.copy())
            q = np.array(pts)
            bx = int(np.clip(x - nn[0] * 5 * unit, 0, w - 1)); by = int(np.clip(y - nn[1] * 5 * unit, 0, h - 1))
            if not solid[by, bx]: continue
            col = blur[by, bx] * rng.uniform(.6, 1.25)
            th = max(1, int(round(width * S * rng.uniform(.6, 1.3))))
            ip = np.round(q * S * 8).astype(np.int32).reshape(-1, 1, 2)
            cv2.polylines(mask, [ip], False, 255, th, cv2.LINE_AA, 3)
            cl = np.zeros((h, w), np.uint8); 
            cv2.polylines(cl, [np.round(q).astype(np.int32).reshape(-1, 1, 2)], False, 255, max(1, int(width) + 2))
            sel = cl > 0; colour[sel] = np.clip(col, 0, 255); wt[sel] = 1
        a = cv2.resize(mask, (w, h), interpolation=cv2.INTER_AREA).astype(np.float64) / 255
        a[wt == 0] = 0
        I = I * (1 - a[..., None]) + lin(colour.astype(np.float64) / 255) * a[..., None]
        A = A + (1 - A) * a
    name = f"{Path(dst).name}-{k:04d}"
    cv2.imwrite(f"{dst}/{name}.jpg", np.clip(srgb(I) * 255 + rng.normal(0, 1, I.shape), 0, 255).astype(np.uint8), [cv2.IMWRITE_JPEG_QUALITY, 92])
    cv2.imwrite(f"{dst}/{name}.matte.png", np.round(A * 255).astype(np.uint8))
    out.append({**e, 'name': name, 'file': name + '.jpg', 'matte': name + '.matte.png', 'tags': [kind]})
json.dump(out, open(dst + '/manifest.json', 'w'), indent=1); print(dst, len(out))
