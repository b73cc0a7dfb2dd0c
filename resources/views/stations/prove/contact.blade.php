{{-- Two posts and a blade: landed, up, crossed out, or dashed. --}}
<svg
    class="contact"
    viewBox="0 0 40 36"
    width="40"
    height="36"
    role="img"
    aria-label="{{ ['right' => 'as it should be', 'fails' => 'not as it should be', 'stale' => 'to be repeated', 'open' => 'not tried yet', 'skipped' => 'passed over'][$stands] }}"
>
    <circle
        class="post"
        cx="20"
        cy="5"
        r="4"
    />
    <circle
        class="post"
        cx="20"
        cy="31"
        r="4"
    />
    @if ($stands === 'right' || $stands === 'skipped')
        <path
            class="blade"
            d="M20 28L24 8"
        />
    @elseif ($stands === 'stale')
        <path
            class="blade dashed"
            d="M20 28L24 8"
        />
    @else
        <path
            class="blade"
            d="M20 28L34 12"
        />
    @endif
    @if ($stands === 'fails')
        <path
            class="bar"
            d="M6 33L36 3"
        />
    @endif
</svg>
