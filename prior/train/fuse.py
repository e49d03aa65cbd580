"""Learns what evidence is worth: python3 fuse.py WORK MINUTES NAME [START.pt]

Reads WORK/planes/learn and WORK/planes/choose (`./bench planes`), writes WORK/NAME.pt and WORK/NAME.onnx whenever the chosen
measure on the pictures to choose on got better.  Loss: cross entropy, more of it near the outline, and soft IoU.
"""
import glob
import os
import sys
import time

import numpy as np
import torch
from torch import nn
from torch.nn import functional as F

PRIOR, CLOSER, SMOOTH, PERSON = 3, 4, 5, 6                       # as core's EvidencePlane has them

KINDS = ((0, 2), (5, 5), (7, 9), (10, 10), (11, 11), (12, 13))   # colour, smooth prior, likeness, both sides' colours, edges, focus


def read(path):
    raw = np.fromfile(path, np.uint8)
    w, h, n = raw[:12].view(">i4")
    return torch.from_numpy(raw[12:].reshape(n + 1, h, w))


def block(i, o, stride=1):
    return nn.Sequential(nn.Conv2d(i, o, 3, stride, 1, bias=False), nn.BatchNorm2d(o), nn.ReLU(True))


class Fuse(nn.Module):
    """A small U-Net; its answer is a correction of the subject prior's log odds, at first and at closer look."""

    def __init__(self, planes=18, widths=(24, 40, 64, 96)):
        super().__init__()
        self.enter = nn.Sequential(nn.Conv2d(planes, widths[0], 2, 2, bias=False), nn.BatchNorm2d(widths[0]), nn.ReLU(True), block(widths[0], widths[0]))
        self.down = nn.ModuleList(nn.Sequential(block(a, b, 2), block(b, b)) for a, b in zip(widths, widths[1:]))
        self.whole = nn.Sequential(nn.Conv2d(widths[-1], widths[-1], 1), nn.ReLU(True), nn.Conv2d(widths[-1], widths[-1], 1))
        self.narrow = nn.ModuleList(nn.Conv2d(b, a, 1) for a, b in zip(widths, widths[1:]))
        self.up = nn.ModuleList(nn.Sequential(block(a, a), block(a, a)) for a in widths[:-1])
        self.leave = nn.Conv2d(widths[0], 4, 3, 1, 1)         # two by two pixels
        nn.init.zeros_(self.leave.weight); nn.init.zeros_(self.leave.bias)
        self.trust = nn.Parameter(torch.tensor([.35, .35]))

    def logits(self, x):
        p = (x[:, PRIOR:CLOSER + 1] * .5 + .5).clamp(.02, .98)
        prior = (torch.log(p / (1 - p)) * self.trust[:, None, None]).sum(1, keepdim=True)
        levels = [self.enter(x)]
        for d in self.down:
            levels.append(d(levels[-1]))
        y = levels[-1]
        y = y + self.whole(y.mean((2, 3), keepdim=True))
        for k in reversed(range(len(self.up))):
            y = F.interpolate(self.narrow[k](y), scale_factor=2.0, mode="bilinear", align_corners=False)
            y = self.up[k](y + levels[k])
        return F.pixel_shuffle(self.leave(y), 2) + prior

    def forward(self, x):
        return torch.sigmoid(self.logits(x))


def scaled(raw):
    return raw.float() / 127.5 - 1


def padded(x, step=16):
    h, w = x.shape[-2:]
    return F.pad(x, (0, -w % step, 0, -h % step), mode="replicate")


def example(rng, raw, size):
    _, h, w = raw.shape
    if rng.random() < .3 and min(h, w) > 120:                 # seen from further away
        s = rng.uniform(.6, 1)
        raw = F.interpolate(raw[None].float(), size=(int(h * s), int(w * s)), mode="bilinear", align_corners=False)[0]
        _, h, w = raw.shape
    raw = padded_to(raw.float(), size)
    _, h, w = raw.shape
    y, x = rng.integers(0, h - size + 1), rng.integers(0, w - size + 1)
    part = raw[:, y:y + size, x:x + size]
    if rng.random() < .5:
        part = part.flip(2)
    planes, truth = part[:-1] / 127.5 - 1, part[-1] / 255
    if rng.random() < .15:
        planes[PERSON] = -1
    if rng.random() < .1:
        planes[CLOSER] = planes[PRIOR]
    if rng.random() < .2:                                     # one kind of evidence is missing
        first, last = KINDS[rng.integers(len(KINDS))]
        planes[first:last + 1] = 0
    if rng.random() < .3:                                     # colours say less than shapes
        c = torch.tensor(rng.normal(0, .12, 3), dtype=torch.float32)
        planes[:3] = (planes[:3] * float(rng.uniform(.7, 1.2)) + c[:, None, None]).clamp(-1, 1)
    return planes, truth


