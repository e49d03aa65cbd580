"""The prior that answers marks: a second decoder on the subject prior's own features.

A person has a cutout, marks what is missing of the subject or what is left of the backdrop, and the answer is the
subject again.  The two trunks are the subject prior's and stay as they are; the decoder begins as the subject prior's
and hears the marks at every stride: where they are, what the cutout is there, and how like each cell is to what lies
under them.

  python3 pointed.py train  WORK DETECTOR.json FIRST.onnx PRIOR MINUTES NAME [--start WEIGHTS.pt] [--pieces FOLDER... --choose FOLDER...]
  python3 pointed.py export DETECTOR.json FIRST.onnx PRIOR WEIGHTS.pt POINTED.onnx SUBJECT.onnx [TEMPERATURE]

PRIOR is the subject prior as it ships, or as train.py leaves it (.pt); `export` writes the decoder, and the subject
prior with its features as further outputs, which the decoder takes.  With --pieces it learns closer looks too, on the
larger pictures in those folders (pictures.py); --choose names those that it is only tried on.
"""
import argparse
import copy
import inspect
import math
import os
import sys
import time

import cv2
import numpy as np
import torch
from torch import nn
import torch.nn.functional as F

import closer
from model import Block, Context, Conv, SubjectNet, Up, WIDTHS, fold, resumed
from train import Shards, lit, loss_of

SIZE = 256
MOST_MARKS = 4
BATCH = 12
WIDEST, WIDEST_CLOSE = 4, 9                                   # radius of a mark in cells
FEATURES = ("c2", "c4", "c8", "c16", "c32", "n8", "h16", "h32", "m4", "m3", "m2", "m1", "logits")


# Newer versions have another exporter, which needs a package of its own.
LEGACY = dict(dynamo=False) if "dynamo" in inspect.signature(torch.onnx.export).parameters else {}


class Trunk(nn.Module):
    """What the subject prior sees before it decides."""

    def __init__(self, net):
        super().__init__()
        self.net = net

    def forward(self, x):
        return (*self.net.body(x * self.net.scale - self.net.shift), *self.net.first(x))


class Heard(nn.Module):
    """Marks at one stride; nothing at the start of training."""

    def __init__(self, o, like):
        super().__init__()
        self.a, self.b = nn.Conv2d(3 + 2 * like, 16, 3, padding=1), nn.Conv2d(16, o, 3, padding=1)
        nn.init.zeros_(self.b.weight); nn.init.zeros_(self.b.bias)

    def forward(self, planes):
        return self.b(F.relu(self.a(planes)))


def likeness(features, marks):
    """Cosine of every cell to the mean of what lies under the marks; nothing where there are none."""
    unit = features / (features * features).sum(1, keepdim=True).add(1e-6).sqrt()
    under = marks.sum((2, 3), keepdim=True)
    mean = (unit * marks).sum((2, 3), keepdim=True) / (under + 1e-4)
    return (unit * mean).sum(1, keepdim=True)


class Pointed(nn.Module):
    def __init__(self):
        super().__init__()
        a, b, c, d, e = WIDTHS
        self.top = nn.Sequential(Conv(512 + 128, e, 1), Context(e), Block(e))
        self.u4, self.u3 = Up(e, 256 + 128, d), Up(d, 128 + 128, c)
        self.u2, self.u1 = Up(c, 64, b), Up(b, 32, a, block=False)
        self.more = nn.ModuleList([Conv(96, d, 1, act=False), Conv(64, c, 1, act=False), Conv(32, b, 1, act=False), Conv(16, a, 1, act=False)])
        self.share = nn.Parameter(torch.tensor(.5))
        self.out = nn.Conv2d(a, 4, 3, padding=1)
        self.aux = nn.ModuleList([nn.Conv2d(d, 1, 1), nn.Conv2d(c, 1, 1)])
        fold(self)
        self.heard = nn.ModuleList([Heard(512 + 128, 1), Heard(d, 1), Heard(c, 1), Heard(b, 0), Heard(a, 0)])

    def begin(self, net):
        """As the subject prior decides without marks."""
        self.load_state_dict({n: v for n, v in net.state_dict().items() if n in self.state_dict()}, strict=False)
        return self

    def forward(self, features, marks):
        c2, c4, c8, c16, c32, n8, h16, h32, m4, m3, m2, m1, logits = features
        p = [F.max_pool2d(marks, k) for k in (32, 16, 8, 4, 2)]
        s32, s16, s8 = torch.cat([c32, h32], 1), torch.cat([c16, h16], 1), torch.cat([c8, n8], 1)
        like = [torch.cat([q, likeness(s, q[:, :1]), likeness(s, q[:, 1:2])], 1) for s, q in zip((s32, s16, s8), p)]
        k32, k16, k8, k4, k2 = (f(q) for f, q in zip(self.heard, (*like, *p[3:])))
        n4, n3, n2, n1 = (f(m) for f, m in zip(self.more, (m4, m3, m2, m1)))
        y4 = self.u4(self.top(s32 + k32), s16, n4 + k16)
        y3 = self.u3(y4, s8, n3 + k8)
        y = self.u1(self.u2(y3, c4, n2 + k4), c2, n1 + k2)
        y = F.pixel_shuffle(self.out(y) + self.share * logits, 2)
        return (y, self.aux[0](y4), self.aux[1](y3)) if self.training else y


