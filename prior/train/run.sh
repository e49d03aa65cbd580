#!/bin/sh
# Reproduces subject-prior.onnx: sh run.sh WORK.  Needs Debian's python3-torch, python3-onnx,
# python3-opencv, python3-skimage, python3-pil and npm; about 8 GB of disk and 8 GB of memory.
# Stages 1 and 2 make the first version, stage 3 what ships.
set -eu
work=$1; here=$(cd "$(dirname "$0")" && pwd)
mkdir -p "$work/src" && work=$(cd "$work" && pwd)
cd "$work/src"
for p in openclipart-png mate-backgrounds plasma-workspace-wallpapers gnome-backgrounds ukui-wallpapers; do
  [ -d $p ] || { apt-get download $p && dpkg-deb -x ${p}_*.deb $p; }
done
[ -d emoji ] || { mkdir emoji && tar xzf "$(npm pack @lobehub/fluent-emoji-3d | tail -1)" -C emoji; }
cd "$here"
python3 data.py pools "$work/src" "$work"
for s in 1 2 3 4; do python3 data.py shapes "$work" $s 900; done
python3 data.py shards "$work" 99 1              # validation
python3 data.py shards "$work" 1 26              # training; more may be written while training runs
python3 train.py "$work" 74
rm "$work"/shard-*
python3 data.py shapes "$work" 5 420 planter tuft; cp "$work/shapes-5.pkl" "$work/shapes-6.pkl"
python3 data.py hard "$work" 99 1
for i in 1 2 3 4; do python3 data.py hard "$work" 2$i 3; python3 data.py shards "$work" 1$i 2; done
cp "$work/ema.pt" "$work/first.pt"              # or: python3 warm.py "$work" FIRST.onnx; then --start "$work/warm.pt"
python3 train.py "$work" 75 --start "$work/first.pt" --peak 1.2e-3 --small .3
python3 export.py "$work/ema.pt" "$work/subject-prior.onnx"