def padded_to(raw, size):
    h, w = raw.shape[-2:]
    if h < size or w < size:
        raw = F.pad(raw[None], (0, max(0, size - w), 0, max(0, size - h)), mode="replicate")[0]
    return raw


def loss(logits, truth):
    truth = truth[:, None]
    far = F.max_pool2d(truth, 9, 1, 4) + F.max_pool2d(-truth, 9, 1, 4)
    weight = 1 + 2 * far
    bce = (F.binary_cross_entropy_with_logits(logits, truth, reduction="none") * weight).mean()
    p = torch.sigmoid(logits)
    both, either = (p * truth).sum((1, 2, 3)), (p + truth - p * truth).sum((1, 2, 3))
    return bce + .6 * (1 - (both + 20) / (either + 20)).mean()


@torch.no_grad()
def measure(net, pictures):
    net.eval()
    rows = []
    for raw in pictures:
        x, t = scaled(raw[:-1])[None], raw[-1].float() / 255
        p = torch.sigmoid(net.logits(padded(x)))[0, 0, :t.shape[0], :t.shape[1]]
        q = x[0, PRIOR] * .5 + .5
        hard, truth = p > .5, t > .5
        iou = ((hard & truth).sum() / (hard | truth).sum().clamp(1)).item()
        was = (((q > .5) & truth).sum() / ((q > .5) | truth).sum().clamp(1)).item()
        rows.append((iou, (p - t).abs().mean().item(), was, (q - t).abs().mean().item()))
    net.train()
    return np.mean(rows, 0)


def main(work, minutes, name, start=None, size=192, batch=8):
    torch.manual_seed(3)
    rng = np.random.default_rng(3)
    known, learn = set(), []

    def look():                                               # new ones are picked up as they appear
        for p in sorted(glob.glob(f"{work}/planes/learn/*.planes")):
            if p not in known:
                known.add(p)
                learn.append(read(p))
    look()
    choose = [read(p) for p in sorted(glob.glob(f"{work}/planes/choose/*.planes"))][:150]
    print(len(learn), "to learn on,", len(choose), "to choose on", flush=True)
    net = Fuse(learn[0].shape[0] - 1).to(memory_format=torch.channels_last)
    if start:
        net.load_state_dict(torch.load(start))
    mean = Fuse(learn[0].shape[0] - 1); mean.load_state_dict(net.state_dict())
    step, began, end, peak = 0, time.time(), float(minutes) * 60, 4e-3
    optimiser = torch.optim.AdamW(net.parameters(), lr=peak, weight_decay=1e-3)
    best, shown = 0, time.time()
    while time.time() - began < end:
        t = (time.time() - began) / end
        for g in optimiser.param_groups:
            g["lr"] = peak * min(1, t / .03) * (.5 + .5 * np.cos(np.pi * t)) + 1e-5
        some = [example(rng, learn[i], size) for i in rng.integers(len(learn), size=batch)]
        x, y = torch.stack([a for a, _ in some]).contiguous(memory_format=torch.channels_last), torch.stack([b for _, b in some])
        l = loss(net.logits(x), y)
        optimiser.zero_grad(); l.backward(); optimiser.step()
        step += 1
        with torch.no_grad():
            keep = min(.998, step / (step + 20))
            for a, b in zip(mean.state_dict().values(), net.state_dict().values()):
                a.copy_(a * keep + b * (1 - keep)) if a.is_floating_point() else a.copy_(b)
        if time.time() - shown > 150 or time.time() - began >= end:
            shown = time.time()
            m = measure(mean, choose)
            print(f"{(time.time() - began) / 60:.1f} min, {step} steps, loss {l.item():.3f}; IoU {m[0]:.4f} error {m[1]:.4f}; the prior alone {m[2]:.4f} {m[3]:.4f}; {len(learn)} pictures", flush=True)
            torch.save(mean.state_dict(), f"{work}/{name}.pt")
            look()
    export(mean, f"{work}/{name}.onnx", learn[0].shape[0] - 1)


def export(net, path, planes):
    net.eval()
    torch.onnx.export(net, torch.zeros(1, planes, 64, 96), path, input_names=["evidence"], output_names=["subject"], opset_version=13,
                      dynamic_axes=dict(evidence={2: "height", 3: "width"}, subject={2: "height", 3: "width"}))


if __name__ == "__main__":
    torch.set_num_threads(int(os.environ.get("OMP_NUM_THREADS", 2)))
    main(*sys.argv[1:])