def begun(rng, p, y):
    """A cutout as somebody has it before her: the prior's own, or the truth, with pieces gone or left over."""
    cut = (p > rng.uniform(.3, .7)) if rng.random() < .6 else (y > .5)
    cut = cut.astype(np.uint8)
    for _ in range(int(rng.integers(0, 3)) if rng.random() < .6 else 0):
        h, w = cut.shape
        cx, cy, r = rng.uniform(0, w), rng.uniform(0, h), rng.uniform(.05, .3) * w
        blob = np.zeros_like(cut)
        cv2.ellipse(blob, (int(cx), int(cy)), (max(2, int(r)), max(2, int(r * rng.uniform(.3, 1)))), rng.uniform(0, 180), 0, 360, 1, -1)
        cut[blob > 0] = rng.random() < .4
    if rng.random() < .15:
        cut[:] = 0
    return cut


def mark(rng, cut, y, planes, widest=WIDEST):
    """One more mark in a large wrong place, mostly the largest: a dot near its middle or a stroke through it."""
    should = y > .5
    wrong = (cut > 0) != should
    n, labels, stats, _ = cv2.connectedComponentsWithStats(wrong.astype(np.uint8), connectivity=4)
    if n < 2:
        return
    areas = stats[1:, cv2.CC_STAT_AREA].astype(np.float64)
    k = int(areas.argmax()) if rng.random() < .7 else int(rng.choice(len(areas), p=areas / areas.sum()))
    place = labels == k + 1
    depth = cv2.distanceTransform(np.pad(place, 1).astype(np.uint8), cv2.DIST_L2, 3)[1:-1, 1:-1]
    deep = np.argwhere(depth >= depth.max() * rng.uniform(.4, 1))
    at = deep[rng.integers(len(deep))]
    side = 0 if should[at[0], at[1]] else 1
    r = int(max(0, min(rng.integers(1, widest), depth[at[0], at[1]] * .8)))
    drawn = np.zeros(cut.shape, np.uint8)
    if rng.random() < .35:                                    # through the place, not leaving it
        to = deep[rng.integers(len(deep))]
        cv2.line(drawn, tuple(map(int, at[::-1])), tuple(map(int, to[::-1])), 1, 2 * r + 1)
        drawn &= place
    cv2.circle(drawn, tuple(map(int, at[::-1])), r, 1, -1)
    planes[side] = np.maximum(planes[side], drawn)


def begin_round(rng, cut, y, widest=WIDEST):
    """Planes of marks and cutout for one picture: 3 x S x S."""
    planes = np.zeros((3, *cut.shape), np.float32)
    planes[2] = cut
    if rng.random() < .92:
        mark(rng, cut, y, planes, widest)
    return planes


def again(rng, p, y, planes, widest=WIDEST):
    """The answer becomes the cutout, and one more mark is made in it."""
    planes[2] = p > .5
    mark(rng, p > .5, y, planes, widest)


def iou(p, y):
    a, b = p > .5, y > .5
    return (a & b).sum() / max(1, (a | b).sum())


@torch.no_grad()
def score(trunk, net, head, val, clicks=3):
    """Mean IoU with no mark and after each, the cutout being the last answer."""
    head.eval()
    rng, rows = np.random.default_rng(5), []
    for i in range(0, len(val), 8):
        t = torch.from_numpy(val[i:i + 8].copy()).permute(0, 3, 1, 2).float() / 255
        features = trunk(t[:, :3].contiguous(memory_format=torch.channels_last))
        y = t[:, 3].numpy()
        p = torch.sigmoid(net(t[:, :3]))[:, 0].numpy()
        rows += clicked(rng, head, features, p, y, [[iou(a, b) for a, b in zip(p, y)]], clicks, WIDEST)
    return np.mean(rows, 0)


