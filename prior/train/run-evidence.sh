#!/bin/sh
# Reproduces evidence-weights.onnx and judge.trees: sh run-evidence.sh WORK, WORK being run.sh's with its sources unpacked.
# Needs what run.sh needs and python3-sklearn; two threads, about an hour and a half.
set -eu
work=$(cd "$1" && pwd); here=$(cd "$(dirname "$0")" && pwd); root=$(cd "$here/../.." && pwd)
cd "$here"
export LONGEST=640                                            # larger cut-outs and backdrops than the prior needs
python3 masks.py "$work/src" "$work"
python3 materials.py "$work/src" "$work"
for s in 1 2; do python3 art.py shapes "$work" $s 450; done
python3 art.py shapes "$work" 3 260 wreath wire ink tuft planter
python3 pictures.py "$work" choose 200
python3 pictures.py "$work" learn 1500
python3 pictures.py "$work" test 250
for set in learn choose test; do "$root/bench" planes "$work/made/$set" "$work/planes/$set"; done
# the last 350 of learn are for the judge, who must not see what the network has seen
mkdir -p "$work/planes/judge"
for k in 115 116 117 118 119 12 13 14; do mv "$work/planes/learn/learn-0$k"*.planes "$work/planes/judge/"; done
python3 fuse.py "$work" 40 evidence-weights
python3 pictures.py "$work" learn 260 0 studio-a
python3 pictures.py "$work" learn 260 1000 studio-b
# then put evidence-weights.onnx into the module, so that the judge learns what the engine will see; the judge's
# pictures of learn stand in a manifest of their own, made/judge, as their planes do
for set in judge choose studio-a studio-b test; do "$root/bench" judgements "$work/made/$set" "$work/$set.csv"; done
python3 judge.py "$work/judge.csv,$work/choose.csv,$work/studio-a.csv,$work/studio-b.csv" "$work/test.csv" "$work/judge.trees"
