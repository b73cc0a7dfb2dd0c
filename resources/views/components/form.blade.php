@props(['op', 'echo' => null, 'onChange' => false, 'render' => null, 'with' => []])
<form
    method="post"
    action="{{ $frame->to('edit') }}"
    hx-post="{{ $frame->to('edit') }}"
    @if ($onChange) hx-trigger="change" @endif
    {{ $attributes }}
>
    <x-hidden :$echo />
    <input
        type="hidden"
        name="op"
        value="{{ $op }}"
    >
    <x-carry :all="$with" />
    @if ($render)
        <input
            type="hidden"
            name="render"
            value="{{ $render }}"
        >
    @endif
    {{ $slot }}
</form>