@torch.no_grad()
def score_close(trunk, head, val, cuts, clicks=3):
    """The same of pieces, from cutouts with faults."""
    head.eval()
    rng, rows = np.random.default_rng(6), []
    for i in range(0, len(val), 8):
        t = torch.from_numpy(val[i:i + 8]).permute(0, 3, 1, 2).float() / 255
        features = trunk(t[:, :3].contiguous(memory_format=torch.channels_last))
        y, p = t[:, 3].numpy(), cuts[i:i + 8].astype(np.float32)
        rows += clicked(rng, head, features, p, y, [[iou(a, b) for a, b in zip(p, y)]], clicks, WIDEST_CLOSE)
    return np.mean(rows, 0)


def clicked(rng, head, features, p, y, row, clicks, widest):
    planes = np.zeros((len(y), 3, SIZE, SIZE), np.float32)
    for _ in range(clicks):
        for k in range(len(y)):
            again(rng, p[k], y[k], planes[k], widest)
        p = torch.sigmoid(head(features, torch.from_numpy(planes)))[:, 0].numpy()
        row.append([iou(a, b) for a, b in zip(p, y)])
    return np.array(row).T.tolist()


def loaded(detector, first, prior):
    net = SubjectNet(detector, first)
    if prior.endswith(".pt"):
        fold(net).load_state_dict(torch.load(prior))
    else:
        resumed(net, prior)
    net = net.eval().to(memory_format=torch.channels_last)
    return net, Trunk(net).eval()


def train(work, detector, first, prior, minutes, name, *rest):
    ask = argparse.ArgumentParser()
    ask.add_argument("--start"); ask.add_argument("--pieces", nargs="*", default=[]); ask.add_argument("--choose", nargs="*", default=[])
    ask = ask.parse_args(rest)
    torch.set_num_threads(int(os.environ.get("THREADS", "1"))); torch.manual_seed(2)
    minutes, rng, data = float(minutes), np.random.default_rng(), Shards(work)
    pieces, share = closer.Pieces(ask.pieces), .5 if ask.pieces else 0.
    data.recent = .1
    val = np.memmap(work + "/shard-99-000.u8", np.uint8, "r").reshape(-1, SIZE, SIZE, 4)[:120]
    net, trunk = loaded(detector, first, prior)
    head = Pointed().begin(net).to(memory_format=torch.channels_last)
    peak = 1e-3
    if ask.start:
        head.load_state_dict(torch.load(ask.start))
        peak = 6e-4 if share else 3e-4                        # it knows its trade already
    near = closer.Pieces(ask.choose)
    fixed = np.random.default_rng(7)
    close = np.stack([near.one(fixed, SIZE) for _ in range(120)]) if near.pictures else np.empty((0, SIZE, SIZE, 4), np.uint8)
    cuts = [closer.begun(fixed, one[..., :3] / np.float32(255), one[..., 3] / 255., one[..., 3] / 255.) for one in close]

    def scores(head, clicks=3):
        print("whole", score(trunk, net, head, val, clicks), "pieces", score_close(trunk, head, close, np.stack(cuts), clicks) if cuts else "-", flush=True)
    scores(head)
    ema = copy.deepcopy(head)
    opt = torch.optim.AdamW([dict(params=head.heard.parameters(), scale=1.),
                             dict(params=[p for n, p in head.named_parameters() if not n.startswith("heard")], scale=.3)], peak, weight_decay=1e-4)
    start = shown = saved = time.time(); step = 0; run = None
    while (t := (time.time() - start) / 60 / minutes) < 1:
        rate = peak * (t / .03 if t < .03 else .5 * (1 + math.cos(math.pi * (t - .03) / .97)) + 1e-3)
        for g in opt.param_groups:
            g["lr"] = rate * g["scale"]
        is_close = rng.random(BATCH) < share
        x, y = lit(rng, [pieces.one(rng, SIZE) if c else data.one(rng, .25) for c in is_close], SIZE)
        widest = np.where(is_close, WIDEST_CLOSE, WIDEST)
        light, x = x.permute(0, 2, 3, 1).numpy(), x.contiguous(memory_format=torch.channels_last)
        truth = y[:, 0].numpy()
        head.eval()
        with torch.no_grad():
            features = trunk(x)
            p = torch.sigmoid(head(features, torch.zeros(len(x), 3, SIZE, SIZE)))[:, 0].numpy() if step % 2 else torch.sigmoid(decided(net, features))[:, 0].numpy()
            cut = [closer.begun(rng, image, a, b) if c else begun(rng, a, b) for image, a, b, c in zip(light, p, truth, is_close)]
            planes = np.stack([begin_round(rng, a, b, w) for a, b, w in zip(cut, truth, widest)])
            for _ in range(int(rng.integers(0, MOST_MARKS)) if rng.random() < .5 else 0):
                p = torch.sigmoid(head(features, torch.from_numpy(planes)))[:, 0].numpy()
                for k in range(len(x)):
                    again(rng, p[k], truth[k], planes[k], widest[k])
        head.train()
        marks = torch.from_numpy(planes)
        out = head(features, marks)
        # What somebody has marked is what she is sure of.
        said = marks[:, :1] + marks[:, 1:2]
        loss = loss_of(out, y) + 2 * (F.binary_cross_entropy_with_logits(out[0], marks[:, :1], reduction="none") * said).sum() / (said.sum() + 1)
        opt.zero_grad(set_to_none=True); loss.backward()
        torch.nn.utils.clip_grad_norm_(head.parameters(), 2.)
        opt.step(); step += 1
        decay = min(.99 if ask.start else .997, step / (step + 20))
        with torch.no_grad():
            for a, b in zip(head.parameters(), ema.parameters()):
                b.lerp_(a, 1 - decay)
        run = loss.item() if run is None else .98 * run + .02 * loss.item()
        if time.time() - shown > 60:
            data.refresh()
            print(f"{(time.time() - start) / 60:6.1f} min  step {step}  loss {run:.4f}", flush=True); shown = time.time()
        if time.time() - saved > 480:
            torch.save(ema.state_dict(), f"{work}/{name}.pt")
            scores(ema); saved = time.time()
    torch.save(ema.state_dict(), f"{work}/{name}.pt")
    print("final, steps", step, flush=True)
    scores(ema, 5)


