@php($hands = $page->plan->hands())
@php($state = $page->plan->state)
<div class="face">
    <ul
        class="power-states"
        aria-label="Power"
    >
        @foreach (['live' => 'all on', 'fuse_out' => 'fuse out', 'dead' => 'dead'] as $key => $words)
            <li
                @class(['here' => $state === $key])
                @if ($state === $key) aria-current="true" @endif
            >{{ $words }}<b>{{ $state === $key ? 'now' : '' }}</b></li>
        @endforeach
    </ul>
    @if ($page->plan->acts === [])
        <p class="big figure">done</p>
    @elseif ($page->plan->calendar->hasHours())
        <p class="big figure">{{ $page->plan->calendar->words($page->plan->end) }}</p>
        <p class="at">the last act ends{{ ($needed = $page->open->needed()) === '' ? '' : '; ' . $needed }}</p>
    @else
        <p class="big figure">{{ number_format($hands['likely'], 1) }} h</p>
        <p class="at">hands on, all in all</p>
    @endif
    <dl class="small">
        <div>
            <dd class="figure">{{ number_format($hands['likely'], 1) }} h</dd>
            <dt>hands on</dt>
        </div>
        <div>
            <dd class="figure">{{ number_format($hands['low'], 1) }}–{{ number_format($hands['high'], 1) }}</dd>
            <dt>low, high</dt>
        </div>
        <div>
            <dd class="figure">{{ $page->plan->powerChanges }}</dd>
            <dt>power changes</dt>
        </div>
    </dl>
</div>
<section
    class="stands-open"
    aria-label="What stands open"
>
    <h2>What stands open</h2>
    @forelse ($page->open->rows() as [$what, $how])
        <p><b>{{ $what }}</b> {{ $how }}</p>
    @empty
        <p class="muted">Nothing.</p>
    @endforelse
</section>
