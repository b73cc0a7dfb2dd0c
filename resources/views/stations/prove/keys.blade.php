<div
    class="keys"
    aria-label="Keypad"
>
    @foreach (['7', '8', '9', '4', '5', '6', '1', '2', '3', '0', '.', '-'] as $key)
        <button
            type="button"
            class="key"
            data-digit="{{ $key }}"
        >{{ $key === '-' ? '−' : $key }}</button>
    @endforeach
    <button
        class="key keep-key"
        type="button"
        data-keeps
    >Keep</button>
</div>
