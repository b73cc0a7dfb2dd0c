@php($open = $frame->pins())
<span
    id="line-words"
    @if ($oob ?? false) hx-swap-oob="true" @endif
>
    @include($frame->station->line()) · @if ($open === [])
        no pins
    @else
        @if ($open[0]->severity->value === 'danger')
            <b class="danger-word">danger</b> ·
        @endif {{ count($open) }} pin{{ count($open) === 1 ? '' : 's' }}
    @endif ▴
</span>
