@props(['act', 'what', 'nothing', 'key', 'words'])
@can('reach', $act)
    <form
        method="post"
        action="{{ $frame->to($act) }}"
        hx-post="{{ $frame->to($act) }}"
    >
        <x-hidden />
        <button
            class="plain"
            data-key="{{ $key }}"
            @disabled($what === null)
            title="{{ $what === null ? $nothing : $words . ': ' . $what }}"
        >{{ $words }} {{ $slot }}</button>
    </form>
@endcan
