{{-- Our own keypad, so that the phone's keyboard stays away. A key types what it shows, or what it is given for. --}}
@props(['types'])
<div
    class="keys"
    aria-label="Keypad"
>
    @foreach ($types as $key => $digit)
        <button
            type="button"
            class="key"
            data-digit="{{ $digit }}"
        >{{ $key }}</button>
    @endforeach
    <button
        class="key keep-key"
        type="button"
        data-keeps
    >Keep</button>
</div>
