"""Turn a shipped ONNX file back into weights that train.py can start from: python3 warm.py WORK FILE.onnx

The export folded every batch norm into its convolution.  Each norm is rebuilt here from what its convolution
puts out over a few hundred training pictures, so that the network computes the same and can be trained again.
"""
import sys

import numpy as np
import onnx
import torch
from onnx import numpy_helper

from model import Conv, SubjectNet, fold
from train import Shards


def folded_from(path):
    """A folded network with the file's weights, matched by order and shape."""
    net = fold(SubjectNet())
    stored = {t.name.removesuffix(".half"): numpy_helper.to_array(t).astype(np.float32) for t in onnx.load(path).graph.initializer}
    own = net.state_dict()
    for name in own:
        if name.startswith("aux."):
            continue
        own[name] = torch.from_numpy(np.array(stored["net." + name]))
    net.load_state_dict(own)
    return net


def unfold(net, pictures):
    """The same function with batch norms whose statistics are those of the given pictures."""
    out = SubjectNet()
    seen = {}

    def watch(name):
        def hook(_, __, y):
            s = seen.setdefault(name, [0, 0., 0.])
            s[0] += y.numel() / y.shape[1]; s[1] += y.double().sum((0, 2, 3)); s[2] += (y.double() ** 2).sum((0, 2, 3))
        return hook

    convs = {n: m for n, m in net.named_modules() if isinstance(m, Conv)}
    hooks = [m.conv.register_forward_hook(watch(n)) for n, m in convs.items()]
    with torch.no_grad():
        for x in pictures:
            net(x)
    for h in hooks:
        h.remove()
    target = dict(out.named_modules())
    for name, m in convs.items():
        n, s, q = seen[name]
        mean = s / n; var = (q / n - mean ** 2).clamp(min=1e-6)
        t = target[name]
        t.conv.weight.data = m.conv.weight.data.clone()
        # conv + bias = (conv - mean') / std * std + mean, with mean' = mean - bias
        t.bn.running_mean.data = (mean - m.conv.bias.double()).float()
        t.bn.running_var.data = var.float()
        t.bn.weight.data = torch.sqrt(var + t.bn.eps).float()
        t.bn.bias.data = mean.float()
    own, done = out.state_dict(), {n for c in convs for n in own_names(c)}
    for name, value in net.state_dict().items():
        if name not in done and name in own:
            own[name] = value
    out.load_state_dict(own)
    return out


def own_names(conv):
    return [f"{conv}.conv.weight", f"{conv}.conv.bias"]


def main(work, path):
    rng, data = np.random.default_rng(3), Shards(work)
    pictures = [data.batch(rng, 16, 192)[0] for _ in range(16)]
    net = folded_from(path)
    out = unfold(net, pictures).eval()
    with torch.no_grad():
        print("largest change:", (torch.sigmoid(net(pictures[0])) - torch.sigmoid(out(pictures[0]))).abs().max().item())
    torch.save(out.state_dict(), work + "/warm.pt")


if __name__ == "__main__":
    main(*sys.argv[1:])
