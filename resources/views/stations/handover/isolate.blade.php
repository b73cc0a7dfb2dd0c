{{-- The source as a long stroke, the thing to pull at its true distance along the wire. --}}
@php($chosen = $frame->circuit === null ? $whole : $each[$frame->circuit->id] ?? $whole)
<section
    class="isolate"
    aria-label="How to isolate {{ $chosen->label }}"
>
    <h1 class="price-sentence">To make {{ BenchGlow\Quantity\Words::within($chosen->label) }} dead</h1>
    @php($far = max(0.5, ...array_map(fn($p) => (float) $p->distanceM, $chosen->pulls), ...[0.5]))
    @foreach ($chosen->pulls as $pull)
        @php($x = 24 + 560 * min(1.0, (float) $pull->distanceM / $far) * 0.5)
        <div class="pull">
            <svg
                class="pull-drawing"
                viewBox="0 0 620 56"
                role="img"
                aria-label="{{ $pull->words }}, {{ $pull->distanceM === null ? 'on the host' : $frame->length((float) $pull->distanceM) . ' from ' . $pull->source }}"
            >
                <line
                    class="source"
                    x1="6"
                    y1="8"
                    x2="6"
                    y2="48"
                />
                <path
                    class="w live"
                    d="M6 28H{{ $x }}"
                />
                <path
                    class="w dead"
                    d="M{{ $x + 44 }} 28H614"
                />
                <rect
                    class="out"
                    x="{{ $x }}"
                    y="16"
                    width="44"
                    height="24"
                />
                <path
                    class="away"
                    d="M{{ $x + 22 }} 14V2"
                />
                <text
                    class="figure"
                    x="{{ $x + 54 }}"
                    y="18"
                >{{ $pull->distanceM === null || $pull->distanceM <= 0.0 ? '' : $frame->length($pull->distanceM) }}</text>
            </svg>
            <p class="pull-words"><b>{{ $pull->words }}.</b>
                {{ $pull->path() === 'in reach' ? 'It is in reach.' : 'First off: ' . $pull->path() . '.' }}</p>
            @if ($pull->photo !== null)
                <img
                    src="{{ route('build.picture', [$frame->build, $pull->photo, 'small'], false) }}"
                    width="160"
                    height="120"
                    alt="Where it is: {{ $pull->words }}"
                >
            @elseif ($pull->kind === 'fuse')
                <details class="wanted">
                    <summary data-leaf-photo>Photo of {{ $pull->id }}: take one</summary>
                    @include('stations.build.photo', [
                        'id' => "photo-{$pull->id}",
                        'with' => ['about' => $pull->id],
                    ])
                </details>
            @endif
        </div>
    @endforeach
    @foreach ($chosen->live as $live)
        <p class="stays-live">Stays live: {{ $live['words'] }}, <span
                class="figure">{{ BenchGlow\Quantity\Shown::reading($live['volts']) }}</span> at most.</p>
    @endforeach
    <p>{{ BenchGlow\HandOver\Isolated::PROVE }}</p>
</section>