def decided(net, features):
    """The subject prior's own answer from its features."""
    c2, c4, c8, c16, c32, n8, h16, h32, m4, m3, m2, m1, logits = features
    n4, n3, n2, n1 = (f(m) for f, m in zip(net.more, (m4, m3, m2, m1)))
    y4 = net.u4(net.top(torch.cat([c32, h32], 1)), torch.cat([c16, h16], 1), n4)
    y3 = net.u3(y4, torch.cat([c8, n8], 1), n3)
    return F.pixel_shuffle(net.out(net.u1(net.u2(y3, c4, n2), c2, n1)) + net.share * logits, 2)


class Exported(nn.Module):
    def __init__(self, head, temperature):
        super().__init__()
        self.head, self.temperature = head, temperature

    def forward(self, *planes):
        return torch.sigmoid(self.head(planes[:-1], planes[-1]) / self.temperature)


class WithFeatures(nn.Module):
    def __init__(self, net, temperature):
        super().__init__()
        self.net, self.temperature, self.trunk = net, temperature, Trunk(net)

    def forward(self, image):
        features = self.trunk(image)
        return (torch.sigmoid(decided(self.net, features) / self.temperature), *features)


def any_size(model):
    """The picture may have any side that 32 divides: only what is declared of it stands in the way."""
    for v in [*model.graph.input, *model.graph.output]:
        for d, letter in zip(v.type.tensor_type.shape.dim[2:], "hw"):
            d.Clear()
            d.dim_param = f"{v.name}_{letter}"
    del model.graph.value_info[:]


def write(module, inputs, names, outputs, target, free=False):
    import onnx
    from export import halve
    torch.onnx.export(module.eval(), inputs, target, **LEGACY, input_names=names, output_names=outputs, opset_version=13, do_constant_folding=True)
    m = onnx.load(target)
    m.producer_name, m.producer_version = os.path.basename(target).removesuffix(".onnx"), ""
    for n in m.graph.node:
        n.doc_string = ""
    halve(m)
    if free:
        any_size(m)
    onnx.checker.check_model(m)
    onnx.save(m, target)
    print(target, os.path.getsize(target), sorted({n.op_type for n in m.graph.node}))


def export(detector, first, prior, weights, pointed, subject, temperature="1.5"):
    net, trunk = loaded(detector, first, prior)
    head = Pointed(); head.load_state_dict(torch.load(weights)); head.eval()
    x = torch.rand(1, 3, SIZE, SIZE)
    with torch.no_grad():
        features = trunk(x)
    marks = torch.zeros(1, 3, SIZE, SIZE)
    write(Exported(head, float(temperature)), (*features, marks), [*FEATURES, "marks"], ["subject"], pointed)
    write(WithFeatures(net, float(temperature)), (x,), ["image"], ["subject", *FEATURES], subject, free=True)


if __name__ == "__main__":
    {"train": train, "export": export}[sys.argv[1]](*sys.argv[2:])
