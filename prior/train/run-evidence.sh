#!/bin/sh
# Reproduces evidence-weights.onnx, judge.trees, forecast.trees, mends.trees and the last stage of pointed-prior.onnx:
# sh run-evidence.sh WORK FIRST.onnx, WORK being run.sh's with what it made.
# Needs what run.sh needs and python3-sklearn; two threads, about three hours.
set -eu
work=$(cd "$1" && pwd); first=$2; here=$(cd "$(dirname "$0")" && pwd); root=$(cd "$here/../.." && pwd)
cd "$here"
export LONGEST=640                                            # larger cut-outs and backdrops than the prior needs
python3 masks.py "$work/src" "$work"
python3 materials.py "$work/src" "$work"
for s in 1 2; do python3 art.py shapes "$work" $s 450; done
python3 art.py shapes "$work" 3 260 wreath wire ink tuft planter
python3 pictures.py "$work" choose 200
python3 pictures.py "$work" learn 1500
python3 pictures.py "$work" test 250
python3 pictures.py "$work" learn 260 0 studio studio-a
python3 pictures.py "$work" learn 260 1000 studio studio-b
python3 pictures.py "$work" learn 170 0 glass glass
python3 pictures.py "$work" test 50 0 glass glass-test
python3 pictures.py "$work" learn 360 0 vessels vessels
python3 people.py "$work/src" "$work"                         # wesnoth-1.16-data and its campaigns, unpacked below src
python3 pictures.py "$work" learn 220 200 people people       # those before were weighed in a trial that was not taken
python3 pictures.py "$work" test 90 0 people people-test
# the judge must not see what the network has seen: fuse is the first 1150 of learn, judge the rest, as manifests of their own
python3 - "$work/made" <<'EOF'
import json, os, sys
made = sys.argv[1]
all = json.load(open(made + "/learn/manifest.json"))
for name, part in (("fuse", [e for e in all if e["name"] < "learn-01150"]), ("judge", [e for e in all if e["name"] >= "learn-01150"])):
    os.makedirs(f"{made}/{name}", exist_ok=True)
    json.dump([dict(e, file="../learn/" + e["file"], matte="../learn/" + e["matte"]) for e in part], open(f"{made}/{name}/manifest.json", "w"))
EOF
for set in fuse studio-a; do "$root/bench" planes "$work/made/$set" "$work/planes/learn"; done
"$root/bench" planes "$work/made/choose" "$work/planes/choose"
OMP_NUM_THREADS=1 python3 fuse.py "$work" 40 evidence-weights
# put evidence-weights.onnx into the module here, so that the judge learns what the engine will see
for set in judge choose studio-b glass people test glass-test people-test; do "$root/bench" judgements "$work/made/$set" "$work/$set.csv"; done
python3 judge.py "$work/judge.csv,$work/choose.csv,$work/studio-b.csv,$work/glass.csv,$work/people.csv" "$work/test.csv,$work/glass-test.csv,$work/people-test.csv" "$work/judge.trees"
# what seeing through gains is learned beside the judge, and what lies among strands from regions that it takes
for set in judge choose studio-b glass vessels people test glass-test people-test; do "$root/bench" glass "$work/made/$set" "$work/$set-through.csv"; done
of() { for set in "$@"; do printf '%s-through.csv,' "$work/$set"; done | sed 's/,$//'; }
python3 through.py "$(of judge choose studio-b glass vessels people)" "$(of test glass-test people-test)" "$work/glass.trees"
python3 fringes.py "$work/made/judge" "$work/made/fringe-learn" 0 110 900
python3 fringes.py "$work/made/people" "$work/made/fringe-people" 0 100 2900
python3 fringes.py "$work/made/choose" "$work/made/fringe-choose" 0 90 100
for set in judge people fringe-learn fringe-people choose fringe-choose people-test; do "$root/bench" strands "$work/made/$set" "$work/$set-strands.csv"; done
of() { for set in "$@"; do printf '%s-strands.csv,' "$work/$set"; done | sed 's/,$//'; }
python3 strands.py "$(of judge people fringe-learn fringe-people)" "$(of choose fringe-choose people-test)" "$work/strands.trees"
# and judge.trees here, so that the forecast learns from what is taken
for set in judge choose test; do "$root/bench" outcomes "$work/made/$set" "$work/$set-outcomes.csv"; done
python3 forecast.py "$work/judge-outcomes.csv,$work/choose-outcomes.csv" "$work/test-outcomes.csv" "$work/forecast.trees"
# and forecast.trees here; the odds of mends come last, because they are about what all of that has cut
for set in choose judge test; do "$root/bench" proposals "$work/made/$set" "$work/$set-proposals.csv"; done
python3 mends.py "$work/choose-proposals.csv,$work/judge-proposals.csv" "$work/test-proposals.csv" "$work/mends.trees"
# the network that hears marks learns closer looks on pieces of these pictures
set -- "$work/src/detector/package/models/nanodet.json" "$first" "$work/subject-prior-2.onnx"
python3 pointed.py train "$work" "$@" 90 pieces --start "$work/p.pt" --pieces "$work/made/learn" "$work/made/choose" --choose "$work/made/test"
python3 pointed.py export "$@" "$work/pieces.pt" "$work/pointed-prior.onnx" "$work/with-features.onnx" 1.5
