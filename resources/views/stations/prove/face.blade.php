@php($link = $page?->now)
@php($row = $link ? collect($link->gate->expected)->first(fn($e) => $e->isMeasured()) : null)
<div class="face prove-face">
    <div class="bank-row">
        <span>bank <span class="figure">{{ $page->bank() }}</span></span>
        <x-bank :summary="$page->bankIsMeasured() ? 'measured; again' : 'measure it'" />
    </div>
    @if ($row)
        @php($taken = $link->stands === 'stale' ? null : $link->reading($row))
        <p class="pair"><span>expected</span> <b class="big figure">{{ BenchGlow\Prove\Figure::value($row) }}</b>
            <small>{{ BenchGlow\Prove\Figure::unit($row) }}</small>
        </p>
        <p class="pair teal"><span>measured</span> <b
                class="big figure">{{ $taken === null ? '—' : preg_replace('/ [^ ]+$/u', '', BenchGlow\Prove\Figure::taken($taken)) }}</b>
            <small>{{ BenchGlow\Prove\Figure::unit($row) }}</small>
        </p>
        <p class="at">
            {{ $page->where($row) }}{{ BenchGlow\Prove\Figure::band($row) === '' ? '' : ', band ' . BenchGlow\Prove\Figure::band($row) }}
        </p>
    @elseif ($link)
        <p class="big figure">{{ $page->seen($link) }}</p>
        <p class="at">as it should look</p>
    @else
        <p class="big figure">—</p>
        <p class="at">nothing to prove here</p>
    @endif
</div>
