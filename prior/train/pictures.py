"""Made pictures at the engine's own size, to learn on what evidence is worth: python3 pictures.py WORK SPLIT N [START KIND NAME]

SPLIT is learn, choose or test: each has cut-outs and backdrops of its own.  Those of learn and choose are mostly such as the
subject prior was never trained on, so that what is learned here does not trust the prior more than strangers' pictures allow;
test has only such.  Writes WORK/made/SPLIT/NAME.png, NAME.matte.png and manifest.json, the layout of bench's test sets.

The compositor is compose.py's, whose blurs and shifts are meant for 256 px: they grow with the picture here.
GROWN=5 in the environment makes pictures of 1,280 px instead of 640.
"""
import json
import os
import pickle
import sys

import cv2
import numpy as np

import compose
import draw
import glass
import scene

GROWN = float(os.environ.get("GROWN", 2.5))
SIZE = int(256 * GROWN)
F = np.float32
SEEDS = dict(learn=1, choose=2, test=3)
# real subjects and backdrops that no prior was trained on: the held ones, divided here
HELD = dict(learn=(0, .62), choose=(.62, .72), test=(.72, 1.))

blur = cv2.GaussianBlur


def grown_blur(image, size, sigma, *rest, **more):
    return blur(image, size, sigma * GROWN, *rest, **more)


def finish_blur(image, size, sigma, *rest, **more):
    return blur(image, size, sigma, *rest, **more)


def part(items, split):
    order = np.random.default_rng(5).permutation(len(items))
    a, b = (int(round(s * len(items))) for s in HELD[split])
    return [items[i] for i in order[a:b]]


def crisp(a):
    """Drawn things are 256 px at most: their outline is made as sharp as the picture again."""
    a = a.copy()
    a[..., 3] = np.clip((a[..., 3] - F(.5)) * F(GROWN) + F(.5), 0, 1)
    return a


def pools(work, split, kind):
    L = lambda n: pickle.load(open(f"{work}/{n}.pkl", "rb"))
    fresh, seen = part(L("real-held"), split), L("real")
    rng = np.random.default_rng(9)
    seen = [seen[i] for i in rng.permutation(len(seen))]
    share = dict(learn=(0, .8), choose=(.8, .9), test=(.9, 1.))[split]
    seen = seen[int(share[0] * len(seen)):int(share[1] * len(seen))]
    shapes = [one for s in (1, 2, 3) for one in L(f"shapes-{s}")]
    order = rng.permutation(len(shapes))
    shapes = [shapes[i] for i in order[int(share[0] * len(shapes)):int(share[1] * len(shapes))]]
    backs = part(L("bank-held"), split)
    more = L("bank")
    more = [more[i] for i in rng.permutation(len(more))][int(share[0] * len(more)):int(share[1] * len(more))]
    P = dict(clipart=[], emoji=[], shapes=shapes, extra=seen if split != "test" else fresh, mix=(.75, .75, .75, 1.), real_share=.62)
    P["fresh"], P["seen"] = fresh, seen
    if kind == "things":                                      # models.py's drawn solid things, which no prior was trained on
        P["fresh"] = P["extra"] = L("models-held" if split == "test" else "models")
    if kind == "people":
        P["people"] = L("people-held" if split == "test" else "people")
    P["bank"] = P["photos"] = backs + (more if split != "test" else [])
    return P


