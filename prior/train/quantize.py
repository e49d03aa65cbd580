"""Whole numbers instead of floats: python3 quantize.py pictures IN.onnx OUT.onnx FOLDER[:MOST]...
                                     python3 quantize.py planes IN.onnx OUT.onnx FOLDER[:MOST]...

Weights become 8-bit per output channel, values between layers 8-bit; sums are exact, so half the time is needed and every processor
comes to the same sums, as long as ONNX Runtime is told so (the application's Sessions).
The ranges are those that 60 samples of the folders show: pictures to learn on, in the squares in which the subject prior sees them,
or what `./bench planes` wrote.  Inputs, outputs and features stay floats.  Needs the Python packages onnx and onnxruntime (1.30).
"""
import glob
import random
import sys

import numpy as np
import onnx
from onnx import numpy_helper
from onnxruntime.quantization import CalibrationDataReader, CalibrationMethod, QuantFormat, QuantType, quantize_static
from PIL import Image

SAMPLES, SIDES, FILL = 60, (192, 256, 384), 128 / 255
WHOLE = ["Conv", "LeakyRelu", "Relu", "MaxPool", "Concat", "Add", "Resize"]


def letterbox(path, side):
    """As the application fits a picture into a square; 1 x 3 x side x side."""
    image = Image.open(path).convert("RGB")
    f = side / max(image.size)
    w, h = (max(1, round(length * f)) for length in image.size)
    out = np.full((side, side, 3), FILL, np.float32)
    top, left = (side - h) // 2, (side - w) // 2
    out[top:top + h, left:left + w] = np.asarray(image.resize((w, h), Image.BOX), np.float32) / 255
    return out.transpose(2, 0, 1)[None].copy()


def planes(path, step=16):
    """Evidence as the network is asked about it, without the truth; 1 x planes x height x width."""
    raw = np.fromfile(path, np.uint8)
    w, h, n = raw[:12].view(">i4")
    x = raw[12:].reshape(n + 1, h, w)[:-1].astype(np.float32) / 127.5 - 1
    return np.pad(x, ((0, 0), (0, -h % step), (0, -w % step)), mode="edge")[None]


def files(folders, ending):
    out = []
    for folder in folders:
        path, _, most = folder.partition(":")
        out += sorted(glob.glob(f"{path}/*.{ending}"))[:int(most) if most else None]
    return random.Random(5).sample(out, SAMPLES)


class Samples(CalibrationDataReader):
    def __init__(self, kind, folders):
        if kind == "pictures":
            self.all = iter([{"image": letterbox(path, SIDES[i % 3])} for i, path in enumerate(files(folders, "jpg"))])
        else:
            self.all = iter([{"evidence": planes(path)} for path in files(folders, "planes")])

    def get_next(self):
        return next(self.all, None)


def with_floats(model):
    """Weights that are stored at half precision are written out, for what casts them hides them."""
    graph = model.graph
    stored = {t.name: t for t in graph.initializer}
    for cast in [n for n in graph.node if n.op_type == "Cast" and n.input[0] in stored]:
        values = numpy_helper.to_array(stored[cast.input[0]]).astype(np.float32)
        graph.initializer.append(numpy_helper.from_array(values, cast.output[0]))
        graph.initializer.remove(stored[cast.input[0]])
        graph.node.remove(cast)
    return model


def main(kind, source, target, *folders):
    quantize_static(with_floats(onnx.load(source)), target, Samples(kind, folders), quant_format=QuantFormat.QDQ, per_channel=True, reduce_range=False,
                    activation_type=QuantType.QUInt8, weight_type=QuantType.QInt8, calibrate_method=CalibrationMethod.MinMax, op_types_to_quantize=WHOLE)


if __name__ == "__main__":
    main(*sys.argv[1:])
