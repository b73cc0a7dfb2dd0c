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
                    ><svg
                            viewBox="0 0 44 22"
                            width="44"
                            height="22"
                            aria-hidden="true"
                        >
                            <circle
                                cx="6"
                                cy="16"
                                r="4"
                            />
                            <circle
                                cx="38"
                                cy="16"
                                r="4"
                            />
                            <path d="M6 16L{{ $t->rests ? '33 3' : '37 13' }}" />
                        </svg><span>{{ $t->label }}</span>
                        <b>{{ $t->stands }}</b>
                    </a></li>
            @endforeach
        </ul>
    @endif
    @panel('frame.pins')
</section>
