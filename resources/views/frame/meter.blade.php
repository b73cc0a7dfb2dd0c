<section
    id="meter"
    class="meter"
    aria-label="Bench meter"
    @if ($oob ?? false) hx-swap-oob="true" @endif
>
    @include($frame->station->meter())
    @if ($frame->triggers() !== [])
        <ul
            class="triggers"
            aria-label="Throw-switches"
        >
            @foreach ($frame->triggers() as $n => $t)
                <li><a
                        id="trigger-{{ $n + 1 }}"
                        href="{{ $t->url }}"
                        hx-get="{{ $t->url }}"
                        hx-swap="none"
                        data-trigger="{{ $n + 1 }}"
                        aria-label="{{ $t->label }}: {{ $t->stands }}. Throw it"
                        @if ($t->two) role="switch" aria-checked="{{ $t->rests ? 'false' : 'true' }}" @endif
                        title="Throw it: T {{ $n + 1 }}"
                    ><x-blade :made="!$t->rests" /><span>{{ $t->label }}</span>
                        <b>{{ $t->stands }}</b>
                    </a></li>
            @endforeach
        </ul>
    @endif
    @panel('frame.pins')
</section>