def main(work, split, n, start=0, kind="", name=""):
    """kind: studio has only sweeps, as in a catalogue, and more drawn openwork on them; glass and vessels have see-through vessels; things has
    drawn solid things among the real ones; people has people.py's. Half of vessels, things and people stand before photographs as sharp as they are."""
    name = name or kind or split
    folder, studio, glass_share = f"{work}/made/{name}", kind == "studio", .8 if kind in ("glass", "vessels") else .03
    os.makedirs(folder, exist_ok=True)
    P = pools(work, split, kind)
    print(split, len(P["fresh"]), "fresh", len(P["seen"]), "seen", len(P["shapes"]), "shapes", len(P["bank"]), "backdrops", flush=True)
    compose.SIZE = SIZE
    cv2.GaussianBlur = grown_blur
    real, pick = compose.real, scene.pick

    def a_real(rng, pools_, longest):
        pools_["real"] = P["fresh"] if split == "test" or rng.random() < .6 else P["seen"]
        return real(rng, pools_, longest)

    def a_pick(rng, pools_, longest=None):
        a, bust = pick(rng, pools_, longest / GROWN if longest else None)
        return a, bust
    compose.real, scene.pick = a_real, a_pick
    backdrop = compose.backdrop

    def a_backdrop(rng, pools_, h, w, held=False):
        found = backdrop(rng, pools_, h, w, held) if not studio else (compose.linear(scene.sweep(rng, h, w)), "plain", rng.uniform(.7, .95))
        P["kind"] = found[1]
        return found
    compose.backdrop = a_backdrop
    warp = scene.warp

    def a_warp(a, sx, sy, cx, cy, rot, h, w):
        out = warp(a, sx, sy, cx, cy, rot, h, w)
        if min(sx, sy) > 1.4:
            c = np.clip((out[..., 3] - F(.5)) * F(GROWN) + F(.5), 0, 1)
            out[..., :3] *= (c / np.maximum(out[..., 3], F(1e-3)))[..., None]
            out[..., 3] = c
        return out
    scene.warp = a_warp
    made = compose.subject

    def a_person(rng, longest):
        one, is_bust = P["people"][rng.integers(len(P["people"]))]
        return real(rng, dict(P, real=[one]), longest), "bust" if is_bust else "real"

    def a_subject(rng, pools_, longest):
        if kind == "people" and rng.random() < .9:
            return a_person(rng, longest)
        if rng.random() >= glass_share:
            return made(rng, pools_, longest)
        contents = made(rng, pools_, longest * .7)[0] if rng.random() < .75 else None
        return glass.made(rng, contents, longest), "glass"
    compose.subject = a_subject
    lines = []
    for k in range(int(start), int(start) + int(n)):
        rng = np.random.default_rng([23, SEEDS[split], k] + [7] * studio + [11] * (kind == "things") + [13] * (kind == "people") + [17] * (kind == "vessels"))
        P["mix"] = (.95, .95, .95, 1.) if k % (2 if studio else 5) == 0 else (.75, .75, .75, 1.)
        P["scenes"] = kind in ("things", "people", "vessels") and k % 2 == 1
        P["real_share"] = .3 if k % (2 if studio else 5) == 0 else .66
        try:
            out = compose.compose(rng, P)
        except (cv2.error, ValueError) as e:
            print(k, str(e)[:80], flush=True)
            continue
        inside = np.where(~((out[..., :3] == 128).all(2) & (out[..., 3] == 0)))
        y0, y1, x0, x1 = inside[0].min(), inside[0].max() + 1, inside[1].min(), inside[1].max() + 1
        out = out[y0:y1, x0:x1]
        share = (out[..., 3] > 127).mean()
        if not .01 < share < .9:
            continue
        one = f"{name}-{k:05d}"
        cv2.imwrite(f"{folder}/{one}.jpg", out[..., 2::-1], [cv2.IMWRITE_JPEG_QUALITY, 93])
        cv2.imwrite(f"{folder}/{one}.matte.png", out[..., 3])
        lines.append(dict(name=one, file=one + ".jpg", matte=one + ".matte.png", kind="product", backdrop=P["kind"], tags=["made"], width=out.shape[1], height=out.shape[0], note=""))
        if k % 50 == 0:
            json.dump(lines, open(f"{folder}/manifest.json", "w"), indent=1)
            print(k, flush=True)
    json.dump(lines, open(f"{folder}/manifest.json", "w"), indent=1)


if __name__ == "__main__":
    main(*sys.argv[1:])
