# How the commands speak: what they are doing, and what to do when it fails.
say() { printf '\033[36m==>\033[0m %s\n' "$*"; }
fail() { printf '\033[31mHeurema could not start:\033[0m %s\n' "$*" >&2; exit 1; }
