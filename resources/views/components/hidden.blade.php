{{-- What every form that changes a build sends: the base it stands on, a token, where the answer goes. --}}
@props(['echo' => null])
@csrf
<input
    type="hidden"
    name="base0"
    value="{{ $frame->base }}"
><input
    type="hidden"
    name="token0"
    value="{{ bin2hex(random_bytes(8)) }}"
>
@if ($echo)
    <input
        type="hidden"
        name="echo"
        value="{{ $echo }}"
    >
@endif
