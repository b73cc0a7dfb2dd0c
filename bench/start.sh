#!/usr/bin/env bash
# Start-up times: a size tool, and a second start of the bench until its first page.
cd "$(dirname "$0")/.." || exit 1
for n in 1 2 3 4 5; do
  /usr/bin/env time -f "size wire %e s" bin/glow size wire <<<'{"volts":12,"amps":3,"out_m":3,"back_m":3}' >/dev/null
done
port=${1:-8199}
begun=$(date +%s%N)
bin/glow start --port "$port" >/dev/null & server=$!
until curl -sf -o /dev/null "http://127.0.0.1:$port/"; do sleep 0.02; done
echo "second start to first page: $((($(date +%s%N) - begun) / 1000000)) ms"
kill "$server"
